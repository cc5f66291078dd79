<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Data\Record;
use Nessmark\Heat\Shape;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** The size of one piece as it is usually sold: the body it is followed as, its thickness or diameter, its weight. */
final readonly class Build
{
    /** So far may a thickness be off what the weight says, as a share: no two animals are alike. Common practice, no source. */
    private const OFF_SHARE = 0.33;

    /** A slice may weigh so many times more or less than its thickness says: muscles have larger and smaller ends. */
    private const FACE_FACTOR = 2.0;

    private function __construct(
        public Shape $shape,
        public float $thinnestMm,
        public float $typicalMm,
        public float $thickestMm,
        public float $lightestG,
        public float $typicalG,
        public float $heaviestG,
        public SoldBy $soldBy,
        public ?int $bones,
        public float $lengthOverWidth,
    ) {}

    public static function fromRecord(Record $cut): self
    {
        $thickness = $cut->record('thickness_mm');
        $weight = $cut->record('weight_g');
        $shape = Shape::from($cut->text('shape'));
        $form = Form::from($cut->text('form'));

        return new self(
            $shape,
            $thickness->number('min'), $thickness->number('typical'), $thickness->number('max'),
            $weight->number('low'), $weight->number('typical'), $weight->number('high'),
            $cut->has('sold_by') ? SoldBy::from($cut->text('sold_by')) : SoldBy::usualFor($form, $shape),
            $cut->has('bones') ? (int) $cut->number('bones') : null,
            $form->lengthOverWidth(),
        );
    }

    public function isRound(): bool
    {
        return $this->shape !== Shape::Slab;
    }

    /** What a piece this thick weighs: larger in every direction, or cut thicker, or of the same length. */
    public function mass(Length $thickness): Mass
    {
        $ratio = $thickness->toMillimetres() / $this->typicalMm;

        return Mass::ofGrams($this->typicalG * $ratio ** match ($this->soldBy) {
            SoldBy::Piece, SoldBy::Joint => 3,
            SoldBy::Slice => 1,
            SoldBy::Length, SoldBy::Bones => $this->shape->exponent() + 1,
            SoldBy::Weight => 0,
        });
    }

    /** How thick a piece of this weight is. */
    public function thickness(Mass $mass): Length
    {
        $ratio = $mass->toGrams() / $this->typicalG;
        $mm = $this->typicalMm * match ($this->soldBy) {
            SoldBy::Piece, SoldBy::Joint => $ratio ** (1.0 / 3.0),
            SoldBy::Slice => $ratio,
            SoldBy::Length, SoldBy::Bones, SoldBy::Weight => 1.0,
        };

        return Length::ofMillimetres(max($this->thinnestMm, min($this->thickestMm, $mm)));
    }

    /** @return array{float, float} the lightest and the heaviest piece this thick, g */
    public function weighsG(Length $thickness): array
    {
        $mm = $thickness->toMillimetres();
        if ($this->soldBy === SoldBy::Slice) {
            $usualG = $this->mass($thickness)->toGrams();

            return [$usualG / self::FACE_FACTOR, $usualG * self::FACE_FACTOR];
        }
        if (! $this->soldBy->growsAllRound()) {
            return [0.0, INF];
        }
        $g = fn (float $ofMm): float => $this->typicalG * ($ofMm / $this->typicalMm) ** 3;

        return [$g($mm / (1.0 + self::OFF_SHARE)), $g($mm * (1.0 + self::OFF_SHARE))];
    }

    /** @return array{float, float} the lightest and the heaviest that is sold, g; all that is wanted where it is cut or weighed out */
    public function soldG(): array
    {
        return in_array($this->soldBy, [SoldBy::Weight, SoldBy::Length, SoldBy::Bones], true)
            ? [1.0, INF]
            : [$this->lightestG, $this->heaviestG];
    }
}
