<?php

declare(strict_types=1);

namespace Nessmark\Grade;

/** Fat inside the muscle, per cent of raw weight, as a grade has it: a band, its middle, and how far that may be off. */
final readonly class FatBand
{
    /** @param  float|null  $highPct  null where the scale has no upper end */
    public function __construct(
        public float $lowPct,
        public float $meanPct,
        public ?float $highPct,
        public float $uncertaintyPoints,
        public bool $isUnsure,
    ) {}

    public function overlaps(self $other): bool
    {
        return $this->lowPct < ($other->highPct ?? INF) && $other->lowPct < ($this->highPct ?? INF);
    }

    /** @return array{low_pct: float, mean_pct: float, high_pct: float|null, uncertainty_points: float, is_unsure: bool} */
    public function toArray(): array
    {
        return [
            'low_pct' => round($this->lowPct, 1),
            'mean_pct' => round($this->meanPct, 1),
            'high_pct' => $this->highPct === null ? null : round($this->highPct, 1),
            'uncertainty_points' => $this->uncertaintyPoints,
            'is_unsure' => $this->isUnsure,
        ];
    }
}
