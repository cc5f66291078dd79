<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Meat\FoodClass;

/** How a house is stricter than its published profile. There is no way to be less strict. */
final readonly class Tightening
{
    /** The house's own minimum is no printed point; its source is the house. */
    private const SOURCE = 'house-rules';

    /**
     * @param  bool  $stopsBelow  whether a plan below the minimum is a stop for everyone, not a caution
     * @param  array<string, float>  $minimumC  a higher core for a class of food, °C
     */
    public function __construct(public bool $stopsBelow = false, public array $minimumC = []) {}

    public function applied(SafetyRule $rule, FoodClass $class): SafetyRule
    {
        $ownC = $this->minimumC[$class->value] ?? 0.0;
        $below = $this->stopsBelow ? Level::Stop : $rule->below;

        return $ownC <= $rule->officialC
            ? new SafetyRule($rule->officialC, $rule->officialRestS, $rule->tables, $below)
            : new SafetyRule(
                $ownC,
                $rule->officialRestS,
                [...$rule->tables, [new HoldPoint($ownC, $rule->officialRestS, self::SOURCE)]],
                $below,
            );
    }
}
