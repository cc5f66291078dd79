<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A seasoning of a shop's own.
 *
 * @property int $shop_id
 * @property string $slug
 * @property array<string, mixed> $recipe in the form of core/data/seasonings/shelf.json
 */
final class OwnSeasoning extends Model
{
    protected $fillable = ['shop_id', 'slug', 'recipe'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recipe' => 'array'];
    }
}
