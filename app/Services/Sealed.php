<?php

declare(strict_types=1);

namespace App\Services;

use Generator;
use RuntimeException;

/**
 * A file sealed with a pass phrase: Argon2id makes the key (libsodium's pwhash), XChaCha20-Poly1305 in a stream seals it piece by piece
 * (libsodium's secretstream), so that it may be larger than memory and no piece can be changed, left out or swapped.
 *
 * Form: "NESSMARK-SEALED-1\n", 16 bytes of salt, 24 bytes of stream header, then pieces of 64 KiB + 17 bytes, the last one marked.
 */
final readonly class Sealed
{
    private const MARK = "NESSMARK-SEALED-1\n";

    public const PIECE = 65_536;

    private const SEALED_PIECE = self::PIECE + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES;

    public function __construct(private string $passPhrase) {}

    /**
     * @param  resource  $from
     * @param  resource  $to
     */
    public function seal($from, $to): void
    {
        $writer = $this->writer($to);
        while (! feof($from)) {
            $writer->push((string) stream_get_contents($from, self::PIECE));
        }
        $writer->finish();
    }

    /** @param  resource  $to */
    public function writer($to): SealedWriter
    {
        $salt = random_bytes(SODIUM_CRYPTO_PWHASH_SALTBYTES);
        [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push($this->key($salt));
        self::write($to, self::MARK.$salt.$header);

        return new SealedWriter($to, $state);
    }

    /**
     * @param  resource  $from
     * @param  resource  $to
     *
     * @throws RuntimeException if it is no such file, the pass phrase is another, or a piece of it was changed or is missing
     */
    public function open($from, $to): void
    {
        foreach ($this->pieces($from) as $piece) {
            self::write($to, $piece);
        }
    }

    /**
     * Each is known to be whole when it comes; that none is missing is known after the last.
     *
     * @param  resource  $from
     * @return Generator<string>
     *
     * @throws RuntimeException as open() does
     */
    public function pieces($from): Generator
    {
        if (stream_get_contents($from, strlen(self::MARK)) !== self::MARK) {
            throw new RuntimeException('This is no backup of Nessmark.');
        }
        $salt = (string) stream_get_contents($from, SODIUM_CRYPTO_PWHASH_SALTBYTES);
        $header = (string) stream_get_contents($from, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
        $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, $this->key($salt));
        do {
            $sealed = (string) stream_get_contents($from, self::SEALED_PIECE);
            $opened = $sealed === '' ? false : sodium_crypto_secretstream_xchacha20poly1305_pull($state, $sealed);
            if ($opened === false) {
                throw new RuntimeException('The pass phrase is another, or the file was changed or cut off.');
            }
            yield $opened[0];
        } while ($opened[1] !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
        if (stream_get_contents($from, 1) !== '') {
            throw new RuntimeException('The file goes on after its end: it was changed.');
        }
    }

    private function key(string $salt): string
    {
        return sodium_crypto_pwhash(
            SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES,
            $this->passPhrase,
            $salt,
            SODIUM_CRYPTO_PWHASH_OPSLIMIT_INTERACTIVE,
            SODIUM_CRYPTO_PWHASH_MEMLIMIT_INTERACTIVE,
            SODIUM_CRYPTO_PWHASH_ALG_ARGON2ID13,
        );
    }

    /** @param  resource  $to */
    private static function write($to, string $bytes): void
    {
        if (fwrite($to, $bytes) !== strlen($bytes)) {
            throw new RuntimeException('The disk is full: the file could not be written.');
        }
    }
}
