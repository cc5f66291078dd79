<?php

declare(strict_types=1);

/** One counter's way to the server: its cookies, its token, JSON there and back. The certificate of a trial is nobody's. */
final class OverTls
{
    public readonly CurlHandle $curl;

    public function __construct(private readonly string $base)
    {
        $this->curl = curl_init() ?: throw new RuntimeException('no curl');
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_SSL_VERIFYPEER => false,
            CURLOPT_SSL_VERIFYHOST => 0,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_PROXY => '',
            CURLOPT_TIMEOUT => 60,
            CURLOPT_RESOLVE => [parse_url($base, PHP_URL_HOST).':'.(parse_url($base, PHP_URL_PORT) ?? 443).':127.0.0.1'],
        ]);
    }

    public static function signedIn(string $base, string $name, string $password): self
    {
        $way = new self($base);
        $way->ask('GET', '/');
        [$status, $said] = $way->ask('POST', '/api/v1/session', ['sign_in' => $name, 'password' => $password]);
        $status === 200 || throw new RuntimeException("sign-in: {$status} ".json_encode($said));

        return $way;
    }

    /** The same person at another screen: a sign-in costs what it should, and this measures something else. */
    public function another(): self
    {
        $way = new self($this->base);
        foreach ((array) curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            curl_setopt($way->curl, CURLOPT_COOKIELIST, (string) $cookie);
        }

        return $way;
    }

    /** @param  array<string, mixed>|null  $body */
    public function aim(string $method, string $path, ?array $body = null, ?string $onceKey = null): void
    {
        $token = '';
        foreach ((array) curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            $parts = explode("\t", (string) $cookie);
            $token = ($parts[5] ?? '') === 'XSRF-TOKEN' ? urldecode($parts[6]) : $token;
        }
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->base.$path,
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_POSTFIELDS => $body === null ? '' : (string) json_encode($body),
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: application/json',
                "Origin: {$this->base}",
                "Referer: {$this->base}/",
                "X-XSRF-TOKEN: {$token}",
                ...$onceKey === null ? [] : ["Idempotency-Key: {$onceKey}"],
            ],
        ]);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{int, array<string, mixed>} status, 0 where nobody answers, and what was said
     */
    public function ask(string $method, string $path, ?array $body = null, ?string $onceKey = null): array
    {
        $this->aim($method, $path, $body, $onceKey);
        $text = curl_exec($this->curl);

        return [(int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), is_string($text) ? (array) json_decode($text, true) : []];
    }
}
