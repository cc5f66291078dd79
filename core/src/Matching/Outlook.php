<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Meal\Share;
use Nessmark\Method\Method;
use Nessmark\Safety\Judge;
use Nessmark\Safety\Level;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Serving;
use Nessmark\Stock\Lot;
use Nessmark\Texture\LongCook;

/** What safety is going to say of a piece, before it is cooked: for ranking. The ticket's own verdict comes last and decides. */
final readonly class Outlook
{
    /** A target is below a minimum when it is by more than a table's rounding, K. */
    private const ROUNDING_K = 0.05;

    private Judge $judge;

    public function __construct(private SafetyRules $rules, private LongCook $texture)
    {
        $this->judge = new Judge($rules);
    }

    public function level(Wish $wish, Lot $lot, Method $method, Share $share): Level
    {
        $cut = $lot->cut;
        $serving = new Serving(
            $cut,
            $share->eaters->isAnyoneAtRisk(),
            $wish->house->standard,
            $lot->rearing,
            $lot->isParasiteFrozen,
            $method->isInBath(),
            $share->eaters->isAnyChild(),
        );
        $rule = $this->rules->of($serving->standard, $cut);
        $targetC = $share->doneness->targetC;
        $isThrough = $this->texture->mark($cut, $method, $share->doneness) !== null;
        $mustMeet = $this->judge->mustMeetMinimum($serving);
        $isHeld = $mustMeet && $method->canHold() && $rule->shortestHoldAt($targetC) !== null;
        $isBelow = ! $isThrough && $targetC < $rule->officialC - self::ROUNDING_K && ! $isHeld;

        return $this->judge->foreseen($serving)->orStricter($isBelow ? ($mustMeet ? Level::Stop : Level::Caution) : Level::Clear);
    }
}
