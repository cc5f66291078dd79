<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Ticket;
use App\Models\TicketDish;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Ticket $resource */
final class TicketSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $ticket = $this->resource;

        return [
            'id' => $ticket->id,
            'number' => $ticket->number,
            'customer_label' => $ticket->customer_label,
            'dishes' => array_map(self::dish(...), array_values($ticket->dishes->all())),
            'given_by' => $ticket->user->name,
            'given_at' => $ticket->created_at->toAtomString(),
            'taken_back_at' => $ticket->taken_back_at?->toAtomString(),
        ];
    }

    /** @return array<string, mixed> */
    private static function dish(TicketDish $dish): array
    {
        /** @var array{thickness_mm: float, target: array{word: string}, amounts: array{diners: int}} $result */
        $result = $dish->result;

        return [
            'cut_name' => $dish->cut_name,
            'method' => $dish->method,
            'verdict' => $dish->verdict,
            'thickness_mm' => $result['thickness_mm'],
            'doneness' => $result['target']['word'],
            'diners' => $result['amounts']['diners'],
        ];
    }
}
