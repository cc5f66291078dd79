<?php

declare(strict_types=1);

namespace Tests\Support;

use Nessmark\Doneness\DonenessWord;
use Nessmark\Doneness\Scale;
use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Form;
use Nessmark\Meat\SoldBy;
use Nessmark\Method\Fit;
use Nessmark\Method\Method;
use Nessmark\Method\Until;

/** Cooks a cut every way it suits, in three sizes, to each doneness, and says what no cook would nod at. */
final readonly class Sweep
{
    private const MOST_RISE_K = 10.0;

    private const MOST_RISE_OF_A_STEAK_K = 8.0;

    private const MOST_UNDER_K = 12.0;

    private const MOST_LOSS = 0.45;

    private const MOST_LOSS_UNTIL_TENDER = 0.55;

    private const MOST_RANGE = 2.0;

    /** More than this much less time for more is a fault: the search for the pull is no finer. */
    private const LESS = 0.985;

    private const STEAKS = [Form::Steak, Form::Chop, Form::Fillet, Form::Thin, Form::Mince];

    public function __construct(private Counter $counter) {}

    /** @return list<array{string, string}> patterns of what is known and accepted, and why */
    public static function explained(): array
    {
        $lines = file(dirname(__DIR__, 2).'/docs/sweep-exceptions.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES);
        $rows = array_filter($lines === false ? [] : $lines, static fn (string $line): bool => ! str_starts_with($line, '#'));

        return array_values(array_map(static function (string $line): array {
            [$pattern, $why] = [...explode(' -- ', $line, 2), ''];

            return [$pattern, $why];
        }, $rows));
    }

    /** @param  list<array{string, string}>  $explained */
    public static function isExplained(string $line, array $explained): bool
    {
        foreach ($explained as [$pattern, $why]) {
            if ($why !== '' && fnmatch($pattern, $line)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> cut, way, size, doneness: what is wrong */
    public function of(Cut $cut): array
    {
        $found = [];
        foreach ($this->counter->suitability->all($cut) as $fit) {
            if ($this->counter->suitability->offers($cut, $fit)) {
                array_push($found, ...$this->way($cut, $fit->method, $fit->fit));
            }
        }

        return $found;
    }

    /** @return list<string> */
    private function way(Cut $cut, Method $method, Fit $fit): array
    {
        $found = [];
        $times = [];
        foreach (self::sizes($cut) as $i => $size) {
            foreach ($this->words($cut, $method) as $j => $word) {
                $name = "{$cut->slug} {$method->value} ".json_encode($size)." {$word->word}";
                try {
                    $ticket = $this->counter->ticket([
                        'cut' => $cut->slug,
                        'method' => $method->value,
                        ...$size,
                        'diners' => [['count' => 2, 'doneness' => $word->word]],
                    ]);
                } catch (InputRefused $refused) {
                    if ($fit === Fit::Good && $i === 1) {
                        $found[] = "{$name}: no ticket ({$refused->violations[0]->allowed->key})";
                    }

                    continue;
                }
                foreach ($this->faults($ticket, $cut, $method) as $fault) {
                    $found[] = "{$name}: {$fault}";
                }
                $times[$i][$j] = $ticket['time']['likely_s'];
                $lessDone = $times[$i][$j - 1] ?? 0.0;
                $lighter = $times[$i - 1][$j] ?? 0.0;
                if ($ticket['time']['likely_s'] < self::LESS * $lessDone) {
                    $found[] = sprintf('%s: %d s, less done %d s', $name, $ticket['time']['likely_s'], $lessDone);
                }
                if ($ticket['time']['likely_s'] < self::LESS * $lighter) {
                    $found[] = sprintf('%s: %d s, smaller %d s', $name, $ticket['time']['likely_s'], $lighter);
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<string, mixed>  $ticket
     * @return list<string>
     */
    private function faults(array $ticket, Cut $cut, Method $method): array
    {
        $isTender = Until::isTender($cut, $method);
        $isSteak = in_array($cut->form, self::STEAKS, true) && ! $cut->build->isRound();
        $mostRiseK = $isSteak ? self::MOST_RISE_OF_A_STEAK_K : self::MOST_RISE_K;
        $loss = $ticket['losses']['cooking_loss_share'];
        $isDry = $method->driesTheSurface() && ! $isTender;
        $faults = [];
        $say = static function (bool $isWrong, string $what) use (&$faults): void {
            if ($isWrong) {
                $faults[] = $what;
            }
        };
        $say($ticket['carry_over_k'] > $mostRiseK, sprintf('rises %.1f K', $ticket['carry_over_k']));
        $say($ticket['target']['core_c'] - $ticket['pull_core_c'] > self::MOST_UNDER_K && ! $isTender, "pull at {$ticket['pull_core_c']}");
        $say($ticket['peak_core_c'] > 100.0, "core {$ticket['peak_core_c']}");
        $say($loss > ($isTender ? self::MOST_LOSS_UNTIL_TENDER : self::MOST_LOSS), sprintf('loses %.0f %%', 100.0 * $loss));
        $say(
            $isDry && $ticket['time']['high_s'] > self::MOST_RANGE * max(1.0, $ticket['time']['low_s']),
            "range {$ticket['time']['low_s']} to {$ticket['time']['high_s']} s",
        );
        $say(! $isTender && $ticket['peak_core_c'] < $ticket['target']['core_c'] - 1.0, "ends at {$ticket['peak_core_c']}");
        $amounts = $ticket['amounts'];
        $say($amounts['pieces'] !== null && $amounts['raw_g'] !== $amounts['pieces'] * $amounts['piece_g']
            && abs($amounts['pieces'] * $amounts['piece_g'] - $amounts['raw_g']) > $amounts['pieces'], 'pieces and weight differ');
        $said = array_column(array_column($ticket['timeline'], 'do'), 'key');
        $say($cut->covering->bone === 'shell' && in_array('do.dry', $said, true), 'shells are patted dry');
        $say($ticket['can_probe'] && $cut->covering->bone === 'shell', 'shells are probed');
        $say(in_array('do.rest_skin', $said, true) && ! $method->driesTheSurface(), 'crisp side up');

        return $faults;
    }

    /** @return list<array<string, float>> small, usual, large */
    private static function sizes(Cut $cut): array
    {
        $build = $cut->build;

        return match ($build->soldBy) {
            SoldBy::Piece, SoldBy::Joint => array_map(static fn (float $g): array => ['raw_g' => $g], [
                $build->lightestG, $build->typicalG, $build->heaviestG,
            ]),
            default => array_map(static fn (float $mm): array => ['thickness_mm' => $mm], [
                $build->thinnestMm, $build->typicalMm, $build->thickestMm,
            ]),
        };
    }

    /** @return list<DonenessWord> rising */
    private function words(Cut $cut, Method $method): array
    {
        $words = $this->counter->doneness->words($cut->donenessFamily, Scale::Kitchen);

        return $cut->donenessFamily !== Until::LONG_COOKED && Until::isTender($cut, $method) ? [$words[count($words) - 1]] : $words;
    }
}
