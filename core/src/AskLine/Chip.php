<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** One thing understood, or not, in a line. */
final readonly class Chip
{
    /**
     * @param  string  $text  as typed
     * @param  string  $value  what it stands for, in the words of the wish; '' where nothing was understood
     * @param  int  $from  first sign in the line, counted from 0
     * @param  int  $to  one past the last
     * @param  list<string>  $suggestions  words that may have been meant
     */
    public function __construct(
        public ChipKind $kind,
        public string $text,
        public string $value,
        public int $from,
        public int $to,
        public array $suggestions = [],
    ) {}

    /** @return array{kind: string, text: string, value: string, from: int, to: int, suggestions: list<string>} */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'text' => $this->text,
            'value' => $this->value,
            'from' => $this->from,
            'to' => $this->to,
            'suggestions' => $this->suggestions,
        ];
    }
}
