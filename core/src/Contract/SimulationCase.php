<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Errors\InputRefused;
use Nessmark\Errors\QuantityOutOfRange;
use Nessmark\Heat\Body;
use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\Face;
use Nessmark\Heat\FibreDirection;
use Nessmark\Heat\Material;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Stage;
use Nessmark\Meat\Composition;
use Nessmark\Quantity\Length;

/** A simulation as asked for in JSON: read strictly, nothing guessed. */
final readonly class SimulationCase
{
    /** Below this, real meat freezes and the figures for its composition no longer hold; °C, meat literature, from memory. */
    private const COLDEST_UNFROZEN_C = -1.0;

    private const MOST_REPORT_TIMES = 20_000;

    private const WEEK_S = 604_800.0;

    /**
     * @param  non-empty-list<Stage>  $stages
     * @param  list<float>  $reportAtS
     * @param  list<float>  $profileAtS
     * @param  list<float>  $coreTargetsC
     * @param  list<float>  $bandsC
     * @param  array{d_ref_s: float, t_ref_c: float, z_c: float}|null  $lethality
     */
    private function __construct(
        public Body $body,
        public Material $material,
        public float $startC,
        public array $stages,
        public ?float $reportEveryS,
        public array $reportAtS,
        public array $profileAtS,
        public array $coreTargetsC,
        public array $bandsC,
        public ?array $lethality,
    ) {}

    /** @throws InputRefused naming every key that is wrong */
    public static function fromArray(mixed $data): self
    {
        $in = Fields::of($data);
        $shape = Shape::Slab;
        $body = self::body($in->object('body'), $shape);
        $material = self::material($in->object('material'), $isComposed);
        $startC = $in->number('start_c', $isComposed ? self::COLDEST_UNFROZEN_C : -40.0, 150.0, '°C');
        if ($in->flagOr('wet_surface', false)) {
            $in->refuse('wet_surface', 'not_supported', true, 'false: evaporation from a wet surface is not computed by this version');
        }
        $stages = [];
        foreach ($in->objects('stages', 1, 200) as $fields) {
            $stages[] = self::stage($fields, $shape);
        }
        [$everyS, $atS, $profileAtS, $targetsC, $bandsC] = self::report($in, $stages);
        $lethality = null;
        if ($in->has('lethality')) {
            $fields = $in->object('lethality');
            $lethality = [
                'd_ref_s' => $fields->number('d_ref_s', 0.001, 1e7, 's'),
                't_ref_c' => $fields->number('t_ref_c', 0.0, 150.0, '°C'),
                'z_c' => $fields->number('z_c', 1.0, 50.0, '°C'),
            ];
            $fields->noOthers();
        }
        $in->noOthers();
        $in->refuseIfWrong();
        if ($body === null || $material === null || $stages === []) {
            throw InputRefused::one('(input)', 'missing', null, 'a body, a material and at least one stage');
        }

        return new self($body, $material, $startC, $stages, $everyS, $atS, $profileAtS, $targetsC, $bandsC, $lethality);
    }

    private static function body(Fields $in, Shape &$shape): ?Body
    {
        $shape = Shape::from($in->choice('shape', array_map(static fn (Shape $s): string => $s->value, Shape::cases())));
        $isSlab = $shape === Shape::Slab;
        $sizeMm = $in->number($isSlab ? 'thickness_mm' : 'diameter_mm', 0.5, 1000.0, 'mm');
        $coreAtMm = $isSlab ? $in->optionalNumber('core_at_mm', 0.001, max(0.001, $sizeMm), 'mm') : null;
        if ($in->has('layers')) {
            $in->refuse('layers', 'not_supported', '[…]', 'no layers: this version computes bodies of one tissue');
        }
        $in->noOthers();
        if ($in->isWrong()) {
            return null;
        }
        $size = Length::ofMillimetres($sizeMm);

        return match ($shape) {
            Shape::Slab => Body::slab($size, $coreAtMm === null ? null : Length::ofMillimetres($coreAtMm)),
            Shape::Cylinder => Body::cylinder($size),
            Shape::Sphere => Body::sphere($size),
        };
    }

    /** @param-out bool $isComposed */
    private static function material(Fields $in, ?bool &$isComposed): ?Material
    {
        $isComposed = $in->has('composition');
        if ($isComposed) {
            $fields = $in->object('composition');
            $fractions = [];
            foreach (Composition::COMPONENTS as $component) {
                if ($fields->has($component)) {
                    $fractions[$component] = $fields->number($component, 0.0, 1.0, 'kg per kg');
                }
            }
            $fields->noOthers();
            $fibre = FibreDirection::from($in->choiceOr('fibre', 'across', ['across', 'along']));
            $in->noOthers();
            if ($in->isWrong()) {
                return null;
            }
            try {
                return new ComposedMaterial(Composition::ofMassFractions($fractions), $fibre);
            } catch (InputRefused $refused) {
                foreach ($refused->violations as $violation) {
                    $in->refuse($violation->key, $violation->reason, $violation->value, $violation->allowed);
                }

                return null;
            }
        }
        $k = $in->number('k_w_mk', 0.01, 500.0, 'W/(m·K)');
        $rho = $in->number('rho_kg_m3', 1.0, 25_000.0, 'kg/m³');
        $cp = $in->number('cp_j_kgk', 50.0, 20_000.0, 'J/(kg·K)');
        $in->noOthers();

        try {
            return $in->isWrong() ? null : new ConstantMaterial($k, $rho, $cp);
        } catch (QuantityOutOfRange) {
            return null;
        }
    }

    private static function stage(Fields $in, Shape $shape): Stage
    {
        $name = $in->text('name', 'a name of 1 to 80 characters');
        $durationS = $in->optionalNumber('duration_s', 0.001, self::WEEK_S, 's');
        $untilCoreC = $in->optionalNumber('until_core_c', -40.0, 300.0, '°C');
        if ($durationS === null && $untilCoreC === null && ! $in->isWrong()) {
            $in->refuse('duration_s', 'missing', null, 'a duration_s, an until_core_c, or both');
        }
        $flipEveryS = $in->optionalNumber('flip_every_s', 1.0, self::WEEK_S, 's');
        $flipAtS = $in->risingNumbers('flip_at_s', 2000, 0.001, self::WEEK_S, 's');
        if ($flipEveryS !== null && $flipAtS !== []) {
            $in->refuse('flip_at_s', 'conflict', $flipAtS, 'either flip_every_s or flip_at_s, not both');
        }
        if ($shape !== Shape::Slab && ($flipEveryS !== null || $flipAtS !== [])) {
            $in->refuse($flipEveryS !== null ? 'flip_every_s' : 'flip_at_s', 'not_allowed', $flipEveryS ?? $flipAtS, 'no turning: a round body has one face');
        }
        $faces = $in->object('faces');
        $a = self::face($faces->object('a'));
        $b = $shape === Shape::Slab ? self::face($faces->object('b')) : $a;
        $faces->noOthers();
        $in->noOthers();

        return new Stage($name, $a, $b, $durationS, $untilCoreC, $flipAtS, $flipEveryS);
    }

    private static function face(Fields $in): Face
    {
        if ($in->has('insulated')) {
            if (! $in->flagOr('insulated', true)) {
                $in->refuse('insulated', 'not_allowed', false, 'true, or leave it out and say what the face meets');
            }
            $in->noOthers();

            return Face::insulated();
        }
        if ($in->has('fixed_c')) {
            $face = Face::fixed($in->number('fixed_c', -40.0, 1000.0, '°C'));
            $in->noOthers();

            return $face;
        }
        $h = $in->number('h_w_m2k', 0.0, 100_000.0, 'W/(m²·K)');
        $ambientC = $in->number('ambient_c', -60.0, 1000.0, '°C');
        $emissivity = $in->numberOr('emissivity', 0.0, 0.0, 1.0);
        $radiantC = $in->optionalNumber('radiant_c', -60.0, 1500.0, '°C');
        if ($emissivity > 0.0 && $radiantC === null) {
            $in->refuse('radiant_c', 'missing', null, 'the temperature of what the surface sees, °C, when an emissivity is given');
        }
        $in->noOthers();

        return Face::surrounding($h, $ambientC, $emissivity, $radiantC);
    }

    /**
     * @param  list<Stage>  $stages
     * @return array{float|null, list<float>, list<float>, list<float>, list<float>}
     */
    private static function report(Fields $in, array $stages): array
    {
        if (! $in->has('report')) {
            return [null, [], [], [], []];
        }
        $report = $in->object('report');
        $everyS = $report->optionalNumber('every_s', 0.1, self::WEEK_S, 's');
        $atS = $report->risingNumbers('at_s', self::MOST_REPORT_TIMES, 0.0, 200.0 * self::WEEK_S, 's');
        if ($everyS !== null && $atS !== []) {
            $report->refuse('at_s', 'conflict', '[…]', 'either every_s or at_s, not both');
        }
        $longestS = array_sum(array_map(static fn (Stage $s): float => $s->durationS ?? Stage::LIMIT_S, $stages));
        if ($everyS !== null && $longestS / $everyS > self::MOST_REPORT_TIMES) {
            $report->refuse('every_s', 'out_of_range', $everyS, sprintf('at least %d s for stages this long', (int) ceil($longestS / self::MOST_REPORT_TIMES)));
        }
        $profileAtS = $report->risingNumbers('profile_at_s', 500, 0.0, 200.0 * self::WEEK_S, 's');
        $targetsC = $report->risingNumbers('core_targets_c', 100, -40.0, 300.0, '°C');
        $bandsC = $report->risingNumbers('bands_c', 50, -40.0, 1000.0, '°C');
        $report->noOthers();

        return [$everyS, $atS, $profileAtS, $targetsC, $bandsC];
    }
}
