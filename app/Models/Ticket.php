<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\TakeTicketBack;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A ticket as it was handed over: for whom, by whom, by which engine; its dishes are rows of their own.
 *
 * @property string $id
 * @property int $shop_id
 * @property int $user_id
 * @property int $number
 * @property string|null $customer_label
 * @property string $units
 * @property string $engine_version
 * @property Carbon $created_at
 * @property Carbon|null $taken_back_at
 * @property-read User $user
 * @property-read Shop $shop
 * @property-read CardLink|null $cardLink
 * @property-read Collection<int, TicketDish> $dishes  in their places
 */
final class Ticket extends Model
{
    use HasUlids;

    protected $fillable = ['shop_id', 'user_id', 'number', 'customer_label', 'customer_id', 'units', 'engine_version', 'taken_back_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_back_at' => 'datetime'];
    }

    /** @return HasMany<TicketDish, $this> */
    public function dishes(): HasMany
    {
        return $this->hasMany(TicketDish::class)->orderBy('place');
    }

    /** @return HasOne<CardLink, $this> */
    public function cardLink(): HasOne
    {
        return $this->hasOne(CardLink::class);
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
