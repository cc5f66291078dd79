<?php

declare(strict_types=1);

// Where the counter scale and the label printer answer; both speak the protocols of devices/README.md.
return [
    'scale' => env('NESSMARK_SCALE', 'tcp://127.0.0.1:23138'),
    'label_printer' => env('NESSMARK_LABEL_PRINTER', 'tcp://127.0.0.1:23139'),
    // The stand-ins have a hand that puts something on the pan: for the demo and the tests.
    'stand_ins' => (bool) env('NESSMARK_STAND_INS', false),
];
