<?php

declare(strict_types=1);

/**
 * Answers line by line on loopback until it is stopped.
 *
 * @param  callable(string, resource): (string|null)  $answer  to a line; null says nothing. It may read on from the connection.
 */
function listen(int $port, callable $answer): never
{
    $server = stream_socket_server("tcp://127.0.0.1:{$port}", $code, $why);
    if ($server === false) {
        fwrite(STDERR, "It cannot listen on port {$port}: {$why}\n");
        exit(1);
    }
    $open = [];
    while (true) {
        $ready = [$server, ...array_values($open)];
        $write = $except = null;
        if (@stream_select($ready, $write, $except, null) === false) {
            exit(0);
        }
        foreach ($ready as $stream) {
            if ($stream === $server) {
                $accepted = stream_socket_accept($server, 0);
                if ($accepted !== false) {
                    $open[(int) $accepted] = $accepted;
                }

                continue;
            }
            $line = fgets($stream, 1024);
            if ($line === false) {
                fclose($stream);
                unset($open[(int) $stream]);

                continue;
            }
            $said = $answer($line, $stream);
            if ($said !== null) {
                @fwrite($stream, $said);
            }
        }
    }
}
