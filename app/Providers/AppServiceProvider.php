<?php

declare(strict_types=1);

namespace App\Providers;

use App\Devices\Breaker;
use App\Devices\CounterScale;
use App\Devices\LabelPrinter;
use App\Devices\Wire;
use App\Http\Middleware\StrictSession;
use App\Models\BenchOrder;
use App\Models\Customer;
use App\Models\Lot;
use App\Models\Ticket;
use App\Models\User;
use App\Policies\TicketPolicy;
use App\Services\CookCache;
use App\Services\KeptData;
use App\Services\Language;
use App\Services\Palette;
use App\Services\Room;
use App\Services\Wording;
use Illuminate\Auth\Access\Response;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;
use LogicException;
use Nessmark\Advice\Portions;
use Nessmark\Advice\Substitutes;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\Diets;
use Nessmark\Catalogue\Kinds;
use Nessmark\Contract\AskReader;
use Nessmark\Contract\AtlasReport;
use Nessmark\Contract\CatalogueFile;
use Nessmark\Contract\CounterDesk;
use Nessmark\Contract\CutPlanReport;
use Nessmark\Contract\GradeReport;
use Nessmark\Contract\MinceReport;
use Nessmark\Contract\OfferReport;
use Nessmark\Contract\RecipeReader;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Grade\GradeTable;
use Nessmark\Meal\Sides;
use Nessmark\Safety\SafetyRules;
use Nessmark\School\Schools;
use Nessmark\Seasoning\Avoidance;
use Nessmark\Seasoning\Cure;
use Nessmark\Seasoning\Salting;
use Nessmark\Seasoning\Shelf;
use Nessmark\Texture\LongCook;
use Symfony\Component\HttpFoundation\Response as Answer;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(
            DataFolder::class,
            static fn (): DataFolder => DataFolder::shipped(KeptData::read(KeptData::file(), DataFolder::path())),
        );
        foreach (
            [
                Catalogue::class,
                DonenessTable::class,
                SafetyRules::class,
                Kitchen::class,
                GradeTable::class,
                Diets::class,
                Schools::class,
                TicketAssembly::class,
                AtlasReport::class,
                GradeReport::class,
                Substitutes::class,
                CatalogueFile::class,
                LongCook::class,
                Portions::class,
                Shelf::class,
                Salting::class,
                Avoidance::class,
                Cure::class,
                RecipeReader::class,
                MinceReport::class,
                CutPlanReport::class,
                Kinds::class,
                OfferReport::class,
                Sides::class,
            ] as $class
        ) {
            $this->app->singleton($class, fn () => $class::from($this->app->make(DataFolder::class)));
        }
        $this->app->singleton(
            Room::class,
            static fn (): Room => new Room(
                is_string($database = config('nessmark.database_folder')) ? [storage_path(), $database] : [storage_path()],
            ),
        );
        $this->app->singleton(
            CounterDesk::class,
            fn (): CounterDesk => CounterDesk::from($this->app->make(DataFolder::class), $this->app->make(CookCache::class)),
        );
        $this->app->singleton(AskReader::class);
        $this->app->bind(
            CounterScale::class,
            fn (): CounterScale => new CounterScale(
                new Wire(config()->string('devices.scale')),
                $this->app->make(Breaker::class),
                $this->app->make(Repository::class),
            ),
        );
        $this->app->bind(LockProvider::class, static function (): LockProvider {
            $store = Cache::store()->getStore();

            return $store instanceof LockProvider ? $store : throw new LogicException('The cache keeps no locks.');
        });
        $this->app->bind(EnsureFrontendRequestsAreStateful::class, StrictSession::class);
        $this->app->bind(
            LabelPrinter::class,
            fn (): LabelPrinter => new LabelPrinter(new Wire(config()->string('devices.label_printer')), $this->app->make(Breaker::class)),
        );
        $this->app->singleton(Palette::class, fn (): Palette => Palette::fromFile(resource_path('wording/palette.json')));
        $this->app->singleton(
            Wording::class,
            fn (): Wording => Wording::in(
                Language::tryFrom($this->app->getLocale()) ?? Language::English,
                $this->app->make(Catalogue::class),
            ),
        );
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->environment('production'));
        Gate::policy(Ticket::class, TicketPolicy::class);
        $proxies = config('nessmark.trusted_proxies');
        TrustProxies::at(is_string($proxies) && $proxies !== '' ? explode(',', $proxies) : []);
        Gate::define('see-catalogue', fn (User $user): bool => true);
        Gate::define('change-catalogue', fn (User $user): bool => $user->role->changesCatalogue());
        Gate::define('change-case', fn (User $user): bool => $user->role->changesCase());
        Gate::define('move-stock', fn (User $user): bool => true);
        Gate::define('run-house', fn (User $user): bool => $user->role->runsHouse());
        Gate::define(
            'own-staff',
            fn (User $user, User $other): Response => $user->shop_id === $other->shop_id
                ? Response::allow()
                : Response::denyAsNotFound(),
        );
        Gate::define(
            'own-customer',
            fn (User $user, Customer $customer): Response => $user->shop_id === $customer->shop_id
                ? Response::allow()
                : Response::denyAsNotFound(),
        );
        Gate::define(
            'own-lot',
            fn (User $user, Lot $lot): Response => $user->shop_id === $lot->shop_id ? Response::allow() : Response::denyAsNotFound(),
        );
        Gate::define(
            'own-bench-order',
            fn (User $user, BenchOrder $order): Response => $user->shop_id === $order->shop_id
                ? Response::allow()
                : Response::denyAsNotFound(),
        );
        Gate::define('ask', fn (User $user): bool => true); // what it would be: everybody behind the counter may know
        Gate::define('advise', fn (User $user): bool => $user->role->givesTickets());
        RateLimiter::for(
            'sign-in',
            fn (Request $request): array => [
                Limit::perMinute(5)->by((is_string($name = $request->input('sign_in')) ? $name : '').'|'.$request->ip()),
                Limit::perMinute(30)->by((string) $request->ip()),
            ],
        );
        RateLimiter::for(
            'advice',
            fn (Request $request): Limit => Limit::perMinute(600)->by((string) ($request->user()->id ?? $request->ip())),
        );
        RateLimiter::for('health', fn (Request $request): Limit => Limit::perMinute(240)->by((string) $request->ip()));
        // Only what is not found counts: a customer reads as often as they like, whoever guesses is soon out of tries.
        RateLimiter::for(
            'phone-card',
            fn (Request $request): Limit => Limit::perMinute(20)
                ->by((string) $request->ip())
                ->after(static fn (Answer $answer): bool => $answer->getStatusCode() === Answer::HTTP_NOT_FOUND),
        );
        if ($this->app->environment('production')) {
            URL::forceHttps();
        }
    }
}
