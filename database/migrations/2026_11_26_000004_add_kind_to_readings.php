<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a reading is of, at which load, and whether a stand-in gave it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('readings', static function (Blueprint $table): void {
            $table->string('kind', 30)->default('power');
            $table->string('load_percent', 20)->nullable();
            $table->boolean('simulated')->default(false);
        });
        DB::statement('ALTER TABLE readings DISABLE TRIGGER readings_append_only');
        DB::statement("UPDATE readings SET kind = 'run_up_time' WHERE method = 'run_up_time'");
        DB::statement('ALTER TABLE readings ENABLE TRIGGER readings_append_only');
        DB::statement($this->guard(['kind', 'load_percent', 'simulated']));
    }

    public function down(): void
    {
        DB::statement($this->guard([]));
        Schema::table('readings', static function (Blueprint $table): void {
            $table->dropColumn(['kind', 'load_percent', 'simulated']);
        });
    }

    /** @param  list<string>  $also columns that are never changed either */
    private function guard(array $also): string
    {
        $columns = [
            'circuit_id', 'method', 'instrument', 'note', '"values"::text', 'figures::text', 'core', 'taken_at', 'taken_by', 'created_at',
            ...$also,
        ];
        $row = static fn (string $of): string => '('.implode(', ', array_map(static fn (string $c): string => "$of.$c", $columns)).')';

        return 'CREATE OR REPLACE FUNCTION refuse_reading_change() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN
            IF TG_OP = \'DELETE\' OR OLD.withdrawn_at IS NOT NULL OR NEW.withdrawn_at IS NULL
                OR '.$row('NEW').' IS DISTINCT FROM '.$row('OLD').'
            THEN RAISE EXCEPTION \'readings are never changed\'; END IF;
            RETURN NEW; END $$';
    }
};
