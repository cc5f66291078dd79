<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

use Nessmark\Data\Record;
use Nessmark\Heat\Face;
use Nessmark\Heat\Shape;
use Nessmark\Meat\Surface;

/** One sort of an appliance, and what it does at the surface of the meat: contact or air, radiation, and where vapour can go. */
final readonly class Appliance
{
    private const PA_PER_KPA = 1000.0;

    /** Rolled on a fire, no piece stays wet all over: its crust counts. */
    private const MOST_ROLLED = 0.99;

    /**
     * @param  string  $type  which sort of it, empty where there is but one
     * @param  float  $defaultC  pan, grate, oven air or water, °C
     * @param  array<string, float>  $levels  setting by how high over the fire, or how far the knob is turned, °C; empty where nobody asks
     * @param  float  $airBelowK  how far the air lags behind what it is set to, and how far what glows is above it, K
     * @param  float  $escapeWM2K  the air film vapour has to pass; where the fire is air, the same as its own
     * @param  float  $endShare  how much of what the faces of a piece meet its rim and ends do: little where only the faces touch
     * @param  float  $coatM2KW  heat passes a layer of batter or crumb as well, m²·K/W: some 3 mm of it, 0.35 W/(m·K)
     * @param  float  $spread  how far its figures may be off, as a fraction
     * @param  float  $preheatS  how long before the meat goes on the fire is lit, s
     * @param  list<string>  $sources
     */
    private function __construct(
        public ApplianceKind $kind,
        public string $type,
        public float $defaultC,
        public float $coolestC,
        public float $hottestC,
        private array $levels,
        private float $hWM2K,
        private float $hMincedWM2K,
        private float $emissivity,
        private float $airBelowK,
        private float $radiantAboveK,
        private ?float $escapeWM2K,
        private float $vapourPa,
        private bool $isClosed,
        private float $contactShareRound,
        public float $endShare,
        private float $coatM2KW,
        public float $spread,
        public float $preheatS,
        public ?Metal $metal,
        public array $sources,
    ) {}

    /** @param  string|null  $type  one of types(), or null for the usual one */
    public static function fromRecord(ApplianceKind $kind, Record $record, ?string $type = null): self
    {
        $type ??= self::types($record)[0] ?? '';
        if ($type !== '') {
            foreach ($record->record('types')->record($type)->toArray() as $key => $value) {
                $record = $record->with((string) $key, $value);
            }
        }
        $heat = $record->record('heat');

        return new self(
            $kind,
            $type,
            $heat->number('default_c'),
            $heat->number('min_c'),
            $heat->number('max_c'),
            self::levels($record),
            $record->number('h_w_m2k'),
            $record->number('h_minced_w_m2k'),
            $record->number('emissivity'),
            $record->numberOr('air_below_k', 0.0),
            $record->numberOr('radiant_above_k', 0.0),
            $record->numberOrNull('escape_w_m2k'),
            $record->number('vapour_kpa') * self::PA_PER_KPA,
            $record->flag('is_closed'),
            $record->number('contact_share_round'),
            $record->numberOr('end_share', 1.0),
            $record->numberOr('coat_m2k_w', 0.0),
            $record->number('h_spread'),
            $record->number('preheat_s'),
            $record->has('plate') ? Metal::fromRecord($record->record('plate')) : null,
            $record->texts('sources'),
        );
    }

    /** @return array<string, float> the usual one first */
    public static function levels(Record $record): array
    {
        $levels = $record->has('levels') ? $record->record('levels') : null;

        return $levels === null ? [] : array_combine($levels->keys(), array_map($levels->number(...), $levels->keys()));
    }

    /** What it is usually set to; a level that it does not have is none. */
    public function usualC(?string $level): float
    {
        return $this->levels[$level ?? ''] ?? $this->defaultC;
    }

    /** @return list<string> the usual one first; none where there is but one sort */
    public static function types(Record $record): array
    {
        return $record->has('types') ? $record->record('types')->keys() : [];
    }

    /**
     * The face the fire works on. A round piece rolled on a pan or grate touches it with a share of its girth at a time; over the
     * turns that is the same as the share of the heat all round, the rest meeting the air above the fire. Its metal is then
     * taken to keep its heat: so little of it is covered.
     *
     * @param  Burner|null  $burner  under metal; without it the metal keeps its setting
     * @param  float  $strength  1, or a figure around it to see what a weaker or stronger fire does
     */
    public function face(
        float $heatC,
        Shape $shape,
        bool $isMinced,
        Face $aboveFire,
        float $strength = 1.0,
        ?Burner $burner = null,
        ?Load $load = null,
    ): Face {
        $h = ($isMinced ? $this->hMincedWM2K : $this->hWM2K) * $strength;
        $h = $h / (1.0 + $h * $this->coatM2KW);
        $share = $shape === Shape::Slab ? 1.0 : $this->contactShareRound;
        if ($share < 1.0) {
            $hAir = $aboveFire->hWM2K * (1.0 - $share);
            $air = $h * $share + $hAir;
            $underneath = ($this->escapeWM2K ?? $h) * $share;
            $above = $aboveFire->isOpen ? $hAir : 0.0;

            return Face::surrounding(
                $air,
                ($h * $share * $heatC + $hAir * $aboveFire->ambientC) / $air,
                $aboveFire->emissivity * (1.0 - $share),
                $aboveFire->radiantC,
            )
                ->withVapour($this->vapourPa)
                ->withEscape($underneath + $above)
                ->awash(
                    (self::MOST_ROLLED *
                        ($underneath * Surface::Patted->wetness() + $above * ($aboveFire->wetness ?? Surface::Patted->wetness()))) /
                        ($underneath + $above),
                );
        }
        $face =
            $this->metal !== null && $burner !== null && $load !== null
                ? Face::onPlate($h, $this->metal->plate($heatC, $load, $burner))
                : Face::surrounding(
                    $h,
                    $heatC - $this->airBelowK,
                    min(1.0, $this->emissivity * $strength),
                    $heatC + $this->radiantAboveK,
                );
        $face = $face->withVapour($this->vapourPa);
        $face = $this->escapeWM2K === null ? $face : $face->withEscape($this->escapeWM2K);

        return $this->isClosed ? $face->closed() : $face;
    }
}
