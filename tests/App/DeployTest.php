<?php

declare(strict_types=1);

namespace Tests\App;

use CurlHandle;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\Process\Process;

/** What deploy/ sets up, run on loopback with nginx and php-fpm: from a fresh shop to a printed card. */
final class DeployTest extends TestCase
{
    private const HOST = 'counter.test';

    private string $var = '';

    private int $https = 0;

    private int $http = 0;

    private ?Process $server = null;

    private ?CurlHandle $curl = null;

    protected function setUp(): void
    {
        $this->var = sys_get_temp_dir().'/nessmark-deploy-'.bin2hex(random_bytes(4));
        mkdir("{$this->var}/tls", 0700, true);
        [$this->http, $this->https] = [self::freePort(), self::freePort()];
        self::command([
            'openssl',
            'req',
            '-x509',
            '-newkey',
            'rsa:2048',
            '-nodes',
            '-days',
            '1',
            '-subj',
            '/CN='.self::HOST,
            '-keyout',
            "{$this->var}/tls/key.pem",
            '-out',
            "{$this->var}/tls/cert.pem",
        ]);
        file_put_contents(
            "{$this->var}/.env",
            implode("\n", [
                'APP_ENV=production',
                'APP_URL=https://'.self::HOST.":{$this->https}",
                'APP_KEY=base64:'.base64_encode(random_bytes(32)),
                'DB_PORT='.getenv('DB_PORT'),
                'DB_DATABASE=nessmark_before',
                'DB_PASSWORD='.getenv('DB_PASSWORD'),
                '',
            ]),
        );
        $this->artisan(['migrate:fresh', '--force']);
        $this->server = new Process(
            [self::root().'/deploy/serve'],
            self::root(),
            self::clean([
                'NESSMARK_VAR' => $this->var,
                'NESSMARK_HOST' => self::HOST,
                'NESSMARK_HTTP' => "127.0.0.1:{$this->http}",
                'NESSMARK_HTTPS' => "127.0.0.1:{$this->https}",
                'NESSMARK_RUN_AS' => posix_geteuid() === 0 ? 'root' : 'nobody',
                'NESSMARK_WORKERS' => '4',
            ]),
            timeout: null,
        );
        $this->server->start();
        $this->curl = curl_init() ?: throw new RuntimeException('no curl');
    }

    protected function tearDown(): void
    {
        $this->server?->stop(5);
        self::command(['rm', '-rf', $this->var]);
    }

