<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Nec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Guard\DeviceDuty;
use BraveAnvil\Guard\GuardFigure;
use BraveAnvil\Guard\GuardFinding;
use BraveAnvil\Guard\Rung;
use BraveAnvil\Guard\ScpdChoice;
use BraveAnvil\RuleBook\DeviceRules;
use BraveAnvil\RuleBook\Practice\GuardPractice;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Finding;
use BraveAnvil\Solution\Show;
use BraveAnvil\Start\StartFigure;

/** A percentage of full-load current, then the next standard rating up (procedure N2). */
final readonly class NecDevices implements DeviceRules
{
    private const TOLERANCE = 1e-6;

    /** A, up to which the larger exception ceiling of a breaker holds. */
    private const SMALL_MOTOR = 100;

    public function __construct(private Table $percent, private StandardRatings $ratings, private GuardPractice $practice)
    {
    }

    public function usual(): Scpd
    {
        return Scpd::BreakerInverseTime;
    }

    public function known(): array
    {
        return [Scpd::BreakerInverseTime, Scpd::FuseDualElement, Scpd::FuseNonTimeDelay, Scpd::BreakerInstantaneous, Scpd::MotorBreaker];
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        $name = lcfirst(self::label($scpd));
        $percent = $this->percent->entry('squirrel_cage', self::column($scpd));
        $limit = Figure::work(GuardFigure::ScpdLimit)
            ->from(p: $percent, I: $duty->design)
            ->as('percentage · FLC', '{p} % × {I}')
            ->equals(($percent->value / 100) * $duty->design->number())
            ->by($percent)
            ->doubted(null)
            ->make();
        $ratings = $this->ratings->of($scpd, $duty->circuit->flag('settings.ten_ampere_rating') ?? true);
        [$maximum, $source] = $this->permitted($ratings, $limit->number(), $duty->circuit->number('guard.marked_maximum'));
        $ladder = $this->ladder($scpd, $ratings, $maximum, $duty);
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
        $findings = $this->carries($scpd, $maximum, $duty)
            ? []
            : [
                Finding::caution(GuardFinding::ScpdMayTripOnStart)
                    ->title('The device may not carry the start')
                    ->because(
                        'By rule of thumb a '.
                            Show::number($maximum).
                            ' A '.
                            $name.
                            ' may not carry '.
                            $duty->inrush->moment->shown().
                            ' of locked-rotor current. Only if the motor will not start may it be raised, to at most '.
                            Show::number($this->ceiling($scpd, $duty->design->number())).
                            ' %, '.
                            Show::number(($this->ceiling($scpd, $duty->design->number()) / 100) * $duty->design->number()).
                            ' A.',
                    )
                    ->do('Try the start first; keep the evidence if you must go higher.')
                    ->source('NEC 430.52(C)(1) exceptions; rule of thumb is common practice, no source')
                    ->on(GuardFigure::ScpdRating, StartFigure::LockedRotorCurrent),
            ];

        return new ScpdChoice(
            $ladder,
            Figure::work(GuardFigure::ScpdRating)
                ->labelled(ucfirst($name))
                ->from(limit: $limit)
                ->as('next standard rating', '{limit}, next standard rating')
                ->equals($maximum)
                ->source($source)
                ->doubted($this->ratings->doubt($maximum))
                ->make(),
            $limit,
            Figure::work(GuardFigure::ScpdMaximumRating)
                ->from(limit: $limit)
                ->as('next standard rating', 'next of the standard list above {limit}')
                ->equals($maximum)
                ->source($source)
                ->make(),
            $findings,
        );
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
     * @param  Figure|null  $marked  on the starter, A
     * @return array{float|null, string} largest rating without exception, A, and the rule that says so
     */
    private function permitted(array $ratings, float $limit, ?Figure $marked): array
    {
        $maximum = null;
        foreach ($ratings as $rating) {
            if ($rating >= $limit * (1 - self::TOLERANCE)) {
                $maximum = $rating;
                break;
            }
        }
        if ($maximum === null || $marked === null || $marked->number() >= $maximum) {
            return [$maximum, 'NEC 430.52(C)(1), next standard size up of 240.6(A)'];
        }
        $below = array_filter($ratings, static fn (float $rating): bool => $rating <= $marked->number() * (1 + self::TOLERANCE));

        return [$below === [] ? null : max($below), 'NEC 430.52(C)(2): the maximum marked on the starter, '.$marked->shown()];
    }

    /**
     * @param  list<float>  $ratings
     * @return list<Rung>
     */
    private function ladder(Scpd $scpd, array $ratings, ?float $maximum, DeviceDuty $duty): array
    {
        $ladder = [];
        foreach ($ratings as $rating) {
            $far = $rating < 0.9 * $duty->design->number() || ($maximum !== null && $rating > 1.7 * $maximum);
            if ($far && ! $duty->isInstalled($rating)) {
                continue;
            }
            $allowed = $maximum !== null && $rating <= $maximum;
            $carries = $this->carries($scpd, $rating, $duty);
            $ladder[] = new Rung(
                $rating,
                $carries,
                $allowed,
                match (true) {
                    ! $duty->markedAllows($rating) => 'above the maximum marked on the starter',
                    ! $allowed => 'above what the rule allows without exception',
                    $rating < $duty->design->number() => 'below the motor current',
                    ! $carries => 'may trip on the start',
                    $rating === $maximum => 'largest the rule allows',
                    default => 'allowed, smaller than need be',
                },
            );
        }

        return $ladder;
    }

    /** By rule of thumb, common practice, no source: no standard curve tells it. */
    private function carries(Scpd $scpd, float $rating, DeviceDuty $duty): bool
    {
        $lockedRotor = $duty->inrush->moment->number();

        return match ($scpd) {
            Scpd::FuseNonTimeDelay => true,
            Scpd::FuseDualElement => $lockedRotor <= $this->practice->dualElementCarriesTimes() * $rating,
            default => $this->practice->peakFactor() * $lockedRotor <= $this->practice->inverseTimeCarriesPeakTimes() * $rating,
        };
    }

    /** Percent that the exceptions allow at most. */
    private function ceiling(Scpd $scpd, float $fullLoad): float
    {
        return $this->percent->must(
            'exception_ceiling',
            match ($scpd) {
                Scpd::FuseDualElement => 'td',
                Scpd::FuseNonTimeDelay => 'ntd_to_600_a',
                default => $fullLoad <= self::SMALL_MOTOR ? 'inv_to_100_a' : 'inv_above_100_a',
            },
        );
    }

    private static function column(Scpd $scpd): string
    {
        return match ($scpd) {
            Scpd::FuseDualElement => 'td',
            Scpd::FuseNonTimeDelay => 'ntd',
            default => 'inv',
        };
    }

    private static function label(Scpd $scpd): string
    {
        return match ($scpd) {
            Scpd::FuseDualElement => 'Dual-element fuse',
            Scpd::FuseNonTimeDelay => 'Non-time-delay fuse',
            default => 'Inverse-time breaker',
        };
    }

    public function notes(Scpd $scpd): array
    {
        return $scpd->isFuse()
            ? []
            : [
                Finding::note(GuardFinding::SlashRating)
                    ->title('Slash ratings want a grounded wye')
                    ->because(
                        'A breaker marked with two voltages, such as 480Y/277, may stand only where the wye point is solidly grounded. Off a delta, a corner-grounded or a high-leg supply it needs the full voltage alone.',
                    )
                    ->do('Read the voltage on the breaker against the supply.')
                    ->source('NEC 240.85 (from memory)')
                    ->on(GuardFigure::ScpdRating),
            ];
    }
}
