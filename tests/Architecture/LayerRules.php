<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Which way imports may point. Run by PHPStan. */
final class LayerRules
{
    public function testCoreImportsNothing(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('Nessmark'))
            ->canOnly()->dependOn()->classes(Selector::inNamespace('Nessmark'), Selector::inNamespace('Opis\JsonSchema'), Selector::isStandardClass())
            ->because('the core must run, and be tested, without the framework; a JSON schema is checked by its library');
    }

    public function testQuantitiesAreReadonly(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('Nessmark\Quantity'))
            ->should()->beReadonly()
            ->because('a quantity that changes under its owner is a wrong figure on a ticket');
    }

    public function testHeatKnowsNoTrade(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('Nessmark\Heat'))
            ->shouldNot()->dependOn()->classes(Selector::inNamespace('Nessmark\Advice'), Selector::inNamespace('Nessmark\Safety'), Selector::inNamespace('Nessmark\Method'), Selector::inNamespace('Nessmark\Contract'))
            ->because('the solver serves the trade, not the other way round');
    }
}
