<?php

declare(strict_types=1);

// The counter scale's stand-in: php devices/scale/serve.php PORT. See devices/README.md.

use Nessmark\Bench\ScaleReading;
use Nessmark\Devices\Scale\Pan;

require __DIR__.'/../../core/src/Bench/ScaleReading.php';
require __DIR__.'/Pan.php';
require __DIR__.'/../listen.php';

$pan = new Pan(microtime(true));
listen((int) ($argv[1] ?? 0), static function (string $line) use ($pan): ?string {
    $nowS = microtime(true);
    [$word, $what, $figure] = [...explode(' ', trim($line)), '', '', ''];
    if ($word === 'hand') {
        return $pan->hand($what, (float) $figure, $nowS) ? "done\n" : "no such hand\n";
    }
    if ($nowS < $pan->muteUntilS) {
        return null;
    }
    $answer = match ($word) {
        'read' => $pan->read($nowS),
        'tare' => $pan->tare($nowS),
        'zero' => $pan->zero($nowS),
        default => 'no such word',
    };
    if (str_starts_with($answer, 'no ')) {
        return "{$answer}\n";
    }
    $answer .= ' '.ScaleReading::sum($answer);
    if (mt_rand() / mt_getrandmax() < $pan->tornShare) {
        $answer[random_int(0, strlen($answer) - 1)] = (string) random_int(0, 9);
    }

    return "{$answer}\n";
});
