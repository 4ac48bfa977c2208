<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use RuntimeException;

/** The web server and PHP killed outright, one by one and together: they come back by themselves, and nothing of them is left at the end. */
final class KillTest extends TestCase
{
    private const WITHIN_SECONDS = 8;

    /** @var resource|null */
    private $serve;

    private int $port = 0;

    protected function setUp(): void
    {
        // A database with the demo data, of the server that the other tests use.
        Server::get();
        $this->port = Chromium::freePort();
        $this->begin();
    }

    protected function tearDown(): void
    {
        if ($this->serve !== null) {
            proc_terminate($this->serve);
            proc_close($this->serve);
        }
    }

    private function begin(): void
    {
        $root = dirname(__DIR__, 2);
        $log = ['file', $root.'/var/log/kill-server.log', 'a'];
        $serve = proc_open([$root.'/bin/serve'], [['file', '/dev/null', 'r'], $log, $log], $pipes, $root, [
            ...getenv(), 'APP_PORT' => (string) $this->port, 'INSTRUMENTS_PORT' => (string) Chromium::freePort(), 'APP_ENV' => 'local',
            'APP_DEBUG' => 'false', 'DB_DATABASE' => 'app_test_browser', 'DB_PERSISTENT' => 'false', 'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'array', 'APP_CONFIG_CACHE' => 'var/testing/config.php', 'APP_ROUTES_CACHE' => 'var/testing/routes.php',
            'APP_EVENTS_CACHE' => 'var/testing/events.php',
        ]);
        $this->serve = is_resource($serve) ? $serve : throw new RuntimeException('bin/serve does not start');
        $this->answers(20);
    }

    /** Whether the application answers, PHP and database included. */
    private function answers(float $seconds = self::WITHIN_SECONDS): void
    {
        $until = microtime(true) + $seconds;
        do {
            $context = stream_context_create(['http' => ['timeout' => 1, 'ignore_errors' => true]]);
            $answer = @file_get_contents("http://127.0.0.1:$this->port/api/session", false, $context);
            if ($answer !== false && str_contains($answer, '"person"')) {
                $this->addToAssertionCount(1);

                return;
            }
            usleep(100_000);
        } while (microtime(true) < $until);
        self::fail("no answer within $seconds s: ".mb_substr((string) $answer, 0, 300));
    }

    /** @return list<int> sessions of what runs: PHP, the web server, the workers, the instruments; the latest last */
    private function sessions(): array
    {
        $run = trim((string) file_get_contents(dirname(__DIR__, 2)."/var/serve-$this->port.run"));

        return array_values(array_map(intval(...), array_filter(explode("\n", (string) file_get_contents($run.'/sessions')))));
    }

    /** The living master of a part, by the name of its program. */
    private function master(string $program): int
    {
        foreach (array_reverse($this->sessions()) as $pid) {
            if (trim((string) @file_get_contents("/proc/$pid/comm")) === $program) {
                return $pid;
            }
        }
        throw new RuntimeException("$program does not run");
    }

    public function test_the_web_server_comes_back(): void
    {
        posix_kill($this->master('nginx'), SIGKILL);
        usleep(300_000);
        $this->answers();
    }

    public function test_php_comes_back(): void
    {
        posix_kill($this->master('php-fpm8.2'), SIGKILL);
        usleep(300_000);
        $this->answers();
    }

    public function test_both_come_back(): void
    {
        posix_kill($this->master('php-fpm8.2'), SIGKILL);
        posix_kill($this->master('nginx'), SIGKILL);
        usleep(300_000);
        $this->answers();
    }

    public function test_when_the_watcher_itself_is_killed_the_next_start_finds_its_way(): void
    {
        $before = $this->sessions();
        $status = $this->serve === null ? [] : proc_get_status($this->serve);
        posix_kill($status['pid'] ?? 0, SIGKILL);
        posix_kill($this->master('nginx'), SIGKILL);
        usleep(300_000);
        $this->begin();
        self::assertSame([], array_intersect($before, $this->sessions()));
        foreach ($before as $session) {
            self::assertSame('', trim((string) shell_exec("pgrep -s $session")), 'nothing of the first run lives on');
        }
    }

    public function test_nothing_is_left_behind(): void
    {
        $sessions = $this->sessions();
        self::assertGreaterThanOrEqual(5, count($sessions));
        if ($this->serve !== null) {
            proc_terminate($this->serve);
            proc_close($this->serve);
            $this->serve = null;
        }
        foreach ($sessions as $session) {
            self::assertSame('', trim((string) shell_exec("pgrep -s $session")));
        }
    }
}
