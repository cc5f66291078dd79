<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

use Nessmark\Catalogue\DataFolder;
use Nessmark\Catalogue\Record;
use Nessmark\Heat\Face;

/** The appliances, and the air of the room around them. */
final readonly class Kitchen
{
    private function __construct(private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('appliances.json'));
    }

    public function appliance(ApplianceKind $kind): Appliance
    {
        return Appliance::fromRecord($kind, $this->record->record('appliances')->record($kind->value));
    }

    /**
     * Inside a sealed parcel in the oven: its own steam, as far as the oven's heat comes through the foil. Effective figures.
     *
     * @param  float  $strength  1, or a weaker or stronger fire
     */
    public function parcelFace(float $ovenC, float $strength = 1.0): Face
    {
        $parcel = $this->record->record('parcel');

        return Face::surrounding($parcel->number('h_effective_w_m2k') * $strength, min($ovenC, $parcel->number('inside_c')));
    }

    /** A piece resting in the room. */
    public function restingFace(): Face
    {
        $room = $this->record->record('room');

        return Face::surrounding($room->number('resting_h_effective_w_m2k'), $room->number('resting_ambient_c'));
    }

    /** The upper side of a piece on a pan or grate. */
    public function aboveFire(): Face
    {
        $room = $this->record->record('room');

        return Face::surrounding($room->number('above_fire_h_effective_w_m2k'), $room->number('above_fire_ambient_c'));
    }
}
