<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** Whose published rules a shop works by. */
enum Profile: string
{
    case Us = 'us';
    case Uk = 'uk';
    case Eu = 'eu';
}
