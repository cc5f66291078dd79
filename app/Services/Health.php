<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Nessmark\Data\Engine;
use Throwable;

/**
 * Whether the program can do its work: nothing of the machine, the shops or the people is told.
 *
 * @phpstan-type Report array{is_well: bool, checks: array<string, array{is_well: bool, is_needed: bool}>, backup_age_h: int|null,
 *     engine_version: string}
 */
final readonly class Health
{
    /** A store is full before nothing is left: what the database and a card need, bytes (our choice). */
    private const LEAST_FREE = 200 * 1024 * 1024;

    /** The scheduler beats every minute; after so long it has stopped. */
    private const BEAT_WITHIN_MIN = 5;

    /** A night, and the day it may be mended in. */
    private const BACKUP_WITHIN_H = 36;

    /** Whoever asks again so soon is told the same, s. */
    private const KNOWN_FOR_S = 3;

    public const BEAT = 'scheduler.beat';

    public function __construct(private Repository $cache, private Room $room) {}

    /**
     * @return Report
     */
    public function report(): array
    {
        try {
            /** @var Report $report */
            $report = $this->cache->remember('health.report', self::KNOWN_FOR_S, fn (): array => $this->look());

            return $report;
        } catch (Throwable) {
            return $this->look(); // the cache itself is not well
        }
    }

    /**
     * @return Report
     */
    private function look(): array
    {
        $backup = $this->lastBackup();
        $ageH = $backup === null ? null : (int) $backup->diffInHours(now(), true);
        $checks = [
            'database' => [self::works(static fn (): bool => DB::select('SELECT 1') !== []), true],
            'writing' => [$this->room->isLeft() && self::works(self::writes(...)), true], // without room it would wait
            'disk' => [$this->room->leftBytes() > self::LEAST_FREE, true],
            'cache' => [self::works(fn (): bool => $this->cache->put('health', 1, 60) && $this->cache->get('health') === 1), true],
            'scheduler' => [self::works($this->beats(...)), false],
            'backup' => [$ageH !== null && $ageH <= self::BACKUP_WITHIN_H, false],
        ];

        return [
            'is_well' => array_filter($checks, static fn (array $check): bool => ! $check[0] && $check[1]) === [],
            'checks' => array_map(static fn (array $check): array => ['is_well' => $check[0], 'is_needed' => $check[1]], $checks),
            'backup_age_h' => $ageH,
            'engine_version' => Engine::VERSION,
        ];
    }

    public function lastBackup(): ?Carbon
    {
        try {
            $at = DB::table('backups')->max('made_at');
        } catch (Throwable) {
            return null;
        }

        return is_string($at) ? Carbon::parse($at, 'UTC') : null;
    }

    private function beats(): bool
    {
        $beat = $this->cache->get(self::BEAT);

        return is_int($beat) && $beat > now()->subMinutes(self::BEAT_WITHIN_MIN)->getTimestamp();
    }

    /** A database that is read-only still reads: one row of its own is written, outside the binary log. */
    private static function writes(): bool
    {
        $beat = config()->string('database.passing').'.beat';

        return DB::table($beat)->upsert([['id' => 1, 'at' => now()->format('Y-m-d H:i:s.v')]], ['id'], ['at']) > 0;
    }

    /** @param  callable(): bool  $check */
    private static function works(callable $check): bool
    {
        try {
            return $check();
        } catch (Throwable) {
            return false;
        }
    }
}
