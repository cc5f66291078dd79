<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use DateTimeImmutable;
use Nessmark\Meal\Occasion;
use Nessmark\Say\Phrase;

/** What each pattern of the lexicon means, with what stands in its slots. */
final readonly class Meaning
{
    /** °C by gas mark, from 1 on. Common practice, no source. */
    private const GAS_MARK_C = [140, 150, 165, 180, 190, 200, 220, 230, 245];

    /** A bare temperature is of the core up to here, and of the oven from there, °C. */
    private const CORE_TO_C = 99.0;

    /** No oven of a kitchen is hotter, °C: a larger number was meant in °F. */
    private const OVEN_TO_C = 300.0;

    /** A smaller number beside an oven counts something else, °C. */
    private const OVEN_FROM_C = 60.0;

    /** Before a heat that was said of the oven, and not of whatever fire was named. */
    public const OF_OVEN = 'oven:';

    /** More pieces than this are not asked for in one breath. */
    public const MOST_PIECES = 60;

    private const CORE_FROM_C = 30.0;

    private const INCH_MM = 25.4;

    private const POUND_G = 453.59;

    /** What a piece called thick or thin may measure. Common practice, no source. */
    private const THICK = ['40 mm', '50 mm'];

    private const THIN = ['10 mm', '15 mm'];

    /** Who is younger, or as old, must not take chances (FSIS, Food Safety for at-risk people: under 5, 65 and older). */
    private const YOUNG_TO_YEARS = 5.0;

    private const OLD_FROM_YEARS = 65.0;

    private const GROWN_FROM_YEARS = 18.0;

    private const TOP_OF_SCALE = ['bms' => 12, 'aus_meat' => 9];

    private const A_LEAP_YEAR = 2028;

    private const FEASTS = ['12-25', '12-24', '12-31', '01-01'];

    private const HOURS = ['noon' => '12:00', 'lunch' => '13:00', 'breakfast' => '09:00'];

    public function __construct(private Lexicon $lexicon, private DateTimeImmutable $now) {}

    /** @param  list<string>  $values  of the slots */
    public function of(string $pattern, array $values, int $length): ?Found
    {
        $found = $this->meant($pattern, $values, $length);
        $isTooFar = $found?->kind === ChipKind::Day && Occasion::isTooFar(new DateTimeImmutable($found->value), $this->now);

        return $isTooFar ? new Found(ChipKind::Unknown, '', $length, [], new Phrase('asks.too_far')) : $found;
    }

    /** @param  list<string>  $values  of the slots */
    private function meant(string $pattern, array $values, int $length): ?Found
    {
        $value = $values[0] ?? '';
        $says = static fn (ChipKind $kind, float|int|string $what, ?Phrase $asks = null): Found => new Found(
            $kind, (string) $what, $length, [], $asks,
        );

        return match ($pattern) {
            'people' => (int) $value > 0 ? $says(ChipKind::Count, (int) $value) : null,
            'just_one' => $says(ChipKind::Count, 1),
            'just_two' => $says(ChipKind::Count, 2),
            'me_and_mine' => $says(ChipKind::Count, ChipKind::ME_AND_MINE),
            'dozen_people' => $says(ChipKind::Count, 12),
            'children' => $this->children((int) $value, 'child', $length),
            'toddlers' => $this->children((int) $value, 'young', $length),
            'babies' => $this->children((int) $value, 'infant', $length),
            'young_children' => $this->children((int) $value, self::age((float) ($values[1] ?? 0.0)), $length),
            'years_old' => $this->ofAge((float) $value, $length),
            'months_old' => $says(ChipKind::Child, (int) $value < 12 ? 'one_baby' : 'one_toddler'),
            'beside' => (int) $value > 0 ? $says(ChipKind::Beside, $value) : null,
            'some_of_them' => (int) $value > 0 ? $says(ChipKind::Lead, "{$value} ".ChipKind::OF_THEM) : null,
            'half_of_them' => $says(ChipKind::Half, ''),
            'pieces' => (int) $value > self::MOST_PIECES ? null : $says(ChipKind::Pieces, $value),
            'pieces_each' => $says(ChipKind::Each, "{$value}x{$values[1]}"),
            'two_pieces' => $says(ChipKind::Pieces, 2),
            'six_pieces' => $says(ChipKind::Pieces, 6),
            'twelve_pieces' => $says(ChipKind::Pieces, 12),
            'half_a_piece' => $says(ChipKind::Part, 0.5),
            'quarter_piece' => $says(ChipKind::Part, 0.25),
            'bones' => $says(ChipKind::Bones, $value),
            'each_of_what' => new Found(
                ChipKind::Unknown, '', $length, ["{$value} a head", "{$value} pieces"], new Phrase('asks.number', ['number' => $value]),
            ),
            'each_weight' => $says(ChipKind::Each, $value),
            'quarter_pound_each' => $says(ChipKind::Each, self::POUND_G / 4.0),
            'all_weight' => $says(ChipKind::Weight, $value),
            'half_kilo' => $says(ChipKind::Weight, 500),
            'kilo_and_half' => $says(ChipKind::Weight, 1500),
            'two_and_half_kilos' => $says(ChipKind::Weight, 2500),
            'three_quarters_kilo' => $says(ChipKind::Weight, 750),
            'quarter_kilo' => $says(ChipKind::Weight, 250),
            'pound_and_half' => $says(ChipKind::Weight, 1.5 * self::POUND_G),
            'each_of_them' => $says(ChipKind::EachOf, ''),
            'one_kilo' => $says(ChipKind::Weight, 1000),
            'one_pound' => $says(ChipKind::Weight, self::POUND_G),
            'half_pound' => $says(ChipKind::Weight, self::POUND_G / 2.0),
            'thickness' => $says(ChipKind::Thickness, $value),
            'how_thick' => new Found(ChipKind::Unknown, '', $length, self::THICK, new Phrase('asks.how_thick')),
            'how_thin' => new Found(ChipKind::Unknown, '', $length, self::THIN, new Phrase('asks.how_thick')),
            'one_inch' => $says(ChipKind::Thickness, self::INCH_MM),
            'oven_heat' => (float) $value < self::OVEN_FROM_C ? null : $this->oven((float) $value, $length, false),
            'oven_number' => (float) $value < self::OVEN_FROM_C ? null : $this->oven((float) $value, $length, true),
            'gas_mark' => isset(self::GAS_MARK_C[(int) $value - 1])
                ? $says(ChipKind::Heat, self::OF_OVEN.self::GAS_MARK_C[(int) $value - 1])
                : null,
            'core', 'core_number' => $this->core((float) $value, $length),
            'temperature' => (float) $value > self::CORE_TO_C
                ? $this->oven((float) $value, $length, false, false)
                : $this->core((float) $value, $length),
            'a_head' => $says(ChipKind::Budget, $value),
            'in_all' => $says(ChipKind::InAll, $value),
            'fiver_a_head' => $says(ChipKind::Budget, 5),
            'tenner_a_head' => $says(ChipKind::Budget, 10),
            'fiver' => $says(ChipKind::InAll, 5),
            'tenner' => $says(ChipKind::InAll, 10),
            'clock' => $says(ChipKind::Clock, $value),
            'hour' => $says(ChipKind::Clock, "{$value}:00?"),
            'half_past' => $says(ChipKind::Clock, "{$value}:30?"),
            'half_to' => $says(ChipKind::Clock, ((int) $value - 1).':30?'),
            'quarter_past' => $says(ChipKind::Clock, "{$value}:15?"),
            'quarter_to' => $says(ChipKind::Clock, ((int) $value - 1).':45?'),
            'noon', 'lunch', 'breakfast' => $says(ChipKind::Clock, self::HOURS[$pattern]),
            'within' => (float) $value > 0.0 ? $says(ChipKind::Within, $value) : null,
            'in_half_an_hour' => $says(ChipKind::Within, 1800),
            'in_an_hour' => $says(ChipKind::Within, 3600),
            'in_an_hour_and_half' => $says(ChipKind::Within, 5400),
            'today' => $says(ChipKind::Day, $this->now->format('Y-m-d')),
            'tomorrow' => $says(ChipKind::Day, $this->now->modify('+1 day')->format('Y-m-d')),
            'after_tomorrow' => $says(ChipKind::Day, $this->now->modify('+2 day')->format('Y-m-d')),
            'in_weeks' => (int) $value > 0 ? $says(ChipKind::Day, $this->now->modify("+{$value} week")->format('Y-m-d')) : null,
            'next_weekday' => $this->nextWeekday((int) $value, $length),
            'in_days' => (int) $value > 0 ? $says(ChipKind::Day, $this->now->modify("+{$value} day")->format('Y-m-d')) : null,
            'weekday' => $says(ChipKind::Day, $this->weekday((int) $value)),
            'date' => $this->dayAndMonth($values, $length),
            'date_iso' => DateTimeImmutable::createFromFormat('!Y-m-d', $value) === false ? null : $says(ChipKind::Day, $value),
            'hung' => $says(ChipKind::Aged, $value),
            'grade' => $this->grade($value, $length),
            'bms', 'aus_meat' => $this->grade("{$pattern}:{$value}", $length),
            'like' => $says(ChipKind::Like, $value),
            'cheaper_than' => $says(ChipKind::Like, "{$value}|cheap"),
            'leaner_than' => $says(ChipKind::Like, "{$value}|lean"),
            'bigger_than' => $says(ChipKind::Like, "{$value}|bigger"),
            'quicker_than' => $says(ChipKind::Like, "{$value}|quick"),
            'softer_than' => $says(ChipKind::Like, "{$value}|soft"),
            'avoided', 'allergic' => $this->avoided($value, $length),
            'origin' => $this->lexicon->isWord($value) ? null : $says(ChipKind::Origin, $value),
            default => in_array($pattern, self::FEASTS, true) ? $says(ChipKind::Day, $this->next($pattern)) : null,
        };
    }

    private function children(int $count, string $sort, int $length): ?Found
    {
        return $count > 0 ? new Found(ChipKind::Lead, "{$count} {$sort}", $length) : null;
    }

    /** Which sort of child "under so many years" is. */
    private static function age(float $years): string
    {
        return match (true) {
            $years <= 1.0 => 'infant',
            $years <= self::YOUNG_TO_YEARS => 'young',
            default => 'child',
        };
    }

    private function ofAge(float $years, int $length): Found
    {
        return match (true) {
            $years < 1.0 => new Found(ChipKind::Child, 'one_baby', $length),
            $years < self::YOUNG_TO_YEARS => new Found(ChipKind::Child, 'one_toddler', $length),
            $years < self::GROWN_FROM_YEARS => new Found(ChipKind::Child, 'one_child', $length),
            $years >= self::OLD_FROM_YEARS => new Found(ChipKind::Risk, 'at_risk', $length),
            default => new Found(ChipKind::Filler, '', $length),
        };
    }

    public static function isOvenHeat(float $celsius): bool
    {
        return $celsius >= self::OVEN_FROM_C && $celsius <= self::OVEN_TO_C;
    }

    private function oven(float $celsius, int $length, bool $isBare, bool $isOven = true): Found
    {
        $asks = match (true) {
            $celsius > self::OVEN_TO_C && $isBare => new Phrase('asks.in_celsius', ['number' => $celsius]),
            $celsius > self::OVEN_TO_C => new Phrase('asks.too_hot_oven', ['heat_c' => $celsius]),
            default => null,
        };

        return $asks === null
            ? new Found(ChipKind::Heat, ($isOven ? self::OF_OVEN : '').round($celsius, 1), $length)
            : new Found(ChipKind::Unknown, '', $length, $isBare ? [sprintf('oven %.0fF', $celsius)] : [], $asks);
    }

    private function core(float $celsius, int $length): Found
    {
        return $celsius >= self::CORE_FROM_C && $celsius <= self::CORE_TO_C
            ? new Found(ChipKind::Doneness, sprintf('core:%s', round($celsius, 1)), $length)
            : new Found(ChipKind::Unknown, '', $length, [], new Phrase('asks.no_core', ['core_c' => $celsius]));
    }

    private function grade(string $value, int $length): Found
    {
        [$scale, $step] = [...explode(':', $value), ''];
        $top = self::TOP_OF_SCALE[$scale] ?? null;
        $asks = match (true) {
            $top !== null && (int) $step > $top => new Phrase('asks.past_scale', ['scale' => $scale, 'top' => $top]),
            $scale === 'carcass' => new Phrase('asks.carcass_grade', ['grade' => mb_strtoupper($step)]),
            default => null,
        };

        return $asks === null
            ? new Found(ChipKind::Grade, $value, $length)
            : new Found(ChipKind::Unknown, '', $length, $top === null ? [] : ["{$scale} {$top}"], $asks);
    }

    /** What is not on the list is kept all the same, and marked by its suggestions. */
    private function avoided(string $word, int $length): Found
    {
        $appliance = $this->lexicon->applianceOf($word);
        if ($appliance !== null) {
            return new Found(ChipKind::NotOn, $appliance, $length);
        }
        $word = $this->lexicon->kindOf($word) ?? $word;

        return $this->lexicon->isAvoidable($word)
            ? new Found(ChipKind::Avoid, $word, $length)
            : new Found(ChipKind::Avoid, $word, $length, [...$this->lexicon->near($word, true), '']);
    }

    private function weekday(int $place): string
    {
        return $this->now->modify(sprintf('+%d day', (($place - (int) $this->now->format('N') + 6) % 7) + 1))->format('Y-m-d');
    }

    /** Said three days ahead it may be of this week or of the next: which? */
    private function nextWeekday(int $place, int $length): Found
    {
        $coming = $this->weekday($place);
        $later = (new DateTimeImmutable($coming))->modify('+7 day')->format('Y-m-d');

        $asks = new Phrase('asks.which', ['one' => $coming, 'other' => $later]);

        return $coming === $this->now->modify('+7 day')->format('Y-m-d')
            ? new Found(ChipKind::Day, $coming, $length)
            : new Found(ChipKind::Unknown, '', $length, [$coming, $later], $asks);
    }

    /** @param  list<string>  $values  a day and a month, in either order */
    private function dayAndMonth(array $values, int $length): ?Found
    {
        foreach ([[$values[0], $values[1] ?? ''], [$values[1] ?? '', $values[0]]] as [$day, $month]) {
            if (is_numeric($day) && is_numeric($month) && checkdate((int) $month, (int) $day, self::A_LEAP_YEAR)) {
                return new Found(ChipKind::Day, $this->next(sprintf('%02d-%02d', $month, $day)), $length);
            }
        }

        return null;
    }

    /** The next day of that month and number. */
    private function next(string $monthAndDay): string
    {
        $year = (int) $this->now->format('Y');

        return $monthAndDay >= $this->now->format('m-d') ? "{$year}-{$monthAndDay}" : ($year + 1)."-{$monthAndDay}";
    }
}
