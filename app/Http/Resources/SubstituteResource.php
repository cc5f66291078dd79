<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Nessmark\Meat\Cut;
use Nessmark\Say\Phrase;

/** @property-read array{cut: Cut, distance: float, time_s: float|null, changes: list<Phrase>} $resource */
final class SubstituteResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'slug' => $this->resource['cut']->slug, 'name' => $this->resource['cut']->name,
            'time_s' => $this->resource['time_s'] === null ? null : round($this->resource['time_s']),
            'changes' => array_map(static fn (Phrase $phrase): array => $phrase->toArray(), $this->resource['changes']),
        ];
    }
}
