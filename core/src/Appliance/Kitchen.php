<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Heat\Face;

/** The appliances, and the air of the room around them. */
final readonly class Kitchen
{
    private const PA_PER_KPA = 1000.0;

    private function __construct(private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('appliances.json'));
    }

    /** The sort of it the customer has, or the usual one. */
    public function appliance(ApplianceKind $kind, Fires $fires = new Fires()): Appliance
    {
        return Appliance::fromRecord(
            $kind,
            $this->record->record('appliances')->record($kind->value),
            $fires->types[$kind->value] ?? null,
        );
    }

    /** @return list<string> the sorts of an appliance, the usual one first; none where there is but one */
    public function types(ApplianceKind $kind): array
    {
        return Appliance::types($this->record->record('appliances')->record($kind->value));
    }

    /** @return list<string> how high over the fire, the usual one first; none where nobody asks */
    public function levels(ApplianceKind $kind): array
    {
        return array_keys(Appliance::levels($this->record->record('appliances')->record($kind->value)));
    }

    /** @return list<string> the usual one first */
    public function burners(): array
    {
        return $this->record->record('burners')->record('sorts')->keys();
    }

    public function burner(Fires $fires): Burner
    {
        $burners = $this->record->record('burners');

        return new Burner(
            $burners
                ->record('sorts')
                ->record($fires->burner ?? $this->burners()[0])
                ->number('most_w_m2'),
            $burners->number('loss_w_m2k'),
            $burners->number('room_c'),
        );
    }

    /**
     * In a sealed parcel: the heat of the oven as it comes through the foil.
     *
     * @param  float  $strength  1, or a weaker or stronger fire
     */
    public function parcelFace(float $ovenC, float $strength = 1.0): Face
    {
        $parcel = $this->record->record('parcel');

        return Face::surrounding($parcel->number('h_w_m2k') * $strength, $ovenC)->sealed();
    }

    /** The hot pan or tray a browned piece stands on in the oven: the oven's air keeps it hot, not a burner. */
    public function trayFace(float $ovenC, Load $load, float $strength = 1.0): Face
    {
        $tray = $this->record->record('tray');
        $metal = Metal::fromRecord($tray->record('plate'));
        $plate = $metal->plate($ovenC, $load, new Burner(0.0, $tray->number('from_air_w_m2k'), $ovenC));

        return Face::onPlate($tray->number('h_w_m2k') * $strength, $plate)
            ->withVapour($tray->number('vapour_kpa') * self::PA_PER_KPA)
            ->withEscape($tray->number('escape_w_m2k'));
    }

    /** In a pot whose steam is still coming back. */
    public function comingBack(): Face
    {
        return $this->air('coming_back');
    }

    /** A piece resting in the room, or under its lid. */
    public function restingFace(bool $isCovered = false): Face
    {
        return $isCovered ? $this->air('resting_covered')->closed() : $this->air('resting');
    }

    /** The upper side of a piece on a pan or grate. */
    public function aboveFire(): Face
    {
        return $this->air('above_fire');
    }

    /** What is left over, covered, in a fridge. */
    public function fridgeFace(): Face
    {
        return $this->air('fridge')->closed();
    }

    /** The underside of a piece on a rack under a broiler. */
    public function underBroiler(): Face
    {
        return $this->air('under_broiler');
    }

    /** The upper side of a piece whose skin is up: fat, not juice, stands on it. */
    public function aboveSkin(): Face
    {
        return $this->air('above_skin');
    }

    /** The upper side of a piece on a grill with its hood down. */
    public function underHood(float $grateC): Face
    {
        $hood = $this->record->record('room')->record('under_hood');

        return Face::surrounding(
            $hood->number('h_w_m2k'),
            $grateC - $hood->number('below_grate_k'),
            $hood->number('emissivity'),
        )->withVapour($hood->number('vapour_kpa') * self::PA_PER_KPA);
    }

    /** The upper side of a piece in a pan with its lid on: its own steam. */
    public function underLid(): Face
    {
        return $this->air('under_lid')->closed();
    }

    private function air(string $where): Face
    {
        $air = $this->record->record('room')->record($where);

        $face = Face::surrounding($air->number('h_w_m2k'), $air->number('ambient_c'), $air->number('emissivity'))->withVapour(
            $air->numberOr('vapour_kpa', 0.0) * self::PA_PER_KPA,
        );

        return $air->has('wetness') ? $face->awash($air->number('wetness')) : $face;
    }
}
