<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\Rung;
use BraveAnvil\Stations\Guard\ScpdChoice;
use BraveAnvil\Tables\Practice\GuardPractice;

/** gG fuses: the smallest whose time-current gates carry the start. */
final readonly class FuseChoice implements DeviceChoice
{
    private const TOLERANCE = 1e-6;

    /** The smallest rating that has gates, A. */
    private const SMALLEST = 16.0;

    public function __construct(private FuseGates $gates, private GuardPractice $practice)
    {
    }

    public function known(): array
    {
        return [Scpd::FuseGg];
    }

    /** The fuse of a rating (A), or null where the table has no gates for it. */
    public function device(Scpd $scpd, float $rating, float $dial): ?GgFuse
    {
        return $this->gates->fuse($rating);
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        $start = $duty->inrush->current;
        $time = $duty->inrush->time;
        $instant = ($duty->inrush->marginOnMoment ? $this->practice->fuseFirstMomentMargin() : 1.0) * $duty->inrush->moment->number();
        $ladder = [];
        $chosen = null;
        $needed = null;
        foreach ($this->gates->gated() as $rating) {
            // The start is only held against ratings that can be chosen or are drawn: that costs most.
            $far = $rating < 0.5 * $duty->design->number() || ($needed !== null && count($ladder) > 2 && $rating > 2.1 * $needed);
            if ($far && ($chosen !== null || $needed === null) && ! $duty->isInstalled($rating)) {
                continue;
            }
            $fuse = $this->gates->fuse($rating) ?? throw Defect::noEntry('gates', (string) $rating);
            $carriesLoad = $rating >= $duty->design->number() * (1 - self::TOLERANCE);
            $share = $carriesLoad ? $duty->share($fuse) : INF;
            $carriesStart = $share <= 1 + self::TOLERANCE;
            $carriesMoment = $fuse->carries01s >= $instant * (1 - self::TOLERANCE);
            $carries = $carriesLoad && $carriesStart && $carriesMoment;
            $allowed = $duty->markedAllows($rating);
            if ($carries) {
                $needed ??= $rating;
                $chosen ??= $allowed ? $fuse : null;
            }
            if ($far && ! $duty->isInstalled($rating)) {
                continue;
            }
            $held = Show::number($fuse->holds($time->number()), 4);
            $ladder[] = new Rung($rating, $carries, $allowed, match (true) {
                ! $carriesLoad => 'below the motor current',
                ! $carriesStart && ($duty->isSimulated() || $duty->inrush->fullTime !== null) => 'the start of '.
                $duty->inrush->shownTime().' needs '.($share > 10 ? 'far more than' : Show::number($share, 2).' times what').' it carries',
                ! $carriesStart => 'carries '.$held.' A for '.$time->shown().'; the start takes '.$start->shown(),
                ! $carriesMoment => 'carries '.Show::number($fuse->carries01s).' A for 0.1 s; required '.Show::number($instant, 4).' A',
                ! $allowed => 'above the maximum marked on the starter',
                $duty->isSimulated() => 'the start uses '.($share < 1e-4 ? 'less than 0.01' : Show::number(100 * $share, 2)).
                    ' % of what it carries',
                default => 'carries '.$held.' A for '.$time->shown(),
            });
        }
        if ($chosen === null) {
            $stop = $duty->markingStops($needed);

            return new ScpdChoice(
                $ladder, maximum: $duty->markedMaximum(), findings: $stop === null ? [] : [$stop], explained: $stop !== null, certain: true,
            );
        }
        $rating = Figure::work(GuardFigure::ScpdRating)
            ->labelled('gG fuse')
            ->from(t: $time, start: $start, lrc: $duty->inrush->moment, I: $duty->design)
            ->as(
                'smallest that carries the start',
                self::how($duty, $chosen).' and '.Show::number($chosen->carries01s).' A for 0.1 s (required '.Show::number($instant, 4).
                ' A)',
            )
            ->equals($chosen->rating())
            ->source($this->gates->cited())
            ->make();

        return new ScpdChoice(
            $ladder, $rating, maximum: $duty->markedMaximum(), findings: $this->findings($chosen, $time, $duty->isSimulated()),
            certain: true,
        );
    }

    /** How the chosen fuse bears the start. */
    private static function how(DeviceDuty $duty, GgFuse $chosen): string
    {
        $time = $duty->inrush->time;
        $rating = Show::number($chosen->rating()).' A ';
        if ($duty->isSimulated()) {
            return $rating.'carries the current of the start at every moment, '.Show::number(100 * $duty->share($chosen), 2).
                ' % of what it can carry,';
        }

        return $rating.'carries '.Show::number($chosen->holds($time->number()), 4).' A for {t} (start {start})'.
            ($duty->inrush->fullTime === null ? '' : ', with '.$duty->inrush->fullTime->shown().' at {lrc} after it '.
            Show::number(100 * $duty->share($chosen), 2).' % of what it can carry,');
    }

    /** @return list<FindingBuilder> */
    private function findings(GgFuse $chosen, Figure $time, bool $simulated): array
    {
        $findings = [];
        if ($chosen->rating() === self::SMALLEST) {
            $findings[] = Finding::note(GuardFinding::SmallFuseHasNoGates)
                ->title('Fuses below 16 A not checked')
                ->because(
                    'The gate table starts at 16 A. A smaller fuse may carry this start.',
                )
                ->do('For a smaller fuse check the manufacturer’s coordination table.')
                ->source($this->gates->cited())
                ->on(GuardFigure::ScpdRating);
        }
        if (! $simulated && $time->number() > 0.1 && $time->number() < 10 - 1e-9) {
            $findings[] = Finding::note(GuardFinding::FuseBetweenGates)
                ->title('Fuse checked between two gates')
                ->because(
                    'At '.$time->shown().' the fuse current is interpolated between its 0.1 s and 10 s gates (log scales).',
                )
                ->do('If it is close, compare with the manufacturer’s curve.')
                ->source($this->gates->cited())
                ->on(GuardFigure::ScpdRating);
        }

        return $findings;
    }
}
