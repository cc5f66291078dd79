<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One change of what is left of a lot: who, what, how much, why. Never changed afterwards.
 *
 * @property int $id
 * @property int $lot_id
 * @property MoveKind $kind
 * @property int $change_g
 * @property int $left_g
 * @property string|null $reason
 * @property Carbon $created_at
 * @property-read User|null $user
 * @property-read Lot $lot
 */
final class LotMove extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MoveKind::class];
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
