<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was answered to something that may happen only once.
 *
 * @property string $asked
 * @property array<string, mixed>|null $answer
 */
final class Answer extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answer' => 'array'];
    }
}
