<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Customer;
use Illuminate\Support\Carbon;
use RuntimeException;

/**
 * Who was forgotten, as fingerprints only, in a file beside the data and in the folder of backups: it outlives a backup, so that what a
 * restore brings back of them is forgotten again. A fingerprint is an HMAC-SHA256 under the key of the installation: without it nobody
 * can try names.
 */
final readonly class Forgotten
{
    private const FILE = 'forgotten.list';

    public function customer(Customer $customer): void
    {
        $this->add(self::ofCustomer($customer));
    }

    public function name(int $shopId, string $name): void
    {
        $this->add(self::ofName($shopId, $name));
    }

    public function knowsCustomer(Customer $customer): bool
    {
        return isset($this->prints()[self::ofCustomer($customer)]);
    }

    /** Whether it was forgotten after it was written down: somebody of the same name may come another day. */
    public function knowsName(int $shopId, string $name, Carbon $writtenAt): bool
    {
        $at = $this->prints()[self::ofName($shopId, $name)] ?? null;

        return $at !== null && $at >= $writtenAt->getTimestamp();
    }

    /** The list goes where backups go as well. */
    public function keepBeside(string $folder): void
    {
        $own = self::path();
        if (is_file($own) && is_dir($folder)) {
            $there = "{$folder}/".self::FILE;
            file_put_contents($there, implode('', array_unique([...self::lines($own), ...self::lines($there)])));
        }
    }

    /** @return array<string, int> when it was forgotten last, by fingerprint */
    private function prints(): array
    {
        $folder = config('nessmark.backup_folder');
        $lines = [...self::lines(self::path()), ...is_string($folder) ? self::lines("{$folder}/".self::FILE) : []];
        $prints = [];
        foreach ($lines as $line) {
            [$at, $print] = [...explode(' ', trim($line)), '', ''];
            $prints[$print] = max($prints[$print] ?? 0, (int) $at);
        }

        return $prints;
    }

    private function add(string $print): void
    {
        $line = now()->getTimestamp()." {$print}\n";
        if (file_put_contents(self::path(), $line, FILE_APPEND | LOCK_EX) !== strlen($line)) {
            throw new RuntimeException('The list of who was forgotten could not be written.');
        }
        $folder = config('nessmark.backup_folder');
        if (is_string($folder)) {
            $this->keepBeside($folder);
        }
    }

    /** @return list<string> */
    private static function lines(string $file): array
    {
        return is_file($file) ? (file($file) ?: []) : [];
    }

    private static function path(): string
    {
        return storage_path('app/'.self::FILE);
    }

    private static function ofCustomer(Customer $customer): string
    {
        return self::print("customer\n{$customer->name}\n".$customer->created_at->getTimestamp());
    }

    private static function ofName(int $shopId, string $name): string
    {
        return self::print("name\n{$shopId}\n".mb_strtolower(trim($name)));
    }

    private static function print(string $of): string
    {
        return hash_hmac('sha256', $of, config()->string('app.key'));
    }
}
