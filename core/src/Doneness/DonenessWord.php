<?php

declare(strict_types=1);

namespace Nessmark\Doneness;

/** One word of a scale: the core temperatures after resting that it covers, and the one to aim for. */
final readonly class DonenessWord
{
    /** Available in every scale: the official minimum of the shop's safety profile for this food. */
    public const OFFICIAL_MINIMUM = 'official_minimum';

    /** @param  bool  $isByCore  the core itself was asked for, and the word is only what that is called */
    public function __construct(
        public string $word,
        public float $fromC,
        public float $toC,
        public float $targetC,
        public bool $isByCore = false,
    ) {}

    /** Called so still, with the core that was asked for. */
    public function aimingAt(float $coreC): self
    {
        return new self($this->word, $this->fromC, $this->toC, $coreC, true);
    }
}
