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
        Schema::table('circuits', static function (Blueprint $table): void {
            // The worst finding as a sentence, and the station that it belongs to.
            $table->string('worst_says', 200)->default('');
            $table->string('worst_station', 10)->default('');
            // Type and rating of the protective device; the current that the cable carries, A, to sort by.
            $table->string('device', 80)->nullable();
            $table->double('cable_a')->nullable();
            // What a person may look for: device, cable, starter and setting in words.
            $table->string('says', 300)->default('');
        });
        // Solved again by the next start, which fills them.
        DB::table('circuits')->update(['core' => '']);
    }
};
