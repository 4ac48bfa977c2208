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
        Schema::create('people', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('login', 60)->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->boolean('active')->default(true);
            $table->timestampTz('standing_read_at')->nullable();
            $table->rememberToken();
            $table->timestampsTz();
        });
        Schema::create('sites', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80)->unique();
            $table->string('rule_book', 10);
            // json, not jsonb: it keeps the order of keys.
            $table->json('supply');
            $table->json('settings');
            $table->json('areas');
            $table->integer('version');
            $table->timestampsTz();
        });
        Schema::create('circuits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->string('tag', 200);
            $table->string('area', 200)->default('');
            $table->string('drives', 200)->default('');
            $table->json('draft');
            $table->integer('version');
            $table->string('rule_book', 200);
            $table->string('worst', 10);
            $table
                ->smallInteger('worst_rank')
                ->storedAs("CASE worst WHEN 'stop' THEN 0 WHEN 'caution' THEN 1 WHEN 'note' THEN 2 ELSE 3 END");
            $table->integer('stops');
            $table->integer('cautions');
            $table->integer('notes');
            $table->integer('errors');
            $table->double('output_w')->nullable();
            $table->double('current_a')->nullable();
            $table->string('method', 30)->nullable();
            $table->string('cable', 60)->nullable();
            $table->double('scpd_a')->nullable();
            $table->double('dial_a')->nullable();
            $table->string('core', 20);
            $table->foreignId('updated_by')->nullable()->constrained('people')->restrictOnDelete();
            $table->timestampTz('archived_at')->nullable();
            $table->timestampsTz();
            $table->index(['site_id', 'worst']);
        });
        Schema::create('revisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('circuit_id')->constrained()->restrictOnDelete();
            $table->integer('number');
            $table->string('name', 80);
            $table->json('draft');
            $table->json('solution');
            $table->string('core', 20);
            $table->foreignId('created_by')->constrained('people')->restrictOnDelete();
            $table->timestampTz('created_at');
            $table->unique(['circuit_id', 'number']);
        });
        foreach (
            [
                "ALTER TABLE people ADD CONSTRAINT people_role CHECK (role IN ('viewer', 'electrician', 'administrator'))",
                "ALTER TABLE sites ADD CONSTRAINT sites_rule_book CHECK (rule_book IN ('iec', 'nec', 'cec'))",
                'ALTER TABLE circuits ADD CONSTRAINT circuits_tag CHECK (length(trim(tag)) > 0)',
                "ALTER TABLE circuits ADD CONSTRAINT circuits_worst CHECK (worst IN ('stop', 'caution', 'note', 'none'))",
                'ALTER TABLE circuits ADD CONSTRAINT circuits_version CHECK (version > 0)',
                'CREATE UNIQUE INDEX circuits_tag_in_site ON circuits (site_id, lower(tag)) WHERE archived_at IS NULL',
                // Revisions are the record: the database refuses to change or delete one.
                "CREATE OR REPLACE FUNCTION refuse_revision_change() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN RAISE EXCEPTION 'revisions are never changed'; END \$\$",
                'CREATE TRIGGER revisions_append_only BEFORE UPDATE OR DELETE ON revisions FOR EACH ROW EXECUTE FUNCTION refuse_revision_change()',
            ] as $statement
        ) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        foreach (['revisions', 'circuits', 'sites', 'people'] as $table) {
            Schema::dropIfExists($table);
        }
        DB::statement('DROP FUNCTION IF EXISTS refuse_revision_change()');
    }
};
