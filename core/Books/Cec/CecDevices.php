<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Cec;

use BraveAnvil\Books\American\DevicePercents;
use BraveAnvil\Books\American\ExceptionCeiling;
use BraveAnvil\Books\American\SlashRating;
use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Tables\Table;

/** Percentages of Table 29, the standard rating at or below, never less than 15 A (procedure C2). */
final readonly class CecDevices implements DevicePercents
{
    /** A of full-load current up to which the first row of reduced starting holds. */
    private const SMALL_MOTOR = 30;

    /** @param  float  $smallest  A, that every motor may have */
    public function __construct(private Table $percent, private Table $ratings, private float $smallest)
    {
    }

    public function known(): array
    {
        return [Scpd::BreakerInverseTime, Scpd::FuseDualElement, Scpd::FuseNonTimeDelay, Scpd::BreakerInstantaneous];
    }

    public function current(): string
    {
        return 'I';
    }

    public function percent(Scpd $scpd, DeviceDuty $duty): TableEntry
    {
        return $this->percent->entry(
            match (true) {
                $duty->circuit->phases() === 1 => 'single_phase',
                ! $duty->reduced => 'full_voltage',
                $duty->design->number() <= self::SMALL_MOTOR * (1 + 1e-6) => 'reduced_to_30_a',
                default => 'reduced_above_30_a',
            },
            match ($scpd) {
                Scpd::FuseDualElement => 'td',
                Scpd::FuseNonTimeDelay => 'ntd',
                Scpd::BreakerInverseTime, Scpd::BreakerInstantaneous => 'inv',
                default => throw Defect::noEntry('devices', $scpd->value),
            },
        );
    }

    public function ceiling(Scpd $scpd, float $fullLoad): array
    {
        return (new ExceptionCeiling($this->percent))->of($scpd, $fullLoad);
    }

    public function ratings(Scpd $scpd, Circuit $circuit): array
    {
        return $this->ratings->numbers('ratings');
    }

    public function ratingDoubt(float $rating): ?Doubt
    {
        return $this->ratings->doubt('ratings', (string) array_search($rating, $this->ratings->numbers('ratings'), true));
    }

    public function roundsUp(): bool
    {
        return false;
    }

    public function always(): float
    {
        return $this->smallest;
    }

    public function firePumps(): string
    {
        return 'CE Code Section 32';
    }

    public function hoists(): string
    {
        return 'CE Code Section 40';
    }

    public function ratingSource(): string
    {
        return 'CE Code 28-200, Table 29: the standard rating at or below, 15 A always';
    }

    public function exceptionSource(): Source
    {
        return Standard::CeCode->at('28-200(d), 28-210');
    }

    /** By full-load current, or by the locked-rotor current where the plate tells it and that is less. */
    public function instantaneous(Scpd $scpd, DeviceDuty $duty): Figure
    {
        $full = $this->percent->entry('instantaneous', 'of_full_load');
        $locked = $this->percent->entry('instantaneous', 'of_locked_rotor');
        $byFull = $full->value / 100 * $duty->design->number();
        $stamped = $duty->lockedRotor !== null && ! $duty->lockedRotor->assumed() ? $duty->lockedRotor : null;
        $byLocked = $stamped === null ? INF : $locked->value / 100 * $stamped->number();
        $work = Figure::work(GuardFigure::ScpdLimit)->by($full);

        return $stamped !== null && $byLocked < $byFull
            ? $work->from(p: $locked, LRC: $stamped)->as('percentage · locked-rotor current', '{p} % × {LRC}, less than '.
                Show::number($full->value).' % of full-load current')->equals($byLocked)->by($locked)->make()
            : $work->from(p: $full, I: $duty->design)->as('percentage · I', '{p} % × {I}')->equals($byFull)->make();
    }

    public function instantaneousCeiling(DeviceDuty $duty): null
    {
        return null;
    }

    public function notes(Scpd $scpd, Circuit $circuit): array
    {
        return SlashRating::notes(
            $scpd, $circuit->chosen('supply.earthing', Earthing::class), Standard::CeCode->at('14-012, 10-106'),
        );
    }
}
