<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** Whether somebody is who they say. A name nobody has takes as long to turn away as a wrong password. */
final class SignIn
{
    /** OWASP ASVS 4.0, 2.1.1. */
    public const SHORTEST_PASSWORD = 12;

    /** bcrypt reads no further, bytes. */
    public const LONGEST_PASSWORD = 72;

    private const WORDS = 3;

    private const WORD_LETTERS = 5;

    /** So many shops of one installation may have somebody of the same name who signs in without the shop's code. Ours. */
    private const MOST_ALIKE = 5;

    /** Said once, and changed at the first sign-in. */
    public static function freshPassword(): string
    {
        return implode('-', array_map(static fn (): string => Str::lower(Str::random(self::WORD_LETTERS)), range(1, self::WORDS)));
    }

    /**
     * Where several shops know the name, it is whose password it is; of a shop and its copy, the older.
     *
     * @param  string  $name  with the shop's code or without: name@code
     */
    public function who(string $name, string $password): ?User
    {
        $known = self::named($name);
        foreach ($known as $user) {
            if (Hash::check($password, $user->password)) {
                return $user;
            }
        }
        if ($known === []) {
            Hash::check($password, cache()->rememberForever('sign-in.nobody', static fn (): string => Hash::make('nobody')));
        }

        return null;
    }

    public function knows(User $user, string $password): bool
    {
        return Hash::check($password, $user->password);
    }

    /** @return list<User> of the oldest shop first */
    private static function named(string $name): array
    {
        [$own, $code] = [...explode('@', $name, 2), null];

        return array_values(
            User::query()
                ->where('sign_in', $own)
                ->whereNull('left_at')
                ->when($code !== null, static fn ($users) => $users->whereHas('shop', static fn ($shop) => $shop->where('code', $code)))
                ->orderBy('shop_id')
                ->limit(self::MOST_ALIKE)
                ->get()
                ->all(),
        );
    }
}
