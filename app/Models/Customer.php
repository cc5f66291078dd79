<?php

declare(strict_types=1);

namespace App\Models;

use App\Services\Language;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Somebody who comes again: a first name or a code, what they cook on, and their tickets. Nothing else is kept.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property list<string> $appliances
 * @property array<string, string> $fires
 * @property string $units
 * @property Language|null $language  of their cards; null: the shop's
 * @property \Illuminate\Support\Carbon $created_at
 * @property int|null $tickets_count
 * @property Carbon|string|null $tickets_max_created_at
 */
final class Customer extends Model
{
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['appliances' => 'array', 'fires' => 'array', 'language' => Language::class];
    }

    /** @return HasMany<Ticket, $this> */
    public function tickets(): HasMany
    {
        return $this->hasMany(Ticket::class);
    }
}
