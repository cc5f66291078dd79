<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Meal\Eater;
use Nessmark\Meal\Share;
use Nessmark\Meat\Cut;
use Nessmark\Method\Method;
use Nessmark\Safety\Level;
use Nessmark\Safety\SafetyRules;
use Nessmark\School\Schools;
use Nessmark\Seasoning\Avoidance;

/** Parts the people at the table into those who can eat of the same piece. */
final readonly class Shares
{
    public function __construct(
        private DonenessTable $doneness,
        private SafetyRules $rules,
        private Avoidance $avoidance,
        private Schools $schools,
    ) {}

    /** @return non-empty-list<Share>|null the largest first; null where someone wants it in a way this cut cannot be had */
    public function of(Wish $wish, Cut $cut): ?array
    {
        $rows = [];
        foreach ($wish->eaters->groups as $eater) {
            $word = $this->word($wish, $eater, $cut);
            if ($word === null) {
                return null;
            }
            $rows[] = [$eater, $word, $this->avoidance->beside($eater->avoid), null];
        }

        return Share::alike($rows);
    }

    /** Whether a kind of meat that someone does not eat is this one. */
    public function isAvoided(Wish $wish, Cut $cut): ?string
    {
        return $this->avoidance->isMeat(
            array_merge(...array_map(static fn (Eater $eater): array => $eater->avoid, $wish->eaters->groups)),
            $cut,
        );
    }

    /**
     * Who must not take chances, and everyone where less is a stop, gets the official minimum, unless the usual way is beyond it, or
     * they said otherwise: then it is judged.
     */
    private function word(Wish $wish, Eater $eater, Cut $cut): ?DonenessWord
    {
        $rule = $this->rules->of($wish->house->standard, $cut);
        $minimum = new DonenessWord(DonenessWord::OFFICIAL_MINIMUM, $rule->officialC, $rule->officialC, $rule->officialC);
        if ($eater->doneness === DonenessWord::OFFICIAL_MINIMUM) {
            return $minimum;
        }
        if ($eater->doneness !== null) {
            return $this->doneness->understood($cut->donenessFamily, $wish->scale, $eater->doneness);
        }
        $usual = $this->doneness->understood(
            $cut->donenessFamily,
            $wish->scale,
            $eater->atRisk ? $cut->defaultDoneness : $this->asHouse($wish, $cut),
        );
        $usual ??= $this->doneness->words($cut->donenessFamily, $wish->scale)[0] ?? null;

        return $usual === null || (($eater->atRisk || $rule->below === Level::Stop) && $usual->targetC < $rule->officialC)
            ? $minimum
            : $usual;
    }

    /**
     * As the house eats it where nobody says: pink duck, marbled beef done further. A house's choice that hangs on the way of cooking
     * says nothing here.
     */
    private function asHouse(Wish $wish, Cut $cut): string
    {
        $asked = $this->schools->asked($cut, Method::Pan, $wish->house->schools);
        $byFamily = is_array($asked['doneness_by_family'] ?? null) ? $asked['doneness_by_family'][$cut->donenessFamily] ?? null : null;
        $word = $asked['doneness'] ?? $byFamily;

        return is_string($word) ? $word : $cut->defaultDoneness;
    }
}
