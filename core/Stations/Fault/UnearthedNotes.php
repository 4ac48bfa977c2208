<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\Presence;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;

/** What is to be said where the supply is not earthed, or through a resistor. */
final readonly class UnearthedNotes
{
    /** Share of the fault current at which an earth-fault relay is set. Common practice. */
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
        $ledger->caution(FaultFinding::UnearthedSupply)->title('First earth fault does not trip')
            ->because('An unearthed supply keeps running with one '.$this->words->earth.
                ' fault. The other two lines are then at full line voltage to earth, and a second fault is a short circuit. Each pole '.
                'of the device must break the full line-to-line voltage alone.')
            ->do('Fit an insulation monitoring device, and find and clear the first fault without delay. Choose cable insulated for '.
                'full line voltage to earth.')
            ->source(Standard::Iec60364_4_41->at('411.6')->and(Standard::Nec->at('250.21'))->and(Standard::CeCode->at('10-106')))
            ->about('supply.earthing');
    }

    /**
     * @param  float  $amperes  of the fault
     * @param  float  $protectiveOhm  of the protective conductors to the motor
     */
    public function resistor(Circuit $circuit, float $amperes, float $protectiveOhm, Ledger $ledger): void
    {
        $relay = $circuit->chosen('guard.earth_fault_relay', Presence::class);
        $setting = Show::quantity(self::RELAY_SHARE * $amperes, Unit::Ampere, 2);
        $because = 'The resistor limits the fault to '.Show::quantity($amperes, Unit::Ampere, 3).'; the fuse or breaker does not clear it.';
        if ($relay === Presence::Absent) {
            $ledger->stop(FaultFinding::EarthFaultRelay)->title('Earth-fault relay required')->because($because)
                ->do('Fit one and set it to '.$setting.' or less.')->source(HowKnown::CommonPractice)->about('guard.earth_fault_relay');
        } else {
            $ledger->caution(FaultFinding::EarthFaultRelay)->title('Only an earth-fault relay clears this fault')->because($because)
                ->do('Make sure that the relay is set to '.$setting.' or less (one fifth). Until it trips, two lines are at full line '.
                    'voltage to earth.')
                ->source(HowKnown::CommonPractice)->about('guard.earth_fault_relay');
        }
        $touch = $amperes * $protectiveOhm;
        if ($touch > self::TOUCH_V) {
            $ledger->caution(FaultFinding::TouchVoltage)->title('Dangerous touch voltage on the motor frame')
                ->because(Show::quantity($touch, Unit::Volt, 3).' along the protective conductor during a fault; the limit is 50 V.')
                ->do('Use a larger protective conductor, or a supplementary bond at the motor.')
                ->source(Standard::Iec60364_4_41->at())->about('supply.earthing_ohm', 'supply.earthing_ampere');
        }
    }
}
