<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Circuits\Recompute;
use App\Circuits\SolveAgain;
use App\Models\Circuit;
use Illuminate\Support\Facades\Bus;

/** What memory is not sure of in the tables behind a site's circuits, and what a person with the printed book says of it. */
final class TablesTest extends FeatureTestCase
{
    private const PATH = 'iec.iec60364_5_52.b52_12_xlpe_cu_E_F_3loaded.rows.16.E';

    public function test_doubted_entries_are_listed_most_used_first(): void
    {
        $site = $this->site();
        $this->actingAs($this->person('viewer', 'planner'));
        foreach (['A-1', 'A-2'] as $tag) {
            $this->circuit($site, $tag, ['cable.method' => 'D2', 'cable.grouped_circuits' => 2]);
        }
        $this->circuit($site, 'B-1', ['cable.method' => 'D1', 'cable.grouped_circuits' => 2]);
        $answer = $this->getJson("/api/sites/$site->id/tables")->assertOk();
        $doubts = $answer->json('doubts');
        $circuits = array_column($doubts, 'circuits', 'path');
        self::assertSame(2, $circuits['iec.iec60364_5_52.b52_17_grouping.D2.1']);
        self::assertSame(1, $circuits['iec.iec60364_5_52.b52_17_grouping.D1.1']);
        $sorted = array_column($doubts, 'circuits');
        rsort($sorted);
        self::assertSame($sorted, array_column($doubts, 'circuits'));
    }

    public function test_an_entry_is_corrected_and_taken_back(): void
    {
        $site = $this->site();
        $circuit = $this->circuit($site);
        self::assertSame("3 × 16\u{00A0}mm²", $circuit->cable);
        $this->actingAs($this->person('electrician', 'sparks'));
        $entry = ['path' => self::PATH, 'value' => '60', 'why' => 'printed table', 'page' => '77', 'version' => 1];
        $this->assertProblem(403, $this->postJson("/api/sites/$site->id/corrections", $entry));
        $this->actingAs($this->person('administrator', 'admin'));
        $answer = $this->postJson("/api/sites/$site->id/corrections", $entry)->assertCreated();
        $kept = $answer->json('corrections.0');
        self::assertSame(['100', 60, 'printed table', '77'], [$kept['shipped'], $kept['value'], $kept['why'], $kept['page']]);
        self::assertSame($site->version + 1, $answer->json('site.version'));
        // The circuits are solved again with it.
        self::assertSame("3 × 25\u{00A0}mm²", Circuit::query()->findOrFail($circuit->id)->cable);
        self::assertSame('done', $this->getJson("/api/sites/$site->id/tables")->json('recompute.state'));
        $back = $this->deleteJson("/api/sites/$site->id/corrections", ['path' => self::PATH, 'version' => 2])->assertOk();
        self::assertSame([], $back->json('corrections'));
        self::assertSame("3 × 16\u{00A0}mm²", Circuit::query()->findOrFail($circuit->id)->cable);
    }

    public function test_what_cannot_be_used_is_refused_at_its_field(): void
    {
        $site = $this->site();
        $this->actingAs($this->person('administrator', 'admin'));
        foreach (
            [
                'path' => ['path' => 'iec.no_such_table.1', 'value' => 1, 'why' => 'x', 'version' => 1],
                'value' => ['path' => self::PATH, 'value' => 'many', 'why' => 'x', 'version' => 1],
            ] as $field => $wrong
        ) {
            $answer = $this->postJson("/api/sites/$site->id/corrections", $wrong);
            $this->assertProblem(422, $answer);
            self::assertSame($field, $answer->json('errors.0.path'));
        }
        $this->assertProblem(422, $this->putJson("/api/sites/$site->id", [
            ...$site->resource(), 'supply' => $site->supply, 'settings' => ['corrections' => [['path' => 'nowhere']]], 'version' => 1,
        ]));
    }

    public function test_the_work_is_cut_in_pieces_and_can_be_called_off(): void
    {
        $site = $this->site();
        $circuit = $this->circuit($site);
        Circuit::query()->whereKey($circuit->id)->toBase()->update(['cable' => 'old']);
        $this->actingAs($this->person('administrator', 'admin'));
        $batch = Bus::batch([])->name('nothing yet')->dispatch();
        $site->forceFill(['batch_id' => $batch->id])->save();
        $batch->cancel();
        self::assertSame('cancelled', $this->getJson("/api/sites/$site->id/tables")->json('recompute.state'));
        // A piece that was called off leaves its circuits as they are.
        $piece = (new SolveAgain([$circuit->id]))->withBatchId($batch->id);
        self::assertSame(0, app()->call([$piece, 'handle']));
        self::assertSame('old', Circuit::query()->findOrFail($circuit->id)->cable);
        $this->deleteJson("/api/sites/$site->id/recompute")->assertOk();
        $this->postJson("/api/sites/$site->id/recompute")->assertOk();
        self::assertSame("3 × 16\u{00A0}mm²", Circuit::query()->findOrFail($circuit->id)->cable);
        self::assertSame('done', app(Recompute::class)->progress($site->refresh())['state'] ?? null);
    }
}
