<?php

declare(strict_types=1);

namespace Tests\Core\Grade;

use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeEffect;
use Nessmark\Grade\GradeScale;
use Nessmark\Grade\GradeTable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Reference;

/** Grades against published standards, from memory; no grade is ever called equal to another. */
final class GradeTest extends TestCase
{
    public function test_marbling_degrees_have_the_published_scores_and_mean_fat(): void
    {
        // USDA carcass beef standards; Savell, Cross and Smith (1986).
        $scores = array_column(DataFolder::shipped()->read('grades.json')->records('scales')[0]->records('steps'), null);
        $rows = Reference::rows('usda_marbling');
        foreach ($rows as $i => $row) {
            $step = self::table()->scale('usda_marbling')->step($row['degree']);
            self::assertSame(
                [(float) $row['score_from'], (float) $row['score_to']],
                [$scores[$i]->number('score_from'), $scores[$i]->number('score_to')],
            );
            if ($row['conf_IMF'] !== 'C') {
                self::assertEqualsWithDelta((float) $row['mean_IMF_pct'], $step->fat?->meanPct, 0.001, $row['degree']);
            }
        }

        self::assertCount(9, $rows);
    }

    public function test_the_bands_of_the_crosswalk_meet_half_way_between_the_means(): void
    {
        $edges = array_map(static fn (array $row): float => (float) $row['IMF_from'], Reference::rows('crosswalk'));
        $low = static fn (string $grade): ?float => self::table()->scale('usda_quality')->step($grade)->fat?->lowPct;

        self::assertEqualsWithDelta($edges, [$low('standard'), $low('select'), $low('choice'), $low('prime')], 0.05);
    }

    #[TestWith(['usda_quality', 'Choice', 'canada', 'AAA'])]
    #[TestWith(['usda_quality', 'Select', 'canada', 'AA'])]
    #[TestWith(['usda_quality', 'Prime', 'canada', 'Prime'])]
    public function test_grades_that_start_at_the_same_degree_stand_side_by_side(
        string $scale,
        string $grade,
        string $other,
        string $neighbour,
    ): void {
        // USDA and Canadian Beef Grading Agency: both name the least marbling degree.
        $one = self::table()->scale($scale);
        $found = array_values(
            array_filter(
                self::table()->neighbours($one, $one->step($grade)),
                static fn (array $found): bool => $found['scale']->id === $other,
            ),
        );

        self::assertSame([$neighbour, $neighbour], [$found[0]['from']->label, $found[0]['to']->label]);
        self::assertSame($one->step($grade)->fat?->lowPct, $found[0]['from']->fat?->lowPct);
    }

    public function test_fat_rises_along_every_scale_that_carries_it(): void
    {
        foreach (self::table()->scales as $scale) {
            $means = array_map(static fn ($step): ?float => $step->fat?->meanPct, $scale->steps);
            $sorted = $means;
            sort($sorted);
            self::assertSame($scale->carriesFat() ? $sorted : array_fill(0, count($means), null), $means, $scale->id);
        }
    }

    public function test_shape_age_and_cover_carry_no_fat_inside_the_muscle(): void
    {
        // Regulation (EU) 1308/2013: marbling is no part of SEUROP. USDA lamb: flank streaking, not the rib eye.
        $carriers = array_map(
            static fn (GradeScale $scale): string => $scale->id,
            array_filter(self::table()->scales, static fn (GradeScale $scale): bool => $scale->carriesFat()),
        );

        self::assertEqualsCanonicalizing(
            ['usda_marbling', 'usda_quality', 'canada', 'bms', 'aus_meat', 'msa', 'nppc_marbling'],
            array_values($carriers),
        );
    }

    public function test_there_is_no_conversion_of_japanese_numbers(): void
    {
        $bms = self::table()->scale('bms');

        self::assertSame([], self::table()->neighbours($bms, $bms->step('5')));
        self::assertTrue($bms->step('5')->fat?->isUnsure);
    }

    #[TestWith(['bms', '15', '1 to 12'])]
    #[TestWith(['bms', '0', '1 to 12'])]
    #[TestWith(['aus_meat', '10', '0 to 9'])]
    #[TestWith(['msa', '1200', '100 to 1190'])]
    #[TestWith(['msa', '455', '100 to 1190'])]
    #[TestWith(['nppc_marbling', '11', '1 to 10'])]
    #[TestWith(['eu_conformation', 'X', 'S, E, U, R, O or P'])]
    #[TestWith(['usda_quality', 'Super', 'Standard, Select, Choice or Prime'])]
    public function test_an_impossible_grade_is_refused_with_the_official_range(string $scale, string $value, string $range): void
    {
        try {
            self::table()->scale($scale)->step($value);
            self::fail('it was taken');
        } catch (InputRefused $refused) {
            self::assertStringContainsString($range, (string) $refused->violations[0]->allowed->args['range']);
        }
    }

    public function test_more_fat_means_more_time_at_the_same_thickness_in_lean_meat(): void
    {
        // Choi and Okos (1986): fat conducts less than lean, and holds less heat; lean meat takes longest to warm per degree.
        $cut = Counter::open()->catalogue->cut('beef-topside');
        $change = static fn (string $degree): float => GradeEffect::timeChangePct(
            $cut,
            self::table()->scale('usda_marbling')->step($degree)->fat ?? self::fail(),
        );

        self::assertGreaterThan($change('slight'), $change('moderately_abundant'));
        self::assertLessThan(15.0, abs($change('moderately_abundant')), 'a matter of per cents, not of halves');
    }

    private static function table(): GradeTable
    {
        return GradeTable::from(DataFolder::shipped());
    }
}
