<?php

declare(strict_types=1);

namespace BraveAnvil\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\Presence;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** What is to be said where the supply is not earthed, or through a resistor. */
final readonly class UnearthedNotes
{
    /** Share of the fault current at which an earth-fault relay is set. Common practice, no source. */
    private const RELAY_SHARE = 0.2;

    /** V that may be touched for long. IEC 60364-4-41. */
    private const TOUCH_V = 50.0;

    public function __construct(private Words $words)
    {
    }

    public function tell(Circuit $circuit, EarthSupply $supply, ?SettledPaths $settled, Ledger $ledger): void
    {
        if ($supply->earthing === Earthing::It) {
            $this->unearthed($ledger);
        }
        if ($supply->earthing === Earthing::Resistance && $settled !== null) {
            $this->resistor($circuit, $settled->atMotor->amperes, $settled->motor->protective->resistance
                + ($settled->line?->protective->resistance ?? 0.0), $ledger);
        }
    }

    public function unearthed(Ledger $ledger): void
    {
        $ledger->caution(FaultFinding::UnearthedSupply)->title('The first fault does not trip')
            ->because('An unearthed supply goes on with one '.$this->words->earth.
                ' fault: the sound lines then stand at full voltage to it, and a second fault is a short circuit. Each pole must break the full voltage between lines alone.')
            ->do('An insulation monitor must tell the first fault, and it must be found and cleared. Take cable for that voltage.')
            ->source('IEC 60364-4-41 411.6, NEC 250.21, CE Code 10-106 (from memory)')->about('supply.earthing');
    }

    /**
     * @param  float  $amperes  of the fault
     * @param  float  $protectiveOhm  of the protective conductors to the motor
     */
    public function resistor(Circuit $circuit, float $amperes, float $protectiveOhm, Ledger $ledger): void
    {
        $relay = $circuit->chosen('guard.earth_fault_relay', Presence::class);
        $setting = Show::quantity(self::RELAY_SHARE * $amperes, Unit::Ampere, 2);
        $because = 'The resistor lets only '.Show::quantity($amperes, Unit::Ampere, 3).' flow: fuse or breaker do not clear that.';
        if ($relay === Presence::Absent) {
            $ledger->stop(FaultFinding::EarthFaultRelay)->title('An earth-fault relay is wanted')->because($because)
                ->do('Fit one, set to no more than '.$setting.'.')->source('common practice, no source')->about('guard.earth_fault_relay');
        } else {
            $ledger->caution(FaultFinding::EarthFaultRelay)->title('The earth-fault relay clears it')->because($because)
                ->do('Set the relay to no more than '.$setting.', a fifth of it. The lines stand at full voltage to earth until it trips.')
                ->source('common practice, no source')->about('guard.earth_fault_relay');
        }
        $touch = $amperes * $protectiveOhm;
        if ($touch > self::TOUCH_V) {
            $ledger->caution(FaultFinding::TouchVoltage)->title('The frame may stand at a dangerous voltage')
                ->because(Show::quantity($touch, Unit::Volt, 3).' along the protective conductor during a fault, more than 50 V.')
                ->do('A larger protective conductor, or a bond at the motor.')
                ->source('IEC 60364-4-41 (from memory)')->about('supply.earthing_ohm', 'supply.earthing_ampere');
        }
    }
}
