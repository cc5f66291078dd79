<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\Services\DayBook;
use App\Services\SignIn;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Makes somebody head butcher, known or new: for a shop that has none, or whose only one has lost the password. */
final class HeadButcherCommand extends Command
{
    protected $signature = 'nessmark:head
        {sign-in : what they sign in with}
        {--shop= : code of the shop, where there are several}
        {--name= : of somebody new}';

    protected $description = 'Make somebody head butcher, with a password of their own to change';

    public function handle(DayBook $book): int
    {
        $shops = Shop::query()->when($this->option('shop') !== null, fn ($shops) => $shops->where('code', $this->option('shop')))->get();
        $shop = $shops->first();
        if ($shop === null || $shops->count() > 1) {
            $this->error($shop === null ? 'There is no such shop.' : 'There are several shops: say which with --shop.');

            return self::INVALID;
        }
        $signIn = $this->argument('sign-in');
        $password = SignIn::freshPassword();
        $user = User::query()->where('shop_id', $shop->id)->where('sign_in', $signIn)->first();
        $name = $this->option('name') ?? $user?->name;
        if ($name === null || preg_match('/^[a-z0-9._-]{2,60}$/', $signIn) !== 1) {
            $this->error('Nobody of this shop signs in so. Say --name to make somebody new; a sign-in is a–z, 0–9, dots and dashes.');

            return self::INVALID;
        }
        $head = DB::transaction(static function () use ($shop, $user, $signIn, $name, $password, $book): User {
            $head = $user ?? new User(['shop_id' => $shop->id, 'sign_in' => $signIn]);
            $head->fill([
                'name' => $name, 'role' => Role::HeadButcher, 'password' => $password, 'must_change_password' => true, 'left_at' => null,
            ])->save();
            DB::table(config()->string('session.table'))->where('user_id', $head->id)->delete();
            $book->note($head, 'staff.changed', ['name' => $head->name, 'changed' => 'role, password']);

            return $head;
        });
        $this->info("{$head->name} is head butcher of {$shop->name}.");
        $this->line("Sign in as  {$head->sign_in}@{$shop->code}");
        $this->line("Password    {$password}");
        $this->line('It is shown this once, and has to be changed at the first sign-in.');

        return self::SUCCESS;
    }
}
