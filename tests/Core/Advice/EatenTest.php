<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Words;

/** Everything edible that a sentence names is a component with its allergens, or is not said to who goes without it. */
final class EatenTest extends TestCase
{
    /** What is a food in a sentence wherever it stands as a word of its own. */
    private const FOODS = ['butter' => 'butter', 'flour' => 'flour', 'egg' => 'eggs', 'crumb' => 'breadcrumbs', 'oil' => 'oil',
        'stock' => 'stock', 'bread' => 'bread', 'pasta' => 'pasta'];

    private const OF_EATEN = ['timeline', 'trouble', 'leftovers'];

    #[TestWith([['cut' => 'venison-loin-steak', 'method' => 'pan'], 'milk', 'milk'])]
    #[TestWith([['cut' => 'venison-loin-steak', 'method' => 'pan'], 'butter', 'milk'])]
    #[TestWith([['cut' => 'cod-loin', 'method' => 'deep_fry'], 'gluten', 'gluten'])]
    #[TestWith([['cut' => 'cod-loin', 'method' => 'deep_fry'], 'eggs', 'eggs'])]
    #[TestWith([['cut' => 'beef-cheek', 'method' => 'braise'], 'celery', 'celery'])]
    public function test_nobody_is_given_from_the_cupboard_what_they_go_without(array $ask, string $avoid, string $allergen): void
    {
        $eaters = [['count' => 3], ['count' => 1, 'avoid' => [$avoid]]];
        $bringing = static fn (array $diners): array => array_filter(
            Counter::open()->ticket([...$ask, 'diners' => $diners])['eaten'],
            static fn (array $of): bool => in_array($allergen, [...$of['allergens'], ...$of['may_contain']], true),
        );

        self::assertNotSame([], $bringing([['count' => 4]]), 'it is in it for others, and is declared');
        self::assertSame([], $bringing($eaters), 'one pan, one fat: for all of them');
    }

    public function test_every_food_a_sentence_names_has_a_component(): void
    {
        $counter = Counter::open();
        $said = Words::file('card/en')['say'];
        $bare = [];
        foreach ($counter->kinds() as $cut) {
            foreach (['pan', 'deep_fry', 'braise', 'oven_roast', 'pot_roast', 'grill'] as $method) {
                try {
                    $ticket = $counter->ticket(['cut' => $cut->slug, 'method' => $method, 'diners' => [['count' => 2]]]);
                } catch (\Nessmark\Errors\InputRefused) {
                    continue;
                }
                $eaten = array_column($ticket['eaten'], 'food');
                foreach (self::phrases($ticket) as $key) {
                    foreach (self::FOODS as $word => $food) {
                        $isSaid = preg_match("/\\b{$word}s?\\b/i", $said[$key] ?? '') === 1;
                        $bare = $isSaid && ! in_array($food, $eaten, true) ? [...$bare, "{$key}: {$word}"] : $bare;
                    }
                }
            }
        }

        self::assertSame([], array_values(array_unique($bare)));
    }

    /**
     * @param  array<string, mixed>  $ticket
     * @return list<string> keys of what is said of what is eaten
     */
    private static function phrases(array $ticket): array
    {
        $keys = array_column($ticket['carving']['table'] ?? [], 'key');
        foreach (self::OF_EATEN as $part) {
            foreach ($ticket[$part] as $row) {
                $keys[] = $row['key'] ?? $row['do']['key'];
            }
        }

        return array_values(array_filter($keys, static fn (string $key): bool => ! str_starts_with($key, 'season_')));
    }
}
