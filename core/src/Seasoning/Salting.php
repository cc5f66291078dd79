<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Meat\Surface;

/** Salt on the surface and on its way in: what it does to the surface as time goes, and what of a seasoning's salt ends up in the meat. */
final readonly class Salting
{
    private function __construct(private Record $rules) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('seasonings/rules.json'));
    }

    /** How wet a salted surface goes on the fire, so long after it was salted: the engine's own three states. */
    public function surface(float $aheadS): Surface
    {
        $surface = Surface::Patted;
        foreach ($this->rules->record('salted_surface')->records('from_min') as $step) {
            if ($aheadS >= 60.0 * $step->number('min')) {
                $surface = Surface::from($step->text('surface'));
            }
        }

        return $surface;
    }

    /** @return array{float, float} s ahead between which the surface is wet: salt before or after, never in between */
    public function wetWindowS(): array
    {
        $from = $to = 0.0;
        foreach ($this->rules->record('salted_surface')->records('from_min') as $step) {
            $isWet = Surface::from($step->text('surface')) === Surface::Wet;
            [$from, $to] = $isWet
                ? [60.0 * $step->number('min'), $to]
                : [$from, $from > 0.0 && $to === 0.0 ? 60.0 * $step->number('min') : $to];
        }

        return [$from, $to];
    }

    /** Salt ahead: at least so long, best so long, and no longer. By its thickness for fish, which takes salt fast. */
    public function ahead(Subject $subject): SaltTimes
    {
        $of = $this->rules->record('salted_surface');
        if (! $subject->isFish()) {
            return new SaltTimes($of->number('least_ahead_s'), $of->number('best_ahead_s'), $of->number('most_ahead_s'));
        }
        $bestS = max($of->number('fish_least_s'), min($of->number('fish_most_s'), $of->number('fish_s_per_mm2') * $subject->mm() ** 2));

        return new SaltTimes($of->number('fish_least_s'), $bestS, $of->number('fish_most_s'));
    }

    /** Overnight, uncovered, s. */
    public function bestAheadS(): float
    {
        return $this->rules->record('salted_surface')->number('best_ahead_s');
    }

    public function diffusion(Subject $subject, string $end = 'likely'): Diffusion
    {
        $kind = $subject->isFish() || $subject->isShellfish() ? 'fish' : 'meat';

        return new Diffusion($this->rules->record('diffusion_m2_s')->record($kind)->number($end));
    }

    /** @return array{wanted: float, high: float} salt on the meat, % */
    public function level(Subject $subject): array
    {
        $level = $this->rules->record('salt')->record('levels_pct')->record($subject->saltClass());

        return ['wanted' => $level->number('wanted'), 'high' => $level->number('high')];
    }

    /** @return list<SaltLine> salt the meat grew with, and what was needled into it */
    public function ownLines(Subject $subject): array
    {
        $salt = $this->rules->record('salt');
        $mg = $salt->record('own_sodium_mg_per_100g')->number(
            match (true) {
                $subject->isShellfish() => 'shellfish',
                $subject->isFish() => 'fish',
                default => 'meat',
            },
        );
        $lines = [new SaltLine('own', (($subject->meatG() / 100.0) * $mg) / 1000.0 / Seasoning::SODIUM_OF_SALT)];

        return $subject->isTreated()
            ? [...$lines, new SaltLine('treated', ($subject->meatG() * $salt->number('treated_salt_pct')) / 100.0)]
            : $lines;
    }

    /**
     * Salt of it that is eaten, g: all that stays on, or what moved into the meat while it lay in it and the film that clings.
     *
     * @param  float  $soakS  how long it lies in it
     */
    public function eatenG(Seasoning $seasoning, Subject $subject, float $soakS): float
    {
        $kg = $subject->rawG / 1000.0;
        $grams = $seasoning->gPerKg * $kg;
        if ($seasoning->kind->moment() !== Moment::Soaked) {
            return $grams * $seasoning->salt() * $this->rules->record('stays')->record('share')->numberOr($seasoning->kind->value, 1.0);
        }
        $soak = $this->rules->record('soak');
        if ($seasoning->kind === Kind::Dip) {
            return min($grams, $soak->number('dip_clings_g_per_kg') * $kg) * $seasoning->salt();
        }
        if ($seasoning->targetSaltPct !== null && $seasoning->kind === Kind::WetBrine) {
            return ($subject->meatG() * $seasoning->targetSaltPct) / 100.0;
        }
        $filmG = min($grams, $soak->number('clings_g_per_kg') * $kg) * $seasoning->salt();
        $allG = $grams * $seasoning->salt();
        $share = $this->diffusion($subject)->share($subject->shape(), $subject->thickness, $soakS);

        return min($allG, $filmG + (($allG - $filmG) * $share * $subject->rawG) / ($subject->rawG + $grams));
    }

    /** How long a timed brine takes until this share of what is wanted is in, s. */
    public function brineS(Seasoning $seasoning, Subject $subject, float $shareOfWanted = 1.0): float
    {
        $diffusion = $this->diffusion($subject);
        if ($seasoning->kind === Kind::WetBrine) {
            return min(86400.0, $diffusion->secondsTo(0.5 * $shareOfWanted, $subject->shape(), $subject->thickness));
        }
        $grams = ($seasoning->gPerKg * $subject->rawG) / 1000.0;
        $endG = ($grams * $seasoning->salt() * $subject->rawG) / ($subject->rawG + $grams);
        $filmG = (($this->rules->record('soak')->number('clings_g_per_kg') * $subject->rawG) / 1000.0) * $seasoning->salt();
        $wantedG = max(0.0, ($shareOfWanted * $subject->rawG * ($seasoning->targetSaltPct ?? 0.0)) / 100.0 - $filmG);

        return $diffusion->secondsTo(min(0.99, $wantedG / $endG), $subject->shape(), $subject->thickness);
    }
}
