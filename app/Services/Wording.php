<?php

declare(strict_types=1);

namespace App\Services;

use DateTimeInterface;
use IntlDateFormatter;
use LogicException;
use MessageFormatter;
use NumberFormatter;

/** Puts the core's phrases into words in the customer's units. The interface reads the same file of sentences. */
final readonly class Wording
{
    /** Arguments that are keys of words themselves, in a section of their name. */
    private const KEYED = ['word', 'method', 'appliance', 'rearing', 'stage'];

    /** @param  array<string, array<string, string>>  $sentences  ICU messages by section, then key */
    private function __construct(private array $sentences, public string $locale) {}

    public static function fromFile(string $path): self
    {
        $sentences = json_decode((string) file_get_contents($path), true);
        if (! is_array($sentences)) {
            throw new LogicException("The wording file {$path} is not a JSON object.");
        }

        /** @var array<string, array<string, string>> $sentences */
        return new self($sentences, basename($path, '.json'));
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
            if (str_ends_with($name, '_c') && is_numeric($value) && str_contains($said, $units->show($name, (float) $value))) {
                $shown[] = $other->show($name, (float) $value);
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
                is_string($value), $value === null => $value ?? '',
                default => $units->show($name, (float) $value),
            };
        }

        return (string) (MessageFormatter::formatMessage($this->locale, $sentence, $shown) ?:
        throw new LogicException("Wording that is no message: {$section}: {$key}."));
    }

    public function money(float $amount, string $currency): string
    {
        return (string) (new NumberFormatter($this->locale, NumberFormatter::CURRENCY))->formatCurrency($amount, $currency);
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
