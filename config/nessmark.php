<?php

declare(strict_types=1);

return [
    // Seeds the made-up demo shop with printed passwords. Refused in production whatever this says.
    'demo' => (bool) env('NESSMARK_DEMO', false),
];
