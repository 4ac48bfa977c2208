<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Sheets: the steps of a revision from draft to issued and out of use, the sealed record of each issue, and papers made by the workers. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            // What a revision rests on beside its draft: the site's settings and corrections, and the readings there were.
            $table->json('context')->nullable();
        });
        Schema::create('revision_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained()->restrictOnDelete();
            $table->string('step', 20);
            $table->string('kind', 20)->default('');
            $table->string('remark', 1000)->default('');
            $table->json('decisions');
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $table->timestampTz('created_at');
            $table->index(['revision_id', 'id']);
        });
        Schema::create('sheets', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->unique()->constrained()->restrictOnDelete();
            // Text, not json: the seal is over these very bytes.
            $table->text('record');
            $table->char('sha256', 64);
            $table->timestampTz('created_at');
        });
        Schema::create('papers', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 40);
            $table->foreignId('revision_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('site_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('origin', 200);
            $table->string('state', 20);
            $table->string('file', 60)->default('');
            $table->foreignId('asked_by')->constrained('people')->restrictOnDelete();
            $table->timestampsTz();
            $table->index('created_at');
        });
        foreach ([
            'ALTER TABLE people DROP CONSTRAINT people_role',
            "ALTER TABLE people ADD CONSTRAINT people_role CHECK (role IN ('viewer', 'electrician', 'reviewer', 'administrator'))",
            "ALTER TABLE revision_steps ADD CONSTRAINT revision_steps_step CHECK (step IN ('sent', 'returned', 'issued', 'superseded', 'withdrawn'))",
            "CREATE OR REPLACE FUNCTION refuse_sheet_change() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN RAISE EXCEPTION 'what was signed is never changed'; END \$\$",
            'CREATE TRIGGER revision_steps_append_only BEFORE UPDATE OR DELETE ON revision_steps FOR EACH ROW EXECUTE FUNCTION refuse_sheet_change()',
            'CREATE TRIGGER sheets_append_only BEFORE UPDATE OR DELETE ON sheets FOR EACH ROW EXECUTE FUNCTION refuse_sheet_change()',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        foreach (['papers', 'sheets', 'revision_steps'] as $table) {
            Schema::dropIfExists($table);
        }
        DB::statement('DROP FUNCTION IF EXISTS refuse_sheet_change()');
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->dropColumn('context');
        });
    }
};
