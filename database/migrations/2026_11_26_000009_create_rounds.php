<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rounds through the plant: what was found the same and what otherwise, motor by motor. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rounds', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->restrictOnDelete();
            $table->string('area', 200);
            $table->foreignId('begun_by')->constrained('people')->restrictOnDelete();
            $table->timestampTz('ended_at')->nullable();
            $table->timestampsTz();
        });
        Schema::create('round_checks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('round_id')->constrained()->restrictOnDelete();
            $table->foreignId('circuit_id')->constrained()->restrictOnDelete();
            $table->string('item', 20);
            $table->string('expected', 200);
            $table->boolean('same');
            $table->string('found', 200)->default('');
            $table->string('grade', 10)->default('');
            $table->text('says');
            $table->foreignId('checked_by')->constrained('people')->restrictOnDelete();
            $table->timestampsTz();
            $table->unique(['round_id', 'circuit_id', 'item']);
        });
        Schema::table('papers', static function (Blueprint $table): void {
            $table->foreignId('round_id')->nullable()->constrained()->restrictOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('papers', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('round_id');
        });
        Schema::dropIfExists('round_checks');
        Schema::dropIfExists('rounds');
    }
};
