<?php

declare(strict_types=1);

namespace Nessmark\Grade;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;

/**
 * Every grade scale, and the crosswalk between them by fat inside the muscle. A band runs half-way to the means of its
 * neighbours (Savell, Cross and Smith 1986); it says which grades hold meat of like fat, never that grades are equal.
 */
final readonly class GradeTable
{
    /** @param  list<GradeScale>  $scales */
    private function __construct(public array $scales, private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        $record = $folder->read('grades.json');
        $rows = $record->records('scales');
        $degrees = [];
        foreach ($rows as $row) {
            if ($row->text('id') === 'usda_marbling') {
                $degrees = self::degreeBands($row, $record);
            }
        }
        $scales = array_map(static fn (Record $row): GradeScale => GradeScale::of($row, self::steps($row, $record, $degrees)), $rows);

        return new self($scales, $record);
    }

    /** @return list<GradeScale> */
    public function forGroup(string $group): array
    {
        return array_values(array_filter($this->scales, static fn (GradeScale $scale): bool => in_array($group, $scale->groups, true)));
    }

    /** @return array{text: string, signs: list<string>}|null what to look at where nothing is graded */
    public function insteadFor(string $group): ?array
    {
        $none = $this->record->record('none_for');

        return $none->has($group)
            ? ['text' => $none->record($group)->text('text'), 'signs' => $none->record($group)->texts('signs')]
            : null;
    }

    /** @throws InputRefused naming the scales there are */
    public function scale(string $id): GradeScale
    {
        foreach ($this->scales as $scale) {
            if ($scale->id === $id) {
                return $scale;
            }
        }
        throw InputRefused::one('scale', 'not_allowed', $id, 'one_of', [
            'choices' => implode(', ', array_map(static fn (GradeScale $s): string => $s->id, $this->scales)),
        ]);
    }

    /**
     * The values of the other fat-carrying scales for the same meat that the fat may fall into.
     *
     * @return list<array{scale: GradeScale, from: GradeStep, to: GradeStep}>
     */
    public function neighbours(GradeScale $of, GradeStep $step): array
    {
        if ($step->fat === null || ! $of->isComparable) {
            return [];
        }
        $off = $step->fat->isUnsure ? $step->fat->uncertaintyPoints : 0.0;
        $span = new FatBand(
            max(0.0, $step->fat->meanPct - $off),
            $step->fat->meanPct,
            $step->fat->meanPct + $off,
            $off,
            $step->fat->isUnsure,
        );
        $span = $off > 0.0 ? $span : $step->fat;
        $found = [];
        foreach ($this->scales as $scale) {
            if ($scale->id === $of->id || ! $scale->isComparable || array_intersect($scale->groups, $of->groups) === []) {
                continue;
            }
            $in = array_values(
                array_filter($scale->steps, static fn (GradeStep $other): bool => $other->fat !== null && $span->overlaps($other->fat)),
            );
            if ($in !== []) {
                $found[] = ['scale' => $scale, 'from' => $in[0], 'to' => $in[count($in) - 1]];
            }
        }

        return $found;
    }

    /** @return list<string> */
    public function uncertaintySources(): array
    {
        return $this->record->texts('uncertainty_sources');
    }

    /**
     * @param  array<string, FatBand>  $degrees
     * @return list<GradeStep>
     */
    private static function steps(Record $row, Record $table, array $degrees): array
    {
        if ($row->has('number')) {
            return self::numbered($row->record('number'), $table);
        }
        $steps = [];
        foreach ($row->records('steps') as $step) {
            $fat = $row->text('id') === 'usda_marbling' ? $degrees[$step->text('value')] : null;
            if ($step->has('degrees')) {
                [$from, $to] = [...$step->texts('degrees'), '', ''];
                $low = $degrees[$from];
                $high = $degrees[$to];
                $mean = ($low->lowPct + ($high->highPct ?? $high->meanPct)) / 2.0;
                $fat = new FatBand($low->lowPct, $mean, $high->highPct, self::uncertainty($mean, $table), false);
            }
            $steps[] = new GradeStep($step->text('value'), $step->text('label'), $step->textOrNull('note'), $fat);
        }

        return $steps;
    }

    /** @return array<string, FatBand> by degree; the last has no upper end and begins where the one before it ends */
    private static function degreeBands(Record $row, Record $table): array
    {
        $steps = $row->records('steps');
        $means = array_map(static fn (Record $step): ?float => $step->numberOrNull('imf_mean_pct'), $steps);
        $bands = [];
        $low = 0.0;
        foreach ($steps as $i => $step) {
            $mean = $means[$i];
            $next = $means[$i + 1] ?? null;
            $high = match (true) {
                $mean === null => null,
                $next === null => 2.0 * $mean - $low,
                default => ($mean + $next) / 2.0,
            };
            $bands[$step->text('value')] = new FatBand(
                $low,
                $mean ?? $low,
                $high,
                self::uncertainty($mean ?? $low, $table),
                $mean === null,
            );
            $low = $high ?? $low;
        }

        return $bands;
    }

    /** @return list<GradeStep> one for each number; fat between known numbers is drawn straight, past the last one carried on */
    private static function numbered(Record $number, Record $table): array
    {
        $points = array_map(static fn (Record $point): array => [$point->number('0'), $point->number('1')], $number->records('points'));
        $steps = [];
        $stepSize = $number->number('step');
        $isUnsure = $number->flag('unsure');
        for ($value = $number->number('min'); $value <= $number->number('max'); $value += $stepSize) {
            $mean = max(0.0, self::between($points, $value));
            $half = abs(self::between($points, $value + $stepSize / 2.0) - self::between($points, $value - $stepSize / 2.0)) / 2.0;
            $steps[] = new GradeStep(
                (string) $value,
                (string) $value,
                null,
                new FatBand(
                    max(0.0, $mean - $half),
                    $mean,
                    $mean + $half,
                    self::uncertainty($mean, $table),
                    $isUnsure || $value > $points[count($points) - 1][0] + $stepSize * 5.0,
                ),
            );
        }

        return $steps;
    }

    /** @param  list<array{float, float}>  $points */
    private static function between(array $points, float $x): float
    {
        $i = 1;
        while ($i < count($points) - 1 && $x > $points[$i][0]) {
            $i++;
        }
        [[$x0, $y0], [$x1, $y1]] = [$points[$i - 1], $points[$i]];

        return $y0 + (($x - $x0) * ($y1 - $y0)) / ($x1 - $x0);
    }

    private static function uncertainty(float $meanPct, Record $table): float
    {
        $points = 0.0;
        foreach ($table->records('uncertainty_points') as $row) {
            $points = $row->number('1');
            if ($meanPct < $row->number('0')) {
                break;
            }
        }

        return $points;
    }
}
