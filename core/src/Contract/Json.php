<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use BackedEnum;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\Flat;
use ReflectionClass;
use ReflectionProperty;

/**
 * Writes what the core's types hold as plain data: public properties in their order, names with underscores, enums by value. The one
 * serialiser.
 */
final class Json
{
    /** @var array<class-string, list<array{ReflectionProperty, string, bool}>> property, key, whether its keys stand beside the others */
    private static array $known = [];

    private function __construct() {}

    /** @return array<string, mixed> */
    public static function of(object $value): array
    {
        if ($value instanceof Phrase) {
            return $value->toArray();
        }
        $data = [];
        foreach (self::properties($value::class) as [$property, $key, $isFlat]) {
            $inner = self::plain($property->getValue($value));
            $data = $isFlat && is_array($inner) ? [...$data, ...$inner] : [...$data, $key => $inner];
        }

        /** @var array<string, mixed> $data */
        return $data;
    }

    public static function key(string $property): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z])(?=\d)|(?<!^)(?=[A-Z])/', '_', $property));
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            is_object($value) => self::of($value),
            is_array($value) => array_map(self::plain(...), $value),
            default => $value,
        };
    }

    /**
     * @param  class-string  $class
     * @return list<array{ReflectionProperty, string, bool}>
     */
    private static function properties(string $class): array
    {
        return self::$known[$class] ??= array_map(
            static fn (ReflectionProperty $property): array => [
                $property,
                self::key($property->getName()),
                $property->getAttributes(Flat::class) !== [],
            ],
            (new ReflectionClass($class))->getProperties(ReflectionProperty::IS_PUBLIC),
        );
    }
}
