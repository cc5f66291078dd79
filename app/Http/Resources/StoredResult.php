<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** A stored result comes back from JSON with its empty objects turned into empty lists; phrases need theirs as objects. */
final class StoredResult
{
    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    public static function withObjects(array $data): array
    {
        foreach ($data as $key => $value) {
            if ($key === 'args') {
                $data[$key] = (object) (array) $value;
            } elseif (is_array($value)) {
                $data[$key] = self::withObjects($value);
            }
        }

        return $data;
    }
}
