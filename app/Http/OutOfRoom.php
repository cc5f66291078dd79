<?php

declare(strict_types=1);

namespace App\Http;

use RuntimeException;

/** The disk is as good as full: nothing is begun that could not be ended. */
final class OutOfRoom extends RuntimeException {}
