<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\StartFigures;
use Override;

/** Direct on line: one contactor, the whole current, the whole torque. */
final readonly class Direct extends ThreeLeads
{
    #[Override]
    public function name(): MethodName
    {
        return MethodName::Direct;
    }

    #[Override]
    public function drawing(): StarterDrawing
    {
        return StarterDrawing::Contactor;
    }

    #[Override]
    public function settings(): array
    {
        return [];
    }

    #[Override]
    public function plan(StartSetup $setup): Plan
    {
        return new StagedPlan(Stage::full($setup->feed($this->leads()), $setup->motor->ratedVolts()));
    }

    #[Override]
    public function lineCurrent(StartFigures $figures): ?Figure
    {
        return $figures->lockedRotorCurrent;
    }

    #[Override]
    public function torque(StartFigures $figures): ?Figure
    {
        return $figures->lockedRotorTorque;
    }

    #[Override]
    public function windingShare(StartFigures $figures): float
    {
        return 1.0;
    }

    #[Override]
    public function takesAll(): bool
    {
        return true;
    }

    #[Override]
    public function terminalShare(): float
    {
        return 1.0;
    }

    #[Override]
    public function stageWord(Words $words): string
    {
        return 'direct-on-line';
    }

    #[Override]
    public function sequence(float $stage, float $end): array
    {
        return [['Line contactor', 0.0, $end]];
    }

    #[Override]
    public function changesOver(): bool
    {
        return false;
    }

    #[Override]
    public function inrush(StartFigures $figures, ?Figure $stageTime, ?Figure $runUpTime): ?Inrush
    {
        $current = $figures->lockedRotorCurrent;

        return $current === null || $figures->peak === null || $stageTime === null
            ? null
            : new Inrush($current, $stageTime, $current, true, $figures->peak);
    }

    #[Override]
    public function contactors(): array
    {
        return [new Contactor(ContactorRole::Line, 1.0, 'I', '{I}')];
    }

    #[Override]
    public function capacitor(): CapacitorLimits
    {
        return new CapacitorLimits(true, '', false);
    }

    #[Override]
    public function parts(Words $words): array
    {
        return ['overload relay', 'three leads'];
    }

    #[Override]
    public function sentence(StartFigures $figures, Words $words, bool $refused): string
    {
        return self::onLine($figures);
    }

    /** The sentence of a start at full voltage. */
    public static function onLine(StartFigures $figures): string
    {
        return 'Direct-on-line: '.$figures->lockedRotorCurrent?->shown(3).' at standstill, first peak '.($figures->peak?->shown(3) ?? '').
            '.';
    }
}
