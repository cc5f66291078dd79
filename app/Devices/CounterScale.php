<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Shop;
use Illuminate\Contracts\Cache\Repository;
use Nessmark\Bench\ScaleState;
use Nessmark\Bench\ScaleWatch;

/** The scale on the counter. Readings of all who look at it go into one watch, so that what one screen saw counts for the next. */
final readonly class CounterScale
{
    private const REMEMBERED_S = 60;

    /** A weight that is asked for is waited for so long. */
    private const TRIES = 22;

    private const PAUSE_US = 120_000;

    /** What is waited for; anything else is said at once. */
    private const PASSING = [ScaleState::Settling, ScaleState::Unreadable];

    public function __construct(private Wire $wire, private Breaker $breaker, private Repository $memory) {}

    public function look(Shop $shop): ScaleWatch
    {
        return $this->seen($shop, 'read');
    }

    public function tare(Shop $shop): ScaleWatch
    {
        return $this->seen($shop, 'tare');
    }

    public function zero(Shop $shop): ScaleWatch
    {
        return $this->seen($shop, 'zero');
    }

    /** A steady weight, or why there is none. */
    public function weigh(Shop $shop): ScaleWatch
    {
        $watch = $this->look($shop);
        for ($i = 1; $i < self::TRIES && in_array($watch->state, self::PASSING, true); $i++) {
            usleep(self::PAUSE_US);
            $watch = $this->look($shop);
        }

        return $watch;
    }

    /** What the hand of the stand-in does; a real scale has none. */
    public function hand(string $does): void
    {
        $this->breaker->ask($this->wire, "hand {$does}");
    }

    private function seen(Shop $shop, string $word): ScaleWatch
    {
        $key = "scale.{$shop->id}";
        $kept = $this->memory->get($key);
        $watch = is_array($kept) ? ScaleWatch::kept($kept) : ScaleWatch::fresh();
        try {
            $watch = $watch->read($this->breaker->ask($this->wire, $word), intdiv(hrtime(true), 1_000_000));
        } catch (DeviceLost) {
            $watch = $watch->lost();
        }
        $this->memory->put($key, $watch->toKeep(), self::REMEMBERED_S);

        return $watch;
    }
}
