<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('circuit_id')->constrained()->restrictOnDelete();
            $table->string('method', 30);
            $table->string('instrument', 120);
            $table->string('note', 500)->default('');
            // What was typed and what followed from it, as it was then.
            $table->json('values');
            $table->json('figures');
            $table->string('core', 20);
            $table->timestampTz('taken_at');
            $table->foreignId('taken_by')->constrained('people')->restrictOnDelete();
            $table->timestampTz('created_at');
            $table->timestampTz('withdrawn_at')->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('people')->restrictOnDelete();
            $table->string('withdrawn_why', 300)->default('');
            $table->index(['circuit_id', 'taken_at']);
        });
        Schema::create('spares', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->string('name', 80);
            $table->string('place', 120)->default('');
            $table->json('plate');
            $table->foreignId('updated_by')->constrained('people')->restrictOnDelete();
            $table->timestampsTz();
        });
        Schema::create('photographs', static function (Blueprint $table): void {
            $table->foreignId('circuit_id')->primary()->constrained()->restrictOnDelete();
            $table->string('file', 80);
            $table->integer('width');
            $table->integer('height');
            $table->integer('bytes');
            $table->foreignId('taken_by')->constrained('people')->restrictOnDelete();
            $table->timestampsTz();
        });
        foreach ([
            'CREATE UNIQUE INDEX spares_name_in_site ON spares (site_id, lower(name))',
            'ALTER TABLE spares ADD CONSTRAINT spares_name CHECK (length(trim(name)) > 0)',
            // A reading is a record: it can be withdrawn with a reason, never changed or deleted.
            "CREATE OR REPLACE FUNCTION refuse_reading_change() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN
                IF TG_OP = 'DELETE' OR OLD.withdrawn_at IS NOT NULL OR NEW.withdrawn_at IS NULL
                    OR (NEW.circuit_id, NEW.method, NEW.instrument, NEW.note,
                        NEW.\"values\"::text, NEW.figures::text, NEW.core, NEW.taken_at, NEW.taken_by, NEW.created_at)
                    IS DISTINCT FROM (OLD.circuit_id, OLD.method, OLD.instrument, OLD.note,
                        OLD.\"values\"::text, OLD.figures::text, OLD.core, OLD.taken_at, OLD.taken_by, OLD.created_at)
                THEN RAISE EXCEPTION 'readings are never changed'; END IF;
                RETURN NEW; END \$\$",
            'CREATE TRIGGER readings_append_only BEFORE UPDATE OR DELETE ON readings FOR EACH ROW EXECUTE FUNCTION refuse_reading_change()',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        foreach (['photographs', 'spares', 'readings'] as $table) {
            Schema::dropIfExists($table);
        }
        DB::statement('DROP FUNCTION IF EXISTS refuse_reading_change()');
    }
};
