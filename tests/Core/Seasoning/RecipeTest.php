<?php

declare(strict_types=1);

namespace Tests\Core\Seasoning;

use Nessmark\Contract\RecipeCsv;
use Nessmark\Contract\RecipeLd;
use Nessmark\Contract\RecipeReader;
use Nessmark\Contract\SeasoningReport;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;
use Nessmark\Safety\Profile;
use Nessmark\Seasoning\Cure;
use Nessmark\Seasoning\Shelf;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A shop's own seasonings: what is wrong is named, and files come back as they went. */
final class RecipeTest extends TestCase
{
    private const RUB = [
        'name' => 'Quay rub',
        'kind' => 'rub',
        'g_per_kg' => 18.5,
        'strength' => 2,
        'groups' => ['beef', 'pork'],
        'parts' => [
            ['of' => 'coarse_salt', 'g' => 40.0],
            ['of' => 'smoked_paprika', 'g' => 12.5],
            ['of' => 'rub-hall-pepper', 'g' => 30.0],
        ],
        'price_per_kg' => 28.0,
    ];

    public function test_what_is_wrong_is_named_and_nothing_is_guessed(): void
    {
        $wrong = [
            'name' => 'ab',
            'kind' => 'stew',
            'g_per_kg' => 'much',
            'strength' => 4,
            'groups' => ['whale'],
            'colour' => 'red',
            'parts' => [['of' => 'moon_dust', 'g' => 0], ['of' => 'fine_salt']],
        ];
        try {
            self::read($wrong);
            self::fail();
        } catch (InputRefused $refused) {
            $keys = array_map(static fn ($violation): string => $violation->key, $refused->violations);
            foreach (['kind', 'g_per_kg', 'strength', 'groups.0', 'parts.0.of', 'parts.0.g', 'parts.1.g', 'colour'] as $key) {
                self::assertContains($key, $keys);
            }
        }
    }

    #[TestWith([['name' => 'Thyme dry brine', 'slug' => 'dry-brine-thyme'], 'slug'])]
    #[TestWith([['kind' => 'wet_brine'], 'target_salt_pct'])]
    #[TestWith([['slug' => 'own-quay-rub', 'parts' => [['of' => 'own-quay-rub', 'g' => 1.0]]], 'parts.0.of'])]
    public function test_what_cannot_be_kept_says_why(array $change, string $key): void
    {
        $this->expectExceptionMessageMatches('/^'.preg_quote($key, '/').'/');
        self::read([...self::RUB, ...$change]);
    }

    /** 9 CFR 424.21(c): 156 ppm in what is comminuted; 25 g a kilo of 10 % curing salt at 6.25 % is that. */
    public function test_curing_salt_over_what_the_rules_allow_is_refused(): void
    {
        $cure = static fn (float $g): array => [
            ...self::RUB,
            'g_per_kg' => 25.0,
            'cure_use' => 'minced',
            'parts' => [['of' => 'nitrite_salt_us', 'g' => $g], ['of' => 'fine_salt', 'g' => 100.0 - $g]],
        ];
        $shelf = Shelf::from(DataFolder::shipped())->with([self::read($cure(9.9))]);
        $report = SeasoningReport::of($shelf->seasoning('own-quay-rub'), $shelf, 1000.0, Cure::from(DataFolder::shipped()), Profile::Us);
        self::assertSame([154.7, 103.1], [$report['nitrite_ppm'], $report['nitrite_ion_ppm']]);

        $this->expectException(InputRefused::class);
        self::read($cure(12.0));
    }

    public function test_a_file_comes_back_as_it_went(): void
    {
        $shelf = Shelf::from(DataFolder::shipped());
        $brine = self::read([
            'name' => 'Quay brine',
            'kind' => 'wet_brine',
            'g_per_kg' => 900.0,
            'groups' => [],
            'target_salt_pct' => 0.9,
            'parts' => [['of' => 'water', 'g' => 980.0], ['of' => 'bay', 'g' => 1.5]],
        ]);
        $own = [self::read(self::RUB), $brine];
        $reader = RecipeReader::from(DataFolder::shipped());
        $plain = static fn (array $records): array => array_map(static fn (Record $each): array => $each->toArray(), $records);
        $header = RecipeCsv::HEADER;
        $rows = array_map(
            static fn (array $row): array => array_combine($header, $row),
            array_merge(...array_map(RecipeCsv::rows(...), $own)),
        );
        $linked = json_decode(json_encode(RecipeLd::write($own, $shelf), JSON_THROW_ON_ERROR), true);

        self::assertSame('Recipe', $linked['@graph'][0]['@type']);
        self::assertContains('12.5 g smoked paprika', $linked['@graph'][0]['recipeIngredient']);
        self::assertEquals($plain($own), $plain($reader->readAll(RecipeCsv::recipes($rows), $shelf, Profile::Us)));
        self::assertEquals($plain($own), $plain($reader->readAll(RecipeLd::read($linked, $shelf), $shelf, Profile::Us)));
    }

    public function test_a_recipe_by_somebody_else_is_read_line_by_line_and_what_is_not_understood_is_named(): void
    {
        $shelf = Shelf::from(DataFolder::shipped());
        $recipe = [
            '@type' => 'Recipe',
            'name' => 'Harbour mix',
            'recipeCategory' => 'rub',
            'recipeIngredient' => ['0,2 kg Fine salt', '40 g pepper', 'a handful of thyme'],
            'additionalProperty' => [['@type' => 'PropertyValue', 'name' => 'g_per_kg', 'value' => 20]],
        ];
        $read = RecipeLd::read($recipe, $shelf);
        self::assertSame(['of' => 'fine_salt', 'g' => 200.0], $read[0]['parts'][0]);
        try {
            RecipeReader::from(DataFolder::shipped())->readAll($read, $shelf, Profile::Us);
            self::fail();
        } catch (InputRefused $refused) {
            $said = array_map(
                static fn ($violation): string => $violation->key.' '.json_encode($violation->value),
                $refused->violations,
            );
            self::assertContains('1.parts.1.of "pepper"', $said); // black, white or green is for whoever wrote it to say
            self::assertContains('1.parts.2.of "a handful of thyme"', $said);
        }
    }

    private static function read(array $data): Record
    {
        return RecipeReader::from(DataFolder::shipped())->read($data, Shelf::from(DataFolder::shipped()), Profile::Us);
    }
}
