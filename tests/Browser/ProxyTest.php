<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

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
