<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** By what the cook knows that it comes off. */
enum PullBy: string
{
    case Core = 'core';
    case Clock = 'clock';
    case Fork = 'fork';
}
