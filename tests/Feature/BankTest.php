<?php

declare(strict_types=1);

namespace Tests\Feature;

/** The capacitor bank of a site: kept as it is typed, solved with the site's circuits. */
final class BankTest extends FeatureTestCase
{
    private const DAY = "06:00 A-1 A-2\n12:00 A-1\n18:00";

    public function test_a_bank_is_solved_with_the_circuits_of_its_site(): void
    {
        $site = $this->site();
        foreach (['A-1', 'A-2'] as $tag) {
            $this->circuit($site, $tag, ['load.output_percent' => 70]);
        }
        $this->actingAs($this->person('electrician', 'sparks'));
        $empty = $this->getJson("/api/sites/$site->id/bank")->assertOk();
        self::assertSame(['A-1', 'A-2'], $empty->json('tags'));
        $answer = $this->putJson("/api/sites/$site->id/bank", [
            'version' => 0, 'typed' => ['target_power_factor' => '0.95', 'pattern' => self::DAY, 'current_transformer' => '200/5'],
        ])->assertOk();
        self::assertSame([], $answer->json('errors'));
        $shown = array_column($answer->json('figures'), 'shown', 'key');
        self::assertArrayHasKey('bank.steps', $shown);
        // What runs at the end of the day runs at its beginning.
        self::assertSame(['00:00', '06:00', '12:00', '18:00'], array_column($answer->json('day.intervals'), 'clock'));
        $needs = array_map(static fn (array $interval): float => (float) $interval['need']['value'], $answer->json('day.intervals'));
        self::assertEqualsWithDelta($needs[1], 2 * $needs[2], 1e-3, 'two alike need twice as much');
        self::assertSame([0.0, 0.0], [$needs[0], $needs[3]]);
        self::assertSame(self::DAY, $this->getJson("/api/sites/$site->id/bank")->json('typed.pattern'), 'kept as it was typed');
    }

    public function test_what_cannot_be_used_is_kept_and_told_at_its_field(): void
    {
        $site = $this->site();
        $this->circuit($site, 'A-1');
        $this->actingAs($this->person('electrician', 'sparks'));
        $typed = [
            'target_power_factor' => '1.2', 'pattern' => "06:00 A-1\n05:00 A-1", 'circuits' => 'A-1 Z-9', 'step_kvar' => 'large',
            'other_power' => 'much',
        ];
        $answer = $this->putJson("/api/sites/$site->id/bank", ['version' => 0, 'typed' => $typed])->assertOk();
        $texts = array_column($answer->json('errors'), 'text', 'path');
        foreach (array_keys($typed) as $field) {
            self::assertArrayHasKey($field, $texts);
        }
        self::assertSame('Line 2: the time must be later than in the line before.', $texts['pattern']);
        self::assertEquals($typed, $answer->json('typed'));
        $again = $this->putJson("/api/sites/$site->id/bank", ['version' => 1, 'typed' => ['pattern' => 'noon A-1']])->assertOk();
        self::assertStringContainsString('begin with a time', array_column($again->json('errors'), 'text', 'path')['pattern']);
    }

    public function test_who_may_and_whose_change_stands(): void
    {
        $site = $this->site();
        $body = ['version' => 0, 'typed' => ['target_power_factor' => '0.95']];
        $this->assertProblem(401, $this->getJson("/api/sites/$site->id/bank"));
        $this->actingAs($this->person('viewer', 'planner'));
        $this->getJson("/api/sites/$site->id/bank")->assertOk();
        $this->assertProblem(403, $this->putJson("/api/sites/$site->id/bank", $body));
        $this->actingAs($this->person('electrician', 'sparks'));
        $this->putJson("/api/sites/$site->id/bank", $body)->assertOk();
        $this->assertProblem(409, $this->putJson("/api/sites/$site->id/bank", $body));
        $this->assertProblem(422, $this->putJson("/api/sites/$site->id/bank", ['version' => 1, 'typed' => ['pattern' => ['x']]]));
        $this->assertProblem(422, $this->putJson("/api/sites/$site->id/bank", ['version' => 1]));
    }
}
