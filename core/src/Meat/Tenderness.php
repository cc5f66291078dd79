<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/**
 * How easily a muscle is bitten through when cooked fast and pink: the classes of Calkins and Sullivan (2007), Ranking of
 * beef muscles for tenderness, with the steps between them.
 */
enum Tenderness: string
{
    case Tender = 'tender';
    case TenderToIntermediate = 'tender_to_intermediate';
    case Intermediate = 'intermediate';
    case IntermediateToTough = 'intermediate_to_tough';
    case Tough = 'tough';

    /** 1 tender … 3 tough, in halves: the order of the classes, not a measurement. */
    public function score(): float
    {
        return match ($this) {
            self::Tender => 1.0,
            self::TenderToIntermediate => 1.5,
            self::Intermediate => 2.0,
            self::IntermediateToTough => 2.5,
            self::Tough => 3.0,
        };
    }

    /** The class nearest to a mean of scores; half-way counts as the tougher. */
    public static function nearest(float $score): self
    {
        $steps = (int) round(2.0 * ($score - 1.0));

        return self::cases()[max(0, min(4, $steps))];
    }
}
