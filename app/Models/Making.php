<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Support\Carbon;

/**
 * Lots that became other lots at the bench. Never changed afterwards.
 *
 * @property int $id
 * @property int $loss_g
 * @property Carbon $created_at
 * @property-read User|null $user
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Lot> $lots
 */
final class Making extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    /** @return BelongsToMany<Lot, $this> */
    public function lots(): BelongsToMany
    {
        return $this->belongsToMany(Lot::class, 'making_lots')->withPivot(['is_source', 'g']);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
