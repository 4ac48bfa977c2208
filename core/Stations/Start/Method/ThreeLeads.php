<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Plate\WindingConnection;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\StartFigures;
use Override;

/** What holds for every starter that feeds the motor, joined as it runs, by three leads. */
abstract readonly class ThreeLeads implements StartingMethod
{
    #[Override]
    public function leads(): int
    {
        return 3;
    }

    #[Override]
    public function fits(Circuit $circuit, Motor $motor): bool
    {
        return $motor->connection() !== null && $motor->connection() !== WindingConnection::None;
    }

    #[Override]
    public function refusal(Circuit $circuit, Motor $motor, Words $words): ?Refused
    {
        return OnePhaseRefusal::of($this, $circuit, $motor, $words);
    }

    #[Override]
    public function reducesVoltage(): bool
    {
        return false;
    }

    #[Override]
    public function takesAll(): bool
    {
        return false;
    }

    #[Override]
    public function relaySeats(): array
    {
        return [new RelaySeat(RelayPlace::Line, 1.0, '', 'in the supply line')];
    }

    #[Override]
    public function wiring(Words $words, TerminalMarks $marks): string
    {
        return '';
    }

    #[Override]
    public function cautions(StartFigures $figures, Words $words, TerminalMarks $marks): array
    {
        return [];
    }

    #[Override]
    public function wants(Circuit $circuit): ?string
    {
        return null;
    }

    #[Override]
    public function terminalShare(): ?float
    {
        return null;
    }

    #[Override]
    public function raisesSlowly(): bool
    {
        return false;
    }

    #[Override]
    public function stageTime(): StartFigure
    {
        return StartFigure::ReducedTime;
    }

    #[Override]
    public function ownInput(): ?Figure
    {
        return null;
    }

    #[Override]
    public function isolates(): bool
    {
        return false;
    }

    #[Override]
    public function reclosing(): bool
    {
        return false;
    }

    /**
     * The line contactor holds from the beginning, the bypass once the stage is over.
     *
     * @param  float  $stage  s, its end
     * @param  float  $end  s, of what is shown
     * @return list<array{string, float, float}> contactor, from and to, s
     */
    protected static function bypassed(float $stage, float $end): array
    {
        return [['Line contactor', 0.0, $end], ['Bypass contactor', $stage, $end]];
    }
}