    public function test_a_fresh_shop_signs_in_over_tls_gives_a_ticket_and_prints_its_card(): void
    {
        $opened = $this->artisan([
            'nessmark:shop:open',
            '--name=Gull',
            '--town=Varrsund',
            '--zone=Europe/London',
            '--head-name=Una',
            '--head-sign-in=una',
            '--no-interaction',
        ]);
        preg_match('/Password\s+(\S+)/', $opened, $found);
        $this->waitUntilWell();

        [$status, , $headers] = $this->ask('GET', '/counter', null, $this->http, 'http');
        self::assertSame([301, 'https://'.self::HOST.":{$this->https}/counter"], [$status, $headers['location'] ?? '']);
        $stranger = $this->ask('GET', '/', null, $this->https, 'https', 'stranger.test');
        self::assertSame(421, $stranger[0], $stranger[1]);
        foreach (['/.env', '/artisan', '/index.php/../.env', '/vendor/autoload.php'] as $path) {
            self::assertStringNotContainsString('APP_KEY', $this->ask('GET', $path)[1], $path);
        }
        [$status, , $headers] = $this->ask('GET', '/');
        self::assertSame(200, $status);
        self::assertStringContainsString('includeSubDomains', $headers['strict-transport-security']);
        self::assertMatchesRegularExpression(
            '#^__Host-nessmark_session=[^;]+; expires=[^;]+; Max-Age=43200; path=/; secure; httponly; samesite=strict$#',
            $headers['set-cookie'],
        );
        self::assertStringContainsString("default-src 'self'", $headers['content-security-policy']);
        self::assertSame(['nosniff', 'same-origin'], [$headers['x-content-type-options'], $headers['referrer-policy']]);
        self::assertStringNotContainsString('PHP', implode(' ', $headers));

        self::assertSame(200, $this->api('POST', '/session', ['sign_in' => 'una@gull', 'password' => $found[1] ?? ''])[0]);
        self::assertSame(409, $this->api('GET', '/case')[0], 'not before the password is her own');
        self::assertSame(
            200,
            $this->api('PUT', '/session/password', ['password' => $found[1] ?? '', 'new_password' => 'kittiwake-12'])[0],
        );
        $ask = ['cut' => 'chicken-whole', 'method' => 'oven_roast', 'diners' => [['count' => 4]]];
        [$status, $ticket] = $this->api('POST', '/tickets', [
            'dishes' => [['ask' => $ask, 'cautions_read' => []]],
            'units' => 'metric',
        ]);
        self::assertSame(201, $status, json_encode($ticket) ?: '');
        [$status, $pdf, $headers] = $this->ask('GET', "/api/v1/tickets/{$ticket['id']}/card.pdf");
        self::assertSame(
            [200, '%PDF', 'application/pdf', 'no-store'],
            [$status, substr($pdf, 0, 4), $headers['content-type'], explode(',', $headers['cache-control'])[0]],
        );
        self::assertSame(200, $this->ask('GET', (string) parse_url($ticket['card_link']['url'], PHP_URL_PATH))[0]);

        $this->artisan(['down', '--render=out']);
        [$status, $page] = $this->ask('GET', '/counter');
        self::assertSame(503, $status);
        self::assertStringContainsString('Not there for a moment', $page);
        self::assertSame(200, $this->ask('GET', '/health')[0], 'how well it is, is asked before anybody is let in');
        $this->artisan(['up']);
        self::assertSame(200, $this->ask('GET', '/counter')[0]);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{int, array<string, mixed>}
     */
    private function api(string $method, string $path, ?array $body = null): array
    {
        [$status, $text] = $this->ask($method, "/api/v1{$path}", $body);

        return [$status, (array) json_decode($text, true)];
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{int, string, array<string, string>} status, body, the last header of each name
     */
    private function ask(
        string $method,
        string $path,
        ?array $body = null,
        ?int $port = null,
        string $scheme = 'https',
        string $host = self::HOST,
    ): array {
        $port ??= $this->https;
        $headers = [];
        $curl = $this->curl ?? throw new RuntimeException('no curl');
        $token = '';
        foreach ((array) curl_getinfo($curl, CURLINFO_COOKIELIST) as $cookie) {
            $parts = explode("\t", (string) $cookie);
            $token = ($parts[5] ?? '') === 'XSRF-TOKEN' ? urldecode($parts[6]) : $token;
        }
        $page = 'https://'.self::HOST.":{$this->https}";
        curl_setopt_array($curl, [
            CURLOPT_URL => "{$scheme}://{$host}:{$port}{$path}",
            CURLOPT_RESOLVE => ["{$host}:{$port}:127.0.0.1"],
            CURLOPT_PROXY => '',
            CURLOPT_SSL_VERIFYPEER => false,
            CURLOPT_SSL_VERIFYHOST => 0,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_PATH_AS_IS => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: application/json',
                "Origin: {$page}",
                "Referer: {$page}/",
                "X-XSRF-TOKEN: {$token}",
            ],
            CURLOPT_HEADERFUNCTION => static function (CurlHandle $curl, string $line) use (&$headers): int {
                [$name, $value] = [...explode(':', $line, 2), ''];
                $headers[strtolower($name)] = trim($value);

                return strlen($line);
            },
        ]);
        $text = curl_exec($curl);

        return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), is_string($text) ? $text : curl_error($curl), $headers];
    }

    private function waitUntilWell(): void
    {
        for ($tries = 0; $tries < 100; $tries++) {
            if ($this->ask('GET', '/health')[0] === 200) {
                return;
            }
            self::assertTrue($this->server?->isRunning() === true, (string) $this->server?->getErrorOutput());
            usleep(100_000);
        }
        self::fail($this->ask('GET', '/health')[1].$this->server?->getErrorOutput());
    }

    /** @param  list<string>  $arguments */
    private function artisan(array $arguments): string
    {
        return self::command([PHP_BINARY, self::root().'/artisan', ...$arguments], self::clean(['NESSMARK_VAR' => $this->var]));
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string|false>  $env
     */
    private static function command(array $command, array $env = []): string
    {
        return (new Process($command, self::root(), $env))->mustRun()->getOutput();
    }

    /**
     * @param  array<string, string>  $env
     * @return array<string, string|false> without what the tests themselves run under
     */
    private static function clean(array $env): array
    {
        $of = array_filter(
            array_keys(getenv()),
            static fn (string $key): bool => preg_match('/^(APP|DB|NESSMARK|CACHE|SESSION|LOG)_/', $key) === 1,
        );

        return [...array_fill_keys([...$of, 'CACHE_STORE', 'SESSION_DRIVER', 'LOG_CHANNEL', 'APP_ENV'], false), ...$env];
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('no port');

        return (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    }
}
