<?php

declare(strict_types=1);

namespace Nessmark\Errors;

use Nessmark\Say\Phrase;
use Throwable;

/** Every failure the core foresees. reason() is the stable key for the API; says() is what a person reads, once it is put into words. */
interface CoreException extends Throwable
{
    public function reason(): string;

    public function says(): Phrase;
}
