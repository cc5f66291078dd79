<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;

/** Writes THIRD-PARTY.md: what is delivered with the program and by whom, from what is installed. */
final class NoticesCommand extends Command
{
    private const FONTS = [
        ['Atkinson Hyperlegible', 'SIL Open Font License 1.1', 'resources/fonts/LICENSE-atkinson-hyperlegible.txt'],
        ['Barlow Semi Condensed', 'SIL Open Font License 1.1', 'resources/fonts/LICENSE-barlow.txt'],
    ];

    protected $signature = 'nessmark:notices {--check : fail when the file is out of date, write nothing}';

    protected $description = 'Write the notices of third parties';

    public function handle(): int
    {
        $text = self::text();
        $path = base_path('THIRD-PARTY.md');
        if ($this->option('check')) {
            $isCurrent = is_file($path) && file_get_contents($path) === $text;
            $isCurrent
                ? $this->info('THIRD-PARTY.md is current.')
                : $this->error('THIRD-PARTY.md is out of date: run nessmark:notices.');

            return $isCurrent ? self::SUCCESS : self::FAILURE;
        }
        file_put_contents($path, $text);
        $this->info('THIRD-PARTY.md written.');

        return self::SUCCESS;
    }

    private static function text(): string
    {
        $lines = ['# Works of others', '', 'Made by `php artisan nessmark:notices`; do not edit.', '', '## PHP libraries', ''];
        /**
         * @var array{packages: list<array{name: string, version: string, license?: list<string>}>,
         *     dev-package-names: list<string>} $installed
         */
        $installed = json_decode((string) file_get_contents(base_path('vendor/composer/installed.json')), true);
        foreach ($installed['packages'] as $package) {
            if (! in_array($package['name'], $installed['dev-package-names'], true)) {
                $lines[] = "- {$package['name']} {$package['version']}: ".implode(', ', $package['license'] ?? ['see its folder']);
            }
        }
        $lines = [...$lines, '', '## Libraries of the interface', ''];
        /** @var array{packages: array<string, array{version?: string, license?: string, dev?: bool}>} $lock */
        $lock = json_decode((string) file_get_contents(base_path('package-lock.json')), true);
        foreach ($lock['packages'] as $path => $package) {
            if ($path !== '' && ! ($package['dev'] ?? false)) {
                $name = substr($path, (int) strrpos($path, 'node_modules/') + strlen('node_modules/'));
                $lines[] = "- {$name} ".($package['version'] ?? '').': '.($package['license'] ?? 'see its folder');
            }
        }
        $lines = [...$lines, '', '## Fonts', ''];
        foreach (self::FONTS as [$name, $licence, $file]) {
            $lines[] = "- {$name}: {$licence} ({$file})";
        }

        return implode("\n", $lines)."\n";
    }
}
