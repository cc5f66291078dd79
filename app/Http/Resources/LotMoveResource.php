<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LotMove;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property LotMove $resource */
final class LotMoveResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $move = $this->resource;

        return [
            'kind' => $move->kind->value, 'change_g' => $move->change_g, 'left_g' => $move->left_g, 'reason' => $move->reason,
            'by' => $move->user?->name, 'at' => $move->created_at->toAtomString(),
        ];
    }
}
