<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Meat\Cut;
use Nessmark\Meat\Rearing;

/** What safety has to know of a piece before it is cooked: what it is, what was done to it, who eats it, and by whose rules. */
final readonly class Serving
{
    /**
     * @param  Cut  $cut  as it was treated and reared
     * @param  Rearing|null  $rearing  null where nobody said
     * @param  bool  $isSealed  in a bath: warmed slowly on purpose, and out of the air
     * @param  string|null  $avoided  the word by which somebody who eats of it goes without this very meat
     */
    public function __construct(
        public Cut $cut,
        public bool $isAnyoneAtRisk,
        public Standard $standard,
        public ?Rearing $rearing,
        public bool $isParasiteFrozen,
        public bool $isSealed,
        public bool $isAnyChild = false,
        public ?string $avoided = null,
    ) {}
}
