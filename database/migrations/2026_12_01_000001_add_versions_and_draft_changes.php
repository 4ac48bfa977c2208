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
        // Of the past the last change alone is known; what was signed since counts as signed.
        DB::statement("INSERT INTO draft_changes (circuit_id, person_id, version)
            SELECT id, updated_by, version FROM circuits WHERE updated_by IS NOT NULL AND NOT EXISTS (
                SELECT 1 FROM revisions JOIN revision_steps ON revision_steps.revision_id = revisions.id AND revision_steps.step = 'issued'
                WHERE revisions.circuit_id = circuits.id AND revisions.created_at >= circuits.updated_at)");
    }

    public function down(): void
    {
        Schema::dropIfExists('draft_changes');
        Schema::table('people', static function (Blueprint $table): void {
            $table->dropColumn('version');
        });
    }
};
