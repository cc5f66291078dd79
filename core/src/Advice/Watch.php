<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use LogicException;
use Nessmark\Heat\StepObserver;

/** Everything that watches one cook, each kind once. */
final readonly class Watch
{
    /** @var array<class-string<StepObserver>, StepObserver> */
    private array $observers;

    public function __construct(StepObserver ...$observers)
    {
        $byKind = [];
        foreach ($observers as $observer) {
            $byKind[$observer::class] = $observer;
        }
        $this->observers = $byKind;
    }

    /** @return list<StepObserver> */
    public function all(): array
    {
        return array_values($this->observers);
    }

    /**
     * @template T of StepObserver
     *
     * @param  class-string<T>  $kind
     * @return T
     */
    public function saw(string $kind): StepObserver
    {
        $observer = $this->observers[$kind] ?? null;

        return $observer instanceof $kind ? $observer : throw new LogicException("No {$kind} watched this cook.");
    }
}
