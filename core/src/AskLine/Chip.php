<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Say\Phrase;

/** One thing understood, or not, in a line. */
final readonly class Chip
{
    /**
     * @param  string  $text  as typed
     * @param  string  $value  what it stands for, in the words of the wish; '' where nothing was understood
     * @param  int  $from  first sign in the line, counted from 0
     * @param  int  $to  one past the last
     * @param  list<string>  $suggestions  words that may have been meant
     * @param  Phrase|null  $asks  what is to be settled before it counts
     */
    public function __construct(
        public ChipKind $kind,
        public string $text,
        public string $value,
        public int $from,
        public int $to,
        public bool $isAfterComma = false,
        public array $suggestions = [],
        public ?Phrase $asks = null,
    ) {}

    public function as(ChipKind $kind, ?string $value = null): self
    {
        return new self(
            $kind, $this->text, $value ?? $this->value, $this->from, $this->to, $this->isAfterComma, $this->suggestions, $this->asks,
        );
    }

    /** @param  list<string>  $suggestions */
    public function asking(Phrase $asks, array $suggestions = []): self
    {
        return new self(ChipKind::Unknown, $this->text, '', $this->from, $this->to, $this->isAfterComma, $suggestions, $asks);
    }

    /** The same, in a breath of its own. */
    public function inOwnBreath(): self
    {
        return new self($this->kind, $this->text, $this->value, $this->from, $this->to, true, $this->suggestions, $this->asks);
    }

    /** The same, in the breath of what stands before it. */
    public function inBreathBefore(): self
    {
        return new self($this->kind, $this->text, $this->value, $this->from, $this->to, false, $this->suggestions, $this->asks);
    }

    /** Whether it counts children, by their sort. */
    public function countsChildren(): bool
    {
        return $this->kind === ChipKind::Lead && self::isSortOfChild(explode(' ', $this->value)[1] ?? '');
    }

    public static function isSortOfChild(string $sort): bool
    {
        return in_array($sort, ['child', 'young', 'infant'], true);
    }

    public function isOpen(): bool
    {
        return $this->kind === ChipKind::Unknown || $this->asks !== null || $this->suggestions !== [];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'text' => $this->text,
            'value' => $this->value,
            'from' => $this->from,
            'to' => $this->to,
            'suggestions' => $this->suggestions,
            'asks' => $this->asks?->toArray(),
        ];
    }
}
