<?php

declare(strict_types=1);

namespace Tests\Core\Seasoning;

use Generator;
use Nessmark\Contract\RecipeReader;
use Nessmark\Contract\SeasoningReport;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Safety\Profile;
use Nessmark\Seasoning\Cure;
use Nessmark\Seasoning\Shelf;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cures: what is printed is what is weighed, and over the limit nothing is. By hand: g a kilo times the share of nitrite. */
final class CureTest extends TestCase
{
    /**
     * Most mg of sodium nitrite a kilo: 9 CFR 424.21(c); Regulation (EU) 2023/2108, 80 mg as ion, recalled; the older Regulation
     * (EC) 1333/2008.
     */
    private const MOST = [
        'us' => ['minced' => 156.0, 'immersed' => 200.0, 'bacon' => 120.0, 'dry_cured' => 625.0, '' => 120.0],
        'eu' => ['minced' => 119.97, 'bacon' => 119.97, '' => 119.97],
        'uk' => ['minced' => 150.0, 'dry_cured' => 150.0, '' => 150.0],
    ];

    private const KINDS = ['salt', 'dry_brine', 'rub', 'paste', 'oil_marinade'];

    /** @return Generator<string, array{Profile, string, string, bool}> a hair under each limit, and a hair over */
    public static function recipes(): Generator
    {
        foreach (self::MOST as $profile => $uses) {
            foreach ($uses as $use => $most) {
                foreach (self::KINDS as $kind) {
                    foreach ([true, false] as $isAllowed) {
                        yield "{$profile} {$use} {$kind} ".($isAllowed ? 'under' : 'over') => [
                            Profile::from($profile), (string) $use, $kind, $isAllowed,
                        ];
                    }
                }
            }
        }
    }

    #[DataProvider('recipes')]
    public function test_a_cure_is_kept_up_to_its_limit_and_refused_over_it(
        Profile $profile,
        string $use,
        string $kind,
        bool $isAllowed,
    ): void {
        $ppm = self::MOST[$profile->value][$use] * ($isAllowed ? 0.999 : 1.001);
        $gPerKg = $ppm / (1000.0 * 0.0625); // 6.25 % sodium nitrite in curing salt no. 1
        $recipe = [
            'name' => 'Sluice cure', 'kind' => $kind, 'g_per_kg' => $gPerKg, 'groups' => ['pork'],
            'parts' => [['of' => 'nitrite_salt_us', 'g' => 100.0]],
            ...$use === '' ? [] : ['cure_use' => $use],
        ];
        if (! $isAllowed) {
            $this->expectExceptionMessageMatches('/^parts out_of_range/');
        }
        $report = self::report(self::read($recipe, $profile), $profile, 2000.0);

        self::assertEqualsWithDelta($ppm, $report['nitrite_ppm'], 0.06);
        self::assertEqualsWithDelta($ppm * 46.0055 / 68.9953, $report['nitrite_ion_ppm'], 0.06, 'molar masses of ion and salt');
        $weighedMg = 1000.0 * $report['batch']['amounts'][0]['g'] * 0.0625;
        self::assertEqualsWithDelta($ppm, $weighedMg / 2.0, 0.02 * $ppm, 'what is weighed out is what is said of it');
        self::assertNull($report['batch']['amounts'][0]['measure'] ?? null, 'never by the spoon');
    }

    public function test_a_cure_inside_another_seasoning_counts_however_deep(): void
    {
        $base = ['name' => 'Weir cure', 'kind' => 'rub', 'g_per_kg' => 20.0, 'groups' => ['pork'], 'cure_use' => 'dry_cured',
            'parts' => [['of' => 'nitrite_salt_us', 'g' => 10], ['of' => 'fine_salt', 'g' => 90]]];
        $shelf = Shelf::from(DataFolder::shipped())->with([self::read($base, Profile::Us)]);
        $middle = ['name' => 'Weir mix', 'kind' => 'rub', 'g_per_kg' => 20.0, 'groups' => ['pork'], 'cure_use' => 'minced',
            'parts' => [['of' => 'own-weir-cure', 'g' => 100]]];
        $shelf = $shelf->with([RecipeReader::from(DataFolder::shipped())->read($middle, $shelf, Profile::Us)]);
        $this->expectExceptionMessageMatches('/^parts out_of_range/');

        // one part in eight: 156.25 a kilo in the mix that is made of it
        RecipeReader::from(DataFolder::shipped())->read(
            [
                ...$base,
                'slug' => 'own-weir-cure',
                'parts' => [['of' => 'nitrite_salt_us', 'g' => 12.5], ['of' => 'fine_salt', 'g' => 87.5]],
            ],
            $shelf,
            Profile::Us,
        );
    }

    public function test_what_was_kept_over_the_limit_is_locked_and_not_weighed_out(): void
    {
        $kept = new Record([
            'slug' => 'own-old-cure', 'name' => 'Old cure', 'kind' => 'dry_brine', 'g_per_kg' => 24.0, 'groups' => ['pork'],
            'strength' => 1,
            'parts' => [['of' => 'nitrite_salt_eu', 'g' => 100]],
        ], 'own-old-cure');
        $report = self::report($kept, Profile::Eu, 2000.0); // 24 g a kilo of 0.5 %: 120.0, or 80.02 as ion

        self::assertTrue($report['is_locked']);
        self::assertSame([], $report['batch']['amounts']);
        self::assertFalse(self::report($kept, Profile::Uk, 2000.0)['is_locked']);
    }

    /** @param  array<string, mixed>  $recipe */
    private static function read(array $recipe, Profile $profile): Record
    {
        return RecipeReader::from(DataFolder::shipped())->read($recipe, Shelf::from(DataFolder::shipped()), $profile);
    }

    /** @return array<string, mixed> */
    private static function report(Record $recipe, Profile $profile, float $meatG): array
    {
        $shelf = Shelf::from(DataFolder::shipped())->with([$recipe]);

        return SeasoningReport::of($shelf->seasoning($recipe->text('slug')), $shelf, $meatG, Cure::from(DataFolder::shipped()), $profile);
    }
}
