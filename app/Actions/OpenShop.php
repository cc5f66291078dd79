<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\Services\Language;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nessmark\Safety\Profile;

/** A shop and its first head butcher, with a password that is said once and has to be changed. Another shop is none of its business. */
final readonly class OpenShop
{
    private const WORDS = 3;

    private const WORD_LETTERS = 5;

    /** @return array{Shop, User, string} the password in the clear, for the only time */
    public function execute(
        string $name,
        string $town,
        string $code,
        Profile $profile,
        string $zone,
        string $currency,
        Language $language,
        string $headName,
        string $headSignIn,
    ): array {
        $password = implode('-', array_map(static fn (): string => Str::lower(Str::random(self::WORD_LETTERS)), range(1, self::WORDS)));

        return DB::transaction(static function () use (
            $name,
            $town,
            $code,
            $profile,
            $zone,
            $currency,
            $language,
            $headName,
            $headSignIn,
            $password,
        ): array {
            $shop = Shop::query()->create([
                'name' => $name,
                'town' => $town,
                'code' => $code,
                'safety_profile' => $profile,
                'currency' => $currency,
                'language' => $language->value,
                'units' => $profile === Profile::Us ? 'imperial' : 'metric',
                'house' => ['time_zone' => $zone],
            ]);
            $head = User::query()->create([
                'shop_id' => $shop->id,
                'name' => $headName,
                'sign_in' => $headSignIn,
                'password' => $password,
                'must_change_password' => true,
                'role' => Role::HeadButcher,
            ]);

            return [$shop, $head, $password];
        });
    }
}
