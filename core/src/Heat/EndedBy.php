<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Why a stage ended. */
enum EndedBy: string
{
    case Duration = 'duration';
    case Core = 'core';
    case Limit = 'limit';
}
