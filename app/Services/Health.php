<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Nessmark\Data\Engine;
use Throwable;

/** Whether the program can do its work: nothing of the machine, the shops or the people is told. */
final readonly class Health
{
    /** A store is full before nothing is left: what the database and a card need, bytes (our choice). */
    private const LEAST_FREE = 200 * 1024 * 1024;

    /** The scheduler beats every minute; after so long it has stopped. */
    private const BEAT_WITHIN_MIN = 5;

    /** A night, and the day it may be mended in. */
    private const BACKUP_WITHIN_H = 36;

    public const BEAT = 'scheduler.beat';

    public function __construct(private Repository $cache, private Room $room) {}

    /**
     * @return array{is_well: bool, checks: array<string, array{is_well: bool, is_needed: bool}>, backup_age_h: int|null,
     *     engine_version: string}
     */
    public function report(): array
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

    /** A database whose disk is full still reads. */
    private static function writes(): bool
    {
        $key = 'health-'.bin2hex(random_bytes(6));
        DB::transaction(static function () use ($key): void {
            DB::table('sessions')->insert(['id' => $key, 'payload' => str_repeat('x', 65_536), 'last_activity' => 0]);
            DB::table('sessions')->where('id', $key)->delete();
        });

        return true;
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
