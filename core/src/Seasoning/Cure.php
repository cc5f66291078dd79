<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;
use Nessmark\Quantity\Mass;
use Nessmark\Safety\Profile;

/** Curing salts: how much, by weight on a scale, inside what the rules allow. */
final readonly class Cure
{
    /** Mass of the nitrite ion in sodium nitrite: 46.0055/68.9953. */
    public const ION_SHARE = 0.6668;

    private function __construct(private Record $rules) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('seasonings/rules.json')->record('cure'));
    }

    /**
     * Sodium nitrite going in, mg a kilo of meat at most; where a profile names no such use, its strictest.
     *
     * @param  string  $use  minced, immersed, bacon, dry_cured
     */
    public function mostPpm(Profile $profile, string $use): float
    {
        $limits = $this->rules->record('limits_ppm')->record($profile->value);

        $strictest = INF;
        foreach ($limits->keys() as $each) {
            $strictest = min($strictest, $limits->number($each));
        }

        return $limits->numberOr($use, $limits->numberOr('any', $strictest));
    }

    /** Of a curing salt, for so much meat and so many mg of nitrite a kilo. */
    public static function saltFor(Mass $meat, float $ppm, float $nitriteShare): Mass
    {
        return Mass::ofGrams(($meat->toGrams() * $ppm * 1e-6) / $nitriteShare);
    }

    /** What a seasoning brings into the meat, mg a kilo. */
    public static function ppmOf(Seasoning $seasoning): float
    {
        return (1e6 * $seasoning->nitrite() * $seasoning->gPerKg) / 1000.0;
    }

    /** @throws InputRefused naming what it comes to and what is allowed */
    public function check(Seasoning $seasoning, Profile $profile, string $use): void
    {
        $most = $this->mostPpm($profile, $use);
        $ppm = self::ppmOf($seasoning);
        if ($ppm > $most + 0.05) {
            throw InputRefused::one('parts', 'out_of_range', round($ppm), 'cure', ['most' => $most, 'is' => round($ppm)]);
        }
    }
}
