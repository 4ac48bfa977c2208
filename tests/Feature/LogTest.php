<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LogEntry;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The logbook over the service: append-only, judged today, due as a list, a file and a calendar. */
final class LogTest extends FeatureTestCase
{
    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_an_entry_is_kept_and_greasing_follows_from_it(): void
    {
        Carbon::setTestNow('2026-04-20T08:00:00Z');
        $circuit = $this->circuit(null, 'KF-204', ['plate.grease_interval' => '4000 h', 'logbook.hours_a_day' => '20']);
        $this->actingAs($this->person());
        foreach ([['hours', ['meter' => '12400'], '2026-02-01T08:00:00Z'], ['greased', ['grams' => '30/20'], '2026-02-01T08:00:00Z'],
            ['hours', ['meter' => '13 900'], '2026-04-14T08:00:00Z']] as [$kind, $values, $at]) {
            $answer = $this->postJson("/api/circuits/$circuit->id/log", ['kind' => $kind, 'values' => $values,
                'happened_at' => $at])->assertCreated();
        }
        self::assertSame('ok', $answer->json('state.greasing.state'));
        self::assertSame('hours', $answer->json('entries.0.kind'));

        $wrong = $this->postJson("/api/circuits/$circuit->id/log", ['kind' => 'hours', 'values' => ['meter' => '13 000']]);
        $this->assertProblem(422, $wrong);
        self::assertSame('values.meter', $wrong->json('errors.0.path'));
        $this->assertProblem(422, $this->postJson("/api/circuits/$circuit->id/log", ['kind' => 'greased',
            'values' => ['grams' => 'some']]));
        $this->assertProblem(422, $this->postJson("/api/circuits/$circuit->id/log", [
            'kind' => 'note', 'values' => ['what' => 'x'], 'happened_at' => '2026-05-01',
        ]));
        self::assertSame(3, LogEntry::query()->count());
    }

    public function test_another_grease_is_minded_before_it_is_kept(): void
    {
        $circuit = $this->circuit(null, 'KF-204', ['plate.grease_amount' => '30/20 g', 'plate.grease' => 'lithium complex']);
        $this->actingAs($this->person());
        $entry = ['kind' => 'greased', 'values' => ['grams' => '30/20', 'grease' => 'polyurea']];
        $minded = $this->postJson("/api/circuits/$circuit->id/log", $entry);
        $this->assertProblem(422, $minded);
        self::assertSame('values.grease', $minded->json('errors.0.path'));
        self::assertStringEndsWith('to_mind', (string) $minded->json('type'));
        self::assertSame(0, LogEntry::query()->count());
        $this->postJson("/api/circuits/$circuit->id/log", [...$entry, 'is_minded' => true])->assertCreated();
        $stamped = $this->getJson("/api/circuits/$circuit->id/log")->assertOk();
        self::assertSame(['lithium complex', '30/20', "30\u{00A0}g", "20\u{00A0}g"], [
            $stamped->json('state.greasing.plate.grease'), $stamped->json('state.greasing.plate.grams'),
            $stamped->json('state.greasing.plate.ends.0.amount'), $stamped->json('state.greasing.plate.ends.1.amount'),
        ]);
    }

    public function test_an_entry_is_withdrawn_once_and_never_changed(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $id = $this->postJson("/api/circuits/$circuit->id/log", ['kind' => 'note', 'values' => ['what' => 'belt squeals']])
            ->assertCreated()->json('entries.0.id');
        self::assertIsInt($id);
        $answer = $this->postJson("/api/log/$id/withdraw", ['why' => 'another motor'])->assertOk();
        self::assertSame('another motor', $answer->json('entries.0.withdrawn.why'));
        $this->assertProblem(409, $this->postJson("/api/log/$id/withdraw", ['why' => 'again']));
        $this->expectException(QueryException::class);
        DB::table('log_entries')->where('id', $id)->delete();
    }

