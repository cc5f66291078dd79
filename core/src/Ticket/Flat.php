<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Attribute;

/** Written out, its keys stand beside the others, not in an object of their own. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final class Flat {}
