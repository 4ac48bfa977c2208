<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Power\PowerFigure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The ledger is written once, in order; what is tried on a fork leaves no trace until it is adopted. */
final class LedgerTest extends TestCase
{
    private static function started(): Ledger
    {
        $ledger = new Ledger;
        $ledger->work(PowerFigure::Input)->equals(39403.6)->source('typed')->write();

        return $ledger;
    }

    /** @return list<string> */
    private static function keys(Ledger $ledger): array
    {
        return array_map(static fn (Figure $figure): string => $figure->key(), $ledger->figures());
    }

    public function test_what_a_fork_writes_stays_in_the_fork(): void
    {
        $ledger = self::started();
        $fork = $ledger->fork();
        $fork->work(PowerFigure::Apparent)->equals(46357.0)->source('tried')->write();
        $fork->stop(PlateFinding::NoConnectionFits)->title('Tried')->because('Tried.')->do('Nothing.');
        $fork->error('cable.size', 'Tried.', 'Nothing.');
        $fork->say(Station::Power, 'Tried.');
        $fork->block('Tried.', Station::Cable);
        self::assertSame(['power.input'], self::keys($ledger));
        self::assertSame([], $ledger->findings());
        self::assertSame([], $ledger->fieldErrors());
        self::assertArrayNotHasKey('power', $ledger->sentences());
        self::assertTrue($ledger->isOpen(Station::Cable));
    }

    public function test_an_adopted_fork_counts_as_if_it_had_been_written_here(): void
    {
        $ledger = self::started();
        $straight = self::started();
        $fork = $ledger->fork();
        foreach ([$fork, $straight] as $written) {
            $written->work(PowerFigure::Apparent)->equals(46357.0)->source('kept')->write();
            $written->caution(PlateFinding::VoltageOff)->title('Kept')->because('Kept.')->do('Look.');
            $written->error('cable.size', 'Kept.', 'A size.');
            $written->say(Station::Power, 'Kept.');
            $written->block('Kept.', Station::Cable);
        }
        $ledger->adopt($fork);
        self::assertSame(['power.input', 'power.apparent'], self::keys($ledger));
        self::assertEquals($straight->findings(), $ledger->findings());
        self::assertEquals($straight->fieldErrors(), $ledger->fieldErrors());
        self::assertSame($straight->sentences(), $ledger->sentences());
        self::assertFalse($ledger->isOpen(Station::Cable));
    }

    public function test_a_ledger_adopts_only_its_own_fork(): void
    {
        $fork = self::started()->fork();
        $this->expectException(Defect::class);
        self::started()->adopt($fork);
    }

    public function test_a_figure_is_written_once(): void
    {
        $ledger = self::started();
        $this->expectException(Defect::class);
        $ledger->work(PowerFigure::Input)->equals(1.0)->source('again')->write();
    }

    /** @return iterable<string, array{float}> */
    public static function notNumbers(): iterable
    {
        yield 'not a number' => [NAN];
        yield 'too large' => [INF];
        yield 'too small' => [-INF];
    }

    #[DataProvider('notNumbers')]
    public function test_no_figure_is_other_than_a_finite_number(float $value): void
    {
        $this->expectException(Defect::class);
        (new Ledger)->work(PowerFigure::Input)->equals($value)->source('wrong')->write();
    }

    public function test_a_working_names_only_what_was_put_in(): void
    {
        $this->expectException(Defect::class);
        (new Ledger)->work(PowerFigure::Apparent)->as('P / pf', '{P} ÷ {pf}')->equals(1.0)->source('wrong')->write();
    }

    public function test_lineage_doubt_and_assumption_follow_what_was_put_in(): void
    {
        $ledger = new Ledger();
        $input = $ledger
            ->work(PowerFigure::Input)
            ->equals(40000.0)
            ->assuming('efficiency of a typical motor')
            ->doubted(new Doubt('about 95 %'))
            ->write();
        $factor = Figure::typed('plate.power_factor', 'Power factor', 0.8, Unit::None, null);
        $apparent = $ledger->work(PowerFigure::Apparent)->from(P: $input, pf: $factor)
            ->as('P / pf', '{P} ÷ {pf}')->equals(50000.0)->source('definition')->write();
        self::assertSame(['efficiency of a typical motor'], $apparent->assumptions);
        self::assertSame('about 95 %', $apparent->doubt?->reason);
        $from = $apparent->toArray()['from'];
        self::assertSame([
            ['placeholder' => 'P', 'figure' => 'power.input'],
            ['placeholder' => 'pf', 'field' => 'plate.power_factor'],
        ], $from);
    }

    public function test_a_finding_without_a_title_is_a_fault(): void
    {
        $ledger = new Ledger;
        $ledger->note(PlateFinding::VoltageOff)->because('It is off.');
        $this->expectException(Defect::class);
        $ledger->findings();
    }

    /** A stop that is gone with more favourable assumptions asks for the values; one that stays, stays. */
    public function test_a_stop_that_other_assumptions_lift_becomes_a_caution(): void
    {
        $ledger = self::started();
        $ledger->stop(PlateFinding::NoConnectionFits)->title('Fits nothing')->because('It fits nothing.')->do('Look.')->source('here');
        $ledger->stop(PlateFinding::FluxTooHigh)->title('Saturated')->because('It saturates.')->do('Look.');
        $ledger->note(PlateFinding::ServiceFactor)->title('Noted')->because('Noted.');
        self::assertTrue($ledger->hasStops());
        $favourable = self::started();
        $favourable->stop(PlateFinding::FluxTooHigh)->title('Saturated')->because('It saturates.')->do('Look.');
        $ledger->softenStops($favourable, 'It rests on assumed values.');
        $grades = [];
        foreach ($ledger->findings() as $finding) {
            $grades[$finding->code->code()] = [$finding->grade->value, $finding->text, $finding->source];
        }
        self::assertSame(
            [
                'flux_too_high' => ['stop', 'It saturates.', ''],
                'no_connection_fits' => ['caution', 'It fits nothing. It rests on assumed values.', 'here'],
                'service_factor' => ['note', 'Noted.', ''],
            ],
            $grades,
        );
        $ledger->softenStops(self::started(), 'Assumed.');
        self::assertFalse($ledger->hasStops());
    }
}
