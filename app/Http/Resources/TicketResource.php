<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Ticket;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Nessmark\Data\Engine;

/** @property Ticket $resource */
final class TicketResource extends JsonResource
{
    public static $wrap = null;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $ticket = $this->resource;

        return [
            'id' => $ticket->id,
            'number' => $ticket->number,
            'customer_label' => $ticket->customer_label,
            'units' => $ticket->units,
            'given_by' => $ticket->user->name,
            'given_at' => $ticket->created_at->toAtomString(),
            'cautions_read' => $ticket->cautions_read,
            'engine_version' => $ticket->engine_version,
            'is_current_engine' => $ticket->engine_version === Engine::VERSION,
            'can_be_taken_back' => $ticket->canBeTakenBack(),
            'taken_back_at' => $ticket->taken_back_at?->toAtomString(),
            'ask' => $ticket->ask,
            'ticket' => StoredResult::withObjects($ticket->result),
        ];
    }
}
