<?php

declare(strict_types=1);

namespace Tests\Browser\Away;

use RuntimeException;
use Tests\Bench\Client;
use Tests\House;

/**
 * The web server, PHP and the database killed outright, one by one and together: they come back by themselves, nothing that was
 * acknowledged or typed is lost, and nothing of them is left at the end.
 */
final class KillTest extends AwayTestCase
{
    private const WITHIN_SECONDS = 15;

    private const SAVING_SECONDS = 24.0;

    /** @var resource|null */
    private $watcher = null;

    protected function tearDown(): void
    {
        parent::tearDown();
        if ($this->watcher !== null) {
            proc_terminate($this->watcher);
            proc_close($this->watcher);
            $this->watcher = null;
        }
        exec(escapeshellarg(dirname(__DIR__, 3).'/bin/pg').' start');
    }

    /** Watches the database as bin/start does. */
    private function watchDatabase(): void
    {
        $root = dirname(__DIR__, 3);
        $log = ['file', House::var().'/log/watch.log', 'a'];
        $watcher = proc_open([$root.'/bin/pg', 'watch', (string) getmypid()], [['file', '/dev/null', 'r'], $log, $log], $pipes, $root);
        $this->watcher = is_resource($watcher) ? $watcher : throw new RuntimeException('bin/pg watch does not start');
    }

    /** Process of the database of this checkout. */
    private static function postmaster(): int
    {
        foreach (House::databaseFolders() as $folder) {
            $pid = (int) strtok((string) @file_get_contents("$folder/data/postmaster.pid"), "\n");
            if ($pid > 1 && trim((string) @file_get_contents("/proc/$pid/comm")) === 'postgres') {
                return $pid;
            }
        }
        throw new RuntimeException('the database does not run');
    }

    public function test_the_database_comes_back(): void
    {
        $this->watchDatabase();
        usleep(500_000);
        $before = self::postmaster();
        posix_kill($before, SIGKILL);
        usleep(300_000);
        self::assertTrue($this->server->answers(self::WITHIN_SECONDS), 'the database was killed');
        self::assertNotSame($before, self::postmaster());
    }

    /**
     * A client saves without a pause and a person types, while each part and then all of them are killed: every save that was
     * acknowledged is there, none stands against oneself, and the text arrives.
     */
    public function test_nothing_that_was_acknowledged_or_typed_is_lost(): void
    {
        $this->watchDatabase();
        $client = new Client($this->server->base);
        $client->signIn('electrician-a', 'larkrigg');
        $made = json_decode($client->request('POST', 'circuits', ['site_id' => 1])[1], true);
        self::assertIsArray($made);
        $id = is_int($made['id']) ? $made['id'] : 0;
        $hand = $this->handOn($this->server->base);
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-202');
        $hand->saved();

        $kills = [
            2 => ['nginx'], 5 => ['php-fpm8.2'], 8 => ['postgres'], 15 => ['nginx', 'php-fpm8.2', 'postgres'],
        ];
        $start = microtime(true);
        [$version, $acknowledged, $failures, $typed] = [1, 0, 0, 0];
        while (($at = microtime(true) - $start) < self::SAVING_SECONDS) {
            foreach ($kills as $when => $programs) {
                if ($at >= $when) {
                    unset($kills[$when]);
                    // A moment later, so that it falls into a save.
                    $pids = array_map(
                        fn (string $one): int => $one === 'postgres' ? self::postmaster() : $this->server->master($one), $programs,
                    );
                    exec('(sleep 0.0'.random_int(1, 9).'; kill -KILL '.implode(' ', $pids).') >/dev/null 2>&1 &');
                }
            }
            if ($at >= 3 * $typed) {
                $typed++;
                $hand->type('plate.serial', "LT $typed");
            }
            $circuit = is_array($made['circuit']) ? $made['circuit'] : [];
            $wanted = [...$circuit, 'tag' => $made['circuit']['tag'] ?? '', 'drives' => 'save '.($acknowledged + 1)];
            [$status, $answer] = $client->request(
                'PUT', "circuits/$id", ['version' => $version, 'circuit' => $wanted, 'key' => 'kill-'.($acknowledged + 1)],
            );
            $saved = json_decode($answer, true);
            if ($status === 200 && is_array($saved) && is_int($saved['version'] ?? null)) {
                $version = $saved['version'];
                $acknowledged++;
            } else {
                self::assertTrue($status === 0 || $status >= 500, "a save was refused: $status $answer");
                $failures++;
                usleep(100_000);
            }
        }
        self::assertSame([], $kills);
        self::assertGreaterThan(20, $acknowledged);
        self::assertGreaterThan(0, $failures, 'the kills were felt');
        self::assertTrue($this->server->answers(self::WITHIN_SECONDS));
        $kept = json_decode($client->request('GET', "circuits/$id")[1], true);
        self::assertIsArray($kept);
        // At most the one save whose answer was lost stands beyond what was acknowledged.
        self::assertContains($kept['circuit']['drives'] ?? '', ["save $acknowledged", 'save '.($acknowledged + 1)]);
        self::assertContains($kept['version'], [$version, $version + 1]);

        $hand->saved(45);
        $hand->driver->navigate()->refresh();
        $hand->until(static fn (): bool => $hand->typed('plate.serial') === "LT $typed");
    }

