<?php

declare(strict_types=1);

// The label printer's stand-in: php devices/label-printer/serve.php PORT FOLDER. See devices/README.md.

require __DIR__.'/../listen.php';

const LARGEST = 2_000_000;

$folder = rtrim($argv[2] ?? '.', '/');
is_dir($folder) || mkdir($folder, 0o755, true);
$printed = count(glob("{$folder}/label-*.pdf") ?: []);
$paper = 500;
listen((int) ($argv[1] ?? 0), static function (string $line, $connection) use ($folder, &$printed, &$paper): string {
    [$word, $what, $sum, $copies] = [...explode(' ', trim($line)), '', '', '', ''];
    if ($word === 'hand' && $what === 'paper') {
        $paper = (int) $sum;

        return "done\n";
    }
    if ($word !== 'label') {
        return $word === 'status' ? "ready {$paper}\n" : "no such word\n";
    }
    $bytes = min(LARGEST, (int) $what);
    stream_set_timeout($connection, 2);
    $label = (string) stream_get_contents($connection, $bytes);
    $copies = max(1, (int) $copies);
    if (strlen($label) !== $bytes || sprintf('%08x', crc32($label)) !== $sum) {
        return "no_sum\n";
    }
    if (! str_starts_with($label, '%PDF-')) {
        return "no_pdf\n";
    }
    if ($paper < $copies) {
        return "no_paper\n";
    }
    $paper -= $copies;
    $printed++;
    file_put_contents("{$folder}/label-{$printed}.pdf", $label);

    return "printed {$printed}\n";
});
