<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Ticket;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Ticket $resource */
final class TicketSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $ticket = $this->resource;
        /** @var array{thickness_mm: float, is_round: bool, target: array{word: string}, amounts: array{diners: int}} $result */
        $result = $ticket->result;

        return [
            'id' => $ticket->id,
            'number' => $ticket->number,
            'customer_label' => $ticket->customer_label,
            'cut_name' => $ticket->getAttribute('cut_name'),
            'method' => $ticket->getAttribute('method'),
            'verdict' => $ticket->getAttribute('verdict'),
            'thickness_mm' => $result['thickness_mm'],
            'doneness' => $result['target']['word'],
            'diners' => $result['amounts']['diners'],
            'given_by' => $ticket->user->name,
            'given_at' => $ticket->created_at->toAtomString(),
            'taken_back_at' => $ticket->taken_back_at?->toAtomString(),
        ];
    }
}
