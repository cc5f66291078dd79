<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Customer;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Carbon;

/** @property Customer $resource */
final class CustomerResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $customer = $this->resource;
        $attributes = $customer->getAttributes();
        $last = $attributes['tickets_max_created_at'] ?? null;
        $count = $attributes['tickets_count'] ?? 0;

        return [
            'id' => $customer->id,
            'name' => $customer->name,
            'appliances' => $customer->appliances,
            'fires' => (object) $customer->fires,
            'units' => $customer->units,
            'language' => $customer->language?->value,
            'tickets' => is_numeric($count) ? (int) $count : 0,
            'last_at' => is_string($last) ? Carbon::parse($last)->toAtomString() : null,
        ];
    }
}
