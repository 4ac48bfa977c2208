<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Words;
use BraveAnvil\Tables\Practice\Practice;

/** Reads the plate: connection on this supply, poles and slip, rated torque, missing values, cross-checks. */
final readonly class PlateStation
{
    /** @param  bool  $metricFrames  whether a bare frame number, such as 56, is the shaft height in mm */
    public function __construct(
        private Words $words,
        private TerminalMarks $terminals,
        private WireRules $wires,
        private LockedRotorRules $rules,
        private bool $metricFrames,
        private Practice $practice,
    ) {
    }

    public function solve(Circuit $circuit, Ledger $ledger): Motor
    {
        $kind = PlateKind::solve($circuit, $this->words, $ledger);
        $frequency = RatedFrequency::solve($circuit, $ledger);
        [$supplyVoltage, $supplied] = Connection::solve($circuit, $kind, $frequency, $this->terminals, $ledger);
        [$current, $refused] = RatedCurrent::solve($circuit, $supplied, $this->practice->typicalSinglePhase(), $ledger);
        $turning = RatedSpeed::solve($circuit, $frequency, $ledger);
        $onePhase = $kind === MotorKind::SinglePhase || $circuit->phases() === 1;
        $rated = (new RatedPower($this->practice, $onePhase))->solve($circuit, $supplied, $current, $turning, $frequency, $ledger);
        $turning = $turning->withSlip($rated->efficiency, $ledger);
        $torque = $turning->torque($rated->output, $ledger);
        $motor = new Motor(
            $kind, $supplyVoltage, $frequency, $supplied, $current, $refused, $turning->poles, $turning->synchronousSpeed,
            $turning->speed, $turning->slip, $rated->output, $rated->efficiency, $rated->powerFactor, $torque,
            onePhase: $onePhase,
            wires: $circuit->phases() === 1 && $supplyVoltage !== null ? $this->wires->wires($circuit, $supplyVoltage->number()) : null,
        );
        $table = $this->rules->lockedRotor($circuit, $motor)?->number();
        $motor = $motor->with((new MachineOfPlate($this->practice))->fitted($circuit, $motor, $table));
        $serviceFactorAmps = (new PlateChecks($this->practice))->solve($circuit, $motor, $ledger);
        $ledger->explain((new Meanings($this->words, $this->metricFrames, $this->practice))->of($circuit, $motor, $serviceFactorAmps));
        $ledger->say(Station::Plate, $this->sentence($motor));

        return $motor;
    }

    private function sentence(Motor $motor): string
    {
        $connection = $motor->connection();
        if ($connection === null || $motor->supplyVoltage === null) {
            return 'Enter the nameplate. The connection follows from the nameplate and supply voltages.';
        }
        $supply = $motor->supplyVoltage->shown();
        if ($connection === WindingConnection::None) {
            return 'This motor has no connection for a '.$supply.' supply.';
        }
        $how = match ($connection) {
            WindingConnection::Delta => 'connect in delta', WindingConnection::Star => 'connect in '.$this->words->star,
            WindingConnection::Parallel => 'connect the windings in parallel (low voltage)',
            WindingConnection::Series => 'connect the windings in series (high voltage)',
            WindingConnection::Single => 'one voltage on the nameplate; connect as the nameplate diagram shows',
        };

        return $supply.' supply: '.$how.'.'.($motor->poles === null ? '' : ' '.Show::number($motor->poles->number()).' poles'.
            ($motor->slip === null ? '.' : ', '.$motor->slip->shown(3).' slip.'));
    }
}
