<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;
use Tests\House;

/** A server of its own over the database of the browser tests, to be stopped, killed and begun again. */
final class OwnServer
{
    public readonly int $port;

    public readonly string $base;

    /** @var resource|null */
    private $process;

    public function __construct()
    {
        // It prepares the database.
        Server::get();
        $this->port = Chromium::freePort();
        $this->base = "http://127.0.0.1:$this->port";
    }

    public function begin(): void
    {
        $root = dirname(__DIR__, 2);
        $log = ['file', House::var().'/log/own-server.log', 'a'];
        $process = proc_open([$root.'/bin/serve'], [['file', '/dev/null', 'r'], $log, $log], $pipes, $root, [
            ...getenv(), 'APP_PORT' => (string) $this->port, 'INSTRUMENTS_PORT' => (string) Chromium::freePort(), 'APP_ENV' => 'local',
            'APP_DEBUG' => 'false', 'DB_DATABASE' => Server::database(), 'DB_PERSISTENT' => 'false', 'SESSION_DRIVER' => 'file', 'QUEUE_CONNECTION' => 'database',
            'CACHE_STORE' => 'array', 'BCRYPT_ROUNDS' => '4', 'APP_CONFIG_CACHE' => 'var/testing/config.php', 'APP_ROUTES_CACHE' => 'var/testing/routes.php',
            'APP_EVENTS_CACHE' => 'var/testing/events.php',
        ]);
        $this->process = is_resource($process) ? $process : throw new RuntimeException('bin/serve does not start');
    }

    public function stop(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process);
            proc_close($this->process);
            $this->process = null;
        }
    }

    /** @phpstan-impure */
    public function runs(): bool
    {
        return $this->process !== null && proc_get_status($this->process)['running'];
    }

    /** Kills it outright, as a power cut would: what it started lives on. */
    public function kill(): void
    {
        if ($this->process !== null) {
            posix_kill(proc_get_status($this->process)['pid'], SIGKILL);
            proc_close($this->process);
            $this->process = null;
        }
    }

    /** Whether the application answers within a time, PHP and database included. */
    public function answers(float $seconds): bool
    {
        $until = microtime(true) + $seconds;
        do {
            $context = stream_context_create(['http' => ['timeout' => 1, 'ignore_errors' => true]]);
            $answer = @file_get_contents("$this->base/health", false, $context);
            if ($answer !== false && str_contains($answer, '"database":true')) {
                return true;
            }
            usleep(100_000);
        } while (microtime(true) < $until);

        return false;
    }

    /** @return list<int> sessions of what runs: PHP, the web server, the workers, the instruments; the latest last */
    public function sessions(): array
    {
        $run = trim((string) @file_get_contents(House::var()."/serve-$this->port.run"));

        return array_values(array_map(intval(...), array_filter(explode("\n", (string) @file_get_contents($run.'/sessions')))));
    }

    /** The living master of a part, by the name of its program. */
    public function master(string $program): int
    {
        foreach (array_reverse($this->sessions()) as $pid) {
            if (trim((string) @file_get_contents("/proc/$pid/comm")) === $program) {
                return $pid;
            }
        }
        throw new RuntimeException("$program does not run");
    }
}
