<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Data\Record;

/** What is in and on a piece besides lean: bone, skin, membrane, fat cap, pin bones. */
final readonly class Covering
{
    private function __construct(
        public string $bone,
        public float $boneShare,
        public bool $hasSkin,
        public bool $hasPinBones,
        public string $membrane,
        public float $fatCapMm,
    ) {}

    public static function fromRecord(Record $cut): self
    {
        return new self(
            $cut->text('bone'),
            $cut->number('bone_share'),
            $cut->flag('skin'),
            $cut->flag('pin_bones'),
            $cut->text('membrane'),
            $cut->number('fat_cap_mm'),
        );
    }

    public function isBoneless(): bool
    {
        return $this->bone === 'none';
    }
}
