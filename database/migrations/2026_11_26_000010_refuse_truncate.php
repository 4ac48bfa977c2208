<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Records are not emptied either: what refuses to change or delete a row does not see TRUNCATE. */
return new class extends Migration
{
    private const RECORDS = ['revisions', 'readings', 'log_entries', 'revision_steps', 'sheets'];

    public function up(): void
    {
        DB::statement(
            "CREATE OR REPLACE FUNCTION refuse_truncate() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN RAISE EXCEPTION 'records are never emptied'; END \$\$",
        );
        foreach (self::RECORDS as $table) {
            DB::statement("CREATE TRIGGER {$table}_keep BEFORE TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION refuse_truncate()");
        }
    }

    public function down(): void
    {
        foreach (self::RECORDS as $table) {
            DB::statement("DROP TRIGGER IF EXISTS {$table}_keep ON $table");
        }
        DB::statement('DROP FUNCTION IF EXISTS refuse_truncate()');
    }
};
