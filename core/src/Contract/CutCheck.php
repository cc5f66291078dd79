<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use LogicException;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Nessmark\Heat\Composition;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Whether a cut from outside holds together: its form by the schema, then everything it refers to. */
final readonly class CutCheck
{
    private function __construct(
        private Validator $validator,
        private object $schema,
        private Record $animals,
        private Record $muscles,
        private Record $places,
        private Record $portions,
        private Record $sources,
        private DonenessTable $doneness,
    ) {}

    public static function from(DataFolder $folder): self
    {
        $schema = json_decode((string) json_encode($folder->read('schema/cut.json')->toArray()));

        return new self(
            new Validator(max_errors: 50, stop_at_first_error: false),
            is_object($schema) ? $schema : throw new LogicException('The schema of a cut is not an object.'),
            $folder->read('animals.json'),
            $folder->read('muscles.json'),
            $folder->read('places.json'),
            $folder->read('portions.json')->record('portions'),
            $folder->read('sources.json'),
            DonenessTable::from($folder),
        );
    }

    /**
     * @param  string  $at  where the cut stands, such as "cuts.3"
     * @return list<Violation> empty when all is well
     */
    public function problems(mixed $cut, string $at): array
    {
        // PHP cannot tell an empty object from an empty list.
        $written = is_array($cut) && ($cut['names'] ?? null) === [] ? [...$cut, 'names' => (object) []] : $cut;
        $error = $this->validator->validate(json_decode((string) json_encode($written)), $this->schema)->error();
        if ($error !== null || ! is_array($cut)) {
            return $error === null ? [] : $this->formProblems($error, $at);
        }

        return $this->referenceProblems(new Record($cut, $at), $at);
    }

    /** @return list<Violation> one for each key that is wrong */
    private function formProblems(ValidationError $error, string $at): array
    {
        if ($error->subErrors() !== []) {
            $problems = [];
            foreach ($error->subErrors() as $inner) {
                if ($inner instanceof ValidationError) {
                    array_push($problems, ...$this->formProblems($inner, $at));
                }
            }

            return $problems;
        }
        $path = trim("{$at}.".implode('.', array_map(strval(...), $error->data()->fullPath())), '.');
        $schema = (array) $error->schema()->info()->data();
        $value = $error->data()->value();
        $given = is_scalar($value) ? $value : gettype($value);
        $allowed = (new ErrorFormatter())->formatErrorMessage($error);
        $known = array_keys((array) ($schema['properties'] ?? []));

        return match ($error->keyword()) {
            'required' => array_map(
                static fn (string $key): Violation => Violation::of("{$path}.{$key}", 'missing', null, 'value'),
                array_values(array_diff($known, array_keys((array) $value))),
            ),
            'additionalProperties' => array_map(
                static fn (int|string $key): Violation => Violation::of("{$path}.{$key}", 'unknown_key', $key, 'keys', [
                    'keys' => implode(', ', $known),
                ]),
                array_values(array_diff(array_keys((array) $value), $known)),
            ),
            'enum' => [
                Violation::of($path, 'not_allowed', $given, 'one_of', [
                    'choices' => implode(', ', array_filter((array) ($schema['enum'] ?? []), is_string(...))),
                ]),
            ],
            default => [Violation::of($path, 'not_allowed', $given, 'schema', ['rule' => $allowed])],
        };
    }

    /** @return list<Violation> */
    private function referenceProblems(Record $cut, string $at): array
    {
        $problems = [];
        $check = static function (bool $isWell, string $key, mixed $value, string $allowed, array $args = []) use (
            &$problems,
            $at,
        ): void {
            /** @var array<string, float|int|string> $args */
            if (! $isWell) {
                $problems[] = Violation::of("{$at}.{$key}", 'not_allowed', $value, $allowed, $args);
            }
        };
        $animal = $cut->text('animal');
        $isAnimal = in_array($animal, $this->animals->keys(), true);
        $check($isAnimal, 'animal', $animal, 'one_of', ['choices' => implode(', ', $this->animals->keys())]);
        if ($isAnimal) {
            $regions = $this->animals->record($animal)->record('regions')->keys();
            $check(in_array($cut->text('region'), $regions, true), 'region', $cut->text('region'), 'one_of', [
                'choices' => implode(', ', $regions),
            ]);
        }
        foreach ($cut->texts('muscles') as $i => $muscle) {
            $isThere = in_array($muscle, $this->muscles->keys(), true);
            $check($isThere, "muscles.{$i}", $muscle, 'muscle');
            if ($isThere && $isAnimal) {
                $in = $this->muscles->record($muscle)->record('tenderness')->keys();
                $check(
                    array_intersect([$animal, $animal === 'hare' ? 'deer' : $animal, 'any'], $in) !== [],
                    "muscles.{$i}",
                    $muscle,
                    'muscle_of',
                    ['animal' => $animal],
                );
            }
        }
        foreach ($cut->record('names')->keys() as $place) {
            $check(in_array($place, $this->places->keys(), true), "names.{$place}", $place, 'one_of', [
                'choices' => implode(', ', $this->places->keys()),
            ]);
        }
        $check($this->portions->has($cut->text('portion')), 'portion', $cut->text('portion'), 'one_of', [
            'choices' => implode(', ', $this->portions->keys()),
        ]);
        $this->checkDoneness($cut->record('doneness'), $check);
        $this->checkSources($cut, $check);
        foreach (
            ['thickness_mm' => ['min', 'typical', 'max'], 'weight_g' => ['low', 'typical', 'high']] as $key => [$low, $middle, $high]
        ) {
            $range = $cut->record($key);
            $check(
                $range->number($low) <= $range->number($middle) && $range->number($middle) <= $range->number($high),
                $key,
                $range->toArray(),
                'rising_keys',
                ['keys' => "{$low}, {$middle}, {$high}"],
            );
        }
        foreach (['trim', 'cooking'] as $key) {
            $range = $cut->record('yields')->record($key);
            $check($range->number('low') <= $range->number('high'), "yields.{$key}", $range->toArray(), 'rising_keys', [
                'keys' => 'low, high',
            ]);
        }
        try {
            Composition::fromRecord($cut->record('composition'));
        } catch (InputRefused $refused) {
            $problems[] = $refused->violations[0]->under($at);
        }

        return $problems;
    }

    /** @param  callable(bool, string, mixed, string, array<string, string>=): void  $check */
    private function checkDoneness(Record $doneness, callable $check): void
    {
        $family = $doneness->text('family');
        $isFamily = in_array($family, $this->doneness->families(), true);
        $check($isFamily, 'doneness.family', $family, 'one_of', ['choices' => implode(', ', $this->doneness->families())]);
        if ($isFamily) {
            $words = array_map(static fn ($word): string => $word->word, $this->doneness->words($family, Scale::Kitchen));
            $check(in_array($doneness->text('default'), $words, true), 'doneness.default', $doneness->text('default'), 'one_of', [
                'choices' => implode(', ', $words),
            ]);
        }
    }

    /** @param  callable(bool, string, mixed, string, array<string, string>=): void  $check */
    private function checkSources(Record $cut, callable $check): void
    {
        $cited = ['composition' => $cut->record('composition')->texts('sources')];
        foreach ($cut->record('sources')->keys() as $about) {
            $cited["sources.{$about}"] = $cut->record('sources')->texts($about);
        }
        foreach ($cited as $key => $sources) {
            foreach ($sources as $source) {
                $check($this->sources->has($source), $key, $source, 'source_key');
            }
        }
    }
}
