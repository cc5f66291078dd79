<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\Services\Language;
use App\Services\SignIn;
use Illuminate\Support\Facades\DB;
use Nessmark\Safety\Profile;

/** A shop and its first head butcher, with a password that is said once and has to be changed. Another shop is none of its business. */
final readonly class OpenShop
{
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
        $password = SignIn::freshPassword();

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
