<?php

declare(strict_types=1);

return [
    // Seeds the made-up demo shop with printed passwords. Refused in production whatever this says.
    'demo' => (bool) env('NESSMARK_DEMO', false),

    // Where the database keeps its files, if that is on this machine: nobody is sent to it while its disk is full.
    'database_folder' => env('NESSMARK_DATABASE_FOLDER'),

    // Addresses of balancers whose word on where a request comes from is taken, with commas between. None: nobody's.
    'trusted_proxies' => env('NESSMARK_TRUSTED_PROXIES'),

    // Where nightly backups go, and the pass phrase they are sealed with: in a file, or as it is.
    'backup_folder' => env('NESSMARK_BACKUP_FOLDER'),
    // A second place they are copied to: another disk, or a folder that goes off the machine.
    'backup_copy_folder' => env('NESSMARK_BACKUP_COPY_FOLDER'),
    'backup_key_file' => env('NESSMARK_BACKUP_KEY_FILE'),
    'backup_key' => env('NESSMARK_BACKUP_KEY'),
];
