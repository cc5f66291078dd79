<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

use Nessmark\Heat\ChoiOkos;
use Nessmark\Meat\Cut;
use Nessmark\Quantity\Length;

/** What lies on the metal: the face of one piece, and how many of them. */
final readonly class Load
{
    private const WEIGHED_AT_C = 5.0;

    public function __construct(public float $faceM2, public int $pieces) {}

    /** Slabs as sold at this thickness: volume over thickness. */
    public static function of(Cut $cut, Length $thickness, int $pieces = 1): self
    {
        $volumeM3 = $cut->build->mass($thickness)->toGrams() / 1000.0 / ChoiOkos::densityKgM3($cut->composition, self::WEIGHED_AT_C);

        return new self($volumeM3 / $thickness->toMetres(), max(1, $pieces));
    }
}
