<?php

declare(strict_types=1);

namespace App\Services;

/**
 * Whether the disks have room left, the program's own and the database's where it is on this machine. A database whose disk is full waits
 * for room and answers nobody: so nobody is sent to it.
 */
final readonly class Room
{
    /** What the requests under way, and a database that has to end, still need, bytes (our choice). */
    public const LEAST = 32 * 1024 * 1024;

    /** @param  list<string>  $folders  one on each disk; one that is not there is not looked at */
    public function __construct(private array $folders, private float $leastBytes = self::LEAST) {}

    public function isLeft(): bool
    {
        return $this->leftBytes() > $this->leastBytes;
    }

    /** Of the fullest. */
    public function leftBytes(): float
    {
        return min([INF, ...array_map(static fn (string $folder): float => disk_free_space($folder) ?: 0.0, $this->there())]);
    }

    /** @return list<string> */
    private function there(): array
    {
        return array_values(array_filter($this->folders, is_dir(...)));
    }
}
