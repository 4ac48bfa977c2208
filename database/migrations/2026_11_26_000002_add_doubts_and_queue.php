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
            // Doubted table entries on which its figures rest, by the names under which corrections travel.
            $table->jsonb('doubts')->default('[]');
        });
        // So that every circuit tells its doubts once this core has started.
        DB::statement("UPDATE circuits SET core = ''");
        Schema::table('sites', static function (Blueprint $table): void {
            // The work that solves its circuits anew, while there is one.
            $table->string('batch_id')->nullable();
        });
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('job_batches', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->string('name');
            $table->integer('total_jobs');
            $table->integer('pending_jobs');
            $table->integer('failed_jobs');
            $table->longText('failed_job_ids');
            $table->mediumText('options')->nullable();
            $table->integer('cancelled_at')->nullable();
            $table->integer('created_at');
            $table->integer('finished_at')->nullable();
        });
        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        foreach (['failed_jobs', 'job_batches', 'jobs'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('sites', static fn (Blueprint $table) => $table->dropColumn('batch_id'));
        Schema::table('circuits', static fn (Blueprint $table) => $table->dropColumn('doubts'));
    }
};
