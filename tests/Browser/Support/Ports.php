<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/** Loopback ports for what a test starts. */
final class Ports
{
    public static function free(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('No port is free on 127.0.0.1.');
        }
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }

    /** Returns once something answers there; polls for at most twenty seconds. */
    public static function wait(int $port): void
    {
        $until = microtime(true) + 20.0;
        while (microtime(true) < $until) {
            $connection = @stream_socket_client("tcp://127.0.0.1:{$port}", $code, $message, 0.2);
            if ($connection !== false) {
                fclose($connection);

                return;
            }
            usleep(20_000);
        }
        throw new RuntimeException("Nothing answers on 127.0.0.1:{$port}.");
    }
}
