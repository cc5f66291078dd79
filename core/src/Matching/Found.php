<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Method\Method;
use Nessmark\Say\Phrase;

/** A match: an option with its score laid open. */
final readonly class Found
{
    private const REASONS = 2;

    /**
     * @param  list<Contribution>  $contributions  adding up to the score
     * @param  list<Method>  $otherMethods  other ways this wish could have the same cut
     */
    public function __construct(public Option $option, public float $score, public array $contributions, public array $otherMethods) {}

    /** @return list<Phrase> the strongest first */
    public function reasons(): array
    {
        $said = array_filter($this->contributions, static fn (Contribution $c): bool => $c->says !== null && $c->lift() >= 0.0);
        usort($said, static fn (Contribution $a, Contribution $b): int => $b->lift() <=> $a->lift());

        return array_values(
            array_filter(array_map(static fn (Contribution $c): ?Phrase => $c->says, array_slice($said, 0, self::REASONS))),
        );
    }

    /** The weightiest thing against it, if any. */
    public function doubt(): ?Phrase
    {
        $against = array_filter($this->contributions, static fn (Contribution $c): bool => $c->says !== null && $c->lift() < 0.0);
        usort($against, static fn (Contribution $a, Contribution $b): int => $a->lift() <=> $b->lift());

        return $against[0]->says ?? ($this->option->fit->doubts[0] ?? null);
    }
}
