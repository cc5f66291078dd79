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

    /** What it is for: 9 CFR 424.21(c) tells these apart. */
    public const USES = ['minced', 'immersed', 'bacon', 'dry_cured'];

    private function __construct(private Record $rules) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('seasonings/rules.json')->record('cure'));
    }

    /**
     * Sodium nitrite going in, mg a kilo of meat at most; where a profile names no such use, its strictest.
     *
     * @param  string  $use  one of USES; any other: nobody said, so the strictest
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

    /** What a seasoning, weighed as it is written, brings into the meat, mg of sodium nitrite a kilo: all of it counts as going in. */
    public static function ppmOf(Seasoning $seasoning): float
    {
        return (1e6 * $seasoning->nitrite() * Weighed::totalG($seasoning, 1000.0, 0.0)) / 1000.0;
    }

    /** The same as nitrite ion. */
    public static function ionPpmOf(Seasoning $seasoning): float
    {
        return self::ION_SHARE * self::ppmOf($seasoning);
    }

    /** Whether it brings in more than is allowed: then it is not kept, and what is kept already is not weighed out or printed. */
    public function isOver(Seasoning $seasoning, Profile $profile): bool
    {
        return self::ppmOf($seasoning) > $this->mostPpm($profile, $seasoning->cureUse ?? '') * (1.0 + 1e-9);
    }

    /** @throws InputRefused naming what it comes to and what is allowed */
    public function check(Seasoning $seasoning, Profile $profile): void
    {
        if ($this->isOver($seasoning, $profile)) {
            throw InputRefused::one('parts', 'out_of_range', round(self::ppmOf($seasoning), 1), 'cure', [
                'seasoning' => $seasoning->name,
                'most' => $this->mostPpm($profile, $seasoning->cureUse ?? ''),
                'is' => round(self::ppmOf($seasoning), 1),
                'ion' => round(self::ionPpmOf($seasoning), 1),
            ]);
        }
    }
}
