<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Heat\Shape;
use Nessmark\Heat\Solid;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** One piece as it lies on the counter: how thick, how heavy, and from the two how long and how wide. */
final readonly class Size
{
    /** A small piece that is weighed out is so many times as wide and as long as thick. Common practice, no source. */
    private const LOOSE_FACE = 3.0;

    private const LOOSE_LENGTH = 1.5;

    /**
     * @param  Shape  $shape  flat, round or a ball
     * @param  Length  $thickness  of a flat piece, or the diameter of a round one
     * @param  Mass  $mass  of the piece, or of all of them where they are small and weighed out
     * @param  float  $volumeM3  of so much meat
     * @param  float  $lengthOverWidth  of the face of a flat piece
     * @param  float  $solidShare  of its thickness: a bird with its cavity heats like a solid piece as thin as this
     */
    public function __construct(
        public Shape $shape,
        public Length $thickness,
        public Mass $mass,
        private float $volumeM3,
        private float $lengthOverWidth,
        private bool $isLoose,
        private float $solidShare,
    ) {}

    /** Of a flat piece between its faces, or of a round one along its axis; a ball is as long as it is thick. */
    public function length(): Length
    {
        $across = $this->solidShare * $this->thickness->toMetres();

        return match (true) {
            $this->shape === Shape::Sphere => $this->thickness,
            $this->isLoose => $this->thickness->times($this->shape === Shape::Slab ? self::LOOSE_FACE : self::LOOSE_LENGTH),
            $this->shape === Shape::Slab => Length::ofMetres(sqrt(($this->volumeM3 / $across) * $this->lengthOverWidth)),
            default => Length::ofMetres($this->volumeM3 / ((M_PI / 4.0) * $across ** 2)),
        };
    }

    /** What lies on a tray or in a pan, m². */
    public function faceM2(): float
    {
        return $this->volumeM3 / $this->thickness->toMetres();
    }

    public function solid(): Solid
    {
        $length = $this->length();
        $thick = $this->thickness->times($this->solidShare);

        return match ($this->shape) {
            Shape::Slab => Solid::box($thick, $this->isLoose ? $length : $length->times(1.0 / $this->lengthOverWidth), $length),
            Shape::Cylinder => Solid::rod($thick, $length),
            Shape::Sphere => Solid::ellipsoid($this->thickness, $this->thickness, $this->thickness),
        };
    }

    /** The same piece, or the same heap, in part. */
    public function part(float $share): self
    {
        return $this->of($this->thickness, $share);
    }

    /** As long and as wide, but so thick. */
    public function thick(Length $thickness): self
    {
        return $this->of($thickness, ($thickness->toMetres() / $this->thickness->toMetres()) ** ($this->shape->exponent() + 1));
    }

    private function of(Length $thickness, float $share): self
    {
        return new self(
            $this->shape,
            $thickness,
            $this->mass->times($share),
            $share * $this->volumeM3,
            $this->lengthOverWidth,
            $this->isLoose,
            $this->solidShare,
        );
    }
}
