<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Lets whoever holds the card open it on a phone, signed in nowhere, until it expires or the shop ends it.
 *
 * @property int $id
 * @property string $ticket_id
 * @property string $token_hash
 * @property string $token
 * @property Carbon $expires_at
 * @property-read Ticket $ticket
 */
final class CardLink extends Model
{
    /** A card is cooked from within days; a month leaves room for the freezer (our choice). */
    private const DAYS = 30;

    private const TOKEN_BYTES = 16; // 128 bits

    public $timestamps = false;

    protected $fillable = ['ticket_id', 'token_hash', 'token', 'expires_at'];

    protected $hidden = ['token', 'token_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['token' => 'encrypted', 'expires_at' => 'datetime'];
    }

    /** A new address for a ticket's card; the one before opens no more. */
    public static function open(Ticket $ticket): self
    {
        $token = bin2hex(random_bytes(self::TOKEN_BYTES));

        return self::query()->updateOrCreate(
            ['ticket_id' => $ticket->id],
            ['token' => $token, 'token_hash' => hash('sha256', $token), 'expires_at' => now()->addDays(self::DAYS)],
        );
    }

    /** Null alike for one that never was, has ended or has expired. */
    public static function find(string $token): ?self
    {
        return self::query()
            ->where('token_hash', hash('sha256', $token))
            ->where('expires_at', '>', now())
            ->first();
    }

    public function isOpen(): bool
    {
        return $this->expires_at->isFuture();
    }

    public function url(): string
    {
        return url("card/{$this->token}");
    }

    /** @return BelongsTo<Ticket, $this> */
    public function ticket(): BelongsTo
    {
        return $this->belongsTo(Ticket::class);
    }
}
