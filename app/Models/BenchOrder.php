<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Work that waits for the cutter: of a ticket, of somebody who stands at the counter, or for the case.
 *
 * @property int $id
 * @property int $shop_id
 * @property int|null $ticket_dish_id
 * @property int|null $lot_id
 * @property int|null $cutter_id
 * @property string $cut_slug
 * @property string $cut_name
 * @property string $method
 * @property int|null $pieces
 * @property string $thickness_mm
 * @property string|null $customer
 * @property int|null $customer_id
 * @property array<string, mixed> $work
 * @property list<int> $steps_done
 * @property Carbon|null $due_at
 * @property BenchState $state
 * @property int|null $before_g
 * @property int|null $after_g
 * @property Carbon $created_at
 * @property-read Lot|null $lot
 * @property-read User|null $cutter
 * @property-read TicketDish|null $dish
 */
final class BenchOrder extends Model
{
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'work' => 'array',
            'steps_done' => 'array',
            'state' => BenchState::class,
            'due_at' => 'datetime',
            'taken_at' => 'datetime',
            'done_at' => 'datetime',
            'pieces' => 'integer',
            'before_g' => 'integer',
            'after_g' => 'integer',
        ];
    }

    /** The work as it was kept, objects as objects. */
    public function asKept(): mixed
    {
        $kept = $this->getRawOriginal('work');

        return is_string($kept) ? json_decode($kept) : null;
    }

    /** Of a practised hand, s. */
    public function workS(): float
    {
        return is_numeric($this->work['work_s'] ?? null) ? (float) $this->work['work_s'] : 0.0;
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return BelongsTo<User, $this> */
    public function cutter(): BelongsTo
    {
        return $this->belongsTo(User::class, 'cutter_id');
    }

    /** @return BelongsTo<TicketDish, $this> */
    public function dish(): BelongsTo
    {
        return $this->belongsTo(TicketDish::class, 'ticket_dish_id');
    }
}
