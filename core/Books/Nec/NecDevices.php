<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Nec;

use BraveAnvil\Books\American\DevicePercents;
use BraveAnvil\Books\American\ExceptionCeiling;
use BraveAnvil\Books\American\SlashRating;
use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Tables\Table;

/** Percentages of 430.52(C), the next standard rating up (procedure N2). */
final readonly class NecDevices implements DevicePercents
{
    /** Percent of full-load current that evidence allows an instantaneous trip: usual motors, and Design B of high efficiency. */
    private const INSTANTANEOUS_CEILING = ['single_phase' => 1300.0, 'squirrel_cage' => 1300.0, 'design_b_energy_efficient' => 1700.0];

    public function __construct(private Table $percent, private StandardRatings $ratings)
    {
    }

    public function known(): array
    {
        return [Scpd::BreakerInverseTime, Scpd::FuseDualElement, Scpd::FuseNonTimeDelay, Scpd::BreakerInstantaneous, Scpd::MotorBreaker];
    }

    public function current(): string
    {
        return 'FLC';
    }

    public function percent(Scpd $scpd, DeviceDuty $duty): TableEntry
    {
        return $this->percent->entry(self::row($duty), match ($scpd) {
            Scpd::FuseDualElement => 'td',
            Scpd::FuseNonTimeDelay => 'ntd',
            Scpd::BreakerInstantaneous, Scpd::MotorBreaker => 'inst',
            Scpd::BreakerInverseTime => 'inv',
            default => throw Defect::noEntry('devices', $scpd->value),
        });
    }

    /** Design B motors of high efficiency draw a larger first peak. */
    private static function row(DeviceDuty $duty): string
    {
        if ($duty->circuit->phases() === 1) {
            return 'single_phase';
        }
        $class = $duty->circuit->word('plate.efficiency_class');

        return $duty->circuit->word('plate.design_letter') === 'B' && in_array($class, ['IE2', 'IE3', 'IE4'], true)
            ? 'design_b_energy_efficient' : 'squirrel_cage';
    }

    public function ceiling(Scpd $scpd, float $fullLoad): array
    {
        return (new ExceptionCeiling($this->percent))->of($scpd, $fullLoad);
    }

    public function ratings(Scpd $scpd, Circuit $circuit): array
    {
        return $this->ratings->of($scpd, $circuit->flag('settings.ten_ampere_rating') ?? true);
    }

    public function ratingDoubt(float $rating): ?Doubt
    {
        return $this->ratings->doubt($rating);
    }

    public function roundsUp(): bool
    {
        return true;
    }

    public function always(): null
    {
        return null;
    }

    public function firePumps(): string
    {
        return 'NEC 695';
    }

    public function hoists(): string
    {
        return 'NEC 610';
    }

    public function ratingSource(): string
    {
        return 'NEC 430.52(C)(1), next standard size up of 240.6(A)';
    }

    public function exceptionSource(): string
    {
        return 'NEC 430.52(C)(1) exceptions, 430.52(C)(3)';
    }

    public function instantaneous(Scpd $scpd, DeviceDuty $duty): Figure
    {
        if ($scpd === Scpd::MotorBreaker) {
            return $this->times(self::INSTANTANEOUS_CEILING[self::row($duty)], Standard::Nec->at('430.52(C)(6)'), $duty);
        }
        $percent = $this->percent($scpd, $duty);

        return Figure::work(GuardFigure::ScpdLimit)
            ->from(p: $percent, I: $duty->design)
            ->as('percentage · FLC', '{p} % × {I}')
            ->equals($percent->value / 100 * $duty->design->number())
            ->by($percent)
            ->make();
    }

    public function instantaneousCeiling(DeviceDuty $duty): Figure
    {
        return $this->times(self::INSTANTANEOUS_CEILING[self::row($duty)], Standard::Nec->at('430.52(C)(3) exception 1'), $duty);
    }

    private function times(float $percent, Source $source, DeviceDuty $duty): Figure
    {
        return Figure::work(GuardFigure::ScpdLimit)
            ->from(I: $duty->design)
            ->as('percentage · FLC', $percent.' % × {I}')
            ->equals($percent / 100 * $duty->design->number())
            ->source($source)
            ->make();
    }

    public function notes(Scpd $scpd, Circuit $circuit): array
    {
        return SlashRating::notes($scpd, $circuit->chosen('supply.earthing', Earthing::class), Standard::Nec->at('240.85, 250.21'));
    }
}