    public function test_who_only_reads_writes_nothing_down(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person('viewer', 'planner-x'));
        $this->assertProblem(403, $this->postJson("/api/circuits/$circuit->id/log", ['kind' => 'note', 'values' => ['what' => 'x']]));
        $this->getJson("/api/circuits/$circuit->id/log")->assertOk();
    }

    public function test_what_is_due_is_a_list_a_file_and_a_calendar_by_its_secret(): void
    {
        Carbon::setTestNow('2026-04-20T08:00:00Z');
        $site = $this->site();
        $circuit = $this->circuit($site, 'KF-204', ['plate.grease_interval' => '1000 h', 'drives' => '=cmd|calc']);
        $this->actingAs($this->person());
        $this->postJson("/api/circuits/$circuit->id/log", [
            'kind' => 'greased', 'values' => ['grams' => '30'], 'happened_at' => '2026-01-05T08:00:00Z',
        ])->assertCreated();
        $due = $this->getJson("/api/sites/$site->id/due")->assertOk();
        self::assertSame(['Greasing', 'overdue', null], [$due->json('items.0.what'), $due->json('items.0.state'), $due->json('calendar')]);
        $file = (string) $this->get("/api/sites/$site->id/due.csv")->assertOk()->getContent();
        self::assertStringStartsWith("\u{FEFF}Tag,", $file);
        // What a spreadsheet would run stays text.
        self::assertStringContainsString("'=cmd|calc", $file);

        $this->assertProblem(403, $this->postJson("/api/sites/$site->id/calendar"));
        $this->actingAs($this->person('administrator', 'chief'));
        $address = $this->postJson("/api/sites/$site->id/calendar")->assertOk()->json('calendar');
        self::assertIsString($address);
        $calendar = str_replace("\r\n ", '', (string) $this->get($address)->assertOk()->getContent());
        self::assertStringContainsString('SUMMARY:Greasing KF-204', $calendar);
        // 1000 h at 16 h a day after the fifth of January.
        self::assertStringContainsString('DTSTART;VALUE=DATE:20260308', $calendar);
        $new = $this->postJson("/api/sites/$site->id/calendar")->assertOk()->json('calendar');
        self::assertNotSame($address, $new);
        $this->get($address)->assertNotFound();
    }

    /** RFC 5545, read by a library that did not write it: Debian's python3-icalendar. */
    public function test_a_calendar_program_reads_what_is_due(): void
    {
        Carbon::setTestNow('2026-04-20T08:00:00Z');
        $site = $this->site();
        $circuit = $this->circuit($site, 'KF-204', ['plate.grease_interval' => '4000 h', 'drives' => 'Kiln fan; four, "north" φ',
            'area' => 'Kilns']);
        $this->actingAs($this->person());
        $this->postJson("/api/circuits/$circuit->id/log", [
            'kind' => 'greased', 'values' => ['grams' => '30'], 'happened_at' => '2026-01-05T08:00:00Z',
        ])->assertCreated();
        $this->actingAs($this->person('administrator', 'chief'));
        $address = $this->postJson("/api/sites/$site->id/calendar")->assertOk()->json('calendar');
        self::assertIsString($address);
        $file = (string) tempnam(sys_get_temp_dir(), 'ics');
        file_put_contents($file, (string) $this->get($address)->assertOk()->getContent());
        $script = <<<'PYTHON'
            import icalendar, json, sys
            calendar = icalendar.Calendar.from_ical(open(sys.argv[1], "rb").read())
            print(json.dumps([[str(e["SUMMARY"]), e["DTSTART"].dt.isoformat(), str(e["LOCATION"]), str(e["UID"]), len(e.errors)]
                              for e in calendar.walk("VEVENT")]))
            PYTHON;
        $read = json_decode((string) shell_exec('/usr/bin/python3 -c '.escapeshellarg($script).' '.escapeshellarg($file)), true);
        unlink($file);
        // 4000 h at 16 h a day are 250 days after the fifth of January.
        self::assertSame([['Greasing KF-204, Kiln fan; four, "north" φ', '2026-09-12', 'Kilns', "greasing-$circuit->id@brave-anvil", 0]],
            $read);
    }

    public function test_a_sheet_that_waits_for_a_signature_is_due(): void
    {
        $site = $this->site();
        $circuit = $this->circuit($site);
        $this->actingAs($this->person());
        $revision = $this->postJson("/api/circuits/$circuit->id/revisions",
            ['name' => 'as built', 'version' => 1])->assertCreated()->json('id');
        self::assertIsInt($revision);
        self::assertSame([], $this->getJson("/api/sites/$site->id/due")->json('items'));
        $this->postJson("/api/revisions/$revision/send", ['kind' => 'for_use', 'remark' => ''])->assertOk();
        $due = $this->getJson("/api/sites/$site->id/due")->assertOk();
        self::assertSame(['Sheet in review', 'KF-204'], [$due->json('items.0.what'), $due->json('items.0.tag')]);
        $this->actingAs($this->person('reviewer', 'supervisor'));
        $this->postJson("/api/revisions/$revision/return", ['remark' => 'Measure it.'])->assertOk();
        self::assertSame([], $this->getJson("/api/sites/$site->id/due")->json('items'));
    }
}
