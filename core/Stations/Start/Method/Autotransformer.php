<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\StartFigures;
use Override;

/** Through the tap of an autotransformer: line current and torque fall with the square of the tap. */
final readonly class Autotransformer extends TwoStages
{
    public function __construct(private StarterSettings $settings)
    {
    }

    #[Override]
    public function reducesVoltage(): bool
    {
        return true;
    }

    #[Override]
    public function name(): MethodName
    {
        return MethodName::Autotransformer;
    }

    #[Override]
    public function drawing(): StarterDrawing
    {
        return StarterDrawing::Tapped;
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

        return new StagedPlan(Stage::full($feed, $volts), Stage::throughTap($feed, $volts, $this->tap()), 0.0, $setup->changeover);
    }

    #[Override]
    public function lineCurrent(StartFigures $figures): ?Figure
    {
        return $this->squared($figures->lockedRotorCurrent, 'Line current on the tap', Unit::Ampere);
    }

    #[Override]
    public function torque(StartFigures $figures): ?Figure
    {
        return $this->squared($figures->lockedRotorTorque, 'Torque on the tap', Unit::NewtonMetre);
    }

    private function squared(?Figure $direct, string $label, Unit $unit): ?Figure
    {
        return $direct === null
            ? null : Figure::step($label, $this->tap() ** 2 * $direct->number(), $unit, k: $this->settings->tap(), x: $direct);
    }

    private function tap(): float
    {
        return $this->settings->tap()->number() / 100;
    }

    #[Override]
    public function windingShare(StartFigures $figures): float
    {
        return $this->tap();
    }

    #[Override]
    public function terminalShare(): float
    {
        return $this->tap();
    }

    #[Override]
    public function stageWord(Words $words): string
    {
        return 'on the tap';
    }

    #[Override]
    public function sequence(float $stage, float $end): array
    {
        return [['Star-point contactor', 0.0, $stage], ['Transformer contactor', 0.0, $stage], ['Line contactor', $stage, $end]];
    }

    #[Override]
    public function contactors(): array
    {
        $k = $this->tap();

        return [
            new Contactor(ContactorRole::Line, 1.0, 'I', '{I}'),
            new Contactor(ContactorRole::Transformer, $k * $k, 'k² I', $k.'² × {I}'),
            new Contactor(ContactorRole::StarPoint, $k * (1 - $k), 'k (1 − k) I', $k.' × '.round(1 - $k, 4).' × {I}'),
        ];
    }

    #[Override]
    public function capacitor(): CapacitorLimits
    {
        return new CapacitorLimits(
            false, 'During the start the capacitor would be on the tap and resonate with the transformer winding.', true,
        );
    }

    #[Override]
    public function parts(Words $words): array
    {
        return ['autotransformer rated for the number of starts per hour', 'timer', 'overload relay', 'three leads'];
    }

    #[Override]
    public function sentence(StartFigures $figures, Words $words, bool $refused): string
    {
        return 'On the '.$this->settings->tap()->shown().' tap: '.($this->lineCurrent($figures)?->shown(3) ?? '').
            ' from the line instead of '.($figures->lockedRotorCurrent?->shown(3) ?? '').'.';
    }
}
