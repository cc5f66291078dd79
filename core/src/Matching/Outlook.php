<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Method\Method;
use Nessmark\Safety\Level;
use Nessmark\Safety\SafetyRules;
use Nessmark\Texture\LongCook;

/** What safety is going to say of a piece, before it is cooked: for ranking. The ticket's own verdict comes last and decides. */
final readonly class Outlook
{
    /** A target is below a minimum when it is by more than a table's rounding, K. */
    private const ROUNDING_K = 0.05;

    public function __construct(private SafetyRules $rules, private LongCook $texture) {}

    public function level(Wish $wish, Cut $cut, bool $isParasiteFrozen, Method $method, Share $share): Level
    {
        $rule = $this->rules->rule($wish->profile, $cut->foodClass, $wish->house->tightening);
        $targetC = $share->word->targetC;
        $isThrough = $this->texture->mark($cut, $method, $share->word->word) !== null;
        $mustMeet = $share->isAtRisk() || $rule->below === Level::Stop;
        $isHeld = $mustMeet && $method->canHold() && $rule->shortestHoldAt($targetC) !== null;
        $isBelow = ! $isThrough && $targetC < $rule->officialC - self::ROUNDING_K && ! $isHeld;
        $isRaw = $cut->foodClass === FoodClass::Fish && ! $isParasiteFrozen && $targetC < $this->rules->limits->of('parasite_core_c');

        return match (true) {
            $isBelow && $mustMeet => Level::Stop,
            $isBelow, $isRaw => Level::Caution,
            default => Level::Clear,
        };
    }
}
