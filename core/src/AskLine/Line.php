<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** A line that was read: its chips in order, and the wish they come to. */
final readonly class Line
{
    /**
     * @param  list<Chip>  $chips
     * @param  array<string, mixed>  $wish  in the form of Contract\WishReader
     */
    public function __construct(public array $chips, public array $wish) {}

    /** @return array{chips: list<array<string, mixed>>, wish: array<string, mixed>} */
    public function toArray(): array
    {
        return ['chips' => array_map(static fn (Chip $chip): array => $chip->toArray(), $this->chips), 'wish' => $this->wish];
    }
}
