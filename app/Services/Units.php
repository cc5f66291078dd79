<?php

declare(strict_types=1);

namespace App\Services;

use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Quantity\Temperature;
use Nessmark\Quantity\TemperatureDifference;

/** The customer's units: shows a figure by the unit its name ends in. */
enum Units: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';

    public function show(string $name, float $value): string
    {
        return match (true) {
            str_ends_with($name, '_c') => $this->temperature($value),
            str_ends_with($name, '_k') => $this->difference($value),
            str_ends_with($name, '_mm') => $this->length($value),
            str_ends_with($name, '_g') => $this->mass($value),
            str_ends_with($name, '_s') => self::duration($value),
            str_ends_with($name, '_money') => number_format($value, 2, '.', ''),
            default => self::plain($value, 2),
        };
    }

    public function temperature(float $celsius): string
    {
        return match ($this) {
            self::Metric => self::plain($celsius, $celsius < 100.0 && abs($celsius - round($celsius)) > 0.04 ? 1 : 0)."\u{a0}°C",
            self::Imperial => self::plain(Temperature::ofCelsius($celsius)->toFahrenheit(), 0)."\u{a0}°F",
        };
    }

    public function difference(float $kelvins): string
    {
        return match ($this) {
            self::Metric => self::plain($kelvins, 1)."\u{a0}°C",
            self::Imperial => self::plain(TemperatureDifference::ofKelvins($kelvins)->toFahrenheitDegrees(), 0)."\u{a0}°F",
        };
    }

    public function length(float $millimetres): string
    {
        return match ($this) {
            self::Metric => self::plain($millimetres, 0)."\u{a0}mm",
            self::Imperial => self::plain(Length::ofMillimetres($millimetres)->toInches(), 1)."\u{a0}in",
        };
    }

    /** As a label has it, to the gram. */
    public static function net(int $grams): string
    {
        return $grams < 1000 ? "{$grams}\u{a0}g" : number_format($grams / 1000.0, 3)."\u{a0}kg";
    }

    public function mass(float $grams): string
    {
        if ($grams > 0.0 && $grams < 10.0) {
            return self::plain($grams, 1)."\u{a0}g"; // a spoon of salt: by the gram in any kitchen
        }
        if ($this === self::Metric) {
            return $grams >= 1000.0 ? self::plain($grams / 1000.0, 2)."\u{a0}kg" : self::plain($grams, 0)."\u{a0}g";
        }
        $ounces = Mass::ofGrams($grams)->toOunces();

        return $ounces >= 32.0
            ? sprintf("%d\u{a0}lb %s\u{a0}oz", intdiv((int) round($ounces), 16), (int) round($ounces) % 16)
            : self::plain($ounces, 1)."\u{a0}oz";
    }

    public static function duration(float $seconds): string
    {
        $whole = (int) round($seconds);
        if ($whole < 120) {
            return $whole % 60 === 0 ? intdiv($whole, 60)."\u{a0}min" : $whole."\u{a0}s";
        }
        $minutes = (int) round($whole / 60);

        return match (true) {
            $minutes < 90 => $minutes."\u{a0}min",
            $minutes % 60 === 0 => intdiv($minutes, 60)."\u{a0}h",
            default => sprintf("%d\u{a0}h %02d", intdiv($minutes, 60), $minutes % 60),
        };
    }

    /** "12–17 min", or one figure where both ends read the same. The interface shows it alike (units.ts); a test holds the two together. */
    public static function span(float $lowS, float $highS): string
    {
        [$low, $high] = [(int) round($lowS), (int) round($highS)];
        [$lowMin, $highMin] = [(int) round($low / 60), (int) round($high / 60)];

        return match (true) {
            self::duration($low) === self::duration($high) => self::duration($low),
            $high < 120 => "{$low}–{$high}\u{a0}s",
            $low >= 60 && $highMin < 90 => $lowMin === $highMin ? $lowMin."\u{a0}min" : "{$lowMin}–{$highMin}\u{a0}min",
            default => self::duration($low).'–'.self::duration($high),
        };
    }

    private static function plain(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
