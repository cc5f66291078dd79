<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Catalogue\Diets;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Errors\InputRefused;
use Nessmark\Meal\Appetite;
use Nessmark\Meal\Eater;
use Nessmark\Meal\Eaters;

/** Reads who eats, in a wish as in an ask. */
final readonly class EatersReader
{
    private const MOST_HEADS = 200;

    public const MOST_GROUPS = 12;

    private const LONGEST_AVOIDED = 40;

    private const MOST_DISHES = 12;

    /** Spores of botulism live in honey, and a child's gut has nothing against them in its first year (NHS, CDC: infant botulism). */
    private const NOT_UNDER_ONE = ['honey'];

    /** Nobody at a counter marks more pieces apart than this for one meal, and each is a cook of its own. Common practice, no source. */
    private const MOST_APART = 6;

    private function __construct() {}

    /**
     * @param  mixed  $asked  an ask or a wish
     *
     * @throws InputRefused naming every key that is wrong
     */
    public static function of(mixed $asked, DonenessTable $doneness, Diets $diets): Eaters
    {
        $in = Fields::of($asked);
        $eaters = self::read($in, $doneness->allWords(), $diets, $in->choices('diets', $diets->words()));
        $in->refuseIfWrong();

        return $eaters;
    }

    /**
     * @param  non-empty-list<string>  $words  of doneness, that may be said
     * @param  list<string>  $common  diets of everyone
     */
    public static function read(Fields $in, array $words, Diets $diets, array $common): Eaters
    {
        $groups = [];
        foreach ($in->objects('diners', 1, self::MOST_GROUPS) as $fields) {
            $isUnderOne = $fields->flagOr('under_one', false);
            $isChild = $fields->flagOr('child', false) || $isUnderOne;
            $usual = $isChild ? Appetite::Small : Appetite::Usual;
            $own = array_values(array_unique([...$common, ...$fields->choices('diets', $diets->words())]));
            $eater = new Eater(
                $fields->wholeNumber('count', 1, self::MOST_HEADS),
                Appetite::from($fields->choiceOr('appetite', $usual->value, array_column(Appetite::cases(), 'value'))),
                $fields->flagOr('at_risk', false) || $isUnderOne,
                self::doneness($fields, $words),
                array_map(mb_strtolower(...), $fields->texts('avoid', self::LONGEST_AVOIDED)),
                $isChild,
                $isUnderOne,
                $own,
                $fields->has('of_dishes') ? $fields->wholeNumber('of_dishes', 1, self::MOST_DISHES) : 1,
            );
            $groups[] = $eater->avoiding(array_merge($isUnderOne ? self::NOT_UNDER_ONE : [], ...array_map($diets->avoids(...), $own)));
            $fields->noOthers();
        }

        return Eaters::of($groups);
    }

    /** @param  non-empty-list<string>  $words */
    private static function doneness(Fields $fields, array $words): ?string
    {
        $said = $fields->peek('doneness');
        $isCore = is_string($said) && preg_match('/^core:\d{2}(?:\.\d)?$/', $said) === 1;

        return $isCore ? $said : $fields->optionalChoice('doneness', $words);
    }

    public static function refuseTooManyApart(Fields $in, int $ways): void
    {
        if ($ways > self::MOST_APART) {
            $in->refuse('diners', 'out_of_range', $ways, 'ways_apart', ['max' => self::MOST_APART]);
        }
    }
}
