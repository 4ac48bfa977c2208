<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Physics\Machine\MotorPoint;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\StartFigures;
use Override;

/** Through a resistor or a reactor in each line, until it is shorted: the motor's voltage rises as its current falls. */
final readonly class SeriesElement extends TwoStages
{
    private function __construct(private StarterSettings $settings, private bool $resistive)
    {
    }

    public static function resistor(StarterSettings $settings): self
    {
        return new self($settings, true);
    }

    public static function reactor(StarterSettings $settings): self
    {
        return new self($settings, false);
    }

    #[Override]
    public function name(): MethodName
    {
        return $this->resistive ? MethodName::Resistor : MethodName::Reactor;
    }

    #[Override]
    public function drawing(): StarterDrawing
    {
        return $this->resistive ? StarterDrawing::Resistor : StarterDrawing::Reactor;
    }

    #[Override]
    public function settings(): array
    {
        return ['starter.tap_percent', 'starter.changeover.by', 'starter.changeover.value'];
    }

    #[Override]
    public function plan(StartSetup $setup): Plan
    {
        $feed = $setup->feed($this->leads());
        $volts = $setup->motor->ratedVolts();

        return new StagedPlan(
            Stage::full($feed, $volts), Stage::throughSeries($feed, $volts, $this->element($setup->motor->point(1.0))), 0.0,
            $setup->changeover,
        );
    }

    /**
     * With it the standstill current is the wanted share of that direct on line: both impedances add as vectors.
     *
     * @param  MotorPoint  $standstill  of the motor
     */
    public function element(MotorPoint $standstill): Impedance
    {
        $whole = ($standstill->impedance() / $this->share()) ** 2;

        return $this->resistive
            ? new Impedance(max(0.0, sqrt($whole - $standstill->reactance ** 2) - $standstill->resistance), 0.0)
            : new Impedance(0.0, max(0.0, sqrt($whole - $standstill->resistance ** 2) - $standstill->reactance));
    }

    private function share(): float
    {
        return $this->settings->seriesCurrent()->number() / 100;
    }

    #[Override]
    public function lineCurrent(StartFigures $figures): ?Figure
    {
        $direct = $figures->lockedRotorCurrent;

        return $direct === null
            ? null
            : Figure::step(
                'Line current', $this->share() * $direct->number(), Unit::Ampere, k: $this->settings->seriesCurrent(), I: $direct,
            );
    }

    #[Override]
    public function torque(StartFigures $figures): ?Figure
    {
        $direct = $figures->lockedRotorTorque;

        return $direct === null ? null : Figure::step(
            'Torque', $this->share() ** 2 * $direct->number(), Unit::NewtonMetre, k: $this->settings->seriesCurrent(), T: $direct,
        );
    }

    #[Override]
    public function windingShare(StartFigures $figures): float
    {
        return $this->share();
    }

    #[Override]
    public function stageWord(Words $words): string
    {
        return 'through the '.$this->name()->value;
    }

    #[Override]
    public function sequence(float $stage, float $end): array
    {
        return self::bypassed($stage, $end);
    }

    #[Override]
    public function contactors(): array
    {
        return [
            new Contactor(ContactorRole::Line, 1.0, 'I', '{I}'), new Contactor(ContactorRole::Bypass, 1.0, 'I', '{I}'),
        ];
    }

    #[Override]
    public function capacitor(): CapacitorLimits
    {
        return new CapacitorLimits(
            false, 'During the start the capacitor would draw its own current through the '.$this->name()->value.'.', true,
        );
    }

    #[Override]
    public function parts(Words $words): array
    {
        return [
            'three '.($this->resistive ? 'resistors rated for the heat of a start' : 'reactors'), 'timer',
            'overload relay', 'three leads',
        ];
    }

    #[Override]
    public function sentence(StartFigures $figures, Words $words, bool $refused): string
    {
        return 'Through the '.$this->name()->value.': '.($this->lineCurrent($figures)?->shown(3) ?? '').' at standstill instead of '.
            ($figures->lockedRotorCurrent?->shown(3) ?? '').'.';
    }
}
