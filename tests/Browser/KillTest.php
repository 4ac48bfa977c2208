<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

/**
 * The web server and PHP killed outright, one by one and together: they come back by themselves, and nothing of them is left at the
 * end.
 */
final class KillTest extends TestCase
{
    private const WITHIN_SECONDS = 8;

    private OwnServer $server;

    protected function setUp(): void
    {
        $this->server = new OwnServer;
        $this->server->begin();
        self::assertTrue($this->server->answers(25));
    }

    protected function tearDown(): void
    {
        $this->server->stop();
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
        self::assertTrue($this->server->answers(25));
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

    public function test_nothing_is_left_behind(): void
    {
        $sessions = $this->server->sessions();
        self::assertGreaterThanOrEqual(5, count($sessions));
        $this->server->stop();
        $this->assertGone($sessions);
    }
}
