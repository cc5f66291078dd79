<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use LogicException;
use Nessmark\Data\Record;

/** A muscle, or what takes its place in offal and shellfish: what it did in life and what that made of it. */
final readonly class Muscle
{
    private function __construct(
        public string $slug,
        public string $name,
        public string $inLife,
        public string $work,
        public Collagen $collagen,
        public Grain $grain,
        public bool $isLongFibred,
        private Record $tenderness,
    ) {}

    public static function fromRecord(string $slug, Record $record): self
    {
        return new self(
            $slug,
            $record->text('name'),
            $record->text('in_life'),
            $record->text('work'),
            Collagen::from($record->text('collagen')),
            Grain::from($record->text('grain')),
            $record->text('fibre_length') === 'long',
            $record->record('tenderness'),
        );
    }

    /** @throws LogicException if the muscle is not known in this animal */
    public function tendernessIn(string $animal): Tenderness
    {
        return Tenderness::from($this->in($animal)->text('class'));
    }

    /** @return array{low: float, high: float}|null Warner-Bratzler shear force, kg, where it is published for this animal */
    public function shearForceKg(string $animal): ?array
    {
        if (! $this->in($animal)->has('shear_force_kg')) {
            return null;
        }
        $force = $this->in($animal)->record('shear_force_kg');

        return ['low' => $force->number('low'), 'high' => $force->number('high')];
    }

    /** @return list<string> */
    public function sources(string $animal): array
    {
        return $this->in($animal)->texts('sources');
    }

    private function in(string $animal): Record
    {
        foreach ([$animal, $animal === 'hare' ? 'deer' : $animal, 'any'] as $key) {
            if ($this->tenderness->has($key)) {
                return $this->tenderness->record($key);
            }
        }
        throw new LogicException("{$this->slug} has no tenderness for {$animal}.");
    }
}
