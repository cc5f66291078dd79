<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** A driver whose waiting is patient. */
final class PatientDriver extends RemoteWebDriver
{
    public function wait($timeout_in_second = 30, $interval_in_millisecond = 250): PatientWait
    {
        return new PatientWait($this, $timeout_in_second, $interval_in_millisecond);
    }
}
