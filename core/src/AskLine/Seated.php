<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** Who sits at the table, and who of them eats each dish. */
final readonly class Seated
{
    /**
     * @param  list<array<string, mixed>>  $table  each group once
     * @param  non-empty-list<array{diners: list<array<string, mixed>>, diets?: list<string>}>  $dishes  in the form of a wish
     */
    public function __construct(public array $table, public array $dishes) {}
}
