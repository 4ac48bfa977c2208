<?php

declare(strict_types=1);

namespace Tests\Bench;

use RuntimeException;
use Tests\Browser\Chromium;

/** The stack as bin/start runs it, caches and all, over a database of its own with 10 000 circuits. */
final class Stack
{
    /**
     * @param  resource  $process
     * @param  array<string, string>  $environment
     */
    private function __construct(
        public readonly string $base,
        private $process,
        private readonly string $root,
        private readonly bool $ownsDatabase,
        private readonly array $environment,
    ) {
    }

    public static function start(string $root): self
    {
        $running = trim((string) shell_exec(escapeshellarg("$root/bin/pg").' status')) === 'running';
        exec(escapeshellarg("$root/bin/pg").' start', $said, $status);
        if ($status !== 0) {
            throw new RuntimeException(implode("\n", $said));
        }
        $port = Chromium::freePort();
        $environment = [
            ...getenv(),
            'APP_PORT' => (string) $port,
            'APP_ENV' => 'production', 'DB_DATABASE' => 'app_bench', 'DB_PERSISTENT' => 'true', 'CACHE_STORE' => 'array',
            'APP_CONFIG_CACHE' => 'var/bench/config.php', 'APP_ROUTES_CACHE' => 'var/bench/routes.php',
            'APP_EVENTS_CACHE' => 'var/bench/events.php',
        ];
        @mkdir("$root/var/bench", 0755, true);
        self::run('bin/migrate fresh', $root, $environment);
        foreach (['demo:load', 'config:cache', 'route:cache', 'event:cache'] as $command) {
            self::run("php artisan $command", $root, $environment);
        }
        // The demo's circuits over and over, under other tags: what lists and filters see at ten thousand.
        self::run(
            'php -r '.
                escapeshellarg(
                    <<<'PHP'
                    require 'vendor/autoload.php';
                    $app = require 'bootstrap/app.php';
                    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
                    Illuminate\Support\Facades\DB::statement("INSERT INTO circuits (site_id, tag, area, drives, draft, version, rule_book, worst, stops, cautions, notes, errors, output_w, current_a, method, cable, scpd_a, dial_a, core, updated_by, created_at, updated_at)
                        SELECT c.site_id, c.tag || '-' || n, c.area, c.drives, c.draft, 1, c.rule_book, c.worst, c.stops, c.cautions,
                            c.notes, c.errors, c.output_w * (1 + n / 1000.0), c.current_a, c.method, c.cable, c.scpd_a, c.dial_a, c.core,
                                c.updated_by, now(), now()
                        FROM circuits c CROSS JOIN generate_series(1, 440) n LIMIT 10000");
                    Illuminate\Support\Facades\DB::statement('ANALYZE circuits');
                    PHP
                    ,
                ),
            $root, $environment,
        );
        $log = ['file', "$root/var/log/bench-server.log", 'w'];
        $process = proc_open(["$root/bin/serve"], [['file', '/dev/null', 'r'], $log, $log], $pipes, $root, $environment);
        if (! is_resource($process)) {
            throw new RuntimeException('bin/serve does not start');
        }
        Chromium::await($port);

        return new self("http://127.0.0.1:$port", $process, $root, ! $running, $environment);
    }

    /** Puts every circuit into the first site, so that one site has them all. */
    public function gather(): void
    {
        self::run(
            'php -r '.escapeshellarg(
                <<<'PHP'
                require 'vendor/autoload.php';
                $app = require 'bootstrap/app.php';
                $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
                Illuminate\Support\Facades\DB::statement("UPDATE circuits SET site_id = 1, tag = id || ' ' || tag");
                PHP
                ,
            ),
            $this->root, $this->environment,
        );
    }

    public function stop(): void
    {
        proc_terminate($this->process);
        proc_close($this->process);
        if ($this->ownsDatabase) {
            exec(escapeshellarg("$this->root/bin/pg").' stop');
        }
    }

    /** @param  array<string, string>  $environment */
    private static function run(string $command, string $root, array $environment): void
    {
        $process = proc_open("$command 2>&1", [['file', '/dev/null', 'r'], ['pipe', 'w']], $pipes, $root, $environment);
        $said = is_resource($process) ? (string) stream_get_contents($pipes[1]) : '';
        if (! is_resource($process) || proc_close($process) !== 0) {
            throw new RuntimeException("$command: $said");
        }
    }
}
