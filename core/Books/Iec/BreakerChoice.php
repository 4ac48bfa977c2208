<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\Rung;
use BraveAnvil\Stations\Guard\ScpdChoice;
use BraveAnvil\Stations\Start\StartFigure;

/** Miniature circuit-breakers of type B, C or D: the smallest that neither its magnetic nor its thermal release trips. */
final readonly class BreakerChoice implements DeviceChoice
{
    private const TOLERANCE = 1e-6;

    public function __construct(private BreakerTable $table)
    {
    }

    public function known(): array
    {
        return [Scpd::BreakerB, Scpd::BreakerC, Scpd::BreakerD];
    }

    /** The breaker of a rating (A), or null where there is none. */
    public function device(Scpd $scpd, float $rating, float $dial): ?MiniatureBreaker
    {
        foreach ($this->table->breakers($scpd) as $breaker) {
            if (abs($breaker->rating() - $rating) < 1e-9) {
                return $breaker;
            }
        }

        return null;
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        $start = $duty->inrush->current;
        $rms = $duty->inrush->peak->number() / sqrt(2);
        $ladder = [];
        $chosen = null;
        $needed = null;
        foreach ($this->table->breakers($scpd) as $breaker) {
            $rating = $breaker->rating();
            $carriesLoad = $rating >= $duty->design->number() * (1 - self::TOLERANCE);
            $magnetic = $breaker->letsPeakPass($rms);
            $thermal = $carriesLoad && $magnetic && $duty->share($breaker) <= 1 + self::TOLERANCE;
            $carries = $carriesLoad && $magnetic && $thermal;
            $allowed = $duty->markedAllows($rating);
            if ($carries) {
                $needed ??= $rating;
                $chosen ??= $allowed ? $breaker : null;
            }
            $far = $rating < 0.5 * $duty->design->number() || ($needed !== null && $rating > 2 * $needed);
            if ($far && ! $duty->isInstalled($rating)) {
                continue;
            }
            $edge = Show::number($breaker->magneticEdge());
            $ladder[] = new Rung(
                $rating,
                $carries,
                $allowed,
                match (true) {
                    ! $carriesLoad => 'below the motor current',
                    ! $magnetic => 'magnetic release may trip from '.$edge.' A; the first peak is '.Show::number($rms, 4).' A rms',
                    ! $thermal && $duty->isSimulated() => 'the start needs '.Show::number($duty->share($breaker), 2).
                    ' times what its thermal release carries',
                    ! $thermal => 'thermal release may trip after '.Show::number($breaker->thermalTrip($start->number()), 3).
                    ' s; the start takes '.$duty->inrush->shownTime(),
                    ! $allowed => 'above the maximum marked on the starter',
                    default => 'magnetic release does not trip up to '.$edge.' A',
                },
            );
        }
        $maximum = $duty->markedMaximum();
        $refusal = $this->refusal($scpd, $duty, $needed, $rms);
        if ($refusal !== null || $chosen === null) {
            return new ScpdChoice(
                $ladder,
                maximum: $maximum,
                findings: array_filter([$refusal ?? $duty->markingStops($needed)]),
                explained: true,
                certain: true,
            );
        }

        return new ScpdChoice(
            $ladder,
            $this->figure($chosen, $duty, $rms),
            maximum: $maximum,
            findings: $this->breaks($duty, $chosen),
            explained: true,
            certain: true,
        );
    }

    /** @param  float|null  $needed  smallest rating that carries the start, A */
    private function refusal(Scpd $scpd, DeviceDuty $duty, ?float $needed, float $rms): ?FindingBuilder
    {
        $voltage = $duty->circuit->number('supply.voltage');
        if ($voltage !== null && $voltage->number() > $this->table->largestVoltage()) {
            return Finding::stop(GuardFinding::BreakerVoltage)
                ->title('Not for this voltage')
                ->because(
                    'Miniature circuit-breakers are rated up to '.Show::quantity($this->table->largestVoltage(), Unit::Volt).
                    '; the supply is '.$voltage->shown().'.',
                )
                ->do('Choose a gG fuse, or a circuit-breaker to IEC 60947-2 from its manufacturer’s data.')
                ->source($this->table->cited())
                ->on(GuardFigure::ScpdRating);
        }
        $type = BreakerTable::type($scpd);

        return $needed !== null
            ? null
            : Finding::stop(GuardFinding::NoBreakerCarriesStart)
                ->title('No type '.$type.' circuit-breaker carries this start')
                ->because(
                    'No rating up to 125 A holds a first peak of '.$duty->inrush->peak->shown().' ('.Show::number($rms, 3).' A rms) and '.
                    $duty->inrush->current->shown().' for '.$duty->inrush->shownTime().'.',
                )
                ->do('Choose a type with a higher magnetic release, a gG fuse, or a circuit-breaker to IEC 60947-2.')
                ->source($this->table->cited())
                ->on(StartFigure::PeakFirstHalfCycle);
    }

    /** @return list<FindingBuilder> */
    private function breaks(DeviceDuty $duty, MiniatureBreaker $chosen): array
    {
        $fault = $duty->prospective;
        if ($fault === null || $fault->number() <= $chosen->largestBreakingCapacity()) {
            return [];
        }

        return [
            Finding::stop(GuardFinding::BreakingCapacity)
                ->title('Breaking capacity too low')
                ->because(
                    'Prospective short-circuit current '.$fault->shown().'; miniature circuit-breakers break at most '.
                    Show::quantity($chosen->largestBreakingCapacity(), Unit::Ampere).'.',
                )
                ->do('Choose a gG fuse, or a circuit-breaker to IEC 60947-2.')
                ->source($this->table->cited())
                ->on(GuardFigure::ProspectiveCurrent),
        ];
    }

    private function figure(MiniatureBreaker $chosen, DeviceDuty $duty, float $rms): Figure
    {
        $start = $duty->inrush->current;
        $type = BreakerTable::type($chosen->scpd());
        $rating = Show::number($chosen->rating());

        return Figure::work(GuardFigure::ScpdRating)
            ->labelled('MCB type '.$type)
            ->from(peak: $duty->inrush->peak, t: $duty->inrush->time, I: $duty->design, start: $start)
            ->as(
                'lower magnetic limit · In ≥ peak / √2',
                Show::number($chosen->magneticEdge() / $chosen->rating()).
                    ' × '.
                    $rating.
                    ' A = '.
                    Show::number($chosen->magneticEdge()).
                    ' A against {peak} ÷ √2 = '.
                    Show::number($rms, 4).
                    ' A; thermal '.
                    ($duty->isSimulated()
                        ? Show::number(100 * $duty->share($chosen), 2).' % used up by the start'
                        : Show::number($chosen->thermalTrip($start->number()), 3).' s against {t}'),
            )
            ->equals($chosen->rating())
            ->source($this->table->cited())
            ->assuming('typical thermal curve of '.Show::number($this->table->thermalTime()).' s ÷ (I/In)²')
            ->doubted($this->table->doubt($chosen->rating()))
            ->make();
    }
}
