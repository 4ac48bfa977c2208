<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Practice\Practice;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Reads the plate: connection on this supply, poles and slip, rated torque, missing values, cross-checks. */
final readonly class PlateStation
{
    public function __construct(private RuleBook $book, private Practice $practice)
    {
    }

    public function solve(Circuit $circuit, Ledger $ledger): Motor
    {
        $kind = PlateKind::solve($circuit, $this->book->words(), $ledger);
        $frequency = RatedFrequency::solve($circuit, $ledger);
        [$supplyVoltage, $supplied] = Connection::solve($circuit, $kind, $frequency, $this->book->terminals(), $ledger);
        [$current, $refused] = RatedCurrent::solve($circuit, $supplied, $ledger);
        $turning = RatedSpeed::solve($circuit, $frequency, $ledger);
        $onePhase = $kind === MotorKind::SinglePhase || $circuit->phases() === 1;
        // What is typical here is typical of three phases.
        $rated = (new RatedPower($onePhase ? null : $this->practice))->solve($circuit, $supplied, $current, $turning, $frequency, $ledger);
        $turning = $turning->withSlip($rated->efficiency, $ledger);
        $torque = $turning->torque($rated->output, $ledger);
        $motor = new Motor(
            $kind, $supplyVoltage, $frequency, $supplied, $current, $refused, $turning->poles, $turning->synchronousSpeed,
            $turning->speed, $turning->slip, $rated->output, $rated->efficiency, $rated->powerFactor, $torque,
            onePhase: $onePhase,
        );
        $table = $this->book->currents()->lockedRotor($circuit, $motor)?->number();
        $motor = $motor->with((new MachineOfPlate($this->practice))->fitted($circuit, $motor, $table));
        $serviceFactorAmps = (new PlateChecks($this->practice))->solve($circuit, $motor, $ledger);
        $ledger->explain((new Meanings($this->book, $this->practice))->of($circuit, $motor, $serviceFactorAmps));
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
            WindingConnection::Delta => 'connect in delta', WindingConnection::Star => 'connect in '.$this->book->words()->star,
            WindingConnection::Parallel => 'connect the windings in parallel (low voltage)',
            WindingConnection::Series => 'connect the windings in series (high voltage)',
            default => 'one voltage on the nameplate; connect as the nameplate diagram shows',
        };

        return $supply.' supply: '.$how.'.'.($motor->poles === null ? '' : ' '.Show::number($motor->poles->number()).' poles'.
            ($motor->slip === null ? '.' : ', '.$motor->slip->shown(3).' slip.'));
    }
}
