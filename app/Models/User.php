<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $sign_in
 * @property string $password
 * @property Role $role
 * @property bool $must_change_password  somebody else knows it
 * @property \Illuminate\Support\Carbon|null $left_at
 * @property-read Shop $shop
 */
final class User extends Authenticatable
{
    protected $fillable = ['shop_id', 'name', 'sign_in', 'password', 'role', 'left_at', 'must_change_password'];

    protected $attributes = ['must_change_password' => false];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'left_at' => 'datetime', 'must_change_password' => 'boolean'];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
