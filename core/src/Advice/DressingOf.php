<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Heat\SurfaceTrace;
use Nessmark\Meal\Dish;
use Nessmark\Meal\Plate;
use Nessmark\Seasoning\Dressed;
use Nessmark\Seasoning\Dresser;
use Nessmark\Seasoning\Film;
use Nessmark\Seasoning\FilmStep;
use Nessmark\Seasoning\Subject;
use Nessmark\Ticket\TimeRange;

/** The dish as its seasoning meets it: how hot the computed cook makes what lies on the meat, and how much time there is before. */
final readonly class DressingOf
{
    /** Finer than this a film is not followed, s. */
    private const STEP_S = 5.0;

    private function __construct(private Dresser $dresser, private Record $film) {}

    public static function from(DataFolder $folder): self
    {
        return new self(Dresser::from($folder), $folder->read('seasonings/rules.json')->record('film'));
    }

    /**
     * @param  non-empty-list<array{Plate, Cook, TimeRange}>  $cooked  the first is the one the ticket is written out for
     * @param  float  $juiceG  what the cook lets go
     */
    public function cook(Dish $dish, array $cooked, float $juiceG): ?Dressed
    {
        [$plate, $cook, $open] = $cooked[0];
        $avoid = $grams = [];
        foreach ($cooked as $i => [$each]) {
            $avoid[Pieces::MARKS[$i]] = $each->share->avoid;
            $grams[Pieces::MARKS[$i]] = $each->piece->raw()->toGrams();
        }
        $onHeatAt = Timeline::onHeatAt($plate, $cook, $open);
        $now = $plate->occasion->now;
        $piece = $dish->piece;

        return $this->dresser->dress(
            new Subject(
                $piece->cut,
                $piece->size->thickness,
                $piece->thinEnd,
                $piece->raw()->toGrams(),
                $piece->count,
                $dish->eaters()->heads(),
                $plate->way->method,
                $this->film($cook),
                $onHeatAt === null || $now === null ? null : max(0.0, (float) ($onHeatAt->getTimestamp() - $now->getTimestamp())),
                $juiceG,
                $dish->eaters()->isAnyoneAtRisk(),
                $dish->dressing->saltedS,
            ),
            $dish->dressing->shelf,
            $dish->dressing->asked,
            $avoid,
            $grams,
            $dish->schools,
            $plate->occasion->house->standard->profile,
            $cook->totalS(),
        );
    }

    /** Only what browns has a film that can burn; in water, steam, a pot or a bag it stays wet. */
    private function film(Cook $cook): Film
    {
        $shares = $this->film->record('share');
        $steps = [];
        foreach ($cook->ends as $end) {
            $stage = $end->stage;
            if (! $shares->has($stage->name)) {
                continue;
            }
            $share = $shares->number($stage->name);
            $fireC = $cook->plan->surfaceC[$stage->name] ?? $cook->heatC;
            $weight = $stage->flipEveryS === null ? 1.0 : 0.5;
            $fromS = $end->startedAtS;
            foreach ($cook->saw(SurfaceTrace::class)->points as [$timeS, $a, , $b]) {
                if (
                    $timeS <= $end->startedAtS ||
                    $timeS > $end->end->timeS ||
                    ($timeS - $fromS < self::STEP_S && $timeS < $end->end->timeS)
                ) {
                    continue;
                }
                $faceC = max($a, $b);
                $steps[] = new FilmStep($stage->name, $fromS, $timeS, $faceC + $share * max(0.0, $fireC - $faceC), $faceC, $weight);
                $fromS = $timeS;
            }
        }

        return new Film($steps, $this->film->number('doubles_per_k'));
    }
}
