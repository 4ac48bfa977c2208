<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** People under optimistic locking, and who changed a draft when last: whoever did since the last issue does not sign the next. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->integer('version')->default(1);
        });
        Schema::create('draft_changes', static function (Blueprint $table): void {
            $table->foreignId('circuit_id')->constrained()->restrictOnDelete();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $table->integer('version');
            $table->primary(['circuit_id', 'person_id']);
        });
        DB::statement('INSERT INTO draft_changes (circuit_id, person_id, version)
            SELECT id, updated_by, version FROM circuits WHERE updated_by IS NOT NULL');
    }

    public function down(): void
    {
        Schema::dropIfExists('draft_changes');
        Schema::table('people', static function (Blueprint $table): void {
            $table->dropColumn('version');
        });
    }
};
