<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('circuits', static function (Blueprint $table): void {
            // How far the start pulls the bus down, %.
            $table->double('dip_percent')->nullable();
        });
    }
};
