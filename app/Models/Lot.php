<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Meat of one cut from one delivery, in the case or to be ordered.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $number
 * @property string $cut_slug
 * @property string|null $grade
 * @property string|null $thickness_mm
 * @property int|null $left_g
 * @property int $price_per_kg_minor
 * @property Carbon|null $aged_from
 * @property string $packed
 * @property string $origin
 * @property Carbon|null $use_by
 * @property bool $parasite_frozen
 * @property bool $pierced
 * @property bool $stuffed
 * @property string|null $rearing
 * @property int $lead_days
 * @property string|null $trim_pct
 */
final class Lot extends Model
{
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'left_g' => 'integer',
            'aged_from' => 'date',
            'use_by' => 'date',
            'parasite_frozen' => 'boolean',
            'pierced' => 'boolean',
            'stuffed' => 'boolean',
            'lead_days' => 'integer',
        ];
    }

    /** @return HasMany<LotMove, $this> */
    public function moves(): HasMany
    {
        return $this->hasMany(LotMove::class);
    }
}
