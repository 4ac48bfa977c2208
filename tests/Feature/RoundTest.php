<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Round;
use App\Models\Site;

/** A round with a phone: the same or otherwise, motor by motor, and its defects on paper. */
final class RoundTest extends FeatureTestCase
{
    private function begun(Site $site, string $area = ''): int
    {
        $answer = $this->postJson("/api/sites/$site->id/rounds", ['area' => $area])->assertCreated();
        $id = $answer->json('id');
        self::assertIsInt($id);

        return $id;
    }

    public function test_what_is_otherwise_is_judged_at_once_and_listed_the_gravest_first(): void
    {
        $site = $this->site();
        $circuit = $this->circuit($site, 'KF-204', ['area' => 'Kilns']);
        $other = $this->circuit($site, 'KF-205', ['area' => 'Kilns']);
        $this->actingAs($this->person());
        $id = $this->begun($site, 'Kilns');
        $this->getJson("/api/rounds/$id/motors/$circuit->id")->assertOk();
        $this->postJson("/api/rounds/$id/motors/$circuit->id", ['item' => 'rating', 'same' => true])->assertOk();
        $this->postJson("/api/rounds/$id/motors/$circuit->id", ['item' => 'cable', 'same' => false, 'found' => '35 mm2'])->assertOk();
        $answer = $this->postJson("/api/rounds/$id/motors/$other->id", ['item' => 'dial', 'same' => false, 'found' => '80 A'])->assertOk();
        self::assertSame(['stop', 'note'], array_column((array) $answer->json('defects'), 'grade'));
        self::assertSame('KF-205', $answer->json('defects.0.tag'));

        // Set right on the spot, it is a defect no more.
        $answer = $this->postJson("/api/rounds/$id/motors/$other->id", ['item' => 'dial', 'same' => true])->assertOk();
        self::assertCount(1, (array) $answer->json('defects'));
    }

    public function test_what_cannot_be_read_is_told_at_its_field_and_not_kept(): void
    {
        $site = $this->site();
        $circuit = $this->circuit($site);
        $this->actingAs($this->person());
        $id = $this->begun($site);
        $bad = $this->postJson("/api/rounds/$id/motors/$circuit->id", ['item' => 'dial', 'same' => false, 'found' => 'about sixty']);
        $this->assertProblem(422, $bad);
        self::assertSame('found', $bad->json('errors.0.path'));
        $this->assertProblem(422, $this->postJson("/api/rounds/$id/motors/$circuit->id", ['item' => 'dial', 'same' => false]));
        $this->assertProblem(422, $this->postJson("/api/rounds/$id/motors/$circuit->id", ['item' => 'timer', 'same' => true]));
        self::assertSame([], $this->getJson("/api/rounds/$id")->json('motors.0.checks'));
    }

    public function test_a_round_keeps_to_its_area_and_ends(): void
    {
        $site = $this->site();
        $circuit = $this->circuit($site, 'KF-204', ['area' => 'Kilns']);
        $elsewhere = $this->circuit($site, 'SP-1', ['area' => 'Services']);
        $this->actingAs($this->person());
        $id = $this->begun($site, 'Kilns');
        self::assertCount(1, (array) $this->getJson("/api/rounds/$id")->json('motors'));
        $this->assertProblem(422, $this->postJson("/api/rounds/$id/motors/$elsewhere->id", ['item' => 'dial', 'same' => true]));
        self::assertTrue($this->postJson("/api/rounds/$id/end")->assertOk()->json('ended'));
        $this->assertProblem(409, $this->postJson("/api/rounds/$id/motors/$circuit->id", ['item' => 'dial', 'same' => true]));
        $this->getJson("/api/sites/$site->id/rounds")->assertOk();
    }

    public function test_its_defects_are_a_paper(): void
    {
        $site = $this->site();
        $circuit = $this->circuit($site, '<b>KF</b>', ['area' => 'Kilns']);
        $this->actingAs($this->person());
        $id = $this->begun($site);
        $this->postJson("/api/rounds/$id/motors/$circuit->id", ['item' => 'dial', 'same' => false, 'found' => '80 A'])->assertOk();
        $paper = $this->postJson("/api/rounds/$id/paper")->assertStatus(202)->json('id');
        self::assertIsInt($paper);
        $file = $this->get("/api/papers/$paper/file")->assertOk()->baseResponse;
        self::assertInstanceOf(\Symfony\Component\HttpFoundation\BinaryFileResponse::class, $file);
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file->getFile()->getPathname()).' -');
        unlink($file->getFile()->getPathname());
        self::assertStringContainsString('<b>KF</b>', $text);
        self::assertStringContainsString('80 A', $text);
        self::assertStringContainsString('STOP', $text);
    }

    public function test_who_only_reads_looks_on(): void
    {
        $site = $this->site();
        $circuit = $this->circuit($site);
        $this->actingAs($this->person());
        $id = $this->begun($site);
        $this->actingAs($this->person('viewer', 'reader'));
        $this->getJson("/api/rounds/$id")->assertOk();
        $this->assertProblem(403, $this->postJson("/api/sites/$site->id/rounds", ['area' => '']));
        $this->assertProblem(403, $this->postJson("/api/rounds/$id/motors/$circuit->id", ['item' => 'dial', 'same' => true]));
        $this->assertProblem(403, $this->postJson("/api/rounds/$id/end"));
        self::assertSame(1, Round::query()->count());
    }
}
