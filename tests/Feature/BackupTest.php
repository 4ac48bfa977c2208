<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** A house written into one file and brought into an empty one, by the commands that a person uses. */
final class BackupTest extends TestCase
{
    private const FROM = 'app_test_backup';

    private const TO = 'app_test_restore';

    private static string $folder = '';

    public static function setUpBeforeClass(): void
    {
        self::$folder = sys_get_temp_dir().'/brave-anvil-backup-'.bin2hex(random_bytes(4));
        mkdir(self::$folder);
        mkdir(self::$folder.'/from');
        foreach ([self::FROM, self::TO] as $database) {
            self::sql('postgres', "DROP DATABASE IF EXISTS $database");
            self::sql('postgres', "CREATE DATABASE $database");
        }
        self::sql(self::FROM, trim((string) shell_exec(escapeshellarg(dirname(__DIR__, 2).'/bin/pg').' grants')));
        foreach (['bin/migrate fresh', 'php artisan demo:load'] as $command) {
            [$status, $said] = self::command($command, ['DB_DATABASE' => self::FROM]);
            self::assertSame(0, $status, $said);
        }
        $name = str_repeat('0a', 16).'.jpg';
        file_put_contents(self::$folder.'/from/'.$name, 'the picture of a plate');
        self::sql(self::FROM, "INSERT INTO photographs (circuit_id, file, width, height, bytes, taken_by, created_at, updated_at)
            SELECT min(id), '$name', 1, 1, 22, (SELECT min(id) FROM people), now(), now() FROM circuits");
    }

    public static function tearDownAfterClass(): void
    {
        foreach ([self::FROM, self::TO] as $database) {
            self::sql('postgres', "DROP DATABASE IF EXISTS $database");
        }
        exec('rm -rf '.escapeshellarg(self::$folder));
    }

    /**
     * @param  array<string, string>  $environment
     * @return array{int, string} exit status and what was said
     */
    private static function command(string $command, array $environment): array
    {
        $process = proc_open(
            $command.' 2>&1', [['file', '/dev/null', 'r'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2), [...getenv(), ...$environment],
        );
        self::assertIsResource($process);
        $said = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $said];
    }

    private static function sql(string $database, string $statement): string
    {
        [$status, $said] = self::command(
            '/usr/lib/postgresql/15/bin/psql -h 127.0.0.1 -p "$(bin/pg port)" -U owner -d '.$database.' -qtAX -v ON_ERROR_STOP=1 -c '.
                escapeshellarg($statement),
            ['PGPASSWORD' => trim((string) shell_exec(escapeshellarg(dirname(__DIR__, 2).'/bin/pg').' password owner'))],
        );
        self::assertSame(0, $status, $said);

        return trim($said);
    }

    /** What is in a house: every row of what people wrote, as one digest a table. */
    private static function content(string $database): string
    {
        $tables = ['people', 'sites', 'circuits', 'revisions', 'revision_steps', 'sheets', 'readings', 'log_entries', 'spares',
            'photographs'];

        return implode("\n", array_map(
            static fn (string $table): string => "$table ".self::sql($database,
                "SELECT count(*), md5(string_agg(t::text, '|' ORDER BY t::text)) FROM $table t"),
            $tables,
        ));
    }

    private static function backup(): string
    {
        $file = self::$folder.'/house-'.bin2hex(random_bytes(4)).'.tar';
        [$status, $said] = self::command('bin/backup '.escapeshellarg($file),
            ['DB_DATABASE' => self::FROM, 'PHOTOGRAPHS' => self::$folder.'/from']);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('1 photographs', $said);
        self::assertSame('0600', substr(sprintf('%o', (int) fileperms($file)), -4), 'nobody else reads it');

        return $file;
    }

    /** @return array{int, string} */
    private static function restore(string $file, string $photographs): array
    {
        @mkdir($photographs);

        return self::command('bin/restore '.escapeshellarg($file), ['DB_DATABASE' => self::TO, 'PHOTOGRAPHS' => $photographs]);
    }

    public function test_a_house_comes_back_as_it_was(): void
    {
        $file = self::backup();
        [$status, $said] = self::restore($file, self::$folder.'/to');
        self::assertSame(0, $status, $said);
        self::assertSame(self::content(self::FROM), self::content(self::TO));
        self::assertSame('the picture of a plate', file_get_contents(self::$folder.'/to/'.str_repeat('0a', 16).'.jpg'));
        // Its walls are there too: the application works in it, what was signed is refused to change, and no wall is taken down.
        foreach ([
            'SELECT count(*) FROM circuits' => true, 'UPDATE circuits SET drives = drives' => true, 'DELETE FROM sheets' => false,
            'ALTER TABLE sheets DISABLE TRIGGER ALL' => false, 'TRUNCATE sheets' => false, 'DROP TABLE sheets' => false,
        ] as $statement => $allowed) {
            [$status, $said] = self::command('/usr/lib/postgresql/15/bin/psql -h 127.0.0.1 -p "$(bin/pg port)" -U app -d '.self::TO.
                ' -v ON_ERROR_STOP=1 -c '.escapeshellarg($statement), [
                    'PGPASSWORD' => trim((string) shell_exec(escapeshellarg(dirname(__DIR__, 2).'/bin/pg').' password')),
                ]);
            self::assertSame($allowed, $status === 0, "$statement: $said");
        }

        // A house that holds something is left alone.
        $before = self::content(self::TO);
        [$status, $said] = self::restore($file, self::$folder.'/again');
        self::assertSame(1, $status);
        self::assertStringContainsString('not empty', $said);
        self::assertSame($before, self::content(self::TO));
    }

    public function test_a_damaged_or_foreign_file_changes_nothing(): void
    {
        $file = self::backup();
        $bytes = (string) file_get_contents($file);
        $at = (int) strpos($bytes, 'the picture of a plate');
        file_put_contents($file, substr_replace($bytes, 'THE', $at, 3));
        self::sql('postgres', 'DROP DATABASE IF EXISTS '.self::TO);
        self::sql('postgres', 'CREATE DATABASE '.self::TO);
        [$status, $said] = self::restore($file, self::$folder.'/damaged');
        self::assertSame(1, $status);
        self::assertStringContainsString('checksum', $said);

        // A photograph that the list does not name is nobody's.
        $file = self::backup();
        $more = self::$folder.'/more';
        [$into, $from] = [escapeshellarg($more), escapeshellarg($file)];
        exec("mkdir $into && tar -C $into -xf $from && cd $into && echo x > photographs/".str_repeat('0b', 16).
            ".jpg && tar -cf $from FORMAT SHA256SUMS database.dump photographs");
        [$status, $said] = self::restore($file, self::$folder.'/damaged');
        self::assertSame([1, true], [$status, str_contains($said, 'not those of its list')], $said);

        exec('cd '.escapeshellarg(self::$folder).' && touch x && tar -cf foreign.tar x');
        [$status, $said] = self::restore(self::$folder.'/foreign.tar', self::$folder.'/damaged');
        self::assertSame([1, true], [$status, str_contains($said, 'no backup')]);
        file_put_contents(self::$folder.'/text.tar', 'no archive at all');
        self::assertSame(1, self::restore(self::$folder.'/text.tar', self::$folder.'/damaged')[0]);
        self::assertSame('f', self::sql(self::TO, "SELECT to_regclass('public.people') IS NOT NULL"));
    }

    public function test_a_file_that_is_there_is_not_written_over(): void
    {
        $file = self::backup();
        [$status, $said] = self::command('bin/backup '.escapeshellarg($file),
            ['DB_DATABASE' => self::FROM, 'PHOTOGRAPHS' => self::$folder.'/from']);
        self::assertSame([1, true], [$status, str_contains($said, 'there already')]);
    }
}
