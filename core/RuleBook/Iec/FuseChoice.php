<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Guard\DeviceDuty;
use BraveAnvil\Guard\GuardFigure;
use BraveAnvil\Guard\GuardFinding;
use BraveAnvil\Guard\Rung;
use BraveAnvil\Guard\ScpdChoice;
use BraveAnvil\RuleBook\Practice\GuardPractice;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Finding;
use BraveAnvil\Solution\FindingBuilder;
use BraveAnvil\Solution\Show;

/** gG fuses: the smallest whose time-current gates carry the start. */
final readonly class FuseChoice
{
    private const TOLERANCE = 1e-6;

    /** The smallest rating that has gates, A. */
    private const SMALLEST = 16.0;

    public function __construct(private FuseGates $gates, private GuardPractice $practice)
    {
    }

    public function choose(DeviceDuty $duty): ScpdChoice
    {
        $start = $duty->inrush->current;
        $time = $duty->inrush->time;
        $instant = ($duty->inrush->marginOnMoment ? $this->practice->fuseFirstMomentMargin() : 1.0) * $duty->inrush->moment->number();
        $ladder = [];
        $chosen = null;
        foreach ($this->gates->fuses() as $fuse) {
            $rating = $fuse->rating();
            if ($rating < 0.5 * $duty->design->number() || ($chosen !== null && count($ladder) > 2 && $rating > 2.1 * $chosen->rating())) {
                continue;
            }
            $held = $fuse->holds($time->number());
            $carriesLoad = $rating >= $duty->design->number() * (1 - self::TOLERANCE);
            $carriesStart = $held >= $start->number() * (1 - self::TOLERANCE);
            $carriesMoment = $fuse->carries01s >= $instant * (1 - self::TOLERANCE);
            $ladder[] = new Rung($rating, $carriesLoad && $carriesStart && $carriesMoment, true, match (true) {
                ! $carriesLoad => 'below the motor current',
                ! $carriesStart => 'carries '.Show::number($held, 4).' A for '.$time->shown().', the start takes '.$start->shown(),
                ! $carriesMoment => 'carries '.Show::number($fuse->carries01s).' A for 0.1 s, '.Show::number($instant, 4).' A is wanted',
                default => 'carries '.Show::number($held, 4).' A for '.$time->shown(),
            });
            if ($carriesLoad && $carriesStart && $carriesMoment) {
                $chosen ??= $fuse;
            }
        }
        if ($chosen === null) {
            return new ScpdChoice($ladder);
        }
        $rating = Figure::work(GuardFigure::ScpdRating)
            ->labelled('gG fuse')
            ->from(t: $time, start: $start, lrc: $duty->inrush->moment, I: $duty->design)
            ->as(
                'smallest that carries the start',
                Show::number($chosen->rating()).
                    ' A carries '.
                    Show::number($chosen->holds($time->number()), 4).
                    ' A for {t} (start {start}) and '.
                    Show::number($chosen->carries01s).
                    ' A for 0.1 s ('.
                    Show::number($instant, 4).
                    ' A wanted)',
            )
            ->equals($chosen->rating())
            ->source($this->gates->cited())
            ->make();

        return new ScpdChoice($ladder, $rating, findings: $this->findings($chosen, $time));
    }

    /** @return list<FindingBuilder> */
    private function findings(GgFuse $chosen, Figure $time): array
    {
        $findings = [];
        if ($chosen->rating() === self::SMALLEST) {
            $findings[] = Finding::note(GuardFinding::SmallFuseHasNoGates)
                ->title('Smaller fuses cannot be proven')
                ->because(
                    'The table of time-current gates starts at 16 A. A smaller fuse may carry this start, but nothing here can prove it.',
                )
                ->do('Take the starter maker’s coordination table for a smaller one.')
                ->source($this->gates->cited())
                ->on(GuardFigure::ScpdRating);
        }
        if ($time->number() > 0.1 && $time->number() < 10 - 1e-9) {
            $findings[] = Finding::note(GuardFinding::FuseBetweenGates)
                ->title('The fuse is judged between two gates')
                ->because(
                    'At '.
                        $time->shown().
                        ' the fuse’s current is read on a straight line between its 0.1 s and 10 s gates on log scales.',
                )
                ->do('Compare with the fuse maker’s curve when it is close.')
                ->source($this->gates->cited())
                ->on(GuardFigure::ScpdRating);
        }

        return $findings;
    }
}
