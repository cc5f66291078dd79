<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A cut a shop does not sell.
 *
 * @property int $shop_id
 * @property string $cut_slug
 */
final class HiddenCut extends Model
{
    protected $fillable = ['shop_id', 'cut_slug'];
}
