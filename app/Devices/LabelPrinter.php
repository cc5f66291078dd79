<?php

declare(strict_types=1);

namespace App\Devices;

/** The printer of labels. */
final readonly class LabelPrinter
{
    public function __construct(private Wire $wire, private Breaker $breaker) {}

    /**
     * @param  string  $pdf  one label
     * @return int its number, by which the printer keeps it
     *
     * @throws DeviceLost if it does not answer
     * @throws PrintRefused if it does not print, with its reason
     */
    public function print(string $pdf, int $copies = 1): int
    {
        $answer = $this->breaker->ask($this->wire, sprintf('label %d %08x %d', strlen($pdf), crc32($pdf), $copies), $pdf);

        return preg_match('/^printed (\d+)$/D', $answer, $part) === 1 ? (int) $part[1] : throw PrintRefused::saying($answer);
    }
}
