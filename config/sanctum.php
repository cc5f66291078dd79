<?php

declare(strict_types=1);

use Laravel\Sanctum\Sanctum;

// The interface is served from the same origin as the API, so only that origin gets a session.
return [
    'stateful' => [Sanctum::$currentRequestHostPlaceholder],
    'guard' => ['web'],
];
