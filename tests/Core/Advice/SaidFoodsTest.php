<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nessmark\Data\DataFolder;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Words;

/**
 * Every food a sentence names, in every language, is known to come with it: eaten, of the seasoning, left out, warned of, or the piece
 * itself. A sentence that brings one says another in its place, or nobody could go without.
 */
final class SaidFoodsTest extends TestCase
{
    /** How a sentence may name a food: only the first brings it. */
    private const HOW = ['foods', 'dressed', 'left_out', 'warned', 'itself'];

    #[TestWith(['en'])]
    #[TestWith(['nl'])]
    #[TestWith(['de'])]
    #[TestWith(['fr'])]
    #[TestWith(['es'])]
    public function test_no_sentence_names_a_food_that_nothing_stands_for(string $language): void
    {
        $words = Words::file("card/{$language}");
        $data = DataFolder::shipped()->read('eaten.json');
        $bare = [];
        foreach ($words['say'] as $key => $sentence) {
            $sentence = (string) preg_replace('/\{\w+/', '{', $sentence); // names of figures are no words
            $known = $data->texts('of_the_piece');
            foreach ($data->record('said')->has($key) ? self::HOW : [] as $how) {
                $said = $data->record('said')->record($key);
                $known = [...$known, ...$said->has($how) ? $said->texts($how) : []];
            }
            $known = array_map(static fn (string $food): string => mb_strtolower($words['food'][$food]), $known);
            foreach (array_unique(array_map(mb_strtolower(...), $words['food'])) as $word) {
                if (preg_match('/(?<!\pL)'.preg_quote($word, '/').'(?!\pL)/iu', $sentence) === 1 && ! self::isOf($word, $known)) {
                    $bare[] = "{$key}: {$word}";
                }
            }
        }

        self::assertSame([], $bare);
    }

    public function test_who_goes_without_a_food_is_told_something_else(): void
    {
        $said = DataFolder::shipped()->read('eaten.json')->record('said');
        $words = Words::file('card/en')['say'];
        foreach ($said->keys() as $key) {
            self::assertArrayHasKey($key, $words);
            $at = $key;
            for ($steps = 0; $said->record($at)->textOrNull('instead') !== null && $steps < 4; $steps++) {
                $at = (string) $said->record($at)->textOrNull('instead');
                self::assertArrayHasKey($at, $words);
                if (! $said->has($at)) {
                    break;
                }
            }
            $last = $said->has($at) ? $said->record($at)->texts('foods') : [];
            self::assertSame([], array_diff($last, ['oil', 'potato starch']), "{$key} ends in what somebody may go without");
        }
    }

    /** "egg" where eggs are known; "whole eggs" too.
     *
     * @param  list<string>  $known
     */
    private static function isOf(string $word, array $known): bool
    {
        foreach ($known as $each) {
            if (str_starts_with($each, $word) || str_starts_with($word, $each) || str_contains(" {$each} ", " {$word} ")) {
                return true;
            }
        }

        return false;
    }
}
