<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\AskLine\LineReader;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;

/**
 * Reads one JSON object strictly. Everything wrong is collected with its key, then refused at once; a reader returns a
 * harmless stand-in meanwhile, which is never used because refuseIfWrong() comes before any work.
 */
final class Fields
{
    /** @var list<string> */
    private array $known = [];

    /** Signs of one text of a list. Ours. */
    private const LONGEST_ITEM = 200;

    /**
     * @param  array<array-key, mixed>  $data
     * @param  list<Violation>  $violations  shared with the fields inside
     */
    private function __construct(private readonly array $data, private readonly string $path, private array &$violations) {}

    /** @throws InputRefused if the input is not a JSON object */
    public static function of(mixed $data): self
    {
        if (! is_array($data) || ($data !== [] && array_is_list($data))) {
            throw InputRefused::one('(input)', 'wrong_type', is_array($data) ? '[…]' : $data, 'json_object');
        }
        $violations = [];

        return new self($data, '', $violations);
    }

    public function has(string $key): bool
    {
        $this->known[] = $key;

        return array_key_exists($key, $this->data) && $this->data[$key] !== null;
    }

    /** As it came, unread. */
    public function peek(string $key): mixed
    {
        $this->known[] = $key;

        return $this->data[$key] ?? null;
    }

    /**
     * A number that must be there, from $min to $max inclusive.
     *
     * @param  string  $allowed  how its range is said, see Violation::of; '' by the unit its key ends in
     * @param  array<string, float|int|string>  $args
     */
    public function number(string $key, float $min, float $max, string $allowed = '', array $args = []): float
    {
        [$allowed, $args] = self::range($key, $min, $max, $allowed, $args);
        if (! $this->has($key)) {
            $this->refuse($key, 'missing', null, $allowed, $args);

            return $min;
        }
        $value = $this->data[$key];
        if (! is_int($value) && ! is_float($value)) {
            $this->refuse($key, 'wrong_type', $value, $allowed, $args);

            return $min;
        }
        if (! is_finite((float) $value) || $value < $min || $value > $max) {
            $this->refuse($key, 'out_of_range', is_finite((float) $value) ? $value : (string) $value, $allowed, $args);

            return $min;
        }

        return (float) $value;
    }

    /** @param  array<string, float|int|string>  $args */
    public function numberOr(string $key, float $default, float $min, float $max, string $allowed = '', array $args = []): float
    {
        return $this->has($key) ? $this->number($key, $min, $max, $allowed, $args) : $default;
    }

    /** @param  array<string, float|int|string>  $args */
    public function optionalNumber(string $key, float $min, float $max, string $allowed = '', array $args = []): ?float
    {
        return $this->has($key) ? $this->number($key, $min, $max, $allowed, $args) : null;
    }

    public function wholeNumber(string $key, int $min, int $max): int
    {
        if ($this->has($key) && is_float($this->data[$key]) && floor($this->data[$key]) !== $this->data[$key]) {
            $this->refuse($key, 'wrong_type', $this->data[$key], 'whole_number', ['min' => $min, 'max' => $max]);

            return $min;
        }

        return (int) $this->number($key, $min, $max, 'whole_number');
    }

    public function flagOr(string $key, bool $default): bool
    {
        if (! $this->has($key)) {
            return $default;
        }
        $value = $this->data[$key];
        if (! is_bool($value)) {
            $this->refuse($key, 'wrong_type', $value, 'flag');

            return $default;
        }

        return $value;
    }

    /**
     * @param  string  $allowed  see Violation::of
     * @param  array<string, float|int|string>  $args
     */
    public function text(string $key, string $allowed, int $longest = 80, array $args = []): string
    {
        if (! $this->has($key)) {
            $this->refuse($key, 'missing', null, $allowed, $args);

            return '';
        }
        $value = $this->data[$key];
        if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8') || trim($value) === '' || mb_strlen($value) > $longest) {
            $this->refuse($key, 'wrong_type', $value, $allowed, $args);

            return '';
        }