    /** @param  list<string>  $programs */
    private function comesBackWithout(array $programs): void
    {
        foreach ($programs as $program) {
            posix_kill($this->server->master($program), SIGKILL);
        }
        usleep(300_000);
        self::assertTrue($this->server->answers(self::WITHIN_SECONDS), implode(' and ', $programs).' killed');
    }

    public function test_the_web_server_comes_back(): void
    {
        $this->comesBackWithout(['nginx']);
    }

    public function test_php_comes_back(): void
    {
        $this->comesBackWithout(['php-fpm8.2']);
    }

    public function test_both_come_back(): void
    {
        $this->comesBackWithout(['php-fpm8.2', 'nginx']);
    }

    public function test_when_the_watcher_itself_is_killed_the_next_start_finds_its_way(): void
    {
        $before = $this->server->sessions();
        $nginx = $this->server->master('nginx');
        $this->server->kill();
        posix_kill($nginx, SIGKILL);
        usleep(300_000);
        $this->server->begin();
        // What is left of the first run answers until the second one has ended it.
        for ($i = 0; $i < 200 && array_intersect($before, $this->server->sessions()) !== []; $i++) {
            usleep(100_000);
        }
        self::assertTrue($this->server->answers(60));
        $this->assertGone($before);
    }

    /**
     * Nothing of these sessions lives on; who was killed is listed until the system has taken note of it.
     *
     * @param  list<int>  $sessions
     */
    private function assertGone(array $sessions): void
    {
        $left = '';
        for ($i = 0; $i < 50; $i++) {
            $left = implode(' ', array_filter(array_map(
                static fn (int $session): string => trim((string) shell_exec("pgrep -s $session")), $sessions,
            )));
            if ($left === '') {
                break;
            }
            usleep(100_000);
        }
        self::assertSame('', $left);
    }

    /** Three times a minute at most: what keeps dying is not started for ever, and it is said what died. */
    public function test_what_keeps_dying_is_told_and_ends(): void
    {
        $log = House::var().'/log/own-server.log';
        $length = (int) filesize($log);
        for ($kills = 0; $kills < 6 && $this->server->runs(); $kills++) {
            posix_kill($this->server->master('nginx'), SIGKILL);
            $before = $this->server->sessions();
            for ($i = 0; $i < 60 && $this->server->runs() && $this->server->sessions() === $before; $i++) {
                usleep(100_000);
            }
            usleep(300_000);
        }
        self::assertFalse($this->server->runs());
        self::assertSame(4, $kills);
        $said = (string) file_get_contents($log, false, null, $length);
        self::assertSame(3, substr_count($said, 'The nginx had ended; it is started again.'));
        self::assertStringContainsString('The nginx ended four times within a minute', $said);
    }

    /** Whoever answers strangers, and whoever works for them, is not root; what they keep is nobody else's. */
    public function test_nobody_who_answers_is_root_and_nobody_else_reads_what_is_kept(): void
    {
        $root = dirname(__DIR__, 3);
        if (posix_geteuid() === 0 &&
            str_contains((string) shell_exec('runuser -u www-data -- test -r '.escapeshellarg("$root/public/index.php").
            ' && echo yes'), 'yes')) {
            $answering = [];
            foreach ($this->server->sessions() as $session) {
                foreach (array_map(intval(...), explode("\n", trim((string) shell_exec("pgrep -s $session")))) as $pid) {
                    preg_match('~^Uid:\s+(\d+)~m', (string) @file_get_contents("/proc/$pid/status"), $m);
                    $name = trim((string) @file_get_contents("/proc/$pid/comm"));
                    // The masters open the port and the logs; their children answer.
                    if ($pid !== $session || $name === 'php') {
                        $answering[] = $name.' '.($m[1] ?? '');
                    }
                }
            }
            $user = posix_getpwnam('www-data');
            self::assertIsArray($user);
            self::assertGreaterThan(8, count($answering));
            foreach ($answering as $one) {
                self::assertStringEndsWith(' '.$user['uid'], $one);
            }
        }
        $hand = $this->handOn($this->server->base);
        $hand->signIn('electrician-b');
        $kept = 0;
        foreach (['storage/app/photographs', 'storage/app/papers', 'storage/framework/sessions'] as $folder) {
            self::assertSame('0700', substr(sprintf('%o', (int) fileperms("$root/$folder")), -4), $folder);
            foreach (glob("$root/$folder/*") ?: [] as $file) {
                self::assertSame('0600', substr(sprintf('%o', (int) fileperms($file)), -4), $file);
                $kept++;
            }
        }
        self::assertGreaterThan(0, $kept);
    }

