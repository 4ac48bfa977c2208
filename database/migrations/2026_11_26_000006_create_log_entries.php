<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The logbook of each motor, and the secret by which a site's calendar is subscribed to. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('log_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('circuit_id')->constrained()->restrictOnDelete();
            $table->string('kind', 20);
            $table->json('values');
            $table->timestampTz('happened_at');
            $table->foreignId('recorded_by')->constrained('people')->restrictOnDelete();
            $table->timestampTz('created_at');
            $table->timestampTz('withdrawn_at')->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('people')->restrictOnDelete();
            $table->string('withdrawn_why', 300)->default('');
            $table->index(['circuit_id', 'happened_at']);
        });
        Schema::table('sites', static function (Blueprint $table): void {
            $table->string('calendar_secret', 64)->nullable()->unique();
        });
        foreach ([
            // What happened is a record: it can be withdrawn with a reason, never changed or deleted.
            "CREATE OR REPLACE FUNCTION refuse_log_change() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN
                IF TG_OP = 'DELETE' OR OLD.withdrawn_at IS NOT NULL OR NEW.withdrawn_at IS NULL
                    OR (NEW.circuit_id, NEW.kind, NEW.\"values\"::text, NEW.happened_at, NEW.recorded_by, NEW.created_at)
                    IS DISTINCT FROM (OLD.circuit_id, OLD.kind, OLD.\"values\"::text, OLD.happened_at, OLD.recorded_by, OLD.created_at)
                THEN RAISE EXCEPTION 'entries of a logbook are never changed'; END IF;
                RETURN NEW; END \$\$",
            'CREATE TRIGGER log_entries_append_only BEFORE UPDATE OR DELETE ON log_entries FOR EACH ROW EXECUTE FUNCTION refuse_log_change()',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('log_entries');
        DB::statement('DROP FUNCTION IF EXISTS refuse_log_change()');
        Schema::table('sites', static function (Blueprint $table): void {
            $table->dropColumn('calendar_secret');
        });
    }
};
