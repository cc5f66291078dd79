<?php

declare(strict_types=1);

namespace Nessmark\School;

use Nessmark\Data\Record;
use Nessmark\Meat\Cut;
use Nessmark\Method\Method;

/**
 * One thing the trade does not agree on: the options, the one that is followed unless a house says otherwise, and what each asks of a
 * ticket.
 */
final readonly class School
{
    /**
     * @param  non-empty-list<string>  $options
     * @param  array<string, array<string, mixed>>  $asks  by option, in the keys of an ask; none where it changes no figure
     * @param  array<string, mixed>|null  $example  an ask that shows the difference
     */
    private function __construct(
        public string $id,
        public array $options,
        public string $default,
        private array $asks,
        private Record $for,
        public ?array $example,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $asks = [];
        $options = $record->texts('options');
        foreach ($options as $option) {
            $asks[$option] = $record->record('asks')->has($option) ? self::plain($record->record('asks')->record($option)) : [];
        }

        return new self(
            $record->text('id'),
            $options === [] ? [$record->text('default')] : $options,
            $record->text('default'),
            $asks,
            $record->record('for'),
            $record->has('example') ? self::plain($record->record('example')) : null,
        );
    }

    /** Whether its options give different figures, and not only different words. */
    public function isComputed(): bool
    {
        return $this->example !== null;
    }

    /** @return array<string, mixed> in the keys of an ask */
    public function asks(string $option): array
    {
        return $this->asks[$option] ?? [];
    }

    public function bearsOn(Cut $cut, Method $method): bool
    {
        $holds = fn (string $key, string $value): bool => ! $this->for->has($key) || in_array($value, $this->for->texts($key), true);

        return $holds('groups', $cut->group->value) &&
            $holds('families', $cut->donenessFamily) &&
            $holds('food_classes', $cut->foodClass->value) &&
            $holds('methods', $method->value) &&
            (! $this->for->has('graded_fat_from') || $cut->fatFraction() >= $this->for->number('graded_fat_from'));
    }

    /** @return array<string, mixed> */
    private static function plain(Record $record): array
    {
        $plain = [];
        foreach ($record->toArray() as $key => $value) {
            $plain[(string) $key] = $value;
        }

        return $plain;
    }
}
