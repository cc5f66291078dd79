<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Lot;
use App\Models\LotMove;
use App\Models\MoveKind;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Where a lot came from and where it went: the lots it was made of, those made of it, and who took some of any of them home. */
final readonly class LotTrace
{
    /** Lots of lots of lots; a shop has few of these, and a circle there cannot be. */
    private const DEEPEST = 12;

    /**
     * @return array{lot: array<string, mixed>, made_of: list<array<string, mixed>>, became: list<array<string, mixed>>,
     *     sold: list<array<string, mixed>>, otherwise: list<array<string, mixed>>}
     */
    public function of(Lot $lot): array
    {
        $before = $this->followed($lot->id, 'out', 'in');
        $after = $this->followed($lot->id, 'in', 'out');
        $rows = Lot::query()
            ->whereKey([$lot->id, ...array_keys($before), ...array_keys($after)])
            ->get()
            ->keyBy('id');
        $touched = [$lot->id, ...array_keys($after)];
        $named = static fn (int $id): string => $rows->get($id)->number ?? '';

        return [
            'lot' => self::lot($lot, null),
            'made_of' => self::lots($rows, $before),
            'became' => self::lots($rows, $after),
            'sold' => $this->sold($touched, $named),
            'otherwise' => $this->otherwise($touched, $named),
        ];
    }

    /**
     * What was taken home and not brought back, what left without a ticket, and what of it still lies in the case.
     *
     * @param  array{lot: array<string, mixed>, became: list<array<string, mixed>>, sold: list<array<string, mixed>>,
     *     otherwise: list<array<string, mixed>>, ...}  $traced  by of()
     * @return list<list<string>>
     */
    public static function recall(array $traced): array
    {
        $text = static fn (mixed $value): string => is_scalar($value) ? (string) $value : '';
        $rows = [];
        foreach ($traced['sold'] as $sale) {
            $how = $sale['taken_back'] === true ? 'taken_back' : 'sold';
            $rows[] = [...array_map($text, [$sale['lot'], $sale['number'], $sale['customer'], $sale['at'], $sale['g']]), $how];
        }
        foreach ($traced['otherwise'] as $move) {
            $rows[] = [...array_map($text, [$move['lot'], '', '', $move['at'], $move['g'], $move['kind']])];
        }
        foreach ([$traced['lot'], ...$traced['became']] as $lot) {
            if ((int) $text($lot['left_g']) > 0) {
                $rows[] = [$text($lot['number']), '', '', '', $text($lot['left_g']), 'in_case'];
            }
        }

        return $rows;
    }

    /**
     * @param  'in'|'out'  $as  how a lot stands in the makings that are followed, and how those beyond do
     * @param  'in'|'out'  $beyond
     * @return array<int, int> grams by lot, in the order they are reached
     */
    private function followed(int $id, string $as, string $beyond): array
    {
        $reached = [];
        $at = [$id];
        for ($depth = 0; $at !== [] && $depth < self::DEEPEST; $depth++) {
            $next = DB::table('making_lots', 'from')
                ->joinSub(DB::table('making_lots'), 'to', 'to.making_id', '=', 'from.making_id')
                ->whereIn('from.lot_id', $at)
                ->where('from.is_source', $as === 'in')
                ->where('to.is_source', $beyond === 'in')
                ->orderBy('to.id')
                ->get(['to.lot_id', 'to.g']);
            $at = [];
            foreach ($next as $row) {
                if (! isset($reached[(int) $row->lot_id])) {
                    $at[] = (int) $row->lot_id;
                }
                $reached[(int) $row->lot_id] = ($reached[(int) $row->lot_id] ?? 0) + (int) $row->g;
            }
        }

        return $reached;
    }

    /**
     * @param  list<int>  $ids
     * @param  callable(int): string  $named
     * @return list<array<string, mixed>>
     */
    private function sold(array $ids, callable $named): array
    {
        return array_values(
            DB::table('ticket_dishes')
                ->join('tickets', 'tickets.id', '=', 'ticket_dishes.ticket_id')
                ->whereIn('ticket_dishes.lot_id', $ids)
                ->orderBy('tickets.number')
                ->get(['tickets.id', 'tickets.number', 'customer_label', 'tickets.created_at', 'taken_back_at', 'lot_id', 'sold_g'])
                ->map(
                    static fn (stdClass $row): array => [
                        'ticket' => (string) $row->id,
                        'number' => (int) $row->number,
                        'customer' => $row->customer_label,
                        'at' => date(DATE_ATOM, (int) strtotime($row->created_at.' UTC')),
                        'lot' => $named((int) $row->lot_id),
                        'g' => (int) $row->sold_g,
                        'taken_back' => $row->taken_back_at !== null,
                    ],
                )
                ->all(),
        );
    }

    /**
     * What left by hand: weighed out without a ticket, or thrown away.
     *
     * @param  list<int>  $ids
     * @param  callable(int): string  $named
     * @return list<array<string, mixed>>
     */
    private function otherwise(array $ids, callable $named): array
    {
        return array_values(
            LotMove::query()
                ->whereIn('lot_id', $ids)
                ->whereIn('kind', [MoveKind::WeighedOut, MoveKind::ThrownAway])
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (LotMove $move): array => [
                        'kind' => $move->kind->value,
                        'at' => $move->created_at->toAtomString(),
                        'lot' => $named($move->lot_id),
                        'g' => -$move->change_g,
                        'reason' => $move->reason,
                    ],
                )
                ->all(),
        );
    }

    /**
     * @param  Collection<int|string, Lot>  $rows
     * @param  array<int, int>  $grams
     * @return list<array<string, mixed>>
     */
    private static function lots(Collection $rows, array $grams): array
    {
        $lots = [];
        foreach ($grams as $id => $g) {
            $row = $rows->get($id);
            if ($row !== null) {
                $lots[] = self::lot($row, $g);
            }
        }

        return $lots;
    }

    /** @return array<string, mixed> */
    private static function lot(Lot $row, ?int $g): array
    {
        return [
            'id' => $row->id,
            'number' => $row->number,
            'cut' => $row->cut_slug,
            'g' => $g,
            'left_g' => $row->left_g,
            'use_by' => $row->use_by?->format('Y-m-d'),
            'origin' => $row->origin,
        ];
    }
}
