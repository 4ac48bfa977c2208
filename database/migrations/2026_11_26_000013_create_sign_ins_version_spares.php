<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where each person is signed in; and spares count their changes, so that two people do not overwrite one another. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sign_ins', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            // Of a word that only the session holds: whoever reads this table gets in nowhere.
            $table->char('digest', 64)->unique();
            $table->string('whence', 45);
            $table->string('machine', 60);
            $table->timestampTz('began_at');
            $table->timestampTz('seen_at');
            $table->timestampTz('ended_at')->nullable();
            $table->index(['person_id', 'ended_at', 'seen_at']);
        });
        Schema::table('spares', static function (Blueprint $table): void {
            $table->integer('version')->default(1);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sign_ins');
        Schema::table('spares', static function (Blueprint $table): void {
            $table->dropColumn('version');
        });
    }
};
