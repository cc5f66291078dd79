<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;
use Tests\Support\StandIn;

/** The application with its demo shop in a database of its own, served on loopback for as long as it is kept. */
final class Application
{
    /** @param  resource  $process */
    private function __construct(
        public readonly string $url,
        private $process,
        public StandIn $scale,
        public readonly StandIn $printer,
    ) {}

    /** @param  int  $workers  that answer at once; they are a group of their own and stop with it */
    public static function start(int $workers = 1): self
    {
        $root = dirname(__DIR__, 3);
        $port = Ports::free();
        $scale = StandIn::scale();
        $printer = StandIn::labelPrinter(getenv('NESSMARK_VAR').'/labels');
        $environment = [
            ...getenv(),
            'APP_ENV' => 'local',
            'APP_DEBUG' => 'false',
            'APP_URL' => "http://127.0.0.1:{$port}",
            'DB_DATABASE' => 'nessmark_browser',
            'NESSMARK_DEMO' => 'true',
            'NESSMARK_SCALE' => $scale->address(),
            'NESSMARK_LABEL_PRINTER' => $printer->address(),
            'NESSMARK_STAND_INS' => 'true',
            'CACHE_STORE' => 'file',
            'SESSION_DRIVER' => 'database',
            'PHP_CLI_SERVER_WORKERS' => (string) $workers,
        ];
        $log = ['file', getenv('NESSMARK_VAR').'/log/browser-web.log', 'w'];
        $setUp = proc_open(
            [PHP_BINARY, 'artisan', 'migrate:fresh', '--seed', '--force', '--no-interaction'],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            $root,
            $environment,
        );
        if ($setUp === false) {
            throw new RuntimeException('artisan does not start.');
        }
        $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        if (proc_close($setUp) !== 0) {
            throw new RuntimeException("The demo shop cannot be set up: {$said}");
        }
        exec('rm -rf '.escapeshellarg(getenv('NESSMARK_VAR').'/storage/framework/cache/data').'/*'); // sign-ins are counted anew
        $fast = [
            '-d',
            'opcache.enable=1',
            '-d',
            'opcache.enable_cli=1',
            '-d',
            'opcache.jit=tracing',
            '-d',
            'opcache.jit_buffer_size=64M',
        ];
        $router = "{$root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php";
        $process = proc_open(
            ['setsid', PHP_BINARY, ...$fast, '-S', "127.0.0.1:{$port}", $router],
            [1 => $log, 2 => $log],
            $pipes,
            "{$root}/public",
            $environment,
        );
        if ($process === false) {
            throw new RuntimeException('The web server does not start.');
        }
        Ports::wait($port);

        return new self("http://127.0.0.1:{$port}", $process, $scale, $printer);
    }

    public function plugInScale(): void
    {
        $this->scale = StandIn::scale($this->scale->port);
    }

    public function stop(): void
    {
        $this->scale->unplug();
        $this->printer->unplug();
        posix_kill(-proc_get_status($this->process)['pid'], SIGTERM);
        proc_close($this->process);
    }
}
