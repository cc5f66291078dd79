<?php

declare(strict_types=1);

namespace App\OpenApi;

use BackedEnum;
use LogicException;
use Nessmark\Contract\Json;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\Flat;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionProperty;

/**
 * Schemas of what the core's types are written as by Contract\Json: from the same properties, their types and what their docblock says
 * of them.
 */
final class Reflected
{
    /** @var array<string, array<string, mixed>> by name */
    private array $schemas = [];

    /**
     * @param  class-string  $class  and all it holds
     * @return array<string, array<string, mixed>> schemas by name, the names sorted
     */
    public static function of(string $class): array
    {
        $reflected = new self();
        $reflected->reference($class);
        ksort($reflected->schemas);

        return $reflected->schemas;
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    private function reference(string $class): array
    {
        $name = (new ReflectionClass($class))->getShortName();
        if (! isset($this->schemas[$name]) && $class !== Phrase::class) {
            $this->schemas[$name] = []; // so that what holds itself comes to an end
            $properties = $this->properties($class);
            $this->schemas[$name] = [
                'required' => array_keys($properties),
                'type' => 'object',
                'properties' => $properties,
                'additionalProperties' => false,
            ];
        }

        return ['$ref' => "#/components/schemas/{$name}"];
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed> schema by key
     */
    private function properties(string $class): array
    {
        if ($class === Phrase::class) {
            return [
                'key' => ['type' => 'string'],
                'args' => ['type' => 'object', 'additionalProperties' => ['oneOf' => [['type' => 'string'], ['type' => 'number']]]],
            ];
        }
        $reflection = new ReflectionClass($class);
        preg_match_all(
            '/@param\s+(.+?)\s{2}\$(\w+)[ \t]*(.*)/',
            (string) $reflection->getConstructor()?->getDocComment(),
            $said,
            PREG_SET_ORDER,
        );
        [$types, $texts] = [array_column($said, 1, 2), array_column($said, 3, 2)];
        $schemas = [];
        foreach ($reflection->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
            $type = $property->getType();
            if (! ($type instanceof ReflectionNamedType)) {
                throw new LogicException("{$class}: {$property->getName()} has no one type.");
            }
            if ($property->getAttributes(Flat::class) !== []) {
                /** @var class-string $inner */
                $inner = $type->getName();
                $schemas = [...$schemas, ...$this->properties($inner)];

                continue;
            }
            $written = $types[$property->getName()] ?? $type->getName();
            $schema = $this->schema($type->getName() === 'array' ? $written : $type->getName(), $reflection);
            $text = trim($texts[$property->getName()] ?? '');
            if ($type->allowsNull()) {
                $schema = isset($schema['$ref'])
                    ? ['oneOf' => [$schema, ['type' => 'null']]]
                    : [...$schema, 'type' => [$schema['type'] ?? 'string', 'null']];
            }
            $schemas[Json::key($property->getName())] = $text === '' ? $schema : ['description' => $text, ...$schema];
        }

        return $schemas;
    }

    /**
     * @param  string  $type  as PHP or a docblock writes it
     * @param  ReflectionClass<object>  $in  whose namespace a short name belongs to
     * @return array<string, mixed>
     */
    private function schema(string $type, ReflectionClass $in): array
    {
        $simple =
            [
                'string' => ['type' => 'string'],
                'float' => ['type' => 'number'],
                'int' => ['type' => 'integer'],
                'bool' => ['type' => 'boolean'],
            ][$type] ?? null;
        if ($simple !== null) {
            return $simple;
        }
        if (preg_match('/^list<(.+)>$/', $type, $found) === 1) {
            return ['type' => 'array', 'items' => $this->schema($found[1], $in)];
        }
        if (preg_match('/^array<string, (.+)>$/', $type, $found) === 1) {
            return ['type' => 'object', 'additionalProperties' => $this->schema($found[1], $in)];
        }
        if ($type === 'array{float, float}') {
            return ['type' => 'array', 'items' => ['type' => 'number']];
        }
        $class = match (true) {
            class_exists($type) || enum_exists($type) => $type,
            $type === 'Phrase' => Phrase::class,
            default => "{$in->getNamespaceName()}\\{$type}",
        };
        if (is_a($class, BackedEnum::class, true)) {
            return ['type' => 'string', 'enum' => array_column($class::cases(), 'value')];
        }

        return class_exists($class) ? $this->reference($class) : throw new LogicException("{$in->getName()}: no schema for {$type}.");
    }
}
