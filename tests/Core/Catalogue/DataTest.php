<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use Nessmark\Catalogue\AmbiguousNames;
use Nessmark\Catalogue\LookAlikes;
use Nessmark\Contract\CutCheck;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use Nessmark\Meat\Cut;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Words;

/** The shipped data holds together. */
final class DataTest extends TestCase
{
    private const DATA = __DIR__.'/../../../core/data';

    public function test_every_cut_holds_together(): void
    {
        $check = CutCheck::from(DataFolder::shipped());
        $problems = [];
        foreach (Counter::open()->catalogue->all() as $cut) {
            foreach ($check->problems($cut->record->toArray(), $cut->slug) as $problem) {
                $problems[] = "{$problem->key} {$problem->reason} {$problem->allowed->key}";
            }
        }

        self::assertSame([], $problems);
    }

    #[TestWith(['muscles'])]
    #[TestWith(['grades'])]
    #[TestWith(['animals'])]
    #[TestWith(['look-alikes'])]
    #[TestWith(['ambiguous-names'])]
    public function test_a_data_file_follows_its_schema(string $file): void
    {
        $read = static fn (string $path): mixed => json_decode((string) file_get_contents(self::DATA.$path));
        $error = (new Validator())->validate($read("/{$file}.json"), $read("/schema/{$file}.json"))->error();

        self::assertNull($error, $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error)));
    }

    public function test_the_counter_knows_enough_of_every_group(): void
    {
        $groups = array_count_values(array_map(static fn (Cut $cut): string => $cut->group->value, Counter::open()->catalogue->cuts()));

        self::assertGreaterThanOrEqual(200, array_sum($groups));
        $least = ['beef' => 60, 'pork' => 35, 'lamb' => 25, 'veal' => 8, 'game' => 25, 'poultry' => 20, 'fish' => 30, 'offal' => 10];
        foreach ($least as $group => $fewest) {
            self::assertGreaterThanOrEqual($fewest, $groups[$group], $group);
        }
    }

    public function test_look_alikes_point_at_cuts_and_both_ways(): void
    {
        $alikes = LookAlikes::from(DataFolder::shipped());
        $lost = [];
        foreach (Counter::open()->catalogue->cuts() as $cut) {
            foreach ($alikes->of($cut->slug) as $other) {
                $back = array_column($alikes->of($other['cut']), 'cut');
                if (! Counter::open()->catalogue->knows($other['cut']) || ! in_array($cut->slug, $back, true)) {
                    $lost[] = "{$cut->slug} and {$other['cut']}";
                }
            }
        }

        self::assertSame([], $lost);
        self::assertContains('beef-hanging-tender', array_column($alikes->of('beef-outside-skirt'), 'cut'));
    }

    public function test_a_name_shared_by_two_cuts_has_the_question_that_settles_it(): void
    {
        $names = AmbiguousNames::from(DataFolder::shipped(), Counter::open()->catalogue);
        $unsettled = array_filter($names->names(), static fn (string $name): bool => $names->question($name) === null);
        $means = static fn (string $name): array => array_map(
            static fn (array $meaning): string => $meaning['cut']->slug,
            $names->of($name)['means'] ?? [],
        );

        self::assertSame([], array_values($unsettled));
        // Common practice, no source: the same words for a muscle to fry and one to braise.
        self::assertEqualsCanonicalizing(['beef-shoulder-tender', 'beef-chuck-tender'], $means('mock tender'));
        self::assertEqualsCanonicalizing(['beef-strip-loin', 'beef-top-sirloin-steak'], $means('Sirloin'));
    }

    public function test_every_region_of_every_animal_is_drawn(): void
    {
        $drawn = json_decode((string) file_get_contents(__DIR__.'/../../../resources/js/features/atlas/drawings.json'), true);
        $animals = DataFolder::shipped()->read('animals.json');
        foreach ($animals->keys() as $animal) {
            self::assertEqualsCanonicalizing(
                $animals->record($animal)->record('regions')->keys(),
                array_keys($drawn[$animal]['regions']),
                $animal,
            );
        }
    }

    public function test_every_cited_source_exists(): void
    {
        $known = DataFolder::shipped()->read('sources.json')->keys();
        $cited = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::DATA, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if (str_contains($file->getPathname(), '/schema/') || $file->getFilename() === 'sources.json') {
                continue;
            }
            $data = json_decode((string) file_get_contents($file->getPathname()), true);
            array_walk_recursive($data, static function (mixed $value, int|string $key) use (&$cited): void {
                if ($key === 'source') {
                    $cited[] = $value;
                }
            });
            preg_match_all('/"sources":\s*\[([^\]]*)\]/', (string) file_get_contents($file->getPathname()), $lists);
            foreach ($lists[1] as $list) {
                array_push($cited, ...array_map(strval(...), json_decode("[{$list}]", true)));
            }
        }

        self::assertGreaterThan(50, count($cited));
        self::assertSame([], array_values(array_diff(array_unique($cited), $known)));
    }

    public function test_every_cut_has_words_in_both_scales_rising(): void
    {
        $table = DonenessTable::from(DataFolder::shipped());
        foreach (Counter::open()->catalogue->cuts() as $cut) {
            foreach (Scale::cases() as $scale) {
                $targets = array_map(static fn ($word): float => $word->targetC, $table->words($cut->donenessFamily, $scale));
                $sorted = $targets;
                sort($sorted);
                self::assertSame($sorted, $targets, "{$cut->slug} {$scale->value}");
                self::assertNotSame([], $targets);
            }
            self::assertNotNull($table->word($cut->donenessFamily, Scale::Kitchen, $cut->defaultDoneness), $cut->slug);
        }
    }

    public function test_look_alikes_are_told_apart_and_doubtful_names_asked_about(): void
    {
        foreach (DataFolder::shipped()->list('look-alikes.json') as $pair) {
            self::assertArrayHasKey('tell.'.implode('_or_', $pair->texts('cuts')), Words::section('say'));
        }
        foreach (DataFolder::shipped()->list('ambiguous-names.json') as $name) {
            self::assertStringEndsWith('?', Words::section('say')["question.{$name->text('asks')}"] ?? '');
        }
    }
}
