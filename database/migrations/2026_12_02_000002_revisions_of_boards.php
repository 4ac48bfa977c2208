<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Revisions and sheets of boards, on the same way as those of circuits; who changed a board; boards that are kept for their sheets. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('boards', static function (Blueprint $table): void {
            $table->timestampTz('deleted_at')->nullable();
            $table->dropUnique(['site_id', 'tag']);
        });
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->foreignId('board_id')->nullable()->constrained()->restrictOnDelete();
            $table->unique(['board_id', 'number']);
        });
        Schema::create('board_changes', static function (Blueprint $table): void {
            $table->foreignId('board_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            // Of the board that the change made last.
            $table->integer('version');
            $table->primary(['board_id', 'person_id']);
        });
        foreach ([
            'CREATE UNIQUE INDEX boards_site_id_tag_unique ON boards (site_id, tag) WHERE deleted_at IS NULL',
            'ALTER TABLE revisions ALTER COLUMN circuit_id DROP NOT NULL',
            'ALTER TABLE revisions ADD CONSTRAINT revisions_of_one CHECK ((circuit_id IS NULL) <> (board_id IS NULL))',
            'INSERT INTO board_changes (board_id, person_id, version) SELECT id, updated_by, version FROM boards WHERE updated_by IS NOT NULL',
            self::guard('(other.circuit_id = revised.circuit_id OR other.board_id = revised.board_id)', 'circuit_id, board_id'),
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        DB::statement(self::guard('other.circuit_id = revised.circuit_id', 'circuit_id'));
        // What was signed of boards is not taken away by going back: without any, the columns go.
        DB::statement('ALTER TABLE revisions ALTER COLUMN circuit_id SET NOT NULL');
        Schema::table('revisions', static function (Blueprint $table): void {
            DB::statement('ALTER TABLE revisions DROP CONSTRAINT revisions_of_one');
            $table->dropConstrainedForeignId('board_id');
        });
        Schema::dropIfExists('board_changes');
        DB::statement('DROP INDEX boards_site_id_tag_unique');
        Schema::table('boards', static function (Blueprint $table): void {
            $table->dropColumn('deleted_at');
            $table->unique(['site_id', 'tag']);
        });
    }

    /** The way of a sheet as before, for revisions of either. */
    private static function guard(string $ofTheSame, string $columns): string
    {
        return "CREATE OR REPLACE FUNCTION guard_revision_step() RETURNS trigger LANGUAGE plpgsql AS \$\$
             DECLARE before text; sender bigint; revised record; role_of text; is_active boolean;
             BEGIN
                 SELECT step INTO before FROM revision_steps WHERE revision_id = NEW.revision_id ORDER BY id DESC LIMIT 1;
                 before := coalesce(before, 'nothing');
                 SELECT $columns, number, created_by, context INTO revised FROM revisions WHERE id = NEW.revision_id;
                 SELECT role, active INTO role_of, is_active FROM people WHERE id = NEW.person_id;
                 IF is_active IS DISTINCT FROM true OR role_of = 'viewer' THEN
                     RAISE EXCEPTION 'this person takes no step of a sheet';
                 END IF;
                 IF NOT (before IN ('nothing', 'returned') AND NEW.step = 'sent'
                     OR before = 'sent' AND NEW.step IN ('returned', 'issued') OR before = 'issued' AND NEW.step IN ('superseded',
                         'withdrawn')) THEN
                     RAISE EXCEPTION 'no step % follows %', NEW.step, before;
                 END IF;
                 IF NEW.step IN ('returned', 'issued', 'withdrawn') AND role_of <> 'reviewer' THEN
                     RAISE EXCEPTION 'only a reviewer takes this step';
                 END IF;
                 IF NEW.step IN ('returned', 'issued') THEN
                     SELECT person_id INTO sender FROM revision_steps WHERE revision_id = NEW.revision_id AND step = 'sent' ORDER BY id DESC LIMIT 1;
                     IF NEW.person_id IN (revised.created_by, sender) THEN
                         RAISE EXCEPTION 'whoever prepared a sheet does not review it';
                     END IF;
                 END IF;
                 IF NEW.step = 'issued' AND json_typeof(revised.context -> 'changed_by') = 'array' AND EXISTS (
                     SELECT 1 FROM json_array_elements(revised.context -> 'changed_by') AS one WHERE one ->> 'id' = NEW.person_id::text) THEN
                     RAISE EXCEPTION 'whoever changed what a sheet rests on does not sign it';
                 END IF;
                 IF NEW.step = 'superseded' AND NOT EXISTS (
                     SELECT 1 FROM revisions AS other JOIN revision_steps AS step ON step.revision_id = other.id
                     WHERE $ofTheSame AND other.id <> NEW.revision_id AND step.step = 'issued'
                         AND step.id = (SELECT max(id) FROM revision_steps WHERE revision_id = other.id)) THEN
                     RAISE EXCEPTION 'only a sheet that is issued supersedes another';
                 END IF;
                 RETURN NEW;
             END \$\$";
    }
};
