<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** The record of the house: who did what to it, from where; only added to, read by administrators. */
final class RecordTest extends FeatureTestCase
{
    /** @return list<string> */
    private function kinds(): array
    {
        return array_values(array_filter(Event::query()->orderBy('id')->pluck('what')->all(), is_string(...)));
    }

    public function test_signing_in_and_its_refusal_are_written_down(): void
    {
        $this->person('electrician', 'electrician-a');
        $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => 'wrong']);
        $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => 'larkrigg'])->assertOk();
        $this->deleteJson('/api/session')->assertNoContent();
        self::assertSame(['sign_in_refused', 'signed_in', 'signed_out'], $this->kinds());
        $refused = Event::query()->orderBy('id')->firstOrFail();
        self::assertSame(['', 'as electrician-a', '127.0.0.1'], [$refused->who, $refused->about, $refused->whence]);
    }

    public function test_people_sites_archive_and_sheets_are_written_down(): void
    {
        $admin = $this->person('administrator', 'chief');
        $site = $this->site();
        $circuit = $this->circuit($site);
        $this->actingAs($admin);
        $made = $this->postJson('/api/people', [
            'name' => "Shift\n\u{202E}electrician", 'login' => 'electrician-x', 'role' => 'electrician',
            'password' => 'seven kilns and a saw',
        ])->assertCreated()->json('id');
        self::assertIsInt($made);
        $this->putJson("/api/people/$made", [
            'name' => 'Shift electrician', 'role' => 'reviewer', 'active' => true, 'version' => 1,
        ])->assertOk();
        $this->deleteJson("/api/circuits/$circuit->id", ['version' => 1])->assertNoContent();
        $this->postJson("/api/circuits/$circuit->id/restore")->assertOk();
        $this->postJson("/api/sites/$site->id/calendar")->assertOk();
        $revision = $this->postJson("/api/circuits/$circuit->id/revisions", ['name' => 'as built', 'version' => 1])->json('id');
        $this->postJson('/api/revisions/'.(is_int($revision) ? $revision : 0).'/send', ['kind' => 'for_use', 'remark' => ''])->assertOk();
        self::assertSame(['person_made', 'person_changed', 'circuit_archived', 'circuit_restored', 'calendar_renewed', 'sheet_sent'],
            $this->kinds());
        // What would turn a line of the record around stays out of it.
        self::assertStringNotContainsString("\u{202E}", (string) Event::query()->orderBy('id')->value('about'));
        self::assertSame(['Chief'], array_values(array_unique(Event::query()->pluck('who')->all())));
    }

    public function test_an_administrator_reads_filters_and_takes_it_along(): void
    {
        $this->person('electrician', 'electrician-a');
        foreach (['=cmd|calc', 'electrician-a'] as $login) {
            $this->postJson('/api/session', ['login' => $login, 'password' => 'wrong']);
        }
        $this->actingAs($this->person('administrator', 'chief'));
        $all = $this->getJson('/api/record')->assertOk();
        self::assertSame(2, $all->json('total'));
        self::assertSame(0, $this->getJson('/api/record?what=sheet_issued')->assertOk()->json('total'));
        self::assertSame(0, $this->getJson('/api/record?who=chief')->assertOk()->json('total'));
        $this->assertProblem(422, $this->getJson('/api/record?what=nothing'));
        $file = (string) $this->get('/api/record.csv')->assertOk()->getContent();
        self::assertStringContainsString('as =cmd|calc', $file);
        foreach (['viewer', 'electrician', 'reviewer'] as $role) {
            $this->actingAs($this->person($role, "other-$role"));
            $this->assertProblem(403, $this->getJson('/api/record'));
            $this->assertProblem(403, $this->get('/api/record.csv'));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function walls(): iterable
    {
        foreach (['UPDATE events SET who = \'nobody\'', 'DELETE FROM events', 'TRUNCATE events'] as $statement) {
            yield $statement => [$statement];
        }
    }

    #[DataProvider('walls')]
    public function test_the_database_keeps_it(string $statement): void
    {
        $this->postJson('/api/session', ['login' => 'somebody', 'password' => 'wrong']);
        $this->expectException(QueryException::class);
        DB::statement($statement);
    }

    public function test_a_watcher_is_told_that_the_house_answers(): void
    {
        $answer = $this->get('/health')->assertOk();
        self::assertSame(['status' => 'ok', 'database' => true, 'carried_differences' => 0], $answer->json());
        self::assertNull($answer->headers->get('Set-Cookie'));
    }
}
