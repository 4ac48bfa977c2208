<?php

declare(strict_types=1);

namespace Tests\Bench;

use CurlHandle;
use RuntimeException;

/** A signed-in client on loopback, alone or many at once. */
final class Client
{
    private string $cookies = '';

    private string $token = '';

    private readonly CurlHandle $handle;

    public function __construct(private readonly string $base)
    {
        if (! str_starts_with($base, 'http://127.0.0.1:')) {
            throw new RuntimeException('loopback only');
        }
        $this->handle = curl_init();
    }

    public function signIn(string $login, string $password): void
    {
        $this->request('GET', 'session');
        [$status] = $this->request('POST', 'session', ['login' => $login, 'password' => $password]);
        if ($status !== 200) {
            throw new RuntimeException("signing in answered $status");
        }
    }

    /**
     * @param  array<mixed>|string|null  $body  a text is sent as the table that it is
     * @return array{int, string, float} status, answer, milliseconds
     */
    public function request(string $method, string $path, array|string|null $body = null): array
    {
        curl_reset($this->handle);
        $headers = [];
        curl_setopt_array(
            $this->handle,
            $this->options($method, $path, $body) + [
                CURLOPT_HEADERFUNCTION => static function (CurlHandle $h, string $line) use (&$headers): int {
                    $headers[] = $line;

                    return strlen($line);
                }]);
        $start = hrtime(true);
        $answer = (string) curl_exec($this->handle);
        $ms = (hrtime(true) - $start) / 1e6;
        foreach ($headers as $line) {
            if (preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $line, $m) === 1) {
                $this->keep($m[1], $m[2]);
            }
        }

        return [(int) curl_getinfo($this->handle, CURLINFO_RESPONSE_CODE), $answer, $ms];
    }

    /**
     * Sends a number of requests, so many at once.
     *
     * @param  list<array<mixed>>  $bodies
     * @return array{float, int} answers a second, errors
     */
    public function together(string $path, array $bodies, int $users, int $requests): array
    {
        $multi = curl_multi_init();
        $sent = $done = $errors = 0;
        $add = function () use ($multi, $path, $bodies, &$sent): void {
            $handle = curl_init();
            curl_setopt_array($handle, $this->options('POST', $path, $bodies[$sent % count($bodies)]));
            curl_multi_add_handle($multi, $handle);
            $sent++;
        };
        $start = hrtime(true);
        while ($sent < min($users, $requests)) {
            $add();
        }
        while ($done < $requests && hrtime(true) - $start < 120e9) {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
            while (($info = curl_multi_info_read($multi)) !== false) {
                $done++;
                $errors += curl_getinfo($info['handle'], CURLINFO_RESPONSE_CODE) === 200 ? 0 : 1;
                curl_multi_remove_handle($multi, $info['handle']);
                if ($sent < $requests) {
                    $add();
                }
            }
        }

        return [$done / ((hrtime(true) - $start) / 1e9), $errors + $requests - $done];
    }

    /**
     * One request, to be sent with others.
     *
     * @param  array<mixed>|string|null  $body
     */
    public function prepared(string $method, string $path, array|string|null $body): CurlHandle
    {
        $handle = curl_init();
        curl_setopt_array($handle, $this->options($method, $path, $body));

        return $handle;
    }

    /**
     * @param  array<mixed>|string|null  $body
     * @return array<int, mixed>
     */
    private function options(string $method, string $path, array|string|null $body): array
    {
        return [
            CURLOPT_URL => "$this->base/api/$path",
            CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20, CURLOPT_ENCODING => 'gzip',
            CURLOPT_HTTPHEADER => [
                'Accept: application/json', is_string($body) ? 'Content-Type: text/csv' : 'Content-Type: application/json',
                "Cookie: $this->cookies",
                "X-XSRF-TOKEN: $this->token",
            ],
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => is_string($body) ? $body : json_encode($body, JSON_THROW_ON_ERROR)]);
    }

    private function keep(string $name, string $value): void
    {
        $kept = [];
        foreach (array_filter(explode('; ', $this->cookies)) as $pair) {
            if (! str_starts_with($pair, "$name=")) {
                $kept[] = $pair;
            }
        }
        $this->cookies = implode('; ', [...$kept, "$name=$value"]);
        if ($name === 'XSRF-TOKEN') {
            $this->token = rawurldecode($value);
        }
    }
}
