<?php

declare(strict_types=1);

namespace App\Devices;

/** A line asked and a line answered over a socket, within a time. */
final class Wire
{
    private const CONNECT_S = 0.4;

    private const ANSWER_S = 1;

    private const LONGEST = 256;

    /** @var resource|null */
    private $stream = null;

    /** @param  string  $address  as stream_socket_client has it */
    public function __construct(private readonly string $address) {}

    /** @throws DeviceLost if nobody is there, or nothing is said in time */
    public function ask(string $line, string $body = ''): string
    {
        $stream = $this->stream ?? $this->connected();
        $sent = @fwrite($stream, $line."\n".$body);
        $answer = $sent === false ? false : @fgets($stream, self::LONGEST);
        if ($answer === false || ! str_ends_with($answer, "\n")) {
            $this->close();

            throw DeviceLost::at($this->address);
        }

        return rtrim($answer, "\n");
    }

    public function close(): void
    {
        if ($this->stream !== null) {
            fclose($this->stream);
            $this->stream = null;
        }
    }

    /** @return resource */
    private function connected()
    {
        $stream = @stream_socket_client($this->address, $code, $why, self::CONNECT_S);
        if ($stream === false) {
            throw DeviceLost::at($this->address);
        }
        stream_set_timeout($stream, self::ANSWER_S);

        return $this->stream = $stream;
    }
}
