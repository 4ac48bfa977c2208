<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\RampPlan;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\StartFigures;
use Override;

/** A voltage that electronics raise along a ramp, held back at a current limit. */
final readonly class SoftStarter extends ThreeLeads
{
    public function __construct(private StarterSettings $settings)
    {
    }

    #[Override]
    public function name(): MethodName
    {
        return MethodName::SoftStarter;
    }

    #[Override]
    public function drawing(): StarterDrawing
    {
        return StarterDrawing::Thyristors;
    }

    #[Override]
    public function settings(): array
    {
        return ['starter.current_limit', 'starter.initial_voltage', 'starter.ramp_time', 'starter.for_one_phase'];
    }

    #[Override]
    public function plan(StartSetup $setup): Plan
    {
        return new RampPlan(
            Stage::full($setup->feed($this->leads()), $setup->motor->ratedVolts()),
            $setup->ratedCurrent * $this->settings->currentLimit()->number() / 100,
            $this->settings->initialVoltage()->number() / 100,
            $this->settings->rampTime()->number(),
        );
    }

    /** The limit, or what the motor takes at full voltage where that is less. */
    #[Override]
    public function lineCurrent(StartFigures $figures): ?Figure
    {
        $direct = $figures->lockedRotorCurrent;
        $rated = $figures->ratedCurrent;

        return $direct === null || $rated === null ? null : Figure::step(
            'Line current at the limit', min($direct->number(), $rated->number() * $this->settings->currentLimit()->number() / 100),
            Unit::Ampere, limit: $this->settings->currentLimit(), I: $rated, LR: $direct,
        );
    }

    #[Override]
    public function torque(StartFigures $figures): ?Figure
    {
        $direct = $figures->lockedRotorTorque;

        return $direct === null ? null : Figure::step(
            'Torque at the limit', $this->windingShare($figures) ** 2 * $direct->number(), Unit::NewtonMetre,
            limit: $this->settings->currentLimit(), T: $direct,
        );
    }

    #[Override]
    public function windingShare(StartFigures $figures): float
    {
        $line = $this->lineCurrent($figures);

        return $line === null || $figures->lockedRotorCurrent === null ? 1.0 : $line->number() / $figures->lockedRotorCurrent->number();
    }

    #[Override]
    public function raisesSlowly(): bool
    {
        return true;
    }

    #[Override]
    public function stageWord(Words $words): string
    {
        return 'soft start';
    }

    #[Override]
    public function sequence(float $stage, float $end): array
    {
        return self::bypassed($stage, $end);
    }

    #[Override]
    public function changesOver(): bool
    {
        return false;
    }

    /** Electronics let no offset arise: the first peak is that of a steady current. */
    #[Override]
    public function inrush(StartFigures $figures, ?Figure $stageTime, ?Figure $runUpTime): ?Inrush
    {
        $line = $this->lineCurrent($figures);

        return $line === null || $stageTime === null
            ? null
            : new Inrush(
                $line, $stageTime, $line, true, Figure::step('Peak at the limit', sqrt(2) * $line->number(), Unit::Ampere, I: $line),
            );
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
        return new CapacitorLimits(false, 'On the output of a soft starter a capacitor destroys the thyristors.', true);
    }

    #[Override]
    public function parts(Words $words): array
    {
        return ['soft starter', 'overload relay', 'three leads'];
    }

    #[Override]
    public function sentence(StartFigures $figures, Words $words, bool $refused): string
    {
        return 'The soft starter limits the current to '.($this->lineCurrent($figures)?->shown(3) ?? '').' instead of '.
            ($figures->lockedRotorCurrent?->shown(3) ?? '').'.';
    }
}
