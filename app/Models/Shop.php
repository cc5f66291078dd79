<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Nessmark\Safety\Profile;

/**
 * @property int $id
 * @property string $name
 * @property string $town
 * @property Profile $safety_profile
 * @property string $currency
 * @property array<string, mixed>|null $house
 * @property string|null $margin_pct
 * @property int $names_kept_months  after their last ticket
 * @property string $units
 * @property string $language
 * @property string|null $code  after the @ of a sign-in name
 */
final class Shop extends Model
{
    protected $fillable = [
        'name', 'town', 'safety_profile', 'currency', 'house', 'margin_pct', 'names_kept_months', 'units', 'language', 'code',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['safety_profile' => Profile::class, 'house' => 'array'];
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** What the shop's clock shows: its days, hours and best-before dates are counted in it. */
    public function now(): DateTimeImmutable
    {
        $zone = $this->house['time_zone'] ?? 'UTC';

        return now(is_string($zone) ? $zone : 'UTC')->toDateTimeImmutable();
    }
}
