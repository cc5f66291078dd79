<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** A line that was read: its chips in order, and the wish of each dish they come to. */
final readonly class Line
{
    /** @var array<string, mixed> of the first dish, in the form of Contract\WishReader */
    public array $wish;

    /**
     * @param  list<Chip>  $chips
     * @param  non-empty-list<array<string, mixed>>  $dishes  a wish each
     * @param  list<array<string, mixed>>  $table  who eats, each group once, in the form of a wish's diners
     */
    public function __construct(public array $chips, public array $dishes, public array $table)
    {
        $this->wish = $dishes[0];
    }

    /** @return list<Chip> what has to be settled first */
    public function open(): array
    {
        return array_values(array_filter($this->chips, static fn (Chip $chip): bool => $chip->isOpen()));
    }

    /**
     * @return array{chips: list<array<string, mixed>>, wish: array<string, mixed>, dishes: list<array<string, mixed>>,
     *     table: list<array<string, mixed>>}
     */
    public function toArray(): array
    {
        return [
            'chips' => array_map(static fn (Chip $chip): array => $chip->toArray(), $this->chips),
            'wish' => $this->wish,
            'dishes' => $this->dishes,
            'table' => $this->table,
        ];
    }
}
