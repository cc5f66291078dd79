<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\KeptResult;
use Illuminate\Database\Eloquent\Model;

/**
 * One dish of a ticket as it was handed over: what was asked, what was computed, and what was taken of which lot.
 *
 * @property int $id
 * @property string $ticket_id
 * @property int $place
 * @property string $cut_name
 * @property string $method
 * @property string $verdict
 * @property array<string, mixed> $ask
 * @property array<string, mixed> $result
 * @property list<string> $cautions_read
 * @property int|null $sold_g
 * @property int|null $price_minor
 * @property string|null $answer  to "How was it?"
 */
final class TicketDish extends Model
{
    public $timestamps = false;

    protected $fillable = [
        'place',
        'ask',
        'result',
        'cautions_read',
        'cut_slug',
        'cut_name',
        'method',
        'verdict',
        'lot_id',
        'sold_g',
        'price_minor',
        'answer',
        'answered_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'ask' => 'array',
            'result' => KeptResult::class,
            'cautions_read' => 'array',
            'place' => 'integer',
            'sold_g' => 'integer',
            'price_minor' => 'integer',
            'answered_at' => 'datetime',
        ];
    }
}
