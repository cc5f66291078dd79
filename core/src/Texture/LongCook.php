<?php

declare(strict_types=1);

namespace Nessmark\Texture;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Doneness\Scale;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Snapshot;
use Nessmark\Meat\Cut;
use Nessmark\Method\Method;
use Nessmark\Method\MethodPlan;
use Nessmark\Method\PullNotFound;
use Nessmark\Method\Until;

/** Cooking to a texture and not to a temperature: when the collagen at the core has turned far enough. */
final readonly class LongCook
{
    /** Where most of it turns, °C: a piece that is followed until it is tender is matched there. */
    public const FORMS_AT_C = 85.0;

    /** Nobody braises longer. */
    private const LONGEST_S = 57_600.0;

    private function __construct(private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('texture.json'));
    }

    /**
     * Share of collagen turned that a word of doneness stands for; null where the core's temperature decides. Whoever asks for
     * the official minimum of a long-cooked piece gets it sliceable: less would be safe and could not be chewed.
     */
    public function mark(Cut $cut, Method $method, DonenessWord $done): ?float
    {
        $word = $done->word === DonenessWord::OFFICIAL_MINIMUM ? 'sliceable' : $done->word;

        return Until::isTender($cut, $method) && ! $done->isByCore ? $this->record->record('melted_for')->numberOrNull($word) : null;
    }

    /** What is asked for, or fork tender where only a texture can be. */
    public function word(Cut $cut, Method $method, DonenessWord $asked, DonenessTable $doneness): DonenessWord
    {
        return Until::isTender($cut, $method) && ! $asked->isByCore && $this->mark($cut, $method, $asked) === null
            ? $doneness->word(Until::LONG_COOKED, Scale::Kitchen, 'fork_tender') ?? $asked
            : $asked;
    }

    public function melting(Cut $cut): Melting
    {
        return Melting::in($this->record->record('gelatin'), $cut->animal, $cut->collagenRank());
    }

    /** How far the rate may be off, as a fraction: old and young animals differ by more than any thermometer. */
    public function spread(): float
    {
        return $this->record->record('gelatin')->number('spread');
    }

    /**
     * @return float length of the open stage, s
     *
     * @throws PullNotFound if the collagen never turns so far
     */
    public function openSeconds(Simulator $simulator, Snapshot $start, MethodPlan $plan, Melting $melting, float $mark): float
    {
        return $this->seconds($simulator, $start, $plan, $melting, $mark)[1];
    }

    /**
     * @return array{float, float} length of what comes before the open stage, and of that stage, s
     *
     * @throws PullNotFound if the collagen never turns so far
     */
    public function seconds(Simulator $simulator, Snapshot $start, MethodPlan $plan, Melting $melting, float $mark): array
    {
        $before = $simulator->run($start, $plan->before);
        $from = $before === [] ? $start : $before[count($before) - 1]->end;
        $trace = new MeltTrace($simulator->grid, $simulator->body->coreAtM, $melting, $mark);
        $simulator->runStage($from, $plan->open->endingAfter(self::LONGEST_S), [$trace]);
        if ($trace->reachedAtS === null) {
            throw PullNotFound::neverReached($melting->fromC, $plan->holdsCoreAtC());
        }

        return [$from->timeS - $start->timeS, $trace->reachedAtS - $from->timeS];
    }

    /** @return list<string> */
    public function sources(): array
    {
        return [...$this->record->texts('sources'), ...$this->record->record('gelatin')->texts('sources')];
    }
}
