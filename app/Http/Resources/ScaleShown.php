<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Nessmark\Bench\ScaleState;
use Nessmark\Bench\ScaleWatch;
use Nessmark\Say\Phrase;

/** The scale as a screen shows it. */
final class ScaleShown
{
    /** @return array{state: string, is_steady: bool, g: int|null, tare_g: int, says: array<string, mixed>} */
    public static function of(ScaleWatch $watch): array
    {
        return [
            'state' => $watch->state->value,
            'is_steady' => $watch->state === ScaleState::Steady,
            'g' => $watch->netG,
            'tare_g' => $watch->tareG,
            'says' => (new Phrase("scale.{$watch->state->value}"))->toArray(),
        ];
    }
}
