<?php

declare(strict_types=1);

namespace Nessmark\Errors;

/** One thing wrong with an input: which key, what was given, what is allowed. */
final readonly class Violation
{
    private const LONGEST_SHOWN = 80;

    /**
     * @param  string  $key  dotted path of the key, such as "stages.0.duration_s"
     * @param  string  $reason  missing, wrong_type, out_of_range, unknown_key, not_allowed, not_supported, unreachable or conflict
     * @param  mixed  $value  what was given; null when nothing was
     * @param  string  $allowed  what would be accepted, in words
     */
    public function __construct(
        public string $key,
        public string $reason,
        public mixed $value,
        public string $allowed,
    ) {}

    public function message(): string
    {
        if ($this->reason === 'missing') {
            return "{$this->key} is missing; allowed: {$this->allowed}.";
        }
        $given = json_encode($this->shown(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR);

        return match ($this->reason) {
            'unknown_key' => "{$this->key} is not a key this reads; allowed: {$this->allowed}.",
            default => "{$this->key} cannot be {$given}; allowed: {$this->allowed}.",
        };
    }

    /** What was given, no longer than it has to be to be known again. */
    private function shown(): mixed
    {
        return match (true) {
            is_array($this->value) => array_is_list($this->value) ? '[…]' : '{…}',
            is_string($this->value) => mb_strlen($text = mb_scrub($this->value)) > self::LONGEST_SHOWN ? mb_substr($text, 0, self::LONGEST_SHOWN).'…' : $text,
            default => $this->value,
        };
    }

    /** @return array{key: string, reason: string, value: mixed, allowed: string, message: string} */
    public function toArray(): array
    {
        return [
            'key' => $this->key, 'reason' => $this->reason, 'value' => $this->shown(),
            'allowed' => $this->allowed, 'message' => $this->message(),
        ];
    }
}
