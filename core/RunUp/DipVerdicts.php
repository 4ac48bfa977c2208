<?php

declare(strict_types=1);

namespace BraveAnvil\RunUp;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Practice\RunUpPractice;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;
use BraveAnvil\Start\Method\StartingMethod;
use BraveAnvil\Start\Motion\Dip;
use BraveAnvil\Start\Motion\Feed;
use BraveAnvil\Start\Motion\FeedReader;
use BraveAnvil\Start\Motion\RunUp;
use BraveAnvil\Start\Motion\StagedPlan;
use BraveAnvil\Start\StartFigure;
use BraveAnvil\Start\StartFinding;

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
        $sure = ! self::rests($runUp) && $this->least($runUp) > $this->allowed($circuit);
        $this->tell($circuit, $runUp->feed, $dip, $later, $times->dipAtMotor, $sure);
    }

    private function allowed(Circuit $circuit): float
    {
        return $circuit->number('settings.dip_limit_bus')?->number() ?? $this->practice->dipLimitBus();
    }

    /**
     * @param  Figure  $dip  at the bus as the first stage is switched on, %
     * @param  float|null  $later  at the changeover, %
     * @param  Figure|null  $dipAtMotor  %; null where it is not told
     * @param  bool  $sure  whether it stands whatever is assumed
     */
    public function tell(Circuit $circuit, FeedReader $feed, Figure $dip, ?float $later, ?Figure $dipAtMotor, bool $sure): void
    {
        $worst = max($dip->number(), $later ?? 0.0);
        $allowed = $this->allowed($circuit);
        $usual = $circuit->missing('settings.dip_limit_bus');
        if ($worst > $allowed) {
            // A stop only where the site set the limit.
            ($sure && ! $usual ? $this->ledger->stop(StartFinding::DipAtBus) : $this->ledger->caution(StartFinding::DipAtBus))
                ->title('The start pulls the bus down')
                ->because('The bus falls by '.Show::quantity($worst, Unit::Percent, 3).', '.
                    Show::quantity($worst / 100 * $feed->feed->volts, Unit::Volt, 3).','.
                    ($later !== null && $later > $dip->number() ? ' at the changeover' : ' at switching on').'; '.
                    Show::quantity($allowed, Unit::Percent, 3).($usual ? ' is usually' : ' is').' the most.')
                ->do('Choose a gentler start, or ask whoever runs the supply.')
                ->source($usual ? 'common practice, no source' : 'site setting')
                ->on(StartFigure::VoltageDip, StartFigure::ChangeoverDip)->about('starter.method');
        }
        $this->atMotor($circuit, $dipAtMotor);
        if ($worst > 100 - $this->practice->controlSupplyHolds()) {
            $this->ledger->caution(StartFinding::ControlSupplyDips)->title('Contactors may drop out')
                ->because('The bus falls below '.Show::number($this->practice->controlSupplyHolds()).
                    ' % of its voltage; a control supply taken from it may let contactors chatter or drop.')
                ->do('Feed the controls from a supply that does not dip.')
                ->source('IEC 60947-4-1: contactors close at 85 % (from memory)')->on(StartFigure::VoltageDip);
        }
    }

    private function atMotor(Circuit $circuit, ?Figure $dip): void
    {
        $allowed = $circuit->number('settings.dip_limit_motor')?->number() ?? $this->practice->dipLimitMotor();
        $usual = $circuit->missing('settings.dip_limit_motor');
        if ($dip === null || $dip->number() <= $allowed) {
            return;
        }
        $this->ledger->caution(StartFinding::DipAtMotor)->title('The motor’s own voltage falls far')
            ->because('At its terminals '.$dip->shown(3).' are lost while it stands; '.Show::quantity($allowed, Unit::Percent, 3).
                ($usual ? ' is usually' : ' is').' the most. Its torque falls with the square.')
            ->do('Take a larger cable, or a gentler start.')->source($usual ? 'common practice, no source' : 'site setting')
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
        $stage = $plan->first ?? $plan->full;
        $standing = $runUp->train->point(0.0);
        $after = $runUp->course->changeover;

        return min(100.0, ...array_map(static function (Feed $feed) use ($stage, $plan, $standing, $after, $runUp): float {
            $first = Dip::ofBus($feed, $stage->on($feed)->flow($standing)->bus) ?? 0.0;
            $later = $after === null ? 0.0
                : Dip::ofBus($feed, $plan->full->on($feed)->flow($runUp->train->point($after->speedAfterGap))->bus) ?? 0.0;

            return max($first, $later);
        }, $runUp->feed->possible()));
    }
}
