<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Advice\HowThick;
use Nessmark\Advice\Portions;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Meal\Dish;
use Nessmark\Say\Phrase;
use Nessmark\Seasoning\Shelf;
use Nessmark\Stock\Lot;

/** The same ask at three thicknesses side by side, and which of them to cut for this fire, this doneness and these eaters. */
final readonly class HowThickReport
{
    public function __construct(private AskReader $asks, private TicketAssembly $tickets, private Portions $portions) {}

    /**
     * @param  mixed  $ask  in the form of AskReader; its thickness, or the usual one, is the middle
     * @return array<string, mixed>
     *
     * @throws InputRefused if the ask is wrong, the cut is not sliced to order, or it cannot be cooked at any of them
     */
    public function of(mixed $ask, HouseRules $house, Catalogue $catalogue, Shelf $shelf, ?Lot $lot, string $currency): array
    {
        $middle = $this->asks->read($ask, $house, $catalogue, $lot, $shelf);
        $build = $middle->piece->cut->build;
        if (! $middle->piece->cut->isSlicedToOrder() || $lot?->thickness !== null || ! is_array($ask)) {
            throw InputRefused::one('cut', 'not_supported', $middle->piece->cut->name, 'sliced', ['cut' => $middle->piece->cut->name]);
        }
        $mm = $middle->piece->size->thickness->toMillimetres();
        $rows = [];
        $refused = null;
        foreach (HowThick::thicknesses($mm, $build->thinnestMm, $build->thickestMm) as $thicknessMm) {
            $as = [...array_diff_key($ask, ['points_mm' => 0, 'thin_mm' => 0, 'raw_g' => 0]), 'thickness_mm' => $thicknessMm];
            try {
                $dish = $this->asks->read($as, $house, $catalogue, $lot, $shelf);
                $rows[] = HowThick::of($this->tickets->advise($dish, $currency), $this->portionG($dish), self::withinS($dish));
            } catch (InputRefused $error) {
                $refused = $error;
            }
        }
        if ($rows === []) {
            throw $refused ?? InputRefused::one('cut', 'not_supported', $middle->piece->cut->name, 'sliced');
        }
        $scores = array_map(static fn (HowThick $row): float => $row->score(), $rows);
        $best = (int) array_search(max($scores), $scores, true);
        $others = array_values(array_diff_key($rows, [$best => 0]));

        return [
            'rows' => array_map(static fn (HowThick $row): array => self::row($row), $rows),
            'best' => $best,
            'says' => (new Phrase("how_thick.{$rows[$best]->strongest($others)}", [
                'thickness_mm' => $rows[$best]->ticket->thicknessMm,
                'crust_mm' => $rows[$best]->ticket->losses->crustMm,
                'margin_s' => $rows[$best]->marginS,
                'each_g' => $rows[$best]->ticket->amounts->pieceG,
            ]))->toArray(),
            'currency' => $currency,
        ];
    }

    private function portionG(Dish $dish): float
    {
        return $this->portions->aHeadG($dish->piece->cut, $dish->eaters(), $dish->occasion->house->portions);
    }

    private static function withinS(Dish $dish): ?float
    {
        [$now, $eatAt] = [$dish->occasion->now, $dish->occasion->eatAt];

        return $now === null || $eatAt === null ? null : (float) ($eatAt->getTimestamp() - $now->getTimestamp());
    }

    /** @return array<string, mixed> */
    private static function row(HowThick $row): array
    {
        $ticket = $row->ticket;

        return [
            'thickness_mm' => $ticket->thicknessMm,
            'each_g' => $ticket->amounts->pieceG,
            'pieces' => $ticket->amounts->pieces,
            'time' => Json::of($ticket->time),
            'total_s' => $ticket->totalS,
            'crust_mm' => $ticket->losses->crustMm,
            'grey_mm' => $ticket->crossSection->greyBandMm,
            'margin_s' => $row->marginS,
            'a_head' => $ticket->price?->aHead,
            'verdict' => $ticket->verdict->level->value,
            'in_time' => $row->isInTime,
        ];
    }
}
