<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\TakeTicketBack;
use App\Services\Language;
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
 * @property Language $language  of its card
 * @property string|null $replaces_id
 * @property list<array{key: string, args: array<string, float|int|string>}>|null $changes  otherwise than on the one it replaces
 * @property string $engine_version
 * @property Carbon $created_at
 * @property Carbon|null $taken_back_at
 * @property-read User $user
 * @property-read Shop $shop
 * @property-read CardLink|null $cardLink
 * @property-read Ticket|null $replaces
 * @property-read Ticket|null $replacedBy
 * @property-read Collection<int, TicketDish> $dishes  in their places
 */
final class Ticket extends Model
{
    use HasUlids;

    /** Everything that is shown of one. */
    public const SHOWN = ['user', 'dishes', 'shop', 'cardLink', 'replaces', 'replacedBy'];

    protected $fillable = [
        'shop_id',
        'user_id',
        'number',
        'customer_label',
        'customer_id',
        'units',
        'language',
        'replaces_id',
        'changes',
        'engine_version',
        'taken_back_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_back_at' => 'datetime', 'language' => Language::class, 'changes' => 'array'];
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

    /** To be asked for while the shop's row is locked. */
    public static function nextNumber(int $shopId): int
    {
        $last = self::query()->where('shop_id', $shopId)->max('number');

        return (is_numeric($last) ? (int) $last : 0) + 1;
    }

    /** @return BelongsTo<Ticket, $this> */
    public function replaces(): BelongsTo
    {
        return $this->belongsTo(self::class);
    }

    /** @return HasOne<Ticket, $this> */
    public function replacedBy(): HasOne
    {
        return $this->hasOne(self::class, 'replaces_id');
    }

    /** @return non-empty-list<self> itself, and those before it whose meat it is about */
    public function line(): array
    {
        return [$this, ...$this->replaces?->line() ?? []];
    }

    public function canBeTakenBack(): bool
    {
        $line = $this->line();
        $given = $line[count($line) - 1]->created_at;

        return $this->taken_back_at === null &&
            $this->replacedBy === null &&
            $given->gt(now()->subMinutes(TakeTicketBack::WITHIN_MINUTES));
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
