<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** What is installed is what was chosen, libraries of libraries included, and nothing of it runs as it is installed. */
final class VersionsTest extends TestCase
{
    public function test_the_installed_set_is_the_listed_one(): void
    {
        $installed = array_map(
            static fn (array $package): string => $package['name'].' '.ltrim($package['version'], 'v'),
            self::installed(),
        );
        sort($installed);

        self::assertSame(self::lines('composer-versions.txt'), $installed);
    }

    public function test_what_is_asked_for_is_exact_and_listed(): void
    {
        $asked = json_decode((string) file_get_contents(self::root().'/composer.json'), true);
        $libraries = array_filter(
            [...$asked['require'], ...$asked['require-dev']],
            static fn (string $name): bool => str_contains($name, '/'),
            ARRAY_FILTER_USE_KEY,
        );
        $wanted = array_map(
            static fn (string $name, string $version): string => "{$name} {$version}",
            array_keys($libraries),
            $libraries,
        );

        self::assertGreaterThan(10, count($wanted));
        self::assertSame([], array_diff($wanted, self::lines('composer-versions.txt')));
    }

    public function test_nothing_runs_as_it_is_installed(): void
    {
        $plugins = array_filter(self::installed(), static fn (array $package): bool => $package['type'] === 'composer-plugin');
        $program = json_decode((string) file_get_contents(self::root().'/composer.json'), true);
        $installs = array_filter(
            [...glob(self::root().'/bin/*') ?: [], ...glob(self::root().'/deploy/*') ?: []],
            static fn (string $file): bool => preg_match(
                '/npm ci(?! --ignore-scripts)|composer (?:update|install)(?!.*--no-scripts)/',
                (string) file_get_contents($file),
            ) === 1,
        );

        self::assertSame([], $plugins);
        self::assertArrayNotHasKey('scripts', $program);
        self::assertSame([], $installs);
    }

    /** @return list<array{name: string, version: string, type: string}> */
    private static function installed(): array
    {
        return json_decode((string) file_get_contents(self::root().'/vendor/composer/installed.json'), true)['packages'];
    }

    /** @return list<string> */
    private static function lines(string $file): array
    {
        return file(self::root()."/{$file}", FILE_IGNORE_NEW_LINES) ?: [];
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
