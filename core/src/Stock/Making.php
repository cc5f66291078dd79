<?php

declare(strict_types=1);

namespace Nessmark\Stock;

/** Lots that went into other lots at the bench: what went in comes out or is lost, to the gram. */
final readonly class Making
{
    /**
     * @param  non-empty-list<array{Lot, int}>  $from  each with its grams
     * @param  list<Lot>  $to
     * @param  int  $lossG  trimmed off and thrown away, dust, what stuck
     */
    public function __construct(public array $from, public array $to, public int $lossG) {}

    /** What is still missing on the way out, g; below nothing where more comes out than went in. */
    public static function missingG(int $inG, int $outG, int $lossG): int
    {
        return $inG - $outG - $lossG;
    }
}
