<?php

declare(strict_types=1);

namespace Nessmark\Say;

/** Something to be said: a key into the wording, and its figures with the unit in each name. The wording has the sentence. */
final readonly class Phrase
{
    /** @param  array<string, float|int|string>  $args */
    public function __construct(public string $key, public array $args = []) {}

    /** @return array{key: string, args: object} */
    public function toArray(): array
    {
        return ['key' => $this->key, 'args' => (object) array_map(
            static fn (float|int|string $value): float|int|string => is_float($value) ? round($value, 2) : $value,
            $this->args,
        )];
    }
}
