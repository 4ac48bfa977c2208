<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Plate\WindingConnection;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\StartFigures;
use BraveAnvil\Stations\Start\StartFinding;

/** Star-delta starting: a third of the line current and of the torque; possible only where the delta voltage fits. */
final readonly class StarDelta implements StartingMethod
{
    public function __construct(private StarterSettings $settings)
    {
    }

    public function name(): MethodName
    {
        return MethodName::StarDelta;
    }

    public function drawing(): StarterDrawing
    {
        return StarterDrawing::SixLeads;
    }

    public function leads(): int
    {
        return 6;
    }

    /** Both ends of each winding must be there, and the delta voltage must fit the supply. */
    public function fits(Circuit $circuit, Motor $motor): bool
    {
        return self::isPossible($circuit, $motor);
    }

    /** Whether this motor's ends and voltages allow it on this supply. */
    public static function isPossible(Circuit $circuit, Motor $motor): bool
    {
        if ($motor->onePhase) {
            return false;
        }
        $connection = $motor->connection();
        $leads = $circuit->number('plate.leads')?->number();
        if ($leads === 12.0 && $connection?->isForTwoVoltages() === true) {
            return true;
        }

        return $connection === WindingConnection::Delta && $leads !== 3.0 && $leads !== 9.0;
    }

    /** Refuses a starter that would burn or starve the motor. */
    public function refusal(Circuit $circuit, Motor $motor, Words $words): ?Refused
    {
        $onePhase = OnePhaseRefusal::of($this, $circuit, $motor, $words);
        $connection = $motor->connection();
        if ($onePhase !== null || $connection === null || $this->fits($circuit, $motor)) {
            return $onePhase;
        }
        $finding = Finding::stop(StartFinding::StarDeltaRefused)
            ->title(ucfirst($words->starDelta).' starting not possible')
            ->because(self::reason($circuit, $motor, $connection, $words))
            ->do(
                $connection === WindingConnection::Single
                    ? 'Enter the connection with the voltage, such as D 400, once you have seen the diagram in the terminal box.'
                    : ($connection === WindingConnection::None
                        ? 'Choose a motor for this supply, or a transformer.'
                        : 'Use another starting method, or a motor whose delta voltage equals the supply voltage.'),
            )
            ->source('winding voltage, IEC 60034-8 and NEMA MG 1')
            ->on(PlateFigure::Connection);

        return new Refused(
            $finding, ucfirst($words->starDelta).' starting is not possible with this motor.',
            self::reason($circuit, $motor, $connection, $words),
        );
    }

    private static function reason(Circuit $circuit, Motor $motor, WindingConnection $connection, Words $words): string
    {
        $leads = $circuit->number('plate.leads')?->number();
        $supply = $motor->supplyVoltage;
        if ($connection === WindingConnection::Star) {
            $low = $circuit->stamp('plate.voltage', PlateVoltage::class)?->pairs[0]['high'] ?? 0.0;
            $percent = $low > 0 && $supply !== null ? Show::number((100 * $supply->number()) / $low, 4) : '';

            return 'On '.($supply?->shown() ?? 'this supply').' this motor runs in '.$words->star.'. In delta each winding would get '.
                $percent.' % of its rated voltage and burn out.';
        }

        return match (true) {
            $connection === WindingConnection::None => 'This motor has no connection for this supply.',
            $leads === 3.0 => 'Only three leads are available; '.$words->starDelta.' needs both ends of every winding.',
            $connection->isForTwoVoltages() || $leads === 9.0 => ($leads === 9.0 ? 'A motor with nine leads'
                : 'A motor for two voltages in the ratio 2 usually has nine leads. Such a motor').' is connected inside in '.$words->star.
                ' or delta; its winding ends cannot be switched. A motor with twelve leads can be used.',
            default => 'The nameplate gives one voltage and no delta sign, so it is not known whether the windings run in delta at '.
            'that voltage.',
        };
    }

    public function settings(): array
    {
        return ['starter.changeover.by', 'starter.changeover.value', 'starter.transition', 'starter.gap'];
    }

    public function wants(Circuit $circuit): ?string
    {
        return null;
    }

    public function isolates(): bool
    {
        return false;
    }

    public function reclosing(): bool
    {
        return ! $this->settings->closed();
    }

    public function plan(StartSetup $setup): Plan
    {
        $feed = $setup->feed($this->leads());
        $volts = $setup->motor->ratedVolts();

        return new StagedPlan(
            Stage::full($feed, $volts), Stage::star($feed, $volts), $this->settings->closed() ? 0.0 : $this->settings->gap()->number(),
            $setup->changeover,
        );
    }

    public function parts(Words $words): array
    {
        return [
            ...$this->settings->closed() ? ['bridging resistors'] : [],
            'timer', 'interlock', 'overload relay', 'six leads',
        ];
    }

    public function lineCurrent(StartFigures $figures): ?Figure
    {
        return $figures->starLineCurrent;
    }

    public function torque(StartFigures $figures): ?Figure
    {
        return $figures->starTorque;
    }

    public function windingShare(StartFigures $figures): float
    {
        return 1 / sqrt(3);
    }

    public function takesAll(): bool
    {
        return false;
    }

    public function terminalShare(): float
    {
        return 1.0;
    }

    public function raisesSlowly(): bool
    {
        return false;
    }

    public function stageWord(Words $words): string
    {
        return $words->star;
    }

    public function stageTime(): StartFigure
    {
        return StartFigure::StarTime;
    }

    public function sequence(float $stage, float $end): array
    {
        $gap = $this->settings->closed() ? 0.0 : $this->settings->gap()->number();

        return [['Main contactor', 0.0, $end], ['Star contactor', 0.0, $stage], ['Delta contactor', $stage + $gap, $end]];
    }

    public function ownInput(): null
    {
        return null;
    }

    public function changesOver(): bool
    {
        return true;
    }

    /** A third in star, then the whole locked-rotor current for a moment when delta closes; the direct peak bounds the first. */
    public function inrush(StartFigures $figures, ?Figure $stageTime, ?Figure $runUpTime): ?Inrush
    {
        return Inrush::inTwoStages($figures->starLineCurrent, $figures, $stageTime, $runUpTime);
    }

    public function relaySeats(): array
    {
        return [
            new RelaySeat(RelayPlace::Delta, 1 / sqrt(3), ' ÷ √3', 'in the motor leads: protects in both connections'),
            new RelaySeat(RelayPlace::Line, 1.0, '', 'in the supply line', sqrt(3)),
        ];
    }

    public function reducesVoltage(): bool
    {
        return true;
    }

    public function contactors(): array
    {
        return [
            new Contactor(ContactorRole::Main, 1 / sqrt(3), 'I / √3', '{I} ÷ √3'),
            new Contactor(ContactorRole::Delta, 1 / sqrt(3), 'I / √3', '{I} ÷ √3'),
            new Contactor(ContactorRole::Star, 1 / 3, 'I / 3', '{I} ÷ 3'),
            ...$this->settings->closed() ? [new Contactor(ContactorRole::Transition, 0.27, '0.27 I', '0.27 × {I}')] : [],
        ];
    }

    public function capacitor(): CapacitorLimits
    {
        return new CapacitorLimits(
            false,
            'During changeover the capacitor would keep the open windings excited; reclosing out of phase gives overvoltage and a '.
            'current surge.',
            true,
        );
    }

    public function wiring(Words $words, TerminalMarks $marks): string
    {
        return 'Wire the delta contactor '.$marks->favourableDelta().' (lower peak), and interlock it mechanically and '.
            'electrically with the '.$words->star.' contactor.';
    }

    public function cautions(StartFigures $figures, Words $words, TerminalMarks $marks): array
    {
        $cautions = [];
        if ($figures->reclosingPeak !== null && $this->reclosing()) {
            $cautions[] = Finding::caution(StartFinding::ReclosingPeak)
                ->title('Changeover peak can exceed the direct-on-line peak')
                ->because(
                    'Delta closes while the rotor field is still there. Worst-case peak: '.$figures->reclosingPeak->shown(3).
                    ', above the first peak of a direct-on-line start.',
                )
                ->do($this->wiring($words, $marks))
                ->source('calculated here, an upper limit')
                ->on(StartFigure::ReclosingPeak);
        }

        return $cautions;
    }

    public function sentence(StartFigures $figures, Words $words, bool $refused): string
    {
        $name = ucfirst($words->starDelta);
        if ($refused || $figures->starLineCurrent === null) {
            return $name.' starting is not possible with this motor on this supply.';
        }

        return $name.' start: '.$figures->starLineCurrent->shown(3).' instead of '.$figures->lockedRotorCurrent?->shown(3).
            ', with one third of the torque.';
    }
}
