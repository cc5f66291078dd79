<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\CardLink;
use App\Models\Ticket;
use App\Models\TicketDish;
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
            'language' => $ticket->language->value,
            'replaces' => self::other($ticket->replaces),
            'replaced_by' => self::other($ticket->replacedBy),
            'changes' => array_map(
                static fn (array $phrase): array => [...$phrase, 'args' => (object) $phrase['args']],
                $ticket->changes ?? [],
            ),
            'given_by' => $ticket->user->name,
            'given_at' => $ticket->created_at->toAtomString(),
            'engine_version' => $ticket->engine_version,
            'is_current_engine' => $ticket->engine_version === Engine::VERSION,
            'can_be_taken_back' => $ticket->canBeTakenBack(),
            'taken_back_at' => $ticket->taken_back_at?->toAtomString(),
            'card_link' => self::link($ticket->cardLink),
            'total' => self::total($ticket),
            'currency' => $ticket->shop->currency,
            'dishes' => array_map(self::dish(...), array_values($ticket->dishes->all())),
        ];
    }

    /** @return array{url: string, expires_at: string}|null  null: ended or expired */
    private static function link(?CardLink $link): ?array
    {
        return $link?->isOpen() === true ? ['url' => $link->url(), 'expires_at' => $link->expires_at->toAtomString()] : null;
    }

    /** @return array{id: string, number: int}|null */
    private static function other(?Ticket $ticket): ?array
    {
        return $ticket === null ? null : ['id' => $ticket->id, 'number' => $ticket->number];
    }

    /** Of the dishes that have a price; null where none has. */
    private static function total(Ticket $ticket): ?float
    {
        $prices = array_filter(array_map(static fn (TicketDish $dish): ?int => $dish->price_minor, $ticket->dishes->all()), is_int(...));

        return $prices === [] ? null : array_sum($prices) / 100;
    }

    /** @return array<string, mixed> */
    private static function dish(TicketDish $dish): array
    {
        return [
            'ask' => $dish->ask,
            'ticket' => StoredResult::withObjects($dish->result),
            'cautions_read' => $dish->cautions_read,
            'sold_g' => $dish->sold_g,
            'answer' => $dish->answer,
            'price' => $dish->price_minor === null ? null : $dish->price_minor / 100,
        ];
    }
}
