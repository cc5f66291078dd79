<?php

declare(strict_types=1);

namespace Nessmark\Errors;

use Throwable;

/** Every failure the core foresees. reason() is the stable key for the API and for translation. */
interface CoreException extends Throwable
{
    public function reason(): string;
}
