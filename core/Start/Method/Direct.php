<?php

declare(strict_types=1);

namespace BraveAnvil\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Machine\Machine;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Plate\WindingConnection;
use BraveAnvil\RuleBook\TerminalMarks;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Start\StartFigures;

/** Direct on line: one contactor, the whole current, the whole torque. */
final readonly class Direct implements StartingMethod
{
    public function name(): MethodName
    {
        return MethodName::Direct;
    }

    public function drawing(): StarterDrawing
    {
        return StarterDrawing::Contactor;
    }

    public function leads(): int
    {
        return 3;
    }

    public function fits(Circuit $circuit, Motor $motor): bool
    {
        return $motor->connection() !== null && $motor->connection() !== WindingConnection::None;
    }

    public function refusal(Circuit $circuit, Motor $motor, Words $words): null
    {
        return null;
    }

    public function codeLetterTimes(): float
    {
        return 1.0;
    }

    public function at(Machine $machine, float $slip, float $volts, WindingConnection $running): StagePoint
    {
        $at = $machine->at($slip, $volts);
        $winding = match ($running) {
            WindingConnection::Star => $at['current'],
            WindingConnection::Delta => $at['current'] / sqrt(3),
            default => null,
        };

        return new StagePoint($at['current'], $winding, $at['torque']);
    }

    public function lineCurrent(StartFigures $figures): ?Figure
    {
        return $figures->lockedRotorCurrent;
    }

    public function torque(StartFigures $figures): ?Figure
    {
        return $figures->lockedRotorTorque;
    }

    public function windingShare(): float
    {
        return 1.0;
    }

    public function takesAll(): bool
    {
        return true;
    }

    public function changesOver(): bool
    {
        return false;
    }

    public function inrush(StartFigures $figures, ?Figure $stageTime, ?Figure $runUpTime): ?Inrush
    {
        $current = $figures->lockedRotorCurrent;

        return $current === null || $figures->peak === null || $stageTime === null
            ? null
            : new Inrush($current, $stageTime, $current, true, $figures->peak);
    }

    public function relaySeats(): array
    {
        return [new RelaySeat(RelayPlace::Line, 1.0, '', 'in the incoming line')];
    }

    public function contactors(): array
    {
        return [new Contactor(ContactorRole::Line, 1.0, 'I', '{I}')];
    }

    public function capacitor(): CapacitorLimits
    {
        return new CapacitorLimits(true, '', false);
    }

    public function wiring(Words $words, TerminalMarks $marks): string
    {
        return '';
    }

    public function cautions(StartFigures $figures, Words $words, TerminalMarks $marks): array
    {
        return [];
    }

    public function sentence(StartFigures $figures, Words $words, bool $refused): string
    {
        return self::onLine($figures);
    }

    /** The sentence of a start at full voltage. */
    public static function onLine(StartFigures $figures): string
    {
        return 'Direct on line it takes '.
            $figures->lockedRotorCurrent?->shown(3).
            ' at first, '.
            ($figures->peak?->shown(3) ?? '').
            ' at the first peak.';
    }
}
