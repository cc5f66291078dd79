<?php

declare(strict_types=1);

namespace Tests\App;

use App\Devices\Breaker;
use App\Devices\DeviceLost;
use App\Devices\Wire;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Ports;

/** A device that drips, is mute, shouts or hangs up is lost within its second, and then left alone for a while. */
final class SickDevicesTest extends TestCase
{
    /** Answers each line it reads by a piece of PHP that has the connection in $c. */
    private const SERVER = '$s = stream_socket_server("tcp://127.0.0.1:%d"); echo "up\n";
        while ($c = stream_socket_accept($s, 60)) { fgets($c); %s }';

    private ?Process $process = null;

    protected function tearDown(): void
    {
        $this->process?->stop(0);
    }

    #[TestWith(['for ($i = 0; $i < 100; $i++) { fwrite($c, "x"); fflush($c); usleep(300000); }'], 'drips')]
    #[TestWith(['sleep(30);'], 'mute')]
    #[TestWith(['fwrite($c, str_repeat("x", 1 << 20)); sleep(30);'], 'shouts')]
    #[TestWith(['fclose($c);'], 'hangs up')]
    #[TestWith(['fwrite($c, "half a li"); fclose($c);'], 'breaks off')]
    public function test_it_is_lost_and_holds_nobody(string $does): void
    {
        $wire = new Wire($this->device($does));
        $started = hrtime(true);
        try {
            $wire->ask('read');
            self::fail('it was believed');
        } catch (DeviceLost) {
            self::assertLessThan(10.0, (hrtime(true) - $started) / 1e9, 'not the half minute it goes on for');
        }
    }

    public function test_what_was_lost_twice_is_not_asked_again_for_a_while(): void
    {
        $asked = tempnam(sys_get_temp_dir(), 'nessmark-asked');
        $wire = new Wire($this->device("file_put_contents('{$asked}', 'x', FILE_APPEND); fclose(\$c);"));
        $breaker = new Breaker(new Repository(new ArrayStore()));
        for ($i = 0; $i < 6; $i++) {
            try {
                $breaker->ask($wire, 'read');
            } catch (DeviceLost) {
                // said
            }
        }
        $times = strlen((string) file_get_contents((string) $asked));
        unlink((string) $asked);

        self::assertSame(2, $times);
    }

    public function test_an_answer_in_two_pieces_is_one_answer(): void
    {
        $address = $this->device('fwrite($c, "steady "); usleep(50000); fwrite($c, "934\n");');

        self::assertSame('steady 934', (new Wire($address))->ask('read'));
    }

    private function device(string $does): string
    {
        $port = Ports::free();
        $this->process = new Process([PHP_BINARY, '-r', sprintf(self::SERVER, $port, $does)], timeout: null);
        $this->process->start();
        $this->process->waitUntil(static fn (string $kind, string $said): bool => str_contains($said, 'up'));

        return "tcp://127.0.0.1:{$port}";
    }
}
