<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** The walls of the database, tried as the role that the application connects as: it owns nothing and changes the shape of nothing. */
final class WallsTest extends FeatureTestCase
{
    private const NOT_ALLOWED = '42501';

    /** @return list<string> */
    private static function tables(): array
    {
        return array_values(array_map(
            strval(...), DB::table('pg_tables')->where('schemaname', 'public')->orderBy('tablename')->pluck('tablename')->all(),
        ));
    }

    private function assertRefused(string $statement): void
    {
        try {
            // A savepoint: what is refused ends a transaction.
            DB::transaction(static fn () => DB::unprepared($statement));
        } catch (QueryException $exception) {
            self::assertSame(self::NOT_ALLOWED, $exception->getCode(), "$statement: ".$exception->getMessage());

            return;
        }
        self::fail("$statement was carried out");
    }

    public function test_the_application_owns_nothing(): void
    {
        self::assertSame('app', DB::selectOne('SELECT current_user AS name')->name ?? null);
        self::assertSame(0, DB::table('pg_class')->join('pg_roles', 'pg_roles.oid', '=', 'relowner')->where('rolname', 'app')->count());
        $role = DB::table('pg_roles')->where('rolname', 'app')->first();
        self::assertNotNull($role);
        self::assertSame(
            [false, false, false, false, false],
            [$role->rolsuper, $role->rolcreatedb, $role->rolcreaterole, $role->rolreplication, $role->rolbypassrls],
        );
        self::assertSame(0, DB::table('pg_auth_members')->join('pg_roles', 'pg_roles.oid', '=', 'member')->where('rolname',
            'app')->count());
    }

    public function test_no_table_is_emptied_dropped_changed_or_unguarded(): void
    {
        $tables = self::tables();
        self::assertGreaterThan(15, count($tables));
        foreach ($tables as $table) {
            $this->assertRefused("TRUNCATE $table CASCADE");
            $this->assertRefused("DROP TABLE $table CASCADE");
            $this->assertRefused("ALTER TABLE $table DISABLE TRIGGER ALL");
            $this->assertRefused("ALTER TABLE $table DISABLE TRIGGER USER");
            $this->assertRefused("ALTER TABLE $table ADD COLUMN planted text");
            $this->assertRefused("ALTER TABLE $table OWNER TO app");
        }
    }

    public function test_no_guard_is_taken_away(): void
    {
        $guards = DB::select('SELECT tgname, relname FROM pg_trigger JOIN pg_class ON pg_class.oid = tgrelid WHERE NOT tgisinternal');
        self::assertGreaterThan(8, count($guards));
        foreach ($guards as $guard) {
            $this->assertRefused("DROP TRIGGER $guard->tgname ON $guard->relname");
        }
        $functions = DB::select("SELECT oid::regprocedure AS name FROM pg_proc WHERE pronamespace = 'public'::regnamespace");
        self::assertNotSame([], $functions);
        foreach ($functions as $function) {
            $this->assertRefused("DROP FUNCTION $function->name CASCADE");
        }
        $this->assertRefused('SET session_replication_role = replica');
    }

    public function test_nothing_new_is_planted(): void
    {
        foreach ([
            'CREATE TABLE planted (a int)', 'CREATE FUNCTION planted() RETURNS int LANGUAGE sql AS $$ SELECT 1 $$',
            'CREATE SCHEMA planted',
            'CREATE ROLE planted', 'CREATE VIEW planted AS SELECT 1', "COPY people TO PROGRAM 'cat'",
            "SELECT pg_read_file('postgresql.conf')",
            'ALTER ROLE app CREATEDB', 'SET ROLE owner',
        ] as $statement) {
            $this->assertRefused($statement);
        }
    }

    /** @param  array<string, mixed>  $row */
    private function assertNotInserted(string $table, array $row, string $why): void
    {
        try {
            DB::transaction(static fn () => DB::table($table)->insert($row));
        } catch (QueryException $exception) {
            self::assertStringContainsString($why, $exception->getMessage());

            return;
        }
        self::fail("$table took it");
    }

    /** The role of the application, used by hand: it signs nothing that the rule does not let it sign. */
    public function test_no_step_of_a_sheet_is_made_past_the_rule(): void
    {
        $circuit = $this->circuit();
        $author = $this->person('electrician', 'author');
        $reviewer = $this->person('reviewer', 'reviewer');
        $viewer = $this->person('viewer', 'viewer');
        $revision = DB::table('revisions')->insertGetId([
            'circuit_id' => $circuit->id, 'number' => 1, 'name' => 'x', 'draft' => '{}', 'solution' => '{}', 'core' => 'x',
            'context' => '{"changed_by":[{"id":'.$reviewer->id.',"name":"Reviewer"}]}', 'created_by' => $author->id,
            'created_at' => now(),
        ]);
        $step = static fn (string $step, int $person): array => [
            'revision_id' => $revision, 'step' => $step, 'decisions' => '[]', 'person_id' => $person, 'created_at' => now(),
        ];
        $this->assertNotInserted('revision_steps', $step('issued', $reviewer->id), 'no step issued follows nothing');
        $this->assertNotInserted('revision_steps', $step('sent', $viewer->id), 'takes no step');
        DB::table('revision_steps')->insert($step('sent', $author->id));
        $this->assertNotInserted('revision_steps', $step('issued', $author->id), 'only a reviewer');
        $this->assertNotInserted('revision_steps', $step('issued', $reviewer->id), 'whoever changed what');
        $this->assertNotInserted('sheets', [
            'revision_id' => $revision, 'record' => '{}', 'sha256' => str_repeat('0', 64), 'created_at' => now(),
        ], 'only what is issued');
        $other = $this->person('reviewer', 'other');
        DB::table('revision_steps')->insert($step('issued', $other->id));
        $this->assertNotInserted('revision_steps', $step('superseded', $author->id), 'only a sheet that is issued');
    }

    public function test_what_was_found_on_a_round_that_is_over_stays(): void
    {
        $circuit = $this->circuit();
        $person = $this->person();
        $now = ['created_at' => now(), 'updated_at' => now()];
        $round = DB::table('rounds')->insertGetId(['site_id' => $circuit->site_id, 'area' => '', 'begun_by' => $person->id, ...$now]);
        $check = [
            'round_id' => $round, 'circuit_id' => $circuit->id, 'item' => 'dial', 'expected' => '66 A', 'same' => true, 'says' => '',
            'checked_by' => $person->id, ...$now,
        ];
        DB::table('round_checks')->insert($check);
        DB::table('rounds')->where('id', $round)->update(['ended_at' => now()]);
        $this->assertNotInserted('round_checks', [...$check, 'item' => 'links'], 'the round is over');
        foreach ([
            'UPDATE round_checks SET same = false', 'DELETE FROM round_checks', 'UPDATE rounds SET ended_at = NULL', 'DELETE FROM rounds',
        ] as $statement) {
            try {
                DB::transaction(static fn () => DB::unprepared($statement));
                self::fail("$statement was carried out");
            } catch (QueryException $exception) {
                self::assertSame('P0001', $exception->getCode(), $statement);
            }
        }
    }
}
