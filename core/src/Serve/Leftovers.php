<?php

declare(strict_types=1);

namespace Nessmark\Serve;

use Nessmark\Meat\Form;
use Nessmark\Say\Phrase;

/** What is left over, and what is good made of it. How long it keeps is the cooling rule's business. Common practice, no source. */
final readonly class Leftovers
{
    private const BROTH_BONES = ['rib', 'vertebra', 'leg', 'shank', 'blade', 'hip', 'whole', 'backbone'];

    private function __construct() {}

    /** @return list<Phrase> none for what is best eaten up */
    public static function of(Served $of): array
    {
        $cut = $of->cut;
        $isLarge = $of->isJoint() || $of->isWholeFish() || $cut->form === Form::Ribs;
        $use = match (true) {
            $cut->form === Form::Organ => null,
            $of->isShellfish() => 'left.shellfish',
            $cut->isFish() => 'left.fish',
            $cut->form === Form::Mince => 'left.mince',
            $of->isByFork => 'left.long',
            $of->isCarvedBird() => 'left.bird',
            $cut->isBird() => 'left.bird_pieces',
            default => 'left.cold',
        };
        $hasBroth = $isLarge && ! $cut->isFish() && in_array($cut->covering->bone, self::BROTH_BONES, true);

        return array_map(
            static fn (string $key): Phrase => new Phrase($key),
            array_values(array_filter([$use, $hasBroth ? 'left.bones' : null])),
        );
    }
}
