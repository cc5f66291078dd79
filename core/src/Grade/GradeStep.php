<?php

declare(strict_types=1);

namespace Nessmark\Grade;

/** One value of a grade scale. */
final readonly class GradeStep
{
    public function __construct(public string $value, public string $label, public ?string $note, public ?FatBand $fat) {}
}
