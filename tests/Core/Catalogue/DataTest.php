<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use Nessmark\Catalogue\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** The shipped data holds together. */
final class DataTest extends TestCase
{
    private const DATA = __DIR__.'/../../../core/data';

    public function test_every_cut_follows_its_schema(): void
    {
        $schema = json_decode((string) file_get_contents(self::DATA.'/schema/cut.json'));
        $wrong = [];
        foreach (DataFolder::shipped()->below('cuts') as $file) {
            $result = (new Validator)->validate(json_decode((string) file_get_contents(self::DATA."/{$file}")), $schema);
            $error = $result->error();
            if ($error !== null) {
                $wrong[$file] = (new ErrorFormatter)->format($error);
            }
        }

        self::assertSame([], $wrong);
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
}
