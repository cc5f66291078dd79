<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Errors\InputRefused;
use Nessmark\Errors\QuantityOutOfRange;
use Nessmark\Heat\Body;
use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\Composition;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\Face;
use Nessmark\Heat\FibreDirection;
use Nessmark\Heat\Grid;
use Nessmark\Heat\LayeredMaterial;
use Nessmark\Heat\Material;
use Nessmark\Heat\Moisture;
use Nessmark\Heat\Stage;

/** A simulation as asked for in JSON: read strictly, nothing guessed. */
final readonly class SimulationCase
{
    /** Below this, real meat freezes and the figures for its composition no longer hold; °C, meat literature, from memory. */
    private const COLDEST_UNFROZEN_C = -1.0;

    private const MOST_REPORT_TIMES = 20_000;

    private const WEEK_S = 604_800.0;

    /** Water of raw lean meat, kg/kg, where only constants are given: USDA Standard Reference, from memory. */
    private const WATER_OF_LEAN = 0.73;

    private const WEIGHED_AT_C = 5.0;

    private const WATER_J_KGK = 4180.0; // steam tables

    /** Where no water is given, at most this share of the heat capacity is water's. Our assumption, no source. */
    private const MOSTLY = 0.8;

    /** 22 °C at 40 % relative humidity. */
    private const KITCHEN_VAPOUR_KPA = 1.06;

    /**
     * @param  non-empty-list<Stage>  $stages
     * @param  list<float>  $reportAtS
     * @param  list<float>  $profileAtS
     * @param  list<float>  $coreTargetsC
     * @param  list<float>  $bandsC
     * @param  array{d_ref_s: float, t_ref_c: float, z_c: float}|null  $lethality
     * @param  float|null  $wetness  share of the surface that gives off water; null for pure conduction
     */
    private function __construct(
        private SimulationBody $piece,
        public Material $material,
        public float $startC,
        public array $stages,
        public ?float $reportEveryS,
        public array $reportAtS,
        public array $profileAtS,
        public array $coreTargetsC,
        public array $bandsC,
        public ?array $lethality,
        private ?float $wetness,
        private float $densityKgM3,
        private float $waterFraction,
    ) {}

    /** @throws InputRefused naming every key that is wrong */
    public static function fromArray(mixed $data): self
    {
        $in = Fields::of($data);
        $body = SimulationBody::read($in->object('body'));
        $material = self::material($in->object('material'), $isComposed, $densityKgM3, $waterFraction);
        $startC = $in->number('start_c', $isComposed ? self::COLDEST_UNFROZEN_C : -40.0, 150.0);
        $wetness = $in->flagOr('wet_surface', false) ? $in->numberOr('wetness', Moisture::OF_MEAT, 0.0, 1.0) : null;
        $stages = [];
        foreach ($in->objects('stages', 1, 200) as $fields) {
            $stages[] = self::stage($fields, $body === null || $body->hasTwoFaces);
        }
        [$everyS, $atS, $profileAtS, $targetsC, $bandsC] = self::report($in, $stages);
        $lethality = null;
        if ($in->has('lethality')) {
            $fields = $in->object('lethality');
            $lethality = [
                'd_ref_s' => $fields->number('d_ref_s', 0.001, 1e7),
                't_ref_c' => $fields->number('t_ref_c', 0.0, 150.0),
                'z_c' => $fields->number('z_c', 1.0, 50.0),
            ];
            $fields->noOthers();
        }
        $in->noOthers();
        $in->refuseIfWrong();
        if ($body === null || $material === null || $stages === []) {
            throw InputRefused::one('(input)', 'missing', null, 'simulation');
        }

        return new self(
            $body,
            $material,
            $startC,
            $stages,
            $everyS,
            $atS,
            $profileAtS,
            $targetsC,
            $bandsC,
            $lethality,
            $wetness,
            $densityKgM3,
            $waterFraction,
        );
    }

    /** Whether it is followed as a simple body in place of one with ends, so that each aim has a body of its own. */
    public function isMatched(): bool
    {
        return $this->piece->solid !== null;
    }

    /** @param  float|null  $aimC  the core that is waited for; null: that of a stage, or the hottest one asked for */
    public function body(?float $aimC = null): Body
    {
        $waits = array_values(array_filter($this->stages, static fn (Stage $stage): bool => $stage->untilCoreC !== null));
        $longest = $this->stages;
        usort($longest, static fn (Stage $a, Stage $b): int => ($b->durationS ?? Stage::LIMIT_S) <=> ($a->durationS ?? Stage::LIMIT_S));
        $stage = $waits[0] ?? $longest[0];
        $aimC ??= $stage->untilCoreC ?? ($this->coreTargetsC === [] ? null : max($this->coreTargetsC));

        return $this->piece->body($this->material, $stage, $this->startC, $aimC, $this->wetness);
    }

    public function materialOn(Grid $grid): Material
    {
        return $this->piece->layers === []
            ? $this->material
            : LayeredMaterial::on(
                $grid,
                array_map(fn (array $layer): array => [$layer[0]->material($this->material), $layer[1]], $this->piece->layers),
            );
    }

    /** Mass of the raw body, in the grid's unit of volume times kg/m³. */
    public function mass(Grid $grid): float
    {
        if ($this->piece->layers === []) {
            return $this->densityKgM3 * $grid->totalVolume();
        }
        $mass = 0.0;
        foreach ($grid->layerOfNodes(array_column($this->piece->layers, 1)) as $node => $layer) {
            $mass += $this->piece->layers[$layer][0]->densityKgM3($this->densityKgM3) * $grid->volume[$node];
        }

        return $mass;
    }

    public function moisture(Grid $grid): ?Moisture
    {
        if ($this->wetness === null) {
            return null;
        }
        $leanKgM3 = $this->waterFraction * $this->densityKgM3;
        if ($this->piece->layers === []) {
            return Moisture::of($leanKgM3, $this->wetness, $grid->cells);
        }

        return Moisture::inLayers(
            array_map(
                fn (int $layer): float => $this->piece->layers[$layer][0]->waterKgM3($leanKgM3),
                $grid->layerOfNodes(array_column($this->piece->layers, 1)),
            ),
            $this->wetness,
        );
    }

    /**
     * @param-out bool $isComposed
     * @param-out float $densityKgM3
     * @param-out float $waterFraction
     */
    private static function material(Fields $in, ?bool &$isComposed, ?float &$densityKgM3, ?float &$waterFraction): ?Material
    {
        $isComposed = $in->has('composition');
        $densityKgM3 = 0.0;
        $waterFraction = self::WATER_OF_LEAN;
        if ($isComposed) {
            $fields = $in->object('composition');
            $fractions = [];
            foreach (Composition::COMPONENTS as $component) {
                if ($fields->has($component)) {
                    $fractions[$component] = $fields->number($component, 0.0, 1.0);
                }
            }
            $fields->noOthers();
            $fibre = FibreDirection::from($in->choiceOr('fibre', 'across', ['across', 'along']));
            $in->noOthers();
            if ($in->isWrong()) {
                return null;
            }
            try {
                $composition = Composition::ofMassFractions($fractions);
            } catch (InputRefused $refused) {
                foreach ($refused->violations as $violation) {
                    $in->add($violation);
                }

                return null;
            }
            $densityKgM3 = ChoiOkos::densityKgM3($composition, self::WEIGHED_AT_C);
            $waterFraction = $composition->fractions['water'] ?? 0.0;

            return new ComposedMaterial($composition, $fibre);
        }
        $k = $in->number('k_w_mk', 0.01, 500.0);
        $densityKgM3 = $in->number('rho_kg_m3', 1.0, 25_000.0);
        $cp = $in->number('cp_j_kgk', 50.0, 20_000.0);
        $mostWater = max(0.0, min(1.0, $cp / self::WATER_J_KGK));
        $waterFraction = $in->numberOr('water', min(self::WATER_OF_LEAN, self::MOSTLY * $mostWater), 0.0, $mostWater);
        $in->noOthers();

        try {
            return $in->isWrong() ? null : new ConstantMaterial($k, $densityKgM3, $cp);
        } catch (QuantityOutOfRange) {
            return null;
        }
    }

    private static function stage(Fields $in, bool $isSlab): Stage
    {
        $name = $in->text('name', 'text_up_to', 80, ['signs' => 80]);
        $durationS = $in->optionalNumber('duration_s', 0.001, self::WEEK_S);
        $untilCoreC = $in->optionalNumber('until_core_c', -40.0, 300.0);
        if ($durationS === null && $untilCoreC === null && ! $in->isWrong()) {
            $in->refuse('duration_s', 'missing', null, 'duration');
        }
        $flipEveryS = $in->optionalNumber('flip_every_s', 1.0, self::WEEK_S);
        $flipAtS = $in->risingNumbers('flip_at_s', 2000, 0.001, self::WEEK_S);
        if ($flipEveryS !== null && $flipAtS !== []) {
            $in->refuse('flip_at_s', 'conflict', $flipAtS, 'one_turning');
        }
        if (! $isSlab && ($flipEveryS !== null || $flipAtS !== [])) {
            $in->refuse($flipEveryS !== null ? 'flip_every_s' : 'flip_at_s', 'not_allowed', $flipEveryS ?? $flipAtS, 'no_turning');
        }
        $faces = $in->object('faces');
        $a = self::face($faces->object('a'));
        $b = $isSlab ? self::face($faces->object('b')) : $a;
        $faces->noOthers();
        $in->noOthers();

        return new Stage($name, $a, $b, $durationS, $untilCoreC, $flipAtS, $flipEveryS);
    }

    private static function face(Fields $in): Face
    {
        if ($in->has('insulated')) {
            if (! $in->flagOr('insulated', true)) {
                $in->refuse('insulated', 'not_allowed', false, 'insulated');
            }
            $in->noOthers();

            return Face::insulated();
        }
        if ($in->has('fixed_c')) {
            $face = Face::fixed($in->number('fixed_c', -40.0, 1000.0));
            $in->noOthers();

            return $face;
        }
        $h = $in->number('h_w_m2k', 0.0, 100_000.0);
        $ambientC = $in->number('ambient_c', -60.0, 1000.0);
        $emissivity = $in->numberOr('emissivity', 0.0, 0.0, 1.0);
        $radiantC = $in->optionalNumber('radiant_c', -60.0, 1500.0);
        if ($emissivity > 0.0 && $radiantC === null) {
            $in->refuse('radiant_c', 'missing', null, 'radiant');
        }
        $vapourKpa = $in->numberOr('vapour_kpa', self::KITCHEN_VAPOUR_KPA, 0.0, 101.325);
        $isClosed = $in->flagOr('closed', false);
        $in->noOthers();
        $face = Face::surrounding($h, $ambientC, $emissivity, $radiantC)->withVapour(1000.0 * $vapourKpa);

        return $isClosed ? $face->closed() : $face;
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
        $everyS = $report->optionalNumber('every_s', 0.1, self::WEEK_S);
        $atS = $report->risingNumbers('at_s', self::MOST_REPORT_TIMES, 0.0, 200.0 * self::WEEK_S);
        if ($everyS !== null && $atS !== []) {
            $report->refuse('at_s', 'conflict', '[…]', 'one_report');
        }
        $longestS = array_sum(array_map(static fn (Stage $s): float => $s->durationS ?? Stage::LIMIT_S, $stages));
        if ($everyS !== null && $longestS / $everyS > self::MOST_REPORT_TIMES) {
            $report->refuse('every_s', 'out_of_range', $everyS, 'at_least_s', ['least_s' => ceil($longestS / self::MOST_REPORT_TIMES)]);
        }
        $profileAtS = $report->risingNumbers('profile_at_s', 500, 0.0, 200.0 * self::WEEK_S);
        $targetsC = $report->numbers('core_targets_c', 100, -40.0, 300.0);
        $bandsC = $report->risingNumbers('bands_c', 50, -40.0, 1000.0);
        $report->noOthers();

        return [$everyS, $atS, $profileAtS, $targetsC, $bandsC];
    }
}
