<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Start\Motion\DrivePlan;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\StartFigures;
use BraveAnvil\Stations\Start\StartFinding;
use Override;

/** A frequency drive: no inrush, torque along a ramp; what it takes from the line is its own, not the motor's. */
final readonly class Drive extends ThreeLeads
{
    public function __construct(private StarterSettings $settings)
    {
    }

    #[Override]
    public function name(): MethodName
    {
        return MethodName::Drive;
    }

    #[Override]
    public function drawing(): StarterDrawing
    {
        return StarterDrawing::Converter;
    }

    #[Override]
    public function settings(): array
    {
        return ['starter.drive_input_current', 'starter.ramp_time'];
    }

    #[Override]
    public function wants(Circuit $circuit): ?string
    {
        $known = $this->settings->driveInput() !== null || $circuit->bad('starter.drive_input_current');

        return $known ? null : 'starter.drive_input_current';
    }

    #[Override]
    public function plan(StartSetup $setup): Plan
    {
        return new DrivePlan(
            Stage::full($setup->feed($this->leads()), $setup->motor->ratedVolts()), $setup->driveInput, $setup->ratedTorque,
            $setup->driveTorque * $setup->ratedTorque, $this->settings->rampTime()->number(), $setup->ratedCurrent, $setup->ratedSpeed,
        );
    }

    #[Override]
    public function lineCurrent(StartFigures $figures): ?Figure
    {
        return $this->settings->driveInput();
    }

    #[Override]
    public function torque(StartFigures $figures): ?Figure
    {
        return null;
    }

    #[Override]
    public function windingShare(StartFigures $figures): float
    {
        return 0.0;
    }

    #[Override]
    public function raisesSlowly(): bool
    {
        return true;
    }

    #[Override]
    public function stageWord(Words $words): string
    {
        return 'on the drive';
    }

    #[Override]
    public function sequence(float $stage, float $end): array
    {
        return [['Line contactor', 0.0, $end]];
    }

    #[Override]
    public function isolates(): bool
    {
        return true;
    }

    #[Override]
    public function ownInput(): ?Figure
    {
        return $this->settings->driveInput();
    }

    #[Override]
    public function changesOver(): bool
    {
        return false;
    }

    #[Override]
    public function inrush(StartFigures $figures, ?Figure $stageTime, ?Figure $runUpTime): ?Inrush
    {
        $line = $this->settings->driveInput();

        return $line === null || $stageTime === null
            ? null
            : new Inrush($line, $stageTime, $line, true, Figure::step('Peak', sqrt(2) * $line->number(), Unit::Ampere, I: $line));
    }

    #[Override]
    public function contactors(): array
    {
        return [new Contactor(ContactorRole::Line, 1.0, 'I', '{I}')];
    }

    #[Override]
    public function capacitor(): CapacitorLimits
    {
        return new CapacitorLimits(
            false, 'On the output of a drive a capacitor destroys the drive.', false,
            'Fit none there. The supply sees the rectifier of the drive: measure its true and displacement power factor first.',
        );
    }

    #[Override]
    public function parts(Words $words): array
    {
        return ['variable-speed drive', 'line choke or filter', 'screened motor cable', 'overload protection in the drive'];
    }

    #[Override]
    public function cautions(StartFigures $figures, Words $words, TerminalMarks $marks): array
    {
        return [
            Finding::note(StartFinding::DriveHarmonics)
                ->title('Effects of the drive')
                ->because(
                    'Its line current is distorted (mainly 5th and 7th harmonic): use a true-rms clamp meter. Long motor cables cause '.
                    'overvoltage at the motor, the motor cools less at low speed, and currents may flow through its bearings.',
                )
                ->do('Follow the drive manual for choke, cable length and screening. Never test insulation through the drive.')
                ->source(HowKnown::CommonPractice),
        ];
    }

    #[Override]
    public function sentence(StartFigures $figures, Words $words, bool $refused): string
    {
        $input = $this->settings->driveInput();

        return 'The drive runs it up on its ramp'.($input === null ? '.' : '; '.$input->shown(3).' from the line at full load.');
    }
}
