<?php

declare(strict_types=1);

return [
    'default' => env('DB_CONNECTION', 'mariadb'),
];
