<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Hidden faults to be found, and analysers that an administrator named. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('drills', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('circuit_id')->constrained()->restrictOnDelete();
            $table->json('fault');
            $table->string('load_percent', 20);
            $table->integer('seed');
            $table->json('taken');
            $table->foreignId('set_by')->constrained('people')->restrictOnDelete();
            $table->foreignId('named_by')->nullable()->constrained('people')->restrictOnDelete();
            $table->string('named', 40)->nullable();
            $table->timestampTz('ended_at')->nullable();
            $table->timestampsTz();
            $table->index(['circuit_id', 'created_at']);
        });
        Schema::create('analysers', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('host', 120);
            $table->integer('port');
            $table->integer('unit');
            $table->json('map');
            $table->foreignId('updated_by')->constrained('people')->restrictOnDelete();
            $table->timestampsTz();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('analysers');
        Schema::dropIfExists('drills');
    }
};
