<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\OpenShop;
use App\Services\House;
use App\Services\Language;
use DateTimeZone;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Nessmark\Safety\Profile;

/** Opens a shop on this installation: the first, or one more. What is not given is asked. */
final class OpenShopCommand extends Command
{
    /** Whose rules hold where nobody says: the country of the zone. */
    private const PROFILES = ['US' => Profile::Us, 'GB' => Profile::Uk];

    protected $signature = 'nessmark:shop:open
        {--name= : of the shop}
        {--town=}
        {--code= : short name, after the @ of a sign-in name}
        {--zone= : time zone of the tz database}
        {--currency= : ISO 4217}
        {--language= : en, nl, fr, de or es}
        {--profile= : safety profile: us, uk or eu}
        {--head-name= : of the first head butcher}
        {--head-sign-in= : what they sign in with}';

    protected $description = 'Open a shop and its first head butcher';

    public function handle(OpenShop $open): int
    {
        $name = $this->given('name', 'Name of the shop');
        $zone = $this->given('zone', 'Time zone', 'Europe/Brussels');
        $given = [
            'name' => $name,
            'town' => $this->given('town', 'Town'),
            'code' => $this->given('code', 'Short name, after the @ of a sign-in name', Str::limit(Str::slug($name), 30, '')),
            'zone' => $zone,
            'currency' => $this->given('currency', 'Currency', 'EUR'),
            'language' => $this->given('language', 'Language of its cards (en, nl, fr, de, es)', 'en'),
            'profile' => $this->given('profile', 'Safety profile (us, uk, eu)', self::profileAt($zone)->value),
            'head_name' => $this->given('head-name', 'First head butcher'),
            'head_sign_in' => $this->given('head-sign-in', 'Signs in as'),
        ];
        $check = Validator::make($given, [
            'name' => ['required', 'string', 'max:80'],
            'town' => ['required', 'string', 'max:80'],
            'code' => ['required', 'regex:/^[a-z0-9-]{2,40}$/', Rule::unique('shops', 'code')],
            'zone' => ['required', 'timezone:all'],
            'currency' => ['required', Rule::in(House::CURRENCIES)],
            'language' => ['required', Rule::enum(Language::class)],
            'profile' => ['required', Rule::enum(Profile::class)],
            'head_name' => ['required', 'string', 'max:80'],
            'head_sign_in' => ['required', 'regex:/^[a-z0-9._-]{2,60}$/'],
        ]);
        if ($check->fails()) {
            foreach ($check->errors()->all() as $message) {
                $this->error($message);
            }

            return self::INVALID;
        }
        [$shop, $head, $password] = $open->execute(
            $given['name'],
            $given['town'],
            $given['code'],
            Profile::from($given['profile']),
            $given['zone'],
            $given['currency'],
            Language::from($given['language']),
            $given['head_name'],
            $given['head_sign_in'],
        );
        $this->info("{$shop->name}, {$shop->town} is open.");
        $this->line("Sign in as  {$head->sign_in}@{$shop->code}");
        $this->line("Password    {$password}");
        $this->line('It is shown this once, and has to be changed at the first sign-in.');

        return self::SUCCESS;
    }

    private function given(string $option, string $question, ?string $usual = null): string
    {
        $value = $this->option($option);
        if (! is_string($value) || $value === '') {
            $value = $this->input->isInteractive() ? $this->ask($question, $usual) : $usual;
        }

        return is_string($value) ? trim($value) : '';
    }

    private static function profileAt(string $zone): Profile
    {
        $country = in_array($zone, DateTimeZone::listIdentifiers(), true)
            ? (new DateTimeZone($zone))->getLocation()['country_code'] ?? ''
            : '';

        return self::PROFILES[$country] ?? Profile::Eu;
    }
}
