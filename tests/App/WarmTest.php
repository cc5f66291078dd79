<?php

declare(strict_types=1);

namespace Tests\App;

use App\Services\KeptData;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\NameHit;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Catalogue\ShopChanges;
use Nessmark\Data\DataFolder;

/** The data kept as PHP says what the files say, and is passed over as soon as the files are others. */
final class WarmTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->artisan('nessmark:warm')->assertSuccessful();
    }

    protected function tearDown(): void
    {
        unlink(KeptData::file());
        parent::tearDown();
    }

    public function test_what_is_kept_is_what_the_files_say(): void
    {
        $files = DataFolder::shipped();
        $kept = DataFolder::shipped(KeptData::read(KeptData::file(), DataFolder::path()));

        self::assertNotNull($kept->kept('built/names'));
        self::assertSame($files->below('cuts'), $kept->below('cuts'));
        foreach (['safety.json', 'muscles.json', ...$files->below('cuts')] as $file) {
            self::assertEquals($files->read($file), $kept->read($file), $file);
        }
        $said = static fn (DataFolder $folder, string $name): array => array_map(
            static fn (NameHit $hit): array => [$hit->cut->slug, $hit->name, $hit->place, $hit->score],
            NameIndex::over(Catalogue::from($folder))->find($name),
        );
        foreach (['oglet', 'rib eye', 'bavette', 'entrecôte', 'racks of lamb', 'zalm', 'nothing at all'] as $name) {
            self::assertSame($said($files, $name), $said($kept, $name), $name);
        }
    }

    public function test_a_folder_that_was_changed_since_is_read_itself(): void
    {
        $folder = sys_get_temp_dir().'/nessmark-data-'.bin2hex(random_bytes(4));
        mkdir("{$folder}/cuts/beef", recursive: true);
        file_put_contents("{$folder}/safety.json", '{"a": 1}');
        KeptData::write("{$folder}.php", $folder, []);
        self::assertSame(['safety.json' => ['a' => 1]], KeptData::read("{$folder}.php", $folder));

        touch("{$folder}/cuts/beef", 1_000_000_000); // as a file that is put in place of another does
        clearstatcache();
        self::assertSame([], KeptData::read("{$folder}.php", $folder));
        self::assertSame([], KeptData::read("{$folder}-none.php", $folder));
        exec('rm -rf '.escapeshellarg($folder).'*');
    }

    public function test_what_a_shop_hides_is_not_found_and_what_it_names_is(): void
    {
        $shipped = Catalogue::from(DataFolder::shipped(KeptData::read(KeptData::file(), DataFolder::path())));
        $own = NameIndex::over(
            $shipped->with(
                new ShopChanges([], [['cut' => 'beef-flap', 'place' => 'own', 'name' => 'Quayside steak']], ['beef-hanging-tender']),
            ),
        );

        self::assertTrue(NameIndex::over($shipped)->isName('onglet'));
        self::assertFalse($own->isName('onglet'));
        self::assertSame(
            [],
            array_filter($own->find('onglet'), static fn (NameHit $hit): bool => $hit->cut->slug === 'beef-hanging-tender'),
        );
        self::assertSame(['beef-flap', 'Quayside steak'], [$own->find('quayside')[0]->cut->slug, $own->find('quayside')[0]->name]);
        self::assertFalse(NameIndex::over($shipped)->hasWordLike('quayside'));
    }
}
