<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Data\Record;

/** One printed line of a safe-cooking table: this temperature, held this long. A rest counts only while the meat is still there. */
final readonly class HoldPoint
{
    /** @param  float  $holdS  seconds in a row at or above the temperature; 0 when reaching it is enough */
    public function __construct(public float $coreC, public float $holdS, public string $source) {}

    public static function fromRecord(Record $row): self
    {
        return new self($row->number('core_c'), $row->number('hold_s'), $row->text('source'));
    }
}
