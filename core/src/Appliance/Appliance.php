<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

use Nessmark\Catalogue\Record;
use Nessmark\Heat\Face;
use Nessmark\Heat\Shape;

/**
 * What a fire does at the surface of the meat. The heat-transfer figures are effective ones: the surface's drying is not
 * computed apart yet, so one figure stands for contact or air, radiation, and the heat that evaporation takes.
 */
final readonly class Appliance
{
    private const BOILING_C = 100.0;

    /**
     * @param  float  $defaultC  pan, grate, oven air or water, °C
     * @param  float  $spread  how far the effective figure may be off, as a fraction
     * @param  float  $dryingAllowance  how much later the piece may be, as a fraction, because drying is not computed
     * @param  float  $preheatS  how long before the meat goes on the fire is lit, s
     * @param  list<string>  $sources
     */
    private function __construct(
        public ApplianceKind $kind,
        public float $defaultC,
        public float $coolestC,
        public float $hottestC,
        private float $hWM2K,
        private float $hMincedWM2K,
        private float $excessShare,
        private float $excessShareMinced,
        private float $contactShareRound,
        public float $spread,
        public float $dryingAllowance,
        public float $preheatS,
        public array $sources,
    ) {}

    public static function fromRecord(ApplianceKind $kind, Record $record): self
    {
        $heat = $record->record('heat');

        return new self(
            $kind,
            $heat->number('default_c'),
            $heat->number('min_c'),
            $heat->number('max_c'),
            $record->number('h_effective_w_m2k'),
            $record->number('h_minced_effective_w_m2k'),
            $record->number('excess_share'),
            $record->number('excess_share_minced'),
            $record->number('contact_share_round'),
            $record->number('h_spread'),
            $record->number('drying_allowance'),
            $record->number('preheat_s'),
            $record->texts('sources'),
        );
    }

    /**
     * The face the fire works on. A round piece rolled on a pan or grate touches it with a share of its girth at a time;
     * over the turns that is the same as the share of the heat all round, the rest meeting the air above the fire.
     *
     * @param  float  $strength  1, or a figure around it to see what a weaker or stronger fire does
     */
    public function face(float $heatC, Shape $shape, bool $isMinced, Face $aboveFire, float $strength = 1.0): Face
    {
        $h = ($isMinced ? $this->hMincedWM2K : $this->hWM2K) * $strength;
        $share = $shape === Shape::Slab ? 1.0 : $this->contactShareRound;
        $hFire = $h * $share;
        $hAir = $aboveFire->hWM2K * (1.0 - $share);
        $ambientC = ($hFire * $this->feltC($heatC, $isMinced) + $hAir * $aboveFire->ambientC) / ($hFire + $hAir);

        return Face::surrounding($hFire + $hAir, $ambientC);
    }

    /** A wet surface boils at 100 °C; of what the fire has above that only a share is felt, the rest goes off as steam. */
    private function feltC(float $heatC, bool $isMinced): float
    {
        $excessC = max(0.0, $heatC - self::BOILING_C);

        return $heatC - $excessC * (1.0 - ($isMinced ? $this->excessShareMinced : $this->excessShare));
    }
}
