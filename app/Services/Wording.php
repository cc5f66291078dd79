<?php

declare(strict_types=1);

namespace App\Services;

use DateTimeImmutable;
use DateTimeInterface;
use IntlDateFormatter;
use LogicException;
use MessageFormatter;
use Nessmark\Catalogue\Catalogue;
use NumberFormatter;

/**
 * Puts the core's phrases into words of one language, in the customer's units. What a customer may read stands in wording/card, complete in
 * every language; what only the shop reads stands in wording/shop. The interface reads the same files.
 */
final readonly class Wording
{
    /** Arguments that are keys of words themselves, in a section of their name. */
    private const KEYED = ['word', 'method', 'appliance', 'rearing', 'stage'];

    /** Arguments that are names of what ships, one or several, said by the section "named". */
    private const NAMED = ['seasoning', 'ingredient', 'with', 'for', 'what', 'words', 'name'];

    /** Foods somebody goes without, one or several, by the section "food"; what it does not know stands in quotation marks as typed. */
    private const FOOD = 'food';

    /** A sentence that begins with a name begins with a capital. */
    private const NAME_FIRST = '{seasoning}';

    /** @param  array<string, array<string, string>>  $sentences  ICU messages by section, then key */
    private function __construct(private array $sentences, private Catalogue $cuts, public Language $language, public string $locale) {}

    public static function in(Language $language, Catalogue $cuts): self
    {
        $shop = resource_path("wording/shop/{$language->value}.json");
        $ofShop = self::read(is_file($shop) ? $shop : resource_path('wording/shop/en.json'));
        $ofCard = self::read(resource_path("wording/card/{$language->value}.json"));

        return new self(array_replace_recursive($ofShop, $ofCard), $cuts, $language, $language->value);
    }

    /** The same, in another language. */
    public function speaking(Language $language): self
    {
        return $language === $this->language ? $this : self::in($language, $this->cuts);
    }

    /** @return array<string, array<string, string>> */
    private static function read(string $path): array
    {
        $sentences = json_decode((string) file_get_contents($path), true);
        if (! is_array($sentences)) {
            throw new LogicException("The wording file {$path} is not a JSON object.");
        }

        /** @var array<string, array<string, string>> $sentences */
        return $sentences;
    }

    /**
     * A cut as it is called in this language; a shop's own is called as the shop calls it.
     *
     * @param  array{slug: string, name: string}  $cut
     */
    public function cut(array $cut): string
    {
        $name = $this->sentences['cut_name'][$cut['slug']] ?? null;
        $place = $this->language->place();
        if ($name === null && $place !== null && $this->cuts->knows($cut['slug'])) {
            $name = $this->cuts->cut($cut['slug'])->names[$place][0] ?? null;
        }

        return $name === null ? $cut['name'] : self::capital($name);
    }

    private static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** The name of a seasoning as a heading. */
    public function title(string $name): string
    {
        return self::capital($this->named($name));
    }

    /** What ships under an English name, or several of them in a row; anything else stays as it is. */
    public function named(string $name): string
    {
        $says = fn (string $each): string => $this->sentences['named'][$each] ?? $this->sentences[self::FOOD][$each] ?? $each;

        return isset($this->sentences['named'][$name]) ? $says($name) : implode(', ', array_map($says, explode(', ', $name)));
    }

    private function food(string $foods): string
    {
        return implode(', ', array_map(
            fn (string $each): string => $this->sentences[self::FOOD][$each] ?? $this->text('card', 'as_typed', ['typed' => $each]),
            explode(', ', $foods),
        ));
    }

    /** A figure by the unit its name ends in. */
    public function figure(Units $units, string $name, float|int $value): string
    {
        return str_replace('.', $this->language->decimalMark(), $units->show($name, (float) $value));
    }

    /** @param  array{key: string, args: array<string, float|int|string>}  $phrase */
    public function say(array $phrase, Units $units): string
    {
        return $this->text('say', $phrase['key'], $phrase['args'], $units);
    }

    /**
     * The temperatures a phrase says, each once, in other units.
     *
     * @param  array{key: string, args: array<string, float|int|string>}  $phrase
     * @return list<string>
     */
    public function temperaturesIn(array $phrase, Units $units, Units $other): array
    {
        $said = $this->say($phrase, $units);
        $shown = [];
        foreach ($phrase['args'] as $name => $value) {
            if (str_ends_with($name, '_c') && is_numeric($value) && str_contains($said, $this->figure($units, $name, (float) $value))) {
                $shown[] = $this->figure($other, $name, (float) $value);
            }
        }

        return array_values(array_unique($shown));
    }

    /** @param  array<string, float|int|string|null>  $args  figures with the unit in each name */
    public function text(string $section, string $key, array $args = [], Units $units = Units::Metric): string
    {
        $sentence = $this->sentences[$section][$key] ?? throw new LogicException("No wording for {$section}: {$key}.");
        $shown = [];
        foreach ($args as $name => $value) {
            $shown[$name] = match (true) {
                in_array($name, self::KEYED, true) => $this->sentences[$name][(string) $value] ?? (string) $value,
                is_string($value) && in_array($name, self::NAMED, true) => $this->named($value),
                is_string($value) && $name === self::FOOD => $this->food($value),
                is_string($value) && str_ends_with($name, '_at') => $this->hour(new DateTimeImmutable($value)),
                is_string($value), $value === null => $value ?? '',
                default => $this->figure($units, $name, $value),
            };
        }

        $said =
            (string) (MessageFormatter::formatMessage($this->locale, $sentence, $shown) ?:
            throw new LogicException("Wording that is no message: {$section}: {$key}."));

        return str_starts_with($sentence, self::NAME_FIRST) ? self::capital($said) : $said;
    }

    /**
     * Why a piece is cooked apart: ", at risk, no mustard".
     *
     * @param  array{at_risk: bool, avoid: list<string>}  $piece
     */
    public function apart(array $piece): string
    {
        $why = [
            ...$piece['at_risk'] ? [$this->text('card', 'at_risk')] : [],
            ...array_map(fn (string $what): string => $this->text('card', 'no', ['food' => $what]), $piece['avoid']),
        ];

        return implode('', array_map(static fn (string $each): string => ", {$each}", $why));
    }

    /**
     * Foods of the cupboard with their allergens: "butter (milk), oil"; empty where there are none.
     *
     * @param  list<array{food: string, from: string, allergens: list<string>, may_contain: list<string>}>  $eaten
     */
    public function cupboard(array $eaten): string
    {
        $each = fn (array $of): string => $this->food($of['food']).
            ($of['allergens'] === []
                ? ''
                : ' ('.implode(', ', array_map(fn (string $allergen): string => $this->text('allergen', $allergen), $of['allergens'])).')');

        $foods = array_filter($eaten, static fn (array $of): bool => $of['from'] === 'cupboard');

        return $foods === [] ? '' : $this->text('label', 'cupboard', ['list' => implode(', ', array_map($each, $foods))]);
    }

    /** Words with what they are about after them. */
    public function label(string $section, string $key): string
    {
        return $this->text($section, $key).$this->language->colon();
    }

    public function money(float $amount, string $currency): string
    {
        return (string) (new NumberFormatter($this->locale, NumberFormatter::CURRENCY))->formatCurrency($amount, $currency);
    }

    /** An hour of a day of the week, by the clock of its own zone. */
    public function hour(DateTimeInterface $moment): string
    {
        return "{$this->weekday($moment)} {$moment->format('H:i')}";
    }

    /** A day of the week in short, where a thing is done the day before. */
    public function weekday(DateTimeInterface $day): string
    {
        return (string) (new IntlDateFormatter($this->locale, pattern: 'EEE', timezone: $day->getTimezone()))->format($day);
    }

    /**
     * "1½ tsp"; nothing for what is only weighed.
     *
     * @param  array{spoons: float|int|null, spoon: string|null}  $amount
     */
    public function spoons(array $amount): string
    {
        [$count, $unit] = [(float) ($amount['spoons'] ?? 0.0), $amount['spoon'] ?? null];
        if ($unit === null || $unit === 'pinch') {
            return $unit === null ? '' : $this->text('spoon', 'pinch');
        }
        $quarter = ['', '¼', '½', '¾'][(int) round(4.0 * ($count - floor($count)))] ?? '';

        return ($count >= 1.0 || $quarter === '' ? (string) (int) floor($count) : '').$quarter.' '.$this->text('spoon', $unit);
    }

    /** A day by the clock of its own zone. */
    public function day(DateTimeInterface $day): string
    {
        return (string) (new IntlDateFormatter(
            $this->locale,
            IntlDateFormatter::MEDIUM,
            IntlDateFormatter::NONE,
            $day->getTimezone(),
        ))->format($day);
    }

    /** What stands under a key that need not have words; else the key itself. */
    public function textOr(string $section, string $key): string
    {
        return $this->sentences[$section][$key] ?? $key;
    }

    public function has(string $section, string $key): bool
    {
        return isset($this->sentences[$section][$key]);
    }
}
