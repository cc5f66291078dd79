<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use Eris\Generators;
use Eris\TestTrait;
use Generator;
use Nessmark\Errors\QuantityOutOfRange;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Quantity\Temperature;
use Nessmark\Quantity\TemperatureDifference;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    use TestTrait;

    /** @return Generator<string, array{float, float, float, string}> */
    public static function conversions(): Generator
    {
        yield 'boiling' => [Temperature::ofCelsius(100.0)->toFahrenheit(), 212.0, 1e-9, 'definition of the scale'];
        yield 'a difference only scales' => [
            TemperatureDifference::ofKelvins(10.0)->toFahrenheitDegrees(),
            18.0,
            1e-9,
            'definition of the scale',
        ];
        yield 'an eight-ounce burger' => [Mass::ofOunces(8.0)->toGrams(), 226.796, 1e-3, 'international avoirdupois ounce, 1959'];
        yield 'an inch and a half' => [Length::ofInches(1.5)->toMillimetres(), 38.1, 1e-9, 'international inch, 1959'];
    }

    #[DataProvider('conversions')]
    public function test_conversions(float $actual, float $expected, float $within, string $source): void
    {
        self::assertEqualsWithDelta($expected, $actual, $within, $source);
    }

    public function test_fahrenheit_comes_back_as_it_went(): void
    {
        $this->limitTo(100)
            ->forAll(Generators::choose(-400, 2000))
            ->then(static function (int $fahrenheit): void {
                self::assertEqualsWithDelta($fahrenheit, Temperature::ofFahrenheit($fahrenheit)->toFahrenheit(), 1e-9);
            });
    }

    /** @return Generator<string, array{callable(): object, string}> */
    public static function impossible(): Generator
    {
        yield 'below absolute zero' => [static fn (): object => Temperature::ofCelsius(-300.0), 'temperature'];
        yield 'not a number' => [static fn (): object => Temperature::ofCelsius(NAN), 'temperature'];
        yield 'no thickness' => [static fn (): object => Length::ofMillimetres(0.0), 'length'];
        yield 'negative weight' => [static fn (): object => Mass::ofGrams(-1.0), 'mass'];
    }

    #[DataProvider('impossible')]
    public function test_the_impossible_is_refused_with_its_name(callable $make, string $quantity): void
    {
        try {
            $make();
            self::fail('it was made');
        } catch (QuantityOutOfRange $refused) {
            self::assertSame($quantity, $refused->quantity);
        }
    }
}
