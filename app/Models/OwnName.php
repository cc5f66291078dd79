<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A local name of a shop's own.
 *
 * @property int $shop_id
 * @property string $cut_slug
 * @property string $place
 * @property string $name
 */
final class OwnName extends Model
{
    protected $fillable = ['shop_id', 'cut_slug', 'place', 'name'];
}
