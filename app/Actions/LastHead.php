<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\DB;
use Nessmark\Errors\InputRefused;

/** The last head butcher of a shop stays one: who goes or changes is counted under the lock of the shop's row, one at a time. */
final class LastHead
{
    /**
     * @param  Closure(User): bool  $change  of the row as it is now
     *
     * @throws InputRefused if nobody would be head butcher then
     */
    public function keeping(User $user, Closure $change): User
    {
        return DB::transaction(function () use ($user, $change): User {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->first();
            $now = User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();
            $wasHead = $now->role === Role::HeadButcher && $now->left_at === null;
            $change($now);
            $isHead = ! $wasHead || User::query()
                ->where('shop_id', $user->shop_id)
                ->where('role', Role::HeadButcher)
                ->whereNull('left_at')
                ->exists();
            if (! $isHead) {
                throw InputRefused::one('role', 'conflict', $now->role->value, 'last_head');
            }

            return $now;
        }, Once::TRIES);
    }
}
