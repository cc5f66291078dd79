<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * A line asked and a line answered over a socket. One second is for all of it, connecting and the last byte of the answer included: a
 * device that drips holds nobody longer.
 */
final class Wire
{
    private const WITHIN_S = 1.0;

    private const LONGEST = 256;

    /** @var resource|null */
    private $stream = null;

    /** @param  string  $address  as stream_socket_client has it */
    public function __construct(public readonly string $address) {}

    /** @throws DeviceLost if nobody is there, or the line is not said whole in time */
    public function ask(string $line, string $body = ''): string
    {
        $until = microtime(true) + self::WITHIN_S;
        $stream = $this->stream ?? $this->connected();
        $answer = $this->sent($stream, "{$line}\n{$body}", $until) ? $this->line($stream, $until) : null;
        if ($answer === null) {
            $this->close();

            throw DeviceLost::at($this->address);
        }

        return $answer;
    }

    public function close(): void
    {
        if ($this->stream !== null) {
            fclose($this->stream);
            $this->stream = null;
        }
    }

    /** @param  resource  $stream */
    private function sent($stream, string $bytes, float $until): bool
    {
        while ($bytes !== '') {
            if (! self::isReady($stream, $until, false)) {
                return false;
            }
            $count = @fwrite($stream, $bytes);
            if ($count === false || $count === 0) {
                return false;
            }
            $bytes = substr($bytes, $count);
        }

        return true;
    }

    /**
     * @param  resource  $stream
     * @return string|null null where it is too long, too late, or cut off
     */
    private function line($stream, float $until): ?string
    {
        $said = '';
        while (strlen($said) < self::LONGEST && self::isReady($stream, $until, true)) {
            $more = @fread($stream, self::LONGEST - strlen($said));
            if ($more === false || ($more === '' && feof($stream))) {
                return null;
            }
            $said .= $more;
            $end = strpos($said, "\n");
            if ($end !== false) {
                return substr($said, 0, $end);
            }
        }

        return null;
    }

    /** @param  resource  $stream */
    private static function isReady($stream, float $until, bool $isToRead): bool
    {
        $left = $until - microtime(true);
        if ($left <= 0.0) {
            return false;
        }
        [$read, $write, $other] = [$isToRead ? [$stream] : [], $isToRead ? [] : [$stream], []];

        return @stream_select($read, $write, $other, 0, (int) (1e6 * $left)) === 1;
    }

    /** @return resource */
    private function connected()
    {
        $stream = @stream_socket_client($this->address, $code, $why, self::WITHIN_S / 2.0);
        if ($stream === false) {
            throw DeviceLost::at($this->address);
        }
        stream_set_blocking($stream, false);

        return $this->stream = $stream;
    }
}
