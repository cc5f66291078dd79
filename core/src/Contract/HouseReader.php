<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeZone;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Meat\FoodClass;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use Nessmark\Safety\Tightening;
use Nessmark\School\Schools;

/** Reads the rules of a house from JSON, strictly. */
final readonly class HouseReader
{
    /** Portions from two thirds to one and a half of the customary. */
    private const LEAST_PORTION_PCT = 65.0;

    private const MOST_PORTION_PCT = 150.0;

    private const HOTTEST_C = 95.0;

    public function __construct(private Schools $schools, private SafetyRules $safety) {}

    /**
     * @param  mixed  $data  profile, schools, stops_below, minimum_c, portions_pct, time_zone; all may be left out
     *
     * @throws InputRefused naming every key that is wrong; a minimum below the published one is refused
     */
    public function read(mixed $data): HouseRules
    {
        $in = Fields::of($data);
        $profile = Profile::from($in->choiceOr('profile', Profile::Us->value, array_column(Profile::cases(), 'value')));
        $chosen = [];
        if ($in->has('schools')) {
            $given = $in->object('schools');
            foreach ($this->schools->schools as $school) {
                $option = $given->optionalChoice($school->id, $school->options);
                if ($option !== null) {
                    $chosen[$school->id] = $option;
                }
            }
            $given->noOthers();
        }
        $minimum = [];
        if ($in->has('minimum_c')) {
            $given = $in->object('minimum_c');
            foreach (FoodClass::cases() as $class) {
                $officialC = $this->safety->rule(new Standard($profile), $class)->officialC;
                $own = $given->optionalNumber($class->value, $officialC, max($officialC, self::HOTTEST_C), 'stricter', [
                    'min_c' => $officialC,
                    'max_c' => max($officialC, self::HOTTEST_C),
                ]);
                if ($own !== null && $own > $officialC) {
                    $minimum[$class->value] = $own;
                }
            }
            $given->noOthers();
        }
        $stops = $in->flagOr('stops_below', false);
        $portions = $in->numberOr('portions_pct', 100.0, self::LEAST_PORTION_PCT, self::MOST_PORTION_PCT, 'portions');
        $timeZone = $in->has('time_zone') ? $in->text('time_zone', 'time_zone') : null;
        if ($timeZone !== null && $timeZone !== '' && ! in_array($timeZone, DateTimeZone::listIdentifiers(), true)) {
            $in->refuse('time_zone', 'not_allowed', $timeZone, 'time_zone');
        }
        $in->noOthers();
        $in->refuseIfWrong();

        return new HouseRules(new Standard($profile, new Tightening($stops, $minimum)), $chosen, $portions / 100.0, $timeZone);
    }
}
