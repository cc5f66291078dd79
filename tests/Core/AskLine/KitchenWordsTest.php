<?php

declare(strict_types=1);

namespace Tests\Core\AskLine;

use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\TodaysCase;
use Tests\Support\Words;

/** A doneness word of a language means that kitchen's temperature, and comes back on its card as that word. Common practice, no source. */
final class KitchenWordsTest extends TestCase
{
    #[TestWith(['fr', 'entrecôte bleue', 'bleu', 51.0])]
    #[TestWith(['fr', 'entrecôte saignante', 'saignant', 55.0])]
    #[TestWith(['fr', 'entrecôte à point', 'à point', 60.0])]
    #[TestWith(['nl', 'entrecote rood', 'rood', 51.0])]
    #[TestWith(['nl', 'entrecote rosé', 'rosé', 60.0])]
    #[TestWith(['de', 'entrecote englisch', 'blutig', 51.0])]
    #[TestWith(['de', 'rinderfilet rosa', 'medium, rosa', 60.0])]
    #[TestWith(['es', 'entrecot poco hecho', 'poco hecho', 55.0])]
    #[TestWith(['es', 'entrecot muy poco hecho', 'muy poco hecho', 51.0])]
    #[TestWith(['es', 'entrecot al punto', 'al punto', 60.0])]
    public function test_what_was_said_comes_back_as_it_was_said(string $language, string $line, string $card, float $targetC): void
    {
        $said = TodaysCase::open()->line($line)->wish['diners'][0]['doneness'] ?? self::fail("{$line}: nothing heard");
        $word = DonenessTable::from(DataFolder::shipped())->understood('red_meat', Scale::Kitchen, $said) ?? self::fail($said);

        self::assertSame([$card, $targetC], [Words::file("card/{$language}")['word'][$word->word], $word->targetC]);
    }
}
