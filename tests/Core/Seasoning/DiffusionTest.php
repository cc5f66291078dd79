<?php

declare(strict_types=1);

namespace Tests\Core\Seasoning;

use Nessmark\Heat\Shape;
use Nessmark\Quantity\Length;
use Nessmark\Seasoning\Diffusion;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Against closed forms: Crank, The Mathematics of Diffusion (1975). */
final class DiffusionTest extends TestCase
{
    /** One term of the series, t = ln(0.8106/0.1)/2.4674·L²/D: its own error at 90 % is below a hundredth. */
    #[TestWith([1e-10, 10.0, 58.895])]
    #[TestWith([1e-10, 25.0, 368.093])]
    #[TestWith([1e-10, 50.0, 1472.37])]
    #[TestWith([2.5e-10, 10.0, 23.558])]
    #[TestWith([2.5e-10, 25.0, 147.237])]
    #[TestWith([2.5e-10, 50.0, 588.948])]
    #[TestWith([5e-10, 10.0, 11.779])]
    #[TestWith([5e-10, 25.0, 73.619])]
    #[TestWith([5e-10, 50.0, 294.474])]
    public function test_a_slab_takes_nine_tenths_in_the_time_of_the_closed_form(float $dM2S, float $mm, float $hours): void
    {
        $diffusion = new Diffusion($dM2S);
        $seconds = $diffusion->secondsTo(0.9, Shape::Slab, Length::ofMillimetres($mm));

        self::assertEqualsWithDelta($hours, $seconds / 3600.0, 0.001 * $hours);
        self::assertEqualsWithDelta(0.9, $diffusion->share(Shape::Slab, Length::ofMillimetres($mm), $hours * 3600.0), 0.0005);
    }

    /** Early on, 2/√π·√Fo for each face of a slab, twice that for a rod, three times for a ball (the same source, small times). */
    public function test_the_first_of_it_goes_in_as_the_square_root_of_time_by_the_surface_there_is(): void
    {
        $diffusion = new Diffusion(2.5e-10);
        $thick = Length::ofMillimetres(60.0);
        $early = (2.0 / sqrt(M_PI)) * sqrt((2.5e-10 * 3600.0) / 0.03 ** 2);
        foreach ([[Shape::Slab, 1.0], [Shape::Cylinder, 2.0], [Shape::Sphere, 3.0]] as [$shape, $surface]) {
            self::assertEqualsWithDelta(
                $surface * $early,
                $diffusion->share($shape, $thick, 3600.0),
                0.05 * $surface * $early,
                $shape->value,
            );
        }
    }

    public function test_it_comes_nine_millimetres_in_a_day(): void
    {
        self::assertEqualsWithDelta(9.3, (new Diffusion(2.5e-10))->depth(86400.0)->toMillimetres(), 0.05); // 2·√(D·t)
    }

    public function test_longer_is_never_less_and_thinner_never_slower(): void
    {
        foreach (Shape::cases() as $shape) {
            $last = -1.0;
            foreach ([0.0, 60.0, 600.0, 7200.0, 86400.0, 1e6, 1e8] as $seconds) {
                $share = (new Diffusion(2.5e-10))->share($shape, Length::ofMillimetres(25.0), $seconds);
                self::assertGreaterThanOrEqual($last, $share);
                self::assertGreaterThanOrEqual($share, (new Diffusion(2.5e-10))->share($shape, Length::ofMillimetres(20.0), $seconds));
                $last = $share;
            }
            self::assertEqualsWithDelta(1.0, $last, 1e-6);
        }
    }
}
