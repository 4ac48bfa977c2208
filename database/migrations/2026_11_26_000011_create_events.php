<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who did what to the house itself: sign-ins and refusals, people, sites, archive, sheets. Only added to. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('events', static function (Blueprint $table): void {
            $table->id();
            $table->timestampTz('at');
            $table->foreignId('person_id')->nullable()->constrained('people')->restrictOnDelete();
            $table->string('who', 80);
            $table->string('whence', 60);
            $table->string('what', 40);
            $table->string('about', 300)->default('');
            $table->index('at');
            $table->index(['what', 'at']);
        });
        foreach ([
            "CREATE OR REPLACE FUNCTION refuse_event_change() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN RAISE EXCEPTION 'events are never changed'; END \$\$",
            'CREATE TRIGGER events_append_only BEFORE UPDATE OR DELETE ON events FOR EACH ROW EXECUTE FUNCTION refuse_event_change()',
            'CREATE TRIGGER events_keep BEFORE TRUNCATE ON events FOR EACH STATEMENT EXECUTE FUNCTION refuse_truncate()',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('events');
        DB::statement('DROP FUNCTION IF EXISTS refuse_event_change()');
    }
};
