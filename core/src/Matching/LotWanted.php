<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Grade\FatBand;
use Nessmark\Meat\Rearing;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;
use Nessmark\Stock\Packed;

/** What a lot should be, beside its cut: its grade, how long it hung, how it lived, where it is from. */
final readonly class LotWanted
{
    /** Grades of other scales whose fat is this near are taken for one that is asked for, points. Common practice, no source. */
    private const LIKE_POINTS = 2.0;

    /**
     * @param  string|null  $grade  a scale and its step, or a step of any scale
     * @param  FatBand|null  $fat  what that grade stands for
     * @param  int|null  $agedDays  hung at least so long
     */
    public function __construct(
        public ?string $grade = null,
        public ?FatBand $fat = null,
        public ?int $agedDays = null,
        public ?Packed $packed = null,
        public ?Rearing $rearing = null,
        public ?string $origin = null,
    ) {}

    /** @return list<array{Limit, float, Phrase}> what it is not, and how far off */
    public function missing(Lot $lot): array
    {
        $cut = $lot->cut->name;
        $missing = [];
        $off = $this->gradeOff($lot);
        if ($off !== null && $off > 0.0) {
            $missing[] = [Limit::Grade, $off, $lot->grade === null
                ? new Phrase('limit.ungraded', ['cut' => $cut])
                : new Phrase('limit.grade', ['cut' => $cut, 'grade' => $lot->grade, 'fat_pct' => round($lot->fat->meanPct ?? 0.0, 1)])];
        }
        if ($this->agedDays !== null && ($lot->agedDays ?? 0) < $this->agedDays) {
            $missing[] = [Limit::Aged, (float) ($this->agedDays - ($lot->agedDays ?? 0)), new Phrase('limit.aged', [
                'cut' => $cut,
                'days' => $lot->agedDays ?? 0,
            ])];
        }
        if ($this->packed !== null && $lot->packed !== $this->packed) {
            $missing[] = [Limit::Aged, 1.0, new Phrase('limit.packed', ['cut' => $cut])];
        }
        $lived = $lot->rearing ?? $lot->cut->usualRearing();
        if ($this->rearing !== null && $lived !== $this->rearing) {
            $key = $lived === null ? 'limit.rearing_unknown' : 'limit.rearing';
            $missing[] = [Limit::Rearing, $lived === null ? 1.0 : 2.0, new Phrase($key, ['cut' => $cut, 'rearing' => $lived->value ?? ''])];
        }
        if ($this->origin !== null && ! str_contains(mb_strtolower($lot->origin), mb_strtolower($this->origin))) {
            $missing[] = [Limit::Origin, 1.0, new Phrase('limit.origin', ['cut' => $cut, 'origin' => $lot->origin])];
        }

        return $missing;
    }

    /** @return float|null points of fat it is off; 0 where it is the grade that was asked for or as fat; null where none was asked */
    public function gradeOff(Lot $lot): ?float
    {
        if ($this->grade === null) {
            return null;
        }
        if ($lot->grade === $this->grade || ($lot->grade !== null && str_ends_with($lot->grade, ":{$this->grade}"))) {
            return 0.0;
        }
        if ($this->fat === null || $lot->fat === null) {
            return 100.0;
        }
        $isOfSameScale = explode(':', $lot->grade ?? '')[0] === explode(':', $this->grade)[0];
        $off = abs($this->fat->meanPct - $lot->fat->meanPct);

        return ! $isOfSameScale && $off <= self::LIKE_POINTS ? 0.0 : $off;
    }
}
