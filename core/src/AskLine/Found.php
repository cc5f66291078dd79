<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Say\Phrase;

/** What a few words were read as. */
final readonly class Found
{
    /**
     * @param  int  $length  in words
     * @param  list<string>  $suggestions
     */
    public function __construct(
        public ChipKind $kind,
        public string $value,
        public int $length,
        public array $suggestions = [],
        public ?Phrase $asks = null,
    ) {}
}
