<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use Nessmark\Atlas\Atlas;
use Nessmark\Atlas\AtlasQuery;
use Nessmark\Catalogue\ShopChanges;
use Nessmark\Contract\CatalogueFile;
use Nessmark\Contract\CompareReport;
use Nessmark\Contract\CutCsv;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** A shop's own cuts and names, in and out of files. */
final class CatalogueFileTest extends TestCase
{
    public function test_every_cut_comes_back_from_a_table_unchanged(): void
    {
        foreach (Counter::open()->catalogue->cuts() as $cut) {
            $row = array_combine(CutCsv::header(), CutCsv::row($cut->record->toArray()));
            self::assertEquals($cut->record->toArray(), CutCsv::cut($row), $cut->slug);
        }
    }

    public function test_the_whole_catalogue_comes_back_from_a_file_as_no_change(): void
    {
        $changes = $this->read(CatalogueFile::write(Counter::open()->catalogue, new ShopChanges()));

        self::assertEquals(new ShopChanges(), $changes);
    }

    public function test_an_own_cut_a_name_and_a_hidden_cut_come_back_from_a_file(): void
    {
        $changes = $this->read([
            'cuts' => [self::own()],
            'names' => [['cut' => 'tripe', 'place' => 'uk', 'name' => 'Thursday tripe']],
            'hidden' => ['eel'],
        ]);
        $again = $this->read(CatalogueFile::write(Counter::open()->catalogue, $changes));
        $shop = Counter::open()->catalogue->with($again);

        self::assertEquals(
            CatalogueFile::write(Counter::open()->catalogue, $changes),
            CatalogueFile::write(Counter::open()->catalogue, $again),
        );
        self::assertTrue($shop->isOwn('harbour-steak'));
        self::assertSame('tripe', (new Atlas($shop))->find(new AtlasQuery('thursday tripe'))[0]->cut->slug);
        self::assertNotContains('eel', $shop->slugs());
    }

    public function test_every_error_is_listed_by_row_and_nothing_is_taken(): void
    {
        $bad = [
            ...self::own(),
            'slug' => 'bad-one',
            'thickness_mm' => ['min' => 50, 'typical' => 20, 'max' => 60],
            'muscles' => ['no-such-muscle'],
        ];
        $wrong = $this->refused([
            'cuts' => [self::own(), $bad, ['slug' => 'Nothing Else'], [...self::own(), 'slug' => 'beef-flap']],
            'names' => [['cut' => 'moon', 'place' => 'uk', 'name' => 'x']],
        ]);

        foreach (
            ['row 2.thickness_mm', 'row 2.muscles.0', 'row 3.name', 'row 3.slug', 'row 4.slug', 'name 1.cut', 'name 1.name'] as $key
        ) {
            self::assertContains($key, $wrong);
        }
        self::assertSame([], array_filter($wrong, static fn (string $key): bool => str_starts_with($key, 'row 1')));
    }

    public function test_a_name_that_another_cut_has_at_that_place_is_refused(): void
    {
        self::assertSame(['tripe.names.fr'], $this->refused(['names' => [['cut' => 'tripe', 'place' => 'fr', 'name' => 'Onglet']]]));
    }

    public function test_what_is_no_catalogue_is_refused(): void
    {
        self::assertSame(['cuts'], $this->refused('beef'));
        self::assertSame(['cuts'], $this->refused(['cuts' => 'beef']));
    }

    public function test_cuts_are_compared_line_by_line_with_differences_marked(): void
    {
        $report = (new CompareReport())->of([
            Counter::open()->catalogue->cut('beef-shoulder-tender'),
            Counter::open()->catalogue->cut('beef-chuck-tender'),
        ]);
        $rows = array_column($report['rows'], null, 'key');

        self::assertSame([['tender', 'tough'], true], [$rows['tenderness']['values'], $rows['tenderness']['differs']]);
        self::assertFalse($rows['bone']['differs']);
        $this->expectException(InputRefused::class);
        (new CompareReport())->of([Counter::open()->catalogue->cut('beef-flap'), Counter::open()->catalogue->cut('beef-flap')]);
    }

    /** @return array<string, mixed> */
    private static function own(): array
    {
        $cut = Counter::open()->catalogue->cut('beef-ranch-steak')->record->toArray();

        return [...$cut, 'slug' => 'harbour-steak', 'name' => 'Harbour steak', 'names' => ['uk' => ['harbour steak']]];
    }

    private function read(mixed $file): ShopChanges
    {
        return CatalogueFile::from(DataFolder::shipped())->read($file, Counter::open()->catalogue, new ShopChanges());
    }

    /** @return list<string> the keys refused */
    private function refused(mixed $file): array
    {
        try {
            $this->read($file);
        } catch (InputRefused $refused) {
            return array_map(static fn (Violation $violation): string => $violation->key, $refused->violations);
        }
        self::fail('taken');
    }
}
