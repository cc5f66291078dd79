<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Advice\TicketAssembly;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\School\School;
use Nessmark\Ticket\DishTicket;

/** What the options of a school come to for one piece: the same ask, cooked each way. */
final readonly class Difference
{
    public function __construct(private AskReader $reader, private TicketAssembly $tickets) {}

    /**
     * @param  array<string, mixed>  $ask  in the form of AskReader
     * @return list<array<string, mixed>> one for each option that can be computed for it
     *
     * @throws InputRefused if the ask is wrong whichever way it is cooked
     */
    public function of(School $school, array $ask, HouseRules $house, ?Catalogue $catalogue): array
    {
        $rows = [];
        $refused = null;
        foreach ($school->options as $option) {
            try {
                $rows[] = $this->row(
                    $option,
                    $this->tickets->advise(
                        $this->reader
                            ->read($this->with($ask, $school->asks($option)), $house->withSchools([]), $catalogue)
                            ->forOneShare(),
                    ),
                );
            } catch (InputRefused $error) {
                $refused = $error;
            }
        }

        return $rows === [] && $refused !== null ? throw $refused : $rows;
    }

    /**
     * @param  array<string, mixed>  $ask
     * @param  array<string, mixed>  $patch
     * @return array<string, mixed>
     */
    private function with(array $ask, array $patch): array
    {
        $ask = array_replace_recursive(['diners' => [['count' => 2]]], $ask);
        $byFamily = $patch['doneness_by_family'] ?? [];
        $doneness = $patch['doneness'] ?? (is_array($byFamily) ? $byFamily[$this->reader->familyOf($ask['cut'] ?? null)] ?? null : null);
        unset($patch['doneness'], $patch['doneness_by_family']);
        if (is_string($doneness) && is_array($ask['diners'])) {
            $ask['diners'] = array_map(
                static fn (mixed $diner): mixed => is_array($diner) ? [...$diner, 'doneness' => $doneness] : $diner,
                $ask['diners'],
            );
        }
        if (isset($patch['method'])) {
            unset($ask['heat_c']); // each way has its own usual heat
        }

        /** @var array<string, mixed> $patched */
        $patched = array_replace_recursive($ask, $patch);

        return $patched;
    }

    /** @return array<string, mixed> */
    private function row(string $option, DishTicket $ticket): array
    {
        return [
            'option' => $option,
            'method' => $ticket->method,
            'word' => $ticket->target->word,
            'target_c' => $ticket->target->coreC,
            'start_c' => $ticket->startC,
            'pull_core_c' => $ticket->pullCoreC,
            'peak_core_c' => $ticket->peakCoreC,
            'time_s' => $ticket->time->likelyS,
            'time_low_s' => $ticket->time->lowS,
            'time_high_s' => $ticket->time->highS,
            'rest_s' => $ticket->restS,
            'total_s' => $ticket->totalS,
            'grey_band_mm' => $ticket->crossSection->greyBandMm,
            'crust_mm' => $ticket->losses->crustMm,
            'loss_share' => $ticket->losses->cookingLossShare,
            'verdict' => $ticket->verdict->level->value,
        ];
    }
}
