<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Which way imports may point. Run by PHPStan. */
final class LayerRules
{
    /** The folders of the core from the ground up; those on one line know nothing of each other. */
    public const LAYERS = [
        ['Say'],
        ['Errors', 'Data'],
        ['Quantity'],
        ['Heat'],
        ['Meat'],
        ['Grade'],
        ['Catalogue', 'Stock', 'Appliance', 'Doneness'],
        ['Method'],
        ['Texture', 'Atlas', 'Safety'],
        ['School', 'House', 'Ticket'],
        ['Seasoning', 'Bench', 'Serve'],
        ['Meal'],
        ['Advice'],
        ['Matching', 'Calibration'],
        ['AskLine'],
        ['Contract'],
    ];

    public function testCoreImportsNothing(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Nessmark'))
            ->canOnly()
            ->dependOn()
            ->classes(
                Selector::inNamespace('Nessmark'),
                Selector::inNamespace('Opis\JsonSchema'),
                Selector::inNamespace('Brick\Math'),
                Selector::isStandardClass(),
            )->because('the core must run, and be tested, without the framework; a JSON schema is checked and exact
                sums are worked out by their libraries');
    }

    public function testQuantitiesAreReadonly(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Nessmark\Quantity'))
            ->should()
            ->beReadonly()
            ->because('a quantity that changes under its owner is a wrong figure on a ticket');
    }

    /** @return iterable<string, Rule> one for each folder of the core: it imports only from the layers below its own */
    public function testAFolderImportsOnlyFromBelow(): iterable
    {
        foreach (self::LAYERS as $height => $layer) {
            foreach ($layer as $folder) {
                $above = array_diff(array_merge(...array_slice(self::LAYERS, $height)), [$folder]);
                if ($above !== []) {
                    yield $folder => PHPat::rule()
                        ->classes(Selector::inNamespace("Nessmark\\{$folder}"))
                        ->shouldNot()
                        ->dependOn()
                        ->classes(
                            ...array_map(static fn (string $other) => Selector::inNamespace("Nessmark\\{$other}"), array_values($above)),
                        )
                        ->because("{$folder} lies below them, or beside them; what both need belongs further down");
                }
            }
        }
    }
}
