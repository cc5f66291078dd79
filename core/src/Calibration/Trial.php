<?php

declare(strict_types=1);

namespace Nessmark\Calibration;

use LogicException;
use Nessmark\Advice\Specimen;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Doneness\Scale;
use Nessmark\Heat\Stage;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Surface;
use Nessmark\Method\Planner;
use Nessmark\Method\PullFinder;
use Nessmark\Method\PullNotFound;
use Nessmark\Method\Setting;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Texture\LongCook;

/** Cooks what is known, coarsely, with one set of figures. */
final readonly class Trial
{
    private const CELLS = 19;

    private const TOLERANCE_K = 0.2;

    private const CLOSE_ENOUGH_K = 0.2;

    private const FRIDGE_C = 5.0;

    private Planner $planner;

    private LongCook $texture;

    private DonenessTable $doneness;

    private float $wetness;

    public function __construct(DataFolder $folder, private Catalogue $catalogue)
    {
        $this->wetness = $folder->read('calibration.json')->record('surface')->number('patted');
        $this->planner = Planner::from($folder);
        $this->texture = LongCook::from($folder);
        $this->doneness = DonenessTable::from($folder);
    }

    /** Minutes on the heat, or K of rise after it; null where this fire never gets there. */
    public function of(Known $known): ?float
    {
        $cut = $this->catalogue->cut($known->cut);
        $word = $this->texture->word($cut, $known->method, $this->word($cut, $known), $this->doneness);
        $size = $cut->size(
            $known->thicknessMm === null ? null : Length::ofMillimetres($known->thicknessMm),
            $known->pieceG === null ? null : Mass::ofGrams($known->pieceG),
        );
        $heatC = $known->heatC ?? $this->planner->usualHeatC($known->method, $cut, $size, $word->targetC);
        $plan = $this->planner->plan($cut, $size, $known->method, new Setting($heatC, $word->targetC));
        $mark = $this->texture->mark($cut, $known->method, $word);
        $aimC = $mark === null ? Specimen::DONE_AT_C : LongCook::FORMS_AT_C;
        $body = Specimen::between(
            $cut, $size, $plan->open->a, $plan->open->b, $plan->endShare, self::FRIDGE_C, $this->wetness, $aimC,
        );
        $piece = Specimen::of(
            $cut, $size, $body, self::FRIDGE_C, Surface::Patted, self::CELLS, self::TOLERANCE_K, $this->wetness,
        );
        try {
            $openS =
                $mark === null
                    ? PullFinder::openSeconds($piece->simulator, $piece->start, $plan, $word->targetC, self::CLOSE_ENOUGH_K)
                    : $this->texture->openSeconds($piece->simulator, $piece->start, $plan, $this->texture->melting($cut), $mark);
        } catch (PullNotFound) {
            return null;
        }
        $openS = max($plan->leastS, $openS);
        $ends = $piece->simulator->run($piece->start, [...$plan->before, $plan->open->endingAfter($openS)]);
        $last = $ends[count($ends) - 1]->end;
        $afterS = array_sum(array_map(static fn (Stage $stage): float => $stage->durationS ?? 0.0, $plan->after)) - $plan->restS();

        return $known->what === Known::RISE_K
            ? max(0.0, $word->targetC - $piece->simulator->coreC($last))
            : ($last->timeS + $afterS) / 60.0;
    }

    private function word(Cut $cut, Known $known): DonenessWord
    {
        if ($known->targetC !== null) {
            return new DonenessWord('', $known->targetC, $known->targetC, $known->targetC);
        }
        $word = $this->doneness->word($cut->donenessFamily, Scale::Kitchen, $known->word ?? $cut->defaultDoneness);

        return $word ?? throw new LogicException("{$known->cut} is not had {$known->word}.");
    }
}
