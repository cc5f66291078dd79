<?php

declare(strict_types=1);

use App\Services\Health;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schedule;

// Once a minute by cron or a systemd timer: php artisan schedule:run
Schedule::call(static fn () => Cache::forever(Health::BEAT, now()->getTimestamp()))->name('beat')->everyMinute();
Schedule::command('nessmark:backup')
    ->dailyAt('02:40')
    ->withoutOverlapping()
    ->when(static fn (): bool => config('nessmark.backup_folder') !== null);
Schedule::command('nessmark:backup:rehearse')
    ->dailyAt('03:40')
    ->withoutOverlapping()
    ->when(static fn (): bool => config('nessmark.backup_folder') !== null);
Schedule::call(
    static fn () => DB::table(config()->string('session.table'))
        ->where('last_activity', '<', now()->subDays(2)->getTimestamp())
        ->delete(),
)
    ->name('old sessions')
    ->dailyAt('03:10');
Schedule::command('nessmark:forget-old-names')->dailyAt('03:20');
Schedule::call(
    static fn () => DB::table('card_links')
        ->where('expires_at', '<', now()->subDays(7))
        ->delete(),
)
    ->name('expired card links')
    ->dailyAt('03:15');
