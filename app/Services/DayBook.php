<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Who did what, and when. Rows are added and never written over: the database itself refuses it. No customer is named in it. */
final class DayBook
{
    /** @param  array<string, scalar|null>  $about  figures and numbers, units in the names */
    public function note(User $user, string $what, array $about = []): void
    {
        DB::table('day_book')->insert([
            'shop_id' => $user->shop_id,
            'user_id' => $user->id,
            'user_name' => $user->name,
            'at' => now(),
            'what' => $what,
            'about' => json_encode((object) $about, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ]);
    }
}
