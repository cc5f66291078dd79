<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\User;
use Illuminate\Support\Facades\Hash;

/** Whether somebody is who they say. A name nobody has takes as long to turn away as a wrong password. */
final class SignIn
{
    /** OWASP ASVS 4.0, 2.1.1. */
    public const SHORTEST_PASSWORD = 12;

    /** bcrypt reads no further, bytes. */
    public const LONGEST_PASSWORD = 72;

    /** @param  string  $name  of the only shop that knows it, or with the shop's code: name@code */
    public function who(string $name, string $password): ?User
    {
        $user = self::named($name);
        $isRight = Hash::check(
            $password,
            $user->password ?? cache()->rememberForever('sign-in.nobody', static fn (): string => Hash::make('nobody')),
        );

        return $isRight ? $user : null;
    }

    public function knows(User $user, string $password): bool
    {
        return Hash::check($password, $user->password);
    }

    private static function named(string $name): ?User
    {
        [$own, $code] = [...explode('@', $name, 2), null];
        $known = User::query()
            ->where('sign_in', $own)
            ->whereNull('left_at')
            ->when($code !== null, static fn ($users) => $users->whereHas('shop', static fn ($shop) => $shop->where('code', $code)))
            ->limit(2)
            ->get();

        return $known->count() === 1 ? $known->first() : null;
    }
}
