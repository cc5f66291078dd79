<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** Clear; caution, to be read out; stop, not to be handed over. */
enum Level: string
{
    case Clear = 'clear';
    case Caution = 'caution';
    case Stop = 'stop';

    private function rank(): int
    {
        return match ($this) {
            self::Clear => 0,
            self::Caution => 1,
            self::Stop => 2,
        };
    }

    /** The stricter of the two: safety only ever tightens. */
    public function orStricter(self $other): self
    {
        return $other->rank() > $this->rank() ? $other : $this;
    }
}