    public function test_long_logs_are_cut_and_the_latest_are_kept(): void
    {
        $log = House::var().'/log/long-test.log';
        try {
            foreach (['first', 'second'] as $turn) {
                file_put_contents($log, $turn.str_repeat("0123456789abcde\n", 600_000));
                $this->server->stop();
                $this->server->begin();
                self::assertTrue($this->server->answers(60));
                for ($i = 0; $i < 50 && file_get_contents($log, false, null, 0, 1) !== ''; $i++) {
                    usleep(100_000);
                }
                clearstatcache();
                self::assertSame(0, filesize($log));
                self::assertStringStartsWith($turn, (string) file_get_contents("$log.1", false, null, 0, 20));
            }
            self::assertStringStartsWith('first', (string) file_get_contents("$log.2", false, null, 0, 20));
        } finally {
            array_map(unlink(...), glob("$log*") ?: []);
        }
    }

    /** As where a disk refuses: what would be logged is told on the console, and everything runs. */
    public function test_logs_that_cannot_be_written_end_nothing(): void
    {
        $this->server->stop();
        $told = House::var().'/log/own-server.log';
        $length = (int) filesize($told);
        $logs = array_map(
            static fn (string $name): string => House::var()."/log/$name", ['fpm.out', 'fpm.log', 'nginx.out', 'nginx.log', 'worker-1.out'],
        );
        try {
            foreach ($logs as $log) {
                if (is_file($log)) {
                    rename($log, "$log.aside");
                }
                mkdir($log);
            }
            $this->server->begin();
            self::assertTrue($this->server->answers(60));
            $this->comesBackWithout(['php-fpm8.2', 'nginx']);
            self::assertTrue($this->server->runs());
            $said = (string) file_get_contents($told, false, null, $length);
            foreach ($logs as $log) {
                self::assertStringContainsString("$log cannot be written", $said);
            }
        } finally {
            $this->server->stop();
            foreach ($logs as $log) {
                rmdir($log);
                if (is_file("$log.aside")) {
                    rename("$log.aside", $log);
                }
            }
        }
    }

    /** Killed in the middle of a paper, the worker is started again, and the paper is begun again at once and made once. */
    public function test_what_a_killed_worker_had_begun_is_made_soon(): void
    {
        $client = new Client($this->server->base);
        $client->signIn('electrician-a', 'larkrigg');
        $killed = null;
        for ($try = 0; $try < 6 && $killed === null; $try++) {
            [$status, $answer] = $client->request('POST', 'sites/1/schedules', ['name' => 'motors', 'as' => 'pdf']);
            self::assertSame(202, $status, $answer);
            $paper = self::idIn($answer);
            $killed = $this->killWorkerOf($client, $paper) ? $paper : null;
        }
        self::assertNotNull($killed, 'no worker was seen at work');
        $since = microtime(true);
        while (self::stateOf($client, $killed) !== 'done' && microtime(true) - $since < 30) {
            usleep(100_000);
        }
        self::assertSame('done', self::stateOf($client, $killed));
        self::assertLessThan(20.0, microtime(true) - $since);
        self::assertStringStartsWith('%PDF-', $client->request('GET', "papers/$killed/file")[1]);
        $folder = dirname(__DIR__, 3).'/storage/app/papers';
        self::assertCount(1, array_filter(glob("$folder/*.pdf") ?: [], static fn (string $file): bool => filemtime($file) >= (int) $since));
    }

    private static function idIn(string $answer): int
    {
        $made = json_decode($answer, true);

        return is_array($made) && is_int($made['id'] ?? null) ? $made['id'] : 0;
    }

    private static function stateOf(Client $client, int $paper): string
    {
        $state = json_decode($client->request('GET', "papers/$paper")[1], true);

        return is_array($state) && is_string($state['state'] ?? null) ? $state['state'] : '';
    }

    /** Kills the worker that makes a paper, of this server or of the one beside it over the same database; false if it was done before. */
    private function killWorkerOf(Client $client, int $paper): bool
    {
        for ($i = 0; $i < 2000; $i++) {
            foreach (glob(House::var().'/serve-*.run') ?: [] as $named) {
                $run = (string) file_get_contents($named);
                foreach (glob("$run/worker-*.job") ?: [] as $mark) {
                    if ((string) @file_get_contents($mark) !== '' && ($worker = self::workerOf($run, $mark)) !== null) {
                        posix_kill($worker, SIGKILL);

                        return self::stateOf($client, $paper) !== 'done';
                    }
                }
            }
            usleep(2000);
            if ($i % 50 === 49 && self::stateOf($client, $paper) === 'done') {
                return false;
            }
        }

        return false;
    }

    /** The process that writes a mark. */
    private static function workerOf(string $run, string $mark): ?int
    {
        foreach (file("$run/sessions", FILE_IGNORE_NEW_LINES) ?: [] as $pid) {
            if (str_contains((string) @file_get_contents("/proc/$pid/environ"), "WORKER_MARK=$mark\0")) {
                return (int) $pid;
            }
        }

        return null;
    }

    public function test_nothing_is_left_behind(): void
    {
        $sessions = $this->server->sessions();
        self::assertGreaterThanOrEqual(5, count($sessions));
        $this->server->stop();
        $this->assertGone($sessions);
    }
}
