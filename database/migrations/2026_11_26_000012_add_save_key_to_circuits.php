<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The key of the last save: the same save sent again, because its answer was lost, is answered like the first. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('circuits', static function (Blueprint $table): void {
            $table->string('save_key', 40)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('circuits', static function (Blueprint $table): void {
            $table->dropColumn('save_key');
        });
    }
};
