<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Kitchen;
use Nessmark\Appliance\Load;
use Nessmark\Appliance\Metal;
use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** Makes use of the fire that was named, with everything on it at once. */
final class Fire implements Criterion
{
    /** @var array<string, Metal|null> by sort of appliance */
    private array $metals = [];

    public function __construct(private readonly Kitchen $kitchen) {}

    public function id(): string
    {
        return 'fire';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $own = $option->method->appliances();
        $said = $wish->means->appliances ?? $own;
        $used = count(array_filter($said, static fn (ApplianceKind $kind): bool => in_array($kind, $own, true))) / max(1, count($said));

        return 0.5 * $used + 0.5 / $this->batches($option, $wish);
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        $batches = $this->batches($option, $wish);

        return $batches > 1 ? new Phrase('match.batches', ['batches' => $batches]) : null;
    }

    private function batches(Option $option, Wish $wish): int
    {
        $kind = $option->method->appliances()[0];
        $sort = $kind->value.' '.($wish->means->fires->types[$kind->value] ?? '');
        if (! array_key_exists($sort, $this->metals)) {
            $this->metals[$sort] = $this->kitchen->appliance($kind, $wish->means->fires)->metal;
        }
        $metal = $this->metals[$sort];

        return $metal === null || $option->sale->count === null || $option->lot->cut->build->isRound()
            ? 1
            : (int) ceil($option->sale->count / $metal->holds(new Load($option->sale->size->faceM2(), 1)));
    }
}
