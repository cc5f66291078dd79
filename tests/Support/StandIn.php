<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Devices\Wire;
use RuntimeException;
use Tests\Browser\Support\Ports;

/** A device's stand-in, running on a port of its own until it is unplugged. */
final class StandIn
{
    /** @param  resource|null  $process */
    private function __construct(public readonly int $port, private $process) {}

    public static function scale(?int $port = null): self
    {
        return self::run('scale', [], $port);
    }

    public static function labelPrinter(string $folder): self
    {
        return self::run('label-printer', [$folder], null);
    }

    public function address(): string
    {
        return "tcp://127.0.0.1:{$this->port}";
    }

    /** A test that fails leaves it plugged in; PHP would wait for it for ever. */
    public function __destruct()
    {
        $this->unplug();
    }

    /** What a hand does to it, as devices/README.md has it. */
    public function hand(string $does): void
    {
        (new Wire($this->address()))->ask("hand {$does}");
    }

    public function unplug(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process, SIGKILL);
            proc_close($this->process);
            $this->process = null;
        }
    }

    /** @param  list<string>  $more */
    private static function run(string $device, array $more, ?int $port): self
    {
        $port ??= Ports::free();
        $script = dirname(__DIR__, 2)."/devices/{$device}/serve.php";
        $null = ['file', '/dev/null', 'w'];
        $process = proc_open([PHP_BINARY, $script, (string) $port, ...$more], [1 => $null, 2 => $null], $pipes);
        if ($process === false) {
            throw new RuntimeException("The stand-in for the {$device} does not start.");
        }
        Ports::wait($port);

        return new self($port, $process);
    }
}
