<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A cut of a shop's own.
 *
 * @property int $shop_id
 * @property string $slug
 * @property array<string, mixed> $record in the form of core/data/schema/cut.json
 */
final class OwnCut extends Model
{
    protected $fillable = ['shop_id', 'slug', 'record'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['record' => 'array'];
    }
}
