<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Boards of a site, each fed by a supply or by another board, and which circuit is fed by which of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('boards', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->string('tag', 60);
            $table->foreignId('fed_by')->nullable()->constrained('boards')->restrictOnDelete();
            // As it was typed, in its order.
            $table->text('typed');
            $table->integer('version')->default(1);
            // What the core made of it last, and since when that is no longer so.
            $table->text('solved')->nullable();
            $table->string('worst', 10)->default('none');
            $table->string('core', 20)->default('');
            $table->timestampTz('stale_at', 6)->nullable();
            $table->foreignId('updated_by')->nullable()->constrained('people')->restrictOnDelete();
            $table->timestampsTz();
            $table->unique(['site_id', 'tag']);
        });
        Schema::table('circuits', static function (Blueprint $table): void {
            $table->foreignId('board_id')->nullable()->constrained()->restrictOnDelete();
            $table->integer('board_position')->default(0);
            // Group, interlock, restart: what the board asks of the circuit.
            $table->text('board_place')->nullable();
            // What the board gives it, as it is frozen in a revision.
            $table->text('feed')->nullable();
            $table->index(['board_id', 'board_position']);
        });
        DB::statement('ALTER TABLE boards ADD CONSTRAINT boards_not_by_itself CHECK (fed_by IS NULL OR fed_by <> id)');
    }

    public function down(): void
    {
        Schema::table('circuits', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('board_id');
            $table->dropColumn(['board_position', 'board_place', 'feed']);
        });
        Schema::dropIfExists('boards');
    }
};
