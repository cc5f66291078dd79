<?php

declare(strict_types=1);

namespace Nessmark\Errors;

use Nessmark\Say\Phrase;

/** One thing wrong with an input: which key, what was given, what is allowed. */
final readonly class Violation
{
    private const LONGEST_SHOWN = 80;

    /**
     * @param  string  $key  dotted path of the key, such as "stages.0.duration_s"
     * @param  string  $reason  missing, wrong_type, out_of_range, unknown_key, not_allowed, not_supported, unreachable or conflict
     * @param  mixed  $value  what was given; null when nothing was
     * @param  Phrase  $allowed  what would be accepted
     */
    public function __construct(public string $key, public string $reason, public mixed $value, public Phrase $allowed) {}

    /**
     * @param  string  $allowed  what would be accepted: a key of the wording, of those that begin with "allowed."
     * @param  array<string, float|int|string>  $args
     */
    public static function of(string $key, string $reason, mixed $value, string $allowed, array $args = []): self
    {
        return new self($key, $reason, $value, new Phrase("allowed.{$allowed}", $args));
    }

    public function under(string $path): self
    {
        return new self($path === '' ? $this->key : "{$path}.{$this->key}", $this->reason, $this->value, $this->allowed);
    }

    /** What was given, no longer than it has to be to be known again. */
    public function shown(): mixed
    {
        return match (true) {
            is_array($this->value) => array_is_list($this->value) ? '[…]' : '{…}',
            is_string($this->value) => mb_strlen($text = mb_scrub($this->value)) > self::LONGEST_SHOWN
                ? mb_substr($text, 0, self::LONGEST_SHOWN).'…'
                : $text,
            default => $this->value,
        };
    }
}
