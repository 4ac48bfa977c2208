<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Stations\Guard\Device;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\DeviceRules;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\Rung;
use BraveAnvil\Stations\Guard\ScpdChoice;
use BraveAnvil\Stations\Guard\SpecialUse;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Tables\Practice\GuardPractice;

/** A percentage of full-load current, then a standard rating; more only where somebody says what did not start. */
final readonly class Devices implements DeviceRules
{
    private const TOLERANCE = 1e-6;

    public function __construct(private DevicePercents $percents, private GuardPractice $practice, private DeviceLimits $limits)
    {
    }

    public function usual(): Scpd
    {
        return Scpd::BreakerInverseTime;
    }

    public function known(): array
    {
        return $this->percents->known();
    }

    /** No standard curve tells what a device of this world clears. */
    public function device(Scpd $scpd, float $rating, float $dial): ?Device
    {
        return null;
    }

    public function band(Scpd $scpd, float $rating, float $dial): ?Band
    {
        return $this->limits->band($scpd, $rating);
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        if ($scpd->isInstantaneous()) {
            return (new InstantaneousTrip($this->percents, $this->practice))->choose($scpd, $duty);
        }
        $percent = $this->percents->percent($scpd, $duty);
        $amperes = ($percent->value / 100) * $duty->design->number();
        $floor = $this->percents->always();
        $limit = Figure::work(GuardFigure::ScpdLimit)
            ->from(p: $percent, I: $duty->design)
            ->as('percentage · '.$this->percents->current(), '{p} % × {I}'.
                ($floor === null || $amperes >= $floor ? '' : '; every motor may have '.Show::number($floor).' A'))
            ->equals($amperes)
            ->by($percent)
            ->doubted(null)
            ->make();
        $ratings = $this->percents->ratings($scpd, $duty->circuit);
        $free = $this->permitted($ratings, $limit->number());
        $maximum = self::marked($ratings, $free, $duty->marked());
        $byMarking = $maximum !== $free;
        $source = $byMarking ? 'the maximum marked on the starter, '.($duty->marked()?->shown() ?? '') : $this->percents->ratingSource();
        $exception = new StartException($this->percents, $scpd, $ratings, $maximum, $duty);
        $ladder = $this->ladder($scpd, $ratings, $maximum, $exception, $duty);
        // Below the motor's own current no device can stand in this circuit, whatever the starter is marked for.
        $stop = $maximum === null || $maximum < $duty->design->number() ? $duty->markingStops($this->smallest($ratings, $duty)) : null;
        if ($maximum === null || $stop !== null) {
            return new ScpdChoice(
                $ladder,
                limit: $limit,
                maximum: $stop === null ? null : $duty->markedMaximum(),
                findings: array_filter([$stop]),
                explained: $stop !== null,
            );
        }
        $rating = $exception->rating() ?? $maximum;
        $chosen = Figure::work(GuardFigure::ScpdRating)
            ->labelled($scpd->label($duty->words))
            ->from(limit: $limit)
            ->as($this->step(), $this->found($limit->number()))
            ->equals($rating)
            ->source($source)
            ->doubted($this->percents->ratingDoubt($rating));
        if ($rating !== $maximum) {
            $chosen
                ->from(limit: $limit, ceiling: $exception->limit())
                ->as('one standard rating more', 'one standard rating above '.Show::number($maximum).' A, not above {ceiling}')
                ->source($this->percents->exceptionSource());
        }

        return new ScpdChoice(
            $ladder,
            $chosen->make(),
            $limit,
            Figure::work(GuardFigure::ScpdMaximumRating)
                ->from(limit: $limit)
                ->as($this->step(), $byMarking ? 'largest standard rating up to the marking' : $this->found($limit->number()))
                ->equals($maximum)
                ->source($source)
                ->make(),
            [...$this->mayTrip($scpd, $rating, $exception, $duty), ...$exception->findings()],
            exceptionLimit: $exception->limit(),
            exceptionRating: $exception->ceilingRating(),
            allowed: $exception->isOpen() ? $exception->ceilingRating() : null,
        );
    }

    /** How a rating stands to the limit, `{limit}` for it. */
    private function found(float $limit): string
    {
        $floor = $this->percents->always();

        return $floor !== null && $limit < $floor ? Show::number($floor).' A, which every motor may have' : '{limit}, '.$this->step();
    }

    private function step(): string
    {
        return $this->percents->roundsUp() ? 'next standard rating' : 'standard rating at or below';
    }

    /** @return list<FindingBuilder> */
    private function mayTrip(Scpd $scpd, float $rating, StartException $exception, DeviceDuty $duty): array
    {
        if ($this->carries($scpd, $rating, $duty)) {
            return [];
        }
        $limit = $exception->limit();

        return [
            Finding::caution(GuardFinding::ScpdMayTripOnStart)
                ->title('The device may not carry the start')
                ->because(
                    'By rule of thumb '.Show::one(Show::number($rating)).' A '.Show::inside($scpd->label($duty->words)).' may not carry '.
                    $duty->inrush->moment->shown().' of locked-rotor current. If the motor does not start with it, the code allows up to '.
                        Show::number(100 * $limit->number() / $duty->design->number()).' %, '.$limit->shown().'.',
                )
                ->do('Try this rating first. If the motor will not start with it, enter the evidence to use the exception.')
                ->source($this->percents->exceptionSource().'; rule of thumb: common practice')
                ->on(GuardFigure::ScpdRating, StartFigure::LockedRotorCurrent)
                ->about('guard.start_exception.evidence'),
        ];
    }

    /**
     * @param  list<float>  $ratings
     * @return float|null smallest rating from the motor's current up, A
     */
    private function smallest(array $ratings, DeviceDuty $duty): ?float
    {
        foreach ($ratings as $rating) {
            if ($rating >= $duty->design->number() * (1 - self::TOLERANCE)) {
                return $rating;
            }
        }

        return null;
    }

    /**
     * @param  list<float>  $ratings
     * @return float|null largest rating without exception, A
     */
    private function permitted(array $ratings, float $limit): ?float
    {
        if ($this->percents->roundsUp()) {
            foreach ($ratings as $rating) {
                if ($rating >= $limit * (1 - self::TOLERANCE)) {
                    return $rating;
                }
            }

            return null;
        }
        $below = array_filter($ratings, static fn (float $rating): bool => $rating <= $limit * (1 + self::TOLERANCE));

        $largest = max([$this->percents->always() ?? 0.0, ...$below]);

        return $largest > 0 ? $largest : null;
    }

    /** @param  list<float>  $ratings */
    private static function marked(array $ratings, ?float $permitted, ?Figure $marked): ?float
    {
        if ($permitted === null || $marked === null || $marked->number() >= $permitted) {
            return $permitted;
        }
        $below = array_filter($ratings, static fn (float $rating): bool => $rating <= $marked->number() * (1 + self::TOLERANCE));

        return $below === [] ? null : max($below);
    }

    /**
     * @param  list<float>  $ratings
     * @return list<Rung>
     */
    private function ladder(Scpd $scpd, array $ratings, ?float $maximum, StartException $exception, DeviceDuty $duty): array
    {
        $raised = $exception->isOpen() ? $exception->ceilingRating()?->number() : null;
        $ladder = [];
        foreach ($ratings as $rating) {
            $far = $rating < 0.9 * $duty->design->number() || ($maximum !== null && $rating > 1.7 * $maximum);
            if ($far && ! $duty->isInstalled($rating)) {
                continue;
            }
            $plain = $maximum !== null && $rating <= $maximum;
            $allowed = $plain || ($raised !== null && $rating <= $raised);
            $carries = $this->carries($scpd, $rating, $duty);
            $ladder[] = new Rung(
                $rating,
                $carries,
                $allowed,
                match (true) {
                    ! $duty->markedAllows($rating) => 'above the maximum marked on the starter',
                    ! $allowed => 'above the limit (exception only)',
                    ! $plain => 'allowed by the starting exception',
                    $rating < $duty->design->number() => 'below the motor current',
                    ! $carries => 'may trip on the start',
                    $rating === $maximum => 'largest rating the code allows',
                    default => 'allowed, smaller than necessary',
                },
            );
        }

        return $ladder;
    }

    /** By rule of thumb, common practice: no standard curve tells it. */
    private function carries(Scpd $scpd, float $rating, DeviceDuty $duty): bool
    {
        $lockedRotor = $duty->inrush->moment->number();

        $peak = $this->practice->peakFactor() * $lockedRotor;

        return match ($scpd) {
            Scpd::FuseNonTimeDelay => true,
            Scpd::FuseDualElement => $lockedRotor <= $this->practice->dualElementCarriesTimes() * $rating,
            Scpd::BreakerInverseTime, Scpd::BreakerInstantaneous,
            Scpd::MotorBreaker => $peak <= $this->practice->inverseTimeCarriesPeakTimes() * $rating,
            default => throw Defect::noEntry('devices', $scpd->value),
        };
    }

    public function notes(Scpd $scpd, Circuit $circuit): array
    {
        return [
            ...$this->percents->notes($scpd, $circuit),
            ...SpecialUse::of($circuit, $this->percents->firePumps(), $this->percents->hoists()),
        ];
    }
}
