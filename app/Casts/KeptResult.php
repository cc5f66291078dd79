<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Nessmark\Contract\TicketShape;

/**
 * The result of a ticket as it is read today, whatever shape it was kept in.
 *
 * @implements CastsAttributes<array<string, mixed>, array<string, mixed>>
 */
final class KeptResult implements CastsAttributes
{
    /**
     * @param  array<string, mixed>  $attributes
     * @return array<string, mixed>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        /** @var array<string, mixed> $kept */
        $kept = json_decode(is_string($value) ? $value : '{}', true, flags: JSON_THROW_ON_ERROR);

        return TicketShape::lifted($kept, is_numeric($attributes['shape'] ?? null) ? (int) $attributes['shape'] : 1);
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @return array{result: string, shape: int} what is kept now is kept in today's shape
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): array
    {
        return ['result' => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 'shape' => TicketShape::CURRENT];
    }
}
