<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Advice\TicketWriter;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\School\School;

/** What the options of a school come to for one piece: the same ask, cooked each way. */
final readonly class Difference
{
    public function __construct(private AskReader $reader, private TicketWriter $writer) {}

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
                $rows[] = $this->row($option, $this->writer->advise($this->reader->read($this->with($ask, $school->asks($option)), $house->withSchools([]), $catalogue)->withApart([]))['ticket']);
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
            $ask['diners'] = array_map(static fn (mixed $diner): mixed => is_array($diner) ? [...$diner, 'doneness' => $doneness] : $diner, $ask['diners']);
        }
        if (isset($patch['method'])) {
            unset($ask['heat_c']); // each way has its own usual heat
        }

        /** @var array<string, mixed> $patched */
        $patched = array_replace_recursive($ask, $patch);

        return $patched;
    }

    /**
     * @param  array<string, mixed>  $ticket
     * @return array<string, mixed>
     */
    private function row(string $option, array $ticket): array
    {
        /** @var array{method: string, target: array{word: string, core_c: float}, pull_core_c: float, peak_core_c: float, time: array{low_s: float, likely_s: float, high_s: float}, total_s: float, rest_s: float, cross_section: array{grey_band_mm: float|null}, losses: array{cooking_loss_share: float, crust_mm: float}, verdict: array{level: string}, start_c: float} $ticket */
        return [
            'option' => $option, 'method' => $ticket['method'], 'word' => $ticket['target']['word'], 'target_c' => $ticket['target']['core_c'], 'start_c' => $ticket['start_c'],
            'pull_core_c' => $ticket['pull_core_c'], 'peak_core_c' => $ticket['peak_core_c'], 'time_s' => $ticket['time']['likely_s'], 'time_low_s' => $ticket['time']['low_s'], 'time_high_s' => $ticket['time']['high_s'], 'rest_s' => $ticket['rest_s'], 'total_s' => $ticket['total_s'],
            'grey_band_mm' => $ticket['cross_section']['grey_band_mm'], 'crust_mm' => $ticket['losses']['crust_mm'], 'loss_share' => $ticket['losses']['cooking_loss_share'], 'verdict' => $ticket['verdict']['level'],
        ];
    }
}
