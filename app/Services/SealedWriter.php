<?php

declare(strict_types=1);

namespace App\Services;

use RuntimeException;

/** Seals what is pushed into it, piece by piece, in the form of Sealed; no more than a piece is held. */
final class SealedWriter
{
    private string $held = '';

    /** @param  resource  $to */
    public function __construct(private $to, private string $state) {}

    public function push(string $bytes): void
    {
        $this->held .= $bytes;
        while (strlen($this->held) > Sealed::PIECE) {
            $this->write(substr($this->held, 0, Sealed::PIECE), SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE);
            $this->held = substr($this->held, Sealed::PIECE);
        }
    }

    /** What is not finished does not open. */
    public function finish(): void
    {
        $this->write($this->held, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
        $this->held = '';
    }

    private function write(string $piece, int $tag): void
    {
        $sealed = sodium_crypto_secretstream_xchacha20poly1305_push($this->state, $piece, '', $tag);
        if (fwrite($this->to, $sealed) !== strlen($sealed)) {
            throw new RuntimeException('The disk is full: the file could not be written.');
        }
    }
}
