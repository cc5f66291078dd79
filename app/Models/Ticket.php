<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\TakeTicketBack;
use App\Casts\KeptResult;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A ticket as it was handed over: what was asked, what was computed, and by which engine.
 *
 * @property string $id
 * @property int $shop_id
 * @property int $user_id
 * @property int $number
 * @property string|null $customer_label
 * @property string $units
 * @property array<string, mixed> $ask
 * @property array<string, mixed> $result
 * @property list<string> $cautions_read
 * @property string $engine_version
 * @property Carbon $created_at
 * @property Carbon|null $taken_back_at
 * @property-read User $user
 * @property-read Shop $shop
 */
final class Ticket extends Model
{
    use HasUlids;

    protected $fillable = [
        'shop_id', 'user_id', 'number', 'customer_label', 'units', 'ask', 'result', 'cautions_read',
        'cut_slug', 'cut_name', 'method', 'verdict', 'engine_version', 'lot_id', 'sold_g', 'price_minor', 'customer_id', 'taken_back_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ask' => 'array', 'result' => KeptResult::class, 'cautions_read' => 'array', 'taken_back_at' => 'datetime'];
    }

    public function canBeTakenBack(): bool
    {
        return $this->taken_back_at === null && $this->created_at->gt(now()->subMinutes(TakeTicketBack::WITHIN_MINUTES));
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
