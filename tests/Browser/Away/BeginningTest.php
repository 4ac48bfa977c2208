<?php

declare(strict_types=1);

namespace Tests\Browser\Away;

use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Browser\Chromium;
use Tests\House;

/**
 * bin/start itself, in a checkout of its own: what it watches over comes back when it is killed, and all ends with it, however it ends.
 */
final class BeginningTest extends TestCase
{
    private const UP_SECONDS = 180;

    private static string $checkout;

    private static int $port;

    /** @var resource|null */
    private static $start = null;

    public static function setUpBeforeClass(): void
    {
        self::$checkout = House::root().'/var/testing/checkout';
        self::shell('rm -rf '.escapeshellarg(self::$checkout));
        $root = escapeshellarg(House::root());
        $to = escapeshellarg(self::$checkout);
        // What was installed and built is linked, not copied; the settings are made anew.
        self::shell("mkdir -p $to/public $to/node_modules && cd $root \
            && tar -c --exclude=./{.env,.git,bootstrap/cache,node_modules,public/build,storage,var,vendor} . | tar -x -C $to \
            && cp -al vendor $to/ && cp -al public/build $to/public/ && cp -p node_modules/.stamp $to/node_modules/");
        self::$port = Chromium::freePort();
    }

    public static function tearDownAfterClass(): void
    {
        self::end(SIGTERM);
        self::shell(self::database('stop'));
        $folder = sys_get_temp_dir().'/brave-anvil-pg-'.substr(sha1(self::$checkout), 0, 12);
        self::shell('rm -rf '.escapeshellarg(self::$checkout).' '.escapeshellarg($folder));
    }

    private static function shell(string $command): string
    {
        exec('bash -o pipefail -c '.escapeshellarg($command).' 2>&1', $said, $status);

        return $status === 0 ? implode("\n", $said) : throw new RuntimeException("$command: ".implode("\n", $said));
    }

    /** Begins it, and waits until it says where it runs. */
    private static function begin(): void
    {
        $environment = array_diff_key(getenv(), array_flip([
            'HOUSE_VAR', 'DB_PORT', 'DB_PASSWORD', 'DB_DATABASE', 'QUEUE_CONNECTION', 'APP_ENV', 'APP_CONFIG_CACHE', 'APP_ROUTES_CACHE',
            'APP_EVENTS_CACHE', 'SESSION_DRIVER', 'CACHE_STORE', 'BCRYPT_ROUNDS', 'DB_PERSISTENT',
        ]));
        $said = ['file', self::said(), 'w'];
        $process = proc_open(['bin/start'], [['file', '/dev/null', 'r'], $said, $said], $pipes, self::$checkout, [
            ...$environment, 'APP_PORT' => (string) self::$port, 'PG_PORT' => (string) Chromium::freePort(),
            'INSTRUMENTS_PORT' => (string) Chromium::freePort(),
        ]);
        self::$start = is_resource($process) ? $process : throw new RuntimeException('bin/start does not start');
        $isUp = static fn (): bool => str_contains((string) file_get_contents(self::said()), 'Ctrl-C ends it');
        self::waitFor($isUp, self::UP_SECONDS, 'no banner');
    }

    private static function said(): string
    {
        return self::$checkout.'/said.txt';
    }

    /** @param  callable(): bool  $holds */
    private static function waitFor(callable $holds, float $seconds, string $otherwise): void
    {
        for ($until = microtime(true) + $seconds; ! $holds();) {
            if (microtime(true) > $until) {
                throw new RuntimeException("$otherwise\n".@file_get_contents(self::said()));
            }
            usleep(50_000);
        }
    }

    private static function end(int $signal): void
    {
        if (self::$start !== null) {
            proc_terminate(self::$start, $signal);
            proc_close(self::$start);
            self::$start = null;
        }
    }

    private static function answers(): bool
    {
        $context = stream_context_create(['http' => ['timeout' => 1, 'ignore_errors' => true]]);

        return str_contains((string) @file_get_contents('http://127.0.0.1:'.self::$port.'/health', false, $context), '"database":true');
    }

    /** A command to the database of that checkout, not to the one of the tests. */
    private static function database(string $do): string
    {
        return 'env -u HOUSE_VAR '.escapeshellarg(self::$checkout.'/bin/pg')." $do";
    }

    /** The process of a part, by what its command line holds; 0 where it does not run. */
    private static function process(string $of): int
    {
        // The shell that asks holds the words too, but not in this form.
        $words = '['.self::$checkout[0].']'.substr(self::$checkout, 1).'/'.$of;

        return (int) trim((string) shell_exec('pgrep -o -f -- '.escapeshellarg($words)));
    }

    /** Neither the service nor the database nor who watches over them. */
    private static function nothingRuns(): bool
    {
        exec(self::database('status'), $said, $status);

        return $status === 3 && ! self::answers() && self::process('') === 0;
    }

    public function test_what_it_watches_over_comes_back_when_it_is_killed(): void
    {
        self::begin();
        self::waitFor(self::answers(...), 30, 'it does not answer');
        foreach (['bin/serve' => 'The server was killed', 'bin/pg watch' => 'The watcher was killed'] as $part => $words) {
            $killed = self::process($part);
            self::assertGreaterThan(1, $killed, $part);
            posix_kill($killed, SIGKILL);
            self::waitFor(static fn (): bool => ! in_array(self::process($part), [0, $killed], true), 20, "$part is not there again");
            self::waitFor(self::answers(...), 30, "without $part it does not answer");
            self::assertStringContainsString($words, (string) file_get_contents(self::said()));
        }
        // And the watcher that came back still watches.
        self::shell('kill -KILL '.(int) self::shell('head -1 '.self::databasePid()));
        self::waitFor(self::answers(...), 30, 'the database is not back');
    }

    private static function databasePid(): string
    {
        $beside = sys_get_temp_dir().'/brave-anvil-pg-'.substr(sha1(self::$checkout), 0, 12).'/data/postmaster.pid';

        return is_file($beside) ? $beside : self::$checkout.'/var/pg/data/postmaster.pid';
    }

    public function test_killed_itself_it_leaves_nothing_running(): void
    {
        self::end(SIGTERM);
        self::begin();
        self::waitFor(self::answers(...), 30, 'it does not answer');
        self::end(SIGKILL);
        self::waitFor(self::nothingRuns(...), 30, 'something runs on');
        self::assertFalse(self::answers());
    }

    public function test_ended_as_soon_as_it_is_up_it_leaves_nothing_running(): void
    {
        self::begin();
        self::end(SIGTERM);
        self::waitFor(self::nothingRuns(...), 10, 'something runs on');
        self::assertStringContainsString('Everything that was started has ended.', (string) file_get_contents(self::said()));
    }
}
