<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\Dip;
use BraveAnvil\Stations\Start\Motion\Feed;
use BraveAnvil\Stations\Start\Motion\FeedReader;
use BraveAnvil\Stations\Start\Motion\RunUp;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\StartFinding;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** Voltage dips of a start against what bus, motor and control supply bear. */
final readonly class DipVerdicts
{
    public function __construct(private RunUpPractice $practice, private Ledger $ledger)
    {
    }

    public function judge(Circuit $circuit, RunUp $runUp, RunUpTimes $times, StartingMethod $method): void
    {
        $dip = $times->dip;
        if ($dip === null) {
            return;
        }
        $after = $runUp->course->changeover?->after->flow->bus;
        $later = $after === null ? null : Dip::ofBus($runUp->feed->feed, $after);
        // No X/R that may be would keep the limit, with a starting current that is known.
        $sure = ! self::rests($runUp) && $this->least($runUp) > BusDipLimit::of($circuit, $this->practice)->percent;
        $this->tell($circuit, $runUp->feed, $dip, $later, $times->dipAtMotor, $sure, $times->leastGenerator);
    }

    /**
     * @param  Figure  $dip  at the bus as the first stage is switched on, %
     * @param  float|null  $later  at the changeover, %
     * @param  Figure|null  $dipAtMotor  %; null where it is not told
     * @param  bool  $sure  whether it stands whatever is assumed
     * @param  Figure|null  $least  generator that this start wants, VA; null on the mains
     */
    public function tell(
        Circuit $circuit,
        FeedReader $feed,
        Figure $dip,
        ?float $later,
        ?Figure $dipAtMotor,
        bool $sure,
        ?Figure $least,
    ): void {
        $worst = max($dip->number(), $later ?? 0.0);
        $limit = BusDipLimit::of($circuit, $this->practice);
        if ($worst > $limit->percent) {
            // A stop only where the site set the limit.
            ($sure && ! $limit->usual ? $this->ledger->stop(StartFinding::DipAtBus) : $this->ledger->caution(StartFinding::DipAtBus))
                ->title($limit->onGenerator ? 'Generator too small for this start' : 'Voltage dip at the bus too large')
                ->because('The start lowers '.($limit->onGenerator ? 'the voltage of the generator by ' : 'the bus voltage by ').
                    Show::quantity($worst, Unit::Percent, 3).' ('.Show::quantity($worst / 100 * $feed->feed->volts, Unit::Volt, 3).')'.
                    ($later !== null && $later > $dip->number() ? ' at the changeover' : ' at switch-on').'; the '.
                    ($limit->usual ? 'usual limit is ' : 'limit is ').Show::quantity($limit->percent, Unit::Percent, 3).'.')
                ->do(match (true) {
                    ! $limit->onGenerator => 'Choose a reduced-voltage start, or ask the supply operator.',
                    $least === null => 'Choose a reduced-voltage start, or a larger generator.',
                    default => 'Choose a reduced-voltage start, or a generator of at least '.$least->shown(3).'.',
                })
                ->source($limit->usual ? 'common practice' : 'site setting')
                ->on(StartFigure::VoltageDip, StartFigure::ChangeoverDip)->about('starter.method');
        }
        $this->atMotor($circuit, $dipAtMotor);
        if ($worst > 100 - $this->practice->controlSupplyHolds()) {
            $this->ledger->caution(StartFinding::ControlSupplyDips)->title('Contactors may not close reliably')
                ->because('The bus drops below '.Show::number($this->practice->controlSupplyHolds()).
                    ' % of its voltage. Contactors fed from it may fail to close or may chatter; below 75 % they may drop out.')
                ->do('Feed the controls from a supply that does not dip.')
                ->source(Standard::Iec60947_4_1->at()->adding(': contactors close at 85 to 110 %, AC contactors drop out '.
                    'between 75 and 20 %'))->on(StartFigure::VoltageDip);
        }
    }

    private function atMotor(Circuit $circuit, ?Figure $dip): void
    {
        $allowed = $circuit->number('settings.dip_limit_motor')?->number() ?? $this->practice->dipLimitMotor();
        $usual = $circuit->missing('settings.dip_limit_motor');
        if ($dip === null || $dip->number() <= $allowed) {
            return;
        }
        $this->ledger->caution(StartFinding::DipAtMotor)->title('Large voltage drop at the motor while starting')
            ->because($dip->shown(3).' at standstill; the '.($usual ? 'usual limit is ' : 'limit is ').
                Show::quantity($allowed, Unit::Percent, 3).'. Torque falls with the square of the voltage.')
            ->do('Use a larger cable, or a reduced-voltage start.')->source($usual ? 'common practice' : 'site setting')
            ->on(StartFigure::DipAtMotor);
    }

    /** Whether the starting current itself is not known for sure. */
    private static function rests(RunUp $runUp): bool
    {
        return array_diff($runUp->assumptions, $runUp->feed->assumptions) !== [];
    }

    /** The smallest dip that any ratio of reactance to resistance of the supply would give, %. */
    private function least(RunUp $runUp): float
    {
        $plan = $runUp->plan;
        if (! $plan instanceof StagedPlan) {
            return Dip::atBus($plan, $runUp->train, $runUp->course) ?? 0.0;
        }
        $after = $runUp->course->changeover?->speedAfterGap;

        return min(100.0, ...array_map(
            static fn (Feed $feed): float => Dip::worstOn($feed, $plan, $runUp->train, 0.0, $after) ?? 0.0, $runUp->feed->possible,
        ));
    }
}
