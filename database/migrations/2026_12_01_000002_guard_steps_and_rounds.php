<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * The way of a sheet and the word of a round are held by the database too, against the role that the application connects as: a step
 * follows the one before it, is made by whoever may, and nobody signs what he prepared or changed; what was found on a round that is over
 * stays.
 */
return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            "CREATE OR REPLACE FUNCTION guard_revision_step() RETURNS trigger LANGUAGE plpgsql AS \$\$
             DECLARE before text; sender bigint; revised record; role_of text; is_active boolean;
             BEGIN
                 SELECT step INTO before FROM revision_steps WHERE revision_id = NEW.revision_id ORDER BY id DESC LIMIT 1;
                 before := coalesce(before, 'nothing');
                 SELECT circuit_id, number, created_by, context INTO revised FROM revisions WHERE id = NEW.revision_id;
                 SELECT role, active INTO role_of, is_active FROM people WHERE id = NEW.person_id;
                 IF is_active IS DISTINCT FROM true OR role_of = 'viewer' THEN
                     RAISE EXCEPTION 'this person takes no step of a sheet';
                 END IF;
                 IF NOT (before IN ('nothing', 'returned') AND NEW.step = 'sent'
                     OR before = 'sent' AND NEW.step IN ('returned', 'issued') OR before = 'issued' AND NEW.step IN ('superseded', 'withdrawn')) THEN
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
                     RAISE EXCEPTION 'whoever changed a circuit does not sign its sheet';
                 END IF;
                 IF NEW.step = 'superseded' AND NOT EXISTS (
                     SELECT 1 FROM revisions AS other JOIN revision_steps AS step ON step.revision_id = other.id
                     WHERE other.circuit_id = revised.circuit_id AND other.id <> NEW.revision_id AND step.step = 'issued'
                         AND step.id = (SELECT max(id) FROM revision_steps WHERE revision_id = other.id)) THEN
                     RAISE EXCEPTION 'only a sheet that is issued supersedes another';
                 END IF;
                 RETURN NEW;
             END \$\$",
            'CREATE TRIGGER revision_steps_guard BEFORE INSERT ON revision_steps FOR EACH ROW EXECUTE FUNCTION guard_revision_step()',
            "CREATE OR REPLACE FUNCTION guard_sheet() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN
                 IF (SELECT step FROM revision_steps WHERE revision_id = NEW.revision_id ORDER BY id DESC LIMIT 1) IS DISTINCT FROM 'issued' THEN
                     RAISE EXCEPTION 'only what is issued is sealed';
                 END IF;
                 RETURN NEW;
             END \$\$",
            'CREATE TRIGGER sheets_guard BEFORE INSERT ON sheets FOR EACH ROW EXECUTE FUNCTION guard_sheet()',
            "CREATE OR REPLACE FUNCTION guard_round_check() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN
                 IF TG_OP = 'DELETE' THEN
                     RAISE EXCEPTION 'what was found is never taken away';
                 END IF;
                 IF TG_OP = 'UPDATE' AND (NEW.round_id, NEW.circuit_id, NEW.item) <> (OLD.round_id, OLD.circuit_id, OLD.item) THEN
                     RAISE EXCEPTION 'what was found stays where it was found';
                 END IF;
                 IF (SELECT ended_at FROM rounds WHERE id = NEW.round_id) IS NOT NULL THEN
                     RAISE EXCEPTION 'the round is over';
                 END IF;
                 RETURN NEW;
             END \$\$",
            'CREATE TRIGGER round_checks_guard BEFORE INSERT OR UPDATE OR DELETE ON round_checks FOR EACH ROW EXECUTE FUNCTION guard_round_check()',
            "CREATE OR REPLACE FUNCTION guard_round() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN
                 IF TG_OP = 'DELETE' OR OLD.ended_at IS NOT NULL AND NEW.ended_at IS DISTINCT FROM OLD.ended_at THEN
                     RAISE EXCEPTION 'a round that is over stays over';
                 END IF;
                 RETURN NEW;
             END \$\$",
            'CREATE TRIGGER rounds_guard BEFORE UPDATE OR DELETE ON rounds FOR EACH ROW EXECUTE FUNCTION guard_round()',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        foreach (['revision_steps' => 'guard_revision_step', 'sheets' => 'guard_sheet', 'round_checks' => 'guard_round_check',
            'rounds' => 'guard_round'] as $table => $function) {
            DB::statement("DROP TRIGGER IF EXISTS {$table}_guard ON $table");
            DB::statement("DROP FUNCTION IF EXISTS $function()");
        }
    }
};
