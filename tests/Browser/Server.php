<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;
use Tests\House;

/** The real stack (nginx, php-fpm, PostgreSQL) on a port of its own, over a database of its own with the demo data. */
final class Server
{
    private static ?self $running = null;

    /** @var resource */
    private $process;

    private function __construct(public readonly string $base, int $port)
    {
        $root = dirname(__DIR__, 2);
        $environment = [
            ...getenv(),
            'APP_PORT' => (string) $port, 'INSTRUMENTS_PORT' => (string) Chromium::freePort(),
            'APP_ENV' => 'local', 'APP_DEBUG' => 'false', 'DB_DATABASE' => self::database(), 'DB_PERSISTENT' => 'false',
            'SESSION_DRIVER' => 'file', 'QUEUE_CONNECTION' => 'database',
            // Nobody waits a minute here: tries at signing in are not counted across requests.
            'CACHE_STORE' => 'array', 'BCRYPT_ROUNDS' => '4', 'APP_CONFIG_CACHE' => 'var/testing/config.php', 'APP_ROUTES_CACHE' => 'var/testing/routes.php',
            'APP_EVENTS_CACHE' => 'var/testing/events.php',
        ];
        foreach (['bin/migrate fresh', 'php artisan demo:load'] as $command) {
            $made = proc_open("$command 2>&1", [['file', '/dev/null', 'r'], ['pipe', 'w']], $pipes, $root, $environment);
            $said = is_resource($made) ? (string) stream_get_contents($pipes[1]) : '';
            if (! is_resource($made) || proc_close($made) !== 0) {
                throw new RuntimeException("$command: $said");
            }
        }
        $log = ['file', House::var().'/log/browser-server.log', 'w'];
        $process = proc_open([$root.'/bin/serve'], [['file', '/dev/null', 'r'], $log, $log], $pipes, $root, $environment);
        if (! is_resource($process)) {
            throw new RuntimeException('bin/serve does not start');
        }
        $this->process = $process;
        Chromium::await($port);
    }

    /** Browser tests that run beside others have a database of their own: BROWSER_DATABASE names it. */
    public static function database(): string
    {
        $named = getenv('BROWSER_DATABASE');

        return $named === false || $named === '' ? 'app_test_browser' : $named;
    }

    public static function get(): self
    {
        if (self::$running === null) {
            $port = Chromium::freePort();
            self::$running = new self("http://127.0.0.1:$port", $port);
            register_shutdown_function(static function (): void {
                if (self::$running !== null) {
                    proc_terminate(self::$running->process);
                    proc_close(self::$running->process);
                    self::$running = null;
                }
            });
        }

        return self::$running;
    }
}
