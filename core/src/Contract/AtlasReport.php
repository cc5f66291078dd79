<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Catalogue\AmbiguousNames;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\LookAlikes;
use Nessmark\Catalogue\NameHit;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Data\Sources;
use Nessmark\Grade\GradeScale;
use Nessmark\Grade\GradeTable;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FatClass;
use Nessmark\Meat\Muscle;
use Nessmark\Meat\Tenderness;
use Nessmark\Method\Fit;
use Nessmark\Method\MethodFit;
use Nessmark\Method\Suitability;
use Nessmark\Say\Phrase;

/** What the atlas tells about cuts, as plain data: lines of a list, and one page a cut. */
final readonly class AtlasReport
{
    private function __construct(
        private Record $animals,
        private Record $places,
        private LookAlikes $lookAlikes,
        private GradeTable $grades,
        private Sources $sources,
        private DataFolder $folder,
        private Suitability $suitability,
    ) {}

    public static function from(DataFolder $folder): self
    {
        return new self(
            $folder->read('animals.json'),
            $folder->read('places.json'),
            LookAlikes::from($folder),
            GradeTable::from($folder),
            Sources::from($folder),
            $folder,
            new Suitability(),
        );
    }

    /**
     * @param  list<NameHit>  $hits
     * @return array{cuts: list<array<string, mixed>>, places: array<string, string>}
     */
    public function list(array $hits, Catalogue $catalogue): array
    {
        return [
            'cuts' => array_map(
                fn (NameHit $hit): array => [
                    ...$this->line($hit->cut, $catalogue),
                    'found_as' => $hit->place === null ? null : ['name' => $hit->name, 'place' => $hit->place],
                ],
                $hits,
            ),
            'places' => $this->placeNames(),
        ];
    }

    /** @return array<string, mixed> */
    public function page(Cut $cut, Catalogue $catalogue): array
    {
        $ambiguous = AmbiguousNames::from($this->folder, $catalogue);

        return [
            ...$this->line($cut, $catalogue),
            'region_name' => $this->regionName($cut),
            'names' => $this->names($cut),
            'own_names' => $catalogue->ownNames($cut->slug),
            'ambiguous' => array_map($this->flag(...), $ambiguous->ofCut($cut)),
            'item_numbers' => array_map(
                static fn (Record $number): array => ['system' => $number->text('system'), 'number' => $number->text('number')],
                $cut->record->records('item_numbers'),
            ),
            'muscles' => array_map(fn (Muscle $muscle): array => $this->muscle($muscle, $cut->animal), $cut->muscles),
            'thickness_mm' => ['min' => $cut->build->thinnestMm, 'typical' => $cut->build->typicalMm, 'max' => $cut->build->thickestMm],
            'weight_g' => ['low' => $cut->build->lightestG, 'typical' => $cut->build->typicalG, 'high' => $cut->build->heaviestG],
            'is_round' => $cut->build->isRound(),
            'per_animal' => $cut->record->has('per_animal') ? (int) $cut->record->number('per_animal') : null,
            'covering' => [
                'bone' => $cut->covering->bone,
                'bone_pct' => round(100.0 * $cut->covering->boneShare),
                'skin' => $cut->covering->hasSkin,
                'pin_bones' => $cut->covering->hasPinBones,
                'membrane' => $cut->covering->membrane,
                'fat_cap_mm' => $cut->covering->fatCapMm,
            ],
            'composition_pct' => array_map(
                static fn (float $fraction): float => round(100.0 * $fraction, 1),
                $cut->composition->fractions,
            ),
            'yields_pct' => [
                'trim' => $this->percent($cut->record->record('yields')->record('trim')),
                'cooking' => $this->percent($cut->record->record('yields')->record('cooking')),
            ],
            'slice' => (new Phrase("do.slice_{$cut->slice}"))->toArray(),
            'doneness' => ['family' => $cut->donenessFamily, 'default' => $cut->defaultDoneness],
            'recognise' => $cut->record->text('recognise'),
            'look_alikes' => $this->alikes($cut, $catalogue),
            'methods' => array_map(
                fn (MethodFit $fit): array => $fit->toArray($this->suitability->isComputed($cut, $fit->method)),
                $this->suitability->all($cut),
            ),
            'grades' => array_map(static fn (GradeScale $scale): string => $scale->id, $this->grades->forGroup($cut->group->value)),
            'instead_of_grades' => $this->grades->insteadFor($cut->group->value),
            'cautions' => array_map(static fn (string $hazard): array => (new Phrase("caution.{$hazard}"))->toArray(), [
                ...array_column($cut->hazards, 'value'),
                'local_code',
            ]),
            'sources' => $this->sources->cite([
                ...$cut->sources,
                ...array_merge(...array_map(static fn (Muscle $m): array => $m->sources($cut->animal), $cut->muscles)),
            ]),
        ];
    }

    /** @return array<string, mixed> */
    private function line(Cut $cut, Catalogue $catalogue): array
    {
        $suited = ['good' => [], 'possible' => []];
        foreach ($this->suitability->all($cut) as $fit) {
            if ($fit->fit !== Fit::Poor) {
                $suited[$fit->fit->value][] = $fit->method->value;
            }
        }

        return [
            'slug' => $cut->slug,
            'name' => $cut->name,
            'group' => $cut->group->value,
            'animal' => $cut->animal,
            'region' => $cut->region,
            'form' => $cut->form->value,
            'tenderness' => Tenderness::nearest($cut->tendernessScore())->value,
            'tenderness_score' => round($cut->tendernessScore(), 2),
            'fat_pct' => round(100.0 * $cut->fatFraction(), 1),
            'fat' => FatClass::of($cut->fatFraction())->value,
            'flavour' => $cut->flavour,
            'price_class' => $cut->priceClass,
            'availability' => $cut->availability->value,
            'suits' => $suited['good'],
            'may_suit' => $suited['possible'],
            'is_own' => $catalogue->isOwn($cut->slug),
            'is_hidden' => $catalogue->isHidden($cut->slug),
        ];
    }

    /** @return list<array{place: string, place_name: string, names: list<string>}> */
    private function names(Cut $cut): array
    {
        $names = [];
        foreach ($cut->names as $place => $of) {
            $names[] = ['place' => $place, 'place_name' => $this->places->text($place), 'names' => $of];
        }

        return $names;
    }

    /** @return array<string, mixed> */
    private function muscle(Muscle $muscle, string $animal): array
    {
        return [
            'slug' => $muscle->slug,
            'name' => $muscle->name,
            'in_life' => $muscle->inLife,
            'work' => $muscle->work,
            'collagen' => $muscle->collagen->value,
            'grain' => $muscle->grain->value,
            'is_long_fibred' => $muscle->isLongFibred,
            'tenderness' => $muscle->tendernessIn($animal)->value,
            'shear_force_kg' => $muscle->shearForceKg($animal),
        ];
    }

    /** @return list<array{slug: string, name: string, tell: array<string, mixed>}> */
    private function alikes(Cut $cut, Catalogue $catalogue): array
    {
        return array_map(
            static fn (array $other): array => [
                'slug' => $other['cut'],
                'name' => $catalogue->cut($other['cut'])->name,
                'tell' => $other['tell']->toArray(),
            ],
            $this->lookAlikes->of($cut->slug),
        );
    }

    /**
     * @param  array{name: string, question: Phrase|null, means: list<array{cut: Cut, places: list<string>}>}  $flag
     * @return array<string, mixed>
     */
    public function flag(array $flag): array
    {
        return [
            'name' => $flag['name'],
            'question' => $flag['question']?->toArray(),
            'means' => array_map(
                fn (array $meaning): array => [
                    'slug' => $meaning['cut']->slug,
                    'name' => $meaning['cut']->name,
                    'places' => array_map($this->places->text(...), $meaning['places']),
                ],
                $flag['means'],
            ),
        ];
    }

    private function regionName(Cut $cut): string
    {
        return $this->animals->record($cut->animal)->record('regions')->text($cut->region);
    }

    /** @return array{low: float, high: float} */
    private function percent(Record $share): array
    {
        return ['low' => round(100.0 * $share->number('low')), 'high' => round(100.0 * $share->number('high'))];
    }

    /** @return array<string, string> */
    private function placeNames(): array
    {
        $names = [];
        foreach ($this->places->keys() as $place) {
            $names[$place] = $this->places->text($place);
        }

        return $names;
    }
}