        return $value;
    }

    /** A text that may be empty. */
    public function line(string $key, int $longest = LineReader::LONGEST): string
    {
        $value = $this->has($key) ? $this->data[$key] : '';
        if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8') || mb_strlen($value) > $longest) {
            $this->refuse($key, 'wrong_type', $value, 'text_up_to', ['signs' => $longest]);

            return '';
        }

        return $value;
    }

    /**
     * An object inside that is read elsewhere, as it is.
     *
     * @return array<string, mixed>
     */
    public function raw(string $key): array
    {
        $value = $this->has($key) ? $this->data[$key] : [];
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->refuse($key, 'wrong_type', $value, 'object');

            return [];
        }

        /** @var array<string, mixed> $value */
        return $value;
    }

    /** A date and time with its offset; null where there is none. */
    public function moment(string $key): ?DateTimeImmutable
    {
        if (! $this->has($key)) {
            return null;
        }
        $text = $this->text($key, 'moment');
        $normal = preg_replace('/\.\d+/', '', str_replace('Z', '+00:00', $text)) ?? '';
        $normal = preg_match('/T\d\d:\d\d[+-]/', $normal) === 1 ? preg_replace('/(T\d\d:\d\d)/', '$1:00', $normal) ?? '' : $normal;
        $time = DateTimeImmutable::createFromFormat('!Y-m-d\TH:i:sP', $normal);
        $problems = DateTimeImmutable::getLastErrors();
        if ($time === false || ($problems !== false && $problems['warning_count'] > 0)) {
            if ($text !== '') {
                $this->refuse($key, 'wrong_type', $text, 'moment');
            }

            return null;
        }

        return $time;
    }

    /** @param  non-empty-list<string>  $choices */
    public function choice(string $key, array $choices): string
    {
        if (! $this->has($key)) {
            $this->refuse($key, 'missing', null, 'one_of', ['choices' => implode(', ', $choices)]);

            return $choices[0];
        }
        $value = $this->data[$key];
        if (! is_string($value) || ! in_array($value, $choices, true)) {
            $this->refuse($key, 'not_allowed', $value, 'one_of', ['choices' => implode(', ', $choices)]);

            return $choices[0];
        }

        return $value;
    }

    /** @param  non-empty-list<string>  $choices */
    public function choiceOr(string $key, string $default, array $choices): string
    {
        return $this->has($key) ? $this->choice($key, $choices) : $default;
    }

    /** @param  list<string>  $choices  where there is none, none can be given */
    public function optionalChoice(string $key, array $choices): ?string
    {
        return $this->has($key) ? $this->choice($key, $choices === [] ? [''] : $choices) : null;
    }

    /**
     * @param  non-empty-list<string>  $choices
     * @return list<string> each of them one of the choices, once
     */
    public function choices(string $key, array $choices): array
    {
        $chosen = [];
        foreach ($this->texts($key, count($choices)) as $i => $text) {
            if (in_array($text, $choices, true)) {
                $chosen[$text] = $text;
            } else {
                $this->refuse("{$key}.{$i}", 'not_allowed', $text, 'one_of', ['choices' => implode(', ', $choices)]);
            }
        }

        return array_values($chosen);
    }

    /** An object inside; when it is missing or something else, that is noted and an empty one is read. */
    public function object(string $key): self
    {
        $value = $this->has($key) ? $this->data[$key] : null;
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->refuse($key, $value === null ? 'missing' : 'wrong_type', $value, 'object');
            $apart = [];

            return new self([], $this->at($key), $apart);
        }

        return new self($value, $this->at($key), $this->violations);
    }

    /**
     * @return list<self> one for each object of a list
     */
    public function objects(string $key, int $fewest, int $most): array
    {
        $objects = [];
        foreach ($this->items($key, $fewest, $most) as $i => $item) {
            if (is_array($item) && ($item === [] || ! array_is_list($item))) {
                $objects[] = new self($item, $this->at("{$key}.{$i}"), $this->violations);
            } else {
                $this->refuse("{$key}.{$i}", 'wrong_type', $item, 'object');
            }
        }

        return $objects;
    }

    /** @return list<float> */
    public function risingNumbers(string $key, int $most, float $min, float $max): array
    {
        return $this->numbers($key, $most, $min, $max, true);
    }

    /** @return list<float> in the order given */
    public function numbers(string $key, int $most, float $min, float $max, bool $mustRise = false): array
    {
        [$allowed, $args] = self::range($key, $min, $max, '', []);
        $numbers = [];
        foreach ($this->items($key, 0, $most) as $i => $item) {
            if ((! is_int($item) && ! is_float($item)) || ! is_finite((float) $item) || $item < $min || $item > $max) {
                $this->refuse("{$key}.{$i}", is_numeric($item) ? 'out_of_range' : 'wrong_type', $item, $allowed, $args);
            } elseif ($mustRise && $numbers !== [] && $item <= end($numbers)) {
                $this->refuse("{$key}.{$i}", 'out_of_range', $item, 'rising');
            } else {
                $numbers[] = (float) $item;
            }
        }

        return $numbers;
    }

    /** @return list<string> */
    public function texts(string $key, int $most): array
    {
        $texts = [];
        foreach ($this->items($key, 0, $most) as $i => $item) {
            if (! is_string($item)) {
                $this->refuse("{$key}.{$i}", 'wrong_type', $item, 'text');
            } elseif (mb_strlen($item) > self::LONGEST_ITEM) {
                $this->refuse("{$key}.{$i}", 'out_of_range', null, 'text_up_to', ['signs' => self::LONGEST_ITEM]);
            } else {
                $texts[] = $item;
            }
        }

        return $texts;
    }

    /**
     * What is found wrong; after the first so many nobody reads on.
     *
     * @param  string  $allowed  see Violation::of
     * @param  array<string, float|int|string>  $args
     */
    public function refuse(string $key, string $reason, mixed $value, string $allowed, array $args = []): void
    {
        if (count($this->violations) < InputRefused::MOST_SAID) {
            $this->violations[] = Violation::of($this->at($key), $reason, $value, $allowed, $args);
        }
    }

    public function add(Violation $violation): void
    {
        if (count($this->violations) < InputRefused::MOST_SAID) {
            $this->violations[] = $violation->under($this->path);
        }
    }

    /** Refuses every key that nothing has asked for. Call it when all known keys have been read. */
    public function noOthers(): void
    {
        $known = implode(', ', array_values(array_unique($this->known)));
        foreach ($this->data as $key => $value) {
            if (! in_array((string) $key, $this->known, true)) {
                $this->refuse((string) $key, 'unknown_key', null, $known === '' ? 'nothing' : 'keys', ['keys' => $known]);
            }
        }
    }

    public function isWrong(): bool
    {
        return $this->violations !== [];
    }

    /** @throws InputRefused with everything found wrong, here and in the objects inside */
    public function refuseIfWrong(): void
    {
        if ($this->violations !== []) {
            throw InputRefused::because($this->violations);
        }
    }

    /** @return list<mixed> */
    public function items(string $key, int $fewest, int $most): array
    {
        $value = $this->has($key) ? $this->data[$key] : null;
        if ($value === null && $fewest === 0) {
            return [];
        }
        if (! is_array($value) || ! array_is_list($value)) {
            $this->refuse($key, $value === null ? 'missing' : 'wrong_type', $value, 'list', ['min' => $fewest, 'max' => $most]);

            return [];
        }
        if (count($value) < $fewest || count($value) > $most) {
            $this->refuse($key, 'out_of_range', count($value), 'list', ['min' => $fewest, 'max' => $most]);

            return [];
        }

        return $value;
    }

    private function at(string $key): string
    {
        return $this->path === '' ? $key : "{$this->path}.{$key}";
    }

    /**
     * How a range is said: in the unit its key ends in.
     *
     * @param  array<string, float|int|string>  $args
     * @return array{string, array<string, float|int|string>}
     */
    private static function range(string $key, float $min, float $max, string $allowed, array $args): array
    {
        preg_match('/_(mm|c|g|s)$/', $key, $found);
        $unit = $found[1] ?? '';
        $as = $unit === '' ? '' : "_{$unit}";

        return [$allowed === '' ? "range{$as}" : $allowed, ["min{$as}" => $min, "max{$as}" => $max, ...$args]];
    }
}
