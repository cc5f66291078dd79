<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** No line is longer than a screen beside another: a long one hides what it says. */
final class LinesTest extends TestCase
{
    private const LONGEST = 140;

    public function test_no_line_of_the_program_or_its_tests_is_too_long(): void
    {
        $root = dirname(__DIR__, 2);
        $written = '"*.php" "*.ts" "*.vue" ":!*.blade.php" ":!resources/js/api/schema.d.ts"';
        exec('git -C '.escapeshellarg($root)." ls-files -- {$written}", $files);
        $long = [];
        foreach (array_filter($files, static fn (string $file): bool => is_file("{$root}/{$file}")) as $file) {
            foreach (file("{$root}/{$file}", FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
                if (mb_strlen($line) > self::LONGEST) {
                    $long[] = $file.':'.($i + 1);
                }
            }
        }

        self::assertGreaterThan(500, count($files));
        self::assertSame([], $long);
    }
}
