<?php

declare(strict_types=1);

namespace Nessmark\Data;

use LogicException;

/** Shipped data with its types asserted. A wrong type is a broken program, not a wrong input. */
final readonly class Record
{
    /** @param  array<array-key, mixed>  $data */
    public function __construct(private array $data, private string $where) {}

    public function has(string $key): bool
    {
        return isset($this->data[$key]);
    }

    public function text(string $key): string
    {
        $value = $this->data[$key] ?? null;

        return is_string($value) ? $value : throw $this->broken($key, 'a text');
    }

    public function number(string $key): float
    {
        $value = $this->data[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw $this->broken($key, 'a number');
    }

    public function numberOr(string $key, float $default): float
    {
        return $this->has($key) ? $this->number($key) : $default;
    }

    public function flag(string $key): bool
    {
        $value = $this->data[$key] ?? null;

        return is_bool($value) ? $value : throw $this->broken($key, 'true or false');
    }

    public function record(string $key): self
    {
        $value = $this->data[$key] ?? null;

        return is_array($value) ? new self($value, "{$this->where}: {$key}") : throw $this->broken($key, 'an object');
    }

    /** @return list<self> */
    public function records(string $key): array
    {
        $records = [];
        foreach ($this->items($key) as $i => $item) {
            $records[] = is_array($item) ? new self($item, "{$this->where}: {$key}.{$i}") : throw $this->broken("{$key}.{$i}", 'an object');
        }

        return $records;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $texts = [];
        foreach ($this->items($key) as $i => $item) {
            $texts[] = is_string($item) ? $item : throw $this->broken("{$key}.{$i}", 'a text');
        }

        return $texts;
    }

    /** @return array<array-key, mixed> */
    public function toArray(): array
    {
        return $this->data;
    }

    public function with(string $key, mixed $value): self
    {
        return new self([...$this->data, $key => $value], $this->where);
    }

    public function textOrNull(string $key): ?string
    {
        return $this->has($key) ? $this->text($key) : null;
    }

    public function numberOrNull(string $key): ?float
    {
        return $this->has($key) ? $this->number($key) : null;
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->data));
    }

    /** @return list<mixed> */
    private function items(string $key): array
    {
        $value = $this->data[$key] ?? null;

        return is_array($value) && array_is_list($value) ? $value : throw $this->broken($key, 'a list');
    }

    private function broken(string $key, string $wanted): LogicException
    {
        return new LogicException("{$this->where}: {$key} should be {$wanted}.");
    }
}
