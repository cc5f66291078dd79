<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\House\HouseRules;
use Nessmark\Meal\Occasion;

/** When it is asked and when it is eaten, as every ask says it: after now, and no year mistyped. */
final readonly class Hours
{
    private function __construct() {}

    /**
     * What is wrong is noted.
     *
     * @return array{DateTimeImmutable|null, DateTimeImmutable|null} now and the eating, in the zone each was given in
     */
    public static function read(Fields $in, HouseRules $house): array
    {
        [$now, $eatAt] = [$in->moment('now'), $in->moment('eat_at')];
        if ($now !== null && $eatAt !== null) {
            $given = $eatAt->format(DATE_ATOM);
            if ($eatAt <= $now) {
                $in->refuse('eat_at', 'out_of_range', $given, 'after_now', ['clock' => $house->local($now)->format('H:i')]);
            } elseif (Occasion::isTooFar($eatAt, $now)) {
                $in->refuse('eat_at', 'out_of_range', $given, 'days_ahead', ['days' => Occasion::MOST_DAYS_AHEAD]);
            }
        }

        return [$now, $eatAt];
    }
}
