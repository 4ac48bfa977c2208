<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Files that are read into a site: looked at before anything is written, and written in pieces that can be repeated. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('imports', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->string('what', 20);
            $table->string('name', 200);
            $table->string('file', 60);
            $table->string('state', 20);
            $table->string('message', 500)->default('');
            $table->json('columns');
            $table->json('chosen');
            $table->integer('rows')->default(0);
            $table->string('batch_id', 40)->nullable();
            $table->foreignId('asked_by')->constrained('people')->restrictOnDelete();
            $table->timestampsTz();
            $table->index(['site_id', 'id']);
        });
        Schema::create('import_rows', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('import_id')->constrained()->cascadeOnDelete();
            $table->integer('number');
            $table->string('tag', 200);
            $table->string('action', 12);
            $table->text('document');
            $table->foreignId('circuit_id')->nullable()->constrained()->nullOnDelete();
            $table->integer('version')->nullable();
            $table->json('differences');
            $table->json('problems');
            $table->json('cells');
            $table->boolean('applied')->default(false);
            $table->unique(['import_id', 'number']);
            $table->index(['import_id', 'action', 'applied']);
        });
        DB::statement("ALTER TABLE imports ADD CONSTRAINT imports_what CHECK (what IN ('circuits', 'readings'))");
        DB::statement(
            "ALTER TABLE import_rows ADD CONSTRAINT import_rows_action CHECK (action IN ('new', 'changed', 'unchanged', 'refused'))",
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('import_rows');
        Schema::dropIfExists('imports');
    }
};
