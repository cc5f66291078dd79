<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** Accessibility by axe-core, on the page as it stands. */
final class Axe
{
    /** @return list<string> what is serious or critical */
    public static function seriousFindings(RemoteWebDriver $driver): array
    {
        $driver->executeScript((string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'));
        /** @var list<string> $found */
        $found = $driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run().then((result) => done(result.violations.filter((v) => ['serious', 'critical'].includes(v.impact))
                .flatMap((v) => v.nodes.map((node) => `${v.id}: ${node.html.slice(0, 160)} ${node.failureSummary}`))));
            JS);

        return $found;
    }
}
