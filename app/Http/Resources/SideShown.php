<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Nessmark\Meal\Side;

/** A side as a screen lists it. */
final class SideShown
{
    /** @return array<string, mixed> */
    public static function of(Side $side): array
    {
        return [
            'slug' => $side->slug,
            'name' => $side->name,
            'serves' => $side->serves,
            'foods' => array_column($side->foods, 'slug'),
            'allergens' => $side->allergens(),
            'may_contain' => $side->mayContain(),
            'minutes' => $side->prepMin + $side->heatMin + $side->finishMin,
            'on' => $side->on?->value,
        ];
    }
}
