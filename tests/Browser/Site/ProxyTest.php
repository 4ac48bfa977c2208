<?php

declare(strict_types=1);

namespace Tests\Browser\Site;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Server;

/** What the proxy refuses by itself speaks the same shape as the application. */
final class ProxyTest extends TestCase
{
    public function test_five_megabytes_are_a_problem_and_no_fault(): void
    {
        [$status, $type, $body] = self::send('POST', '/api/solve', str_repeat('{"plate":', 555_555));
        self::assertSame([413, 'application/problem+json'], [$status, $type]);
        self::assertStringContainsString('"detail":"More was sent than is taken here."', $body);
    }

    public function test_private_files_are_not_served(): void
    {
        foreach (['/.env', '/index.php/x', '/../.env', '/storage/x', '/build/../../.env'] as $path) {
            [$status, , $body] = self::send('GET', $path);
            self::assertStringNotContainsString('APP_KEY', $body, $path);
            self::assertLessThan(500, $status, $path);
        }
    }

    public function test_built_files_are_kept_for_a_year(): void
    {
        preg_match('~/build/assets/main-[^"]+\\.js~', self::send('GET', '/')[2], $m);
        $path = $m[0] ?? '';
        self::assertNotSame('', $path);
        $headers = get_headers(Server::get()->base.$path, true);
        self::assertIsArray($headers);
        self::assertSame('public, max-age=31536000, immutable', $headers['Cache-Control']);
        self::assertSame('nosniff', $headers['X-Content-Type-Options']);
    }

    public function test_what_is_not_built_is_not_remembered_as_missing(): void
    {
        $headers = get_headers(Server::get()->base.'/build/assets/not-there.js', true);
        self::assertIsArray($headers);
        self::assertSame(['HTTP/1.1 404 Not Found', 'no-store'], [$headers[0], $headers['Cache-Control']]);
    }

    /** What a browser asks before it offers to keep the page among its programs. */
    public function test_the_page_can_be_kept_on_a_device(): void
    {
        [$status, $type, $body] = self::send('GET', '/build/manifest.webmanifest');
        self::assertSame([200, 'application/manifest+json'], [$status, $type]);
        $manifest = json_decode($body, true);
        self::assertIsArray($manifest);
        self::assertSame(['/', '/', 'standalone'], [$manifest['start_url'], $manifest['scope'], $manifest['display']]);
        $sizes = [];
        foreach ($manifest['icons'] as $icon) {
            [$status, $type, $picture] = self::send('GET', $icon['src']);
            self::assertSame([200, 'image/png'], [$status, $type]);
            $size = getimagesizefromstring($picture);
            self::assertIsArray($size);
            self::assertSame($icon['sizes'], "$size[0]x$size[1]");
            $sizes[] = $icon['sizes'];
        }
        self::assertContains('192x192', $sizes);
        self::assertContains('512x512', $sizes);
        self::assertStringContainsString('href="/build/manifest.webmanifest"', self::send('GET', '/')[2]);
    }

    /** The worker is looked at anew each time, is allowed nothing but its own scripts, and keeps everything the page is made of. */
    public function test_the_worker_keeps_the_whole_page(): void
    {
        $headers = get_headers(Server::get()->base.'/worker.js', true);
        self::assertIsArray($headers);
        self::assertSame('no-cache', $headers['Cache-Control']);
        $policy = $headers['Content-Security-Policy'] ?? null;
        self::assertIsString($policy, 'one policy');
        self::assertStringStartsWith("default-src 'none'; script-src 'self'", $policy);
        $worker = self::send('GET', '/worker.js')[2];
        $built = glob(dirname(__DIR__, 3).'/public/build/assets/*.{js,css,woff2}', GLOB_BRACE) ?: [];
        self::assertGreaterThan(30, count($built));
        foreach ($built as $file) {
            self::assertStringContainsString('/build/assets/'.basename($file), $worker);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function oddities(): iterable
    {
        foreach ([
            'an unknown coding' => "Transfer-Encoding: gzip\r\n\r\n",
            'twice chunked' => "Transfer-Encoding: chunked, chunked\r\n\r\n0\r\n\r\n",
            'chunked and a length' => "Transfer-Encoding: chunked\r\nContent-Length: 3\r\n\r\n0\r\n\r\n",
            'two lengths' => "Content-Length: 2\r\nContent-Length: 3\r\n\r\n{}", 'a length below nothing' => "Content-Length: -1\r\n\r\n",
            'a chunk that lies' => "Transfer-Encoding: chunked\r\n\r\nzz\r\n{}\r\n0\r\n\r\n",
            'a chunk that is none' => "Transfer-Encoding: chunked\r\n\r\n2\r\n{}\r\n0\r\n\r\n",
            'a name with a blank' => "Transfer-Encoding : chunked\r\n\r\n0\r\n\r\n",
            'identity' => "Transfer-Encoding: identity\r\nContent-Length: 2\r\n\r\n{}",
        ] as $name => $rest) {
            yield $name => [$rest];
        }
    }

    /** Nothing of it reaches PHP as something else than it is, and none ends in a fault. */
    #[DataProvider('oddities')]
    public function test_odd_bodies_are_refused_or_read(string $rest): void
    {
        $port = (int) parse_url(Server::get()->base, PHP_URL_PORT);
        foreach (['POST /api/solve HTTP/1.1', 'POST /api/session HTTP/1.0', 'PUT /api/circuits/1 HTTP/1.1'] as $line) {
            $socket = stream_socket_client("tcp://127.0.0.1:$port", $code, $message, 5);
            self::assertIsResource($socket);
            stream_set_timeout($socket, 5);
            fwrite($socket, "$line\r\nHost: 127.0.0.1\r\nConnection: close\r\nContent-Type: application/json\r\n$rest");
            $answer = (string) stream_get_contents($socket);
            fclose($socket);
            self::assertMatchesRegularExpression('~^HTTP/1\.1 4\d\d ~', $answer, $line);
            self::assertStringContainsString('application/problem+json', $answer, $line);
        }
    }

    /** @return array{int, string, string} status, type, body */
    private static function send(string $method, string $path, string $body = ''): array
    {
        $handle = curl_init(Server::get()->base.$path);
        self::assertNotFalse($handle);
        curl_setopt($handle, CURLOPT_CUSTOMREQUEST, $method === '' ? 'GET' : $method);
        curl_setopt($handle, CURLOPT_RETURNTRANSFER, true);
        curl_setopt($handle, CURLOPT_TIMEOUT, 20);
        curl_setopt($handle, CURLOPT_PATH_AS_IS, true);
        curl_setopt($handle, CURLOPT_HTTPHEADER, ['Expect:', 'Content-Type: application/json']);
        if ($body !== '') {
            curl_setopt($handle, CURLOPT_POSTFIELDS, $body);
        }
        $answer = (string) curl_exec($handle);

        return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), (string) curl_getinfo($handle, CURLINFO_CONTENT_TYPE), $answer];
    }
}
