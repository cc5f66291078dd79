<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Meal\Appetite;
use Nessmark\Meal\Eater;
use Nessmark\Meal\Eaters;

/** Reads who eats, in a wish as in an ask. */
final readonly class EatersReader
{
    private const MOST_HEADS = 200;

    private const MOST_GROUPS = 12;

    private const LONGEST_AVOIDED = 40;

    /** Nobody at a counter marks more pieces apart than this for one meal, and each is a cook of its own. Common practice, no source. */
    private const MOST_APART = 6;

    private function __construct() {}

    /** @param  non-empty-list<string>  $words  of doneness, that may be said */
    public static function read(Fields $in, array $words): Eaters
    {
        $groups = [];
        foreach ($in->objects('diners', 1, self::MOST_GROUPS) as $fields) {
            $groups[] = new Eater(
                $fields->wholeNumber('count', 1, self::MOST_HEADS),
                Appetite::from($fields->choiceOr('appetite', Appetite::Usual->value, array_column(Appetite::cases(), 'value'))),
                $fields->flagOr('at_risk', false),
                self::doneness($fields, $words),
                array_map(mb_strtolower(...), $fields->texts('avoid', self::LONGEST_AVOIDED)),
            );
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
