<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverWait;

/** What is drawn anew while it is being read has not come yet: it is read again, as somebody who looks does. */
final class PatientWait extends WebDriverWait
{
    /** {@inheritDoc} */
    public function until($func_or_ec, $message = '')
    {
        $apply = $func_or_ec instanceof WebDriverExpectedCondition ? $func_or_ec->getApply() : $func_or_ec;

        return parent::until(static function (mixed $driver) use ($apply): mixed {
            try {
                return $apply($driver);
            } catch (StaleElementReferenceException) {
                return false;
            }
        }, $message);
    }
}
