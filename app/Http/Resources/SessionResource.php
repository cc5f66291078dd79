<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property User $resource */
final class SessionResource extends JsonResource
{
    public static $wrap = null;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $user = $this->resource;

        return [
            'name' => $user->name,
            'role' => $user->role->value,
            'must_change_password' => $user->must_change_password,
            'may_advise' => $user->role->givesTickets(),
            'may_change_catalogue' => $user->role->changesCatalogue(),
            'may_change_case' => $user->role->changesCase(),
            'may_run_house' => $user->role->runsHouse(),
            'shop' => [
                'name' => $user->shop->name,
                'town' => $user->shop->town,
                'safety_profile' => $user->shop->safety_profile->value,
                'currency' => $user->shop->currency,
                'units' => $user->shop->units,
                'time_zone' => $user->shop->now()->getTimezone()->getName(),
            ],
        ];
    }
}
