<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Words;

/** An earth fault behind a drive: the fuse before it does not see it, so that nothing here says how it is cleared. */
final readonly class BehindElectronics
{
    public function __construct(private Words $words)
    {
    }

    public function tell(Circuit $circuit, Ledger $ledger): void
    {
        $by = 'by the drive (see its manual)';
        $ledger->curve(new FaultCurve('Earth fault at the motor', [
            new FaultRow('Disconnection time', null, null, FaultVerdict::NotChecked, $by),
            new FaultRow('Conductor withstand (I²t)', null, null, FaultVerdict::NotChecked, $by),
        ]));
        $ledger->note(FaultFinding::ByDrive)->title('The drive switches off an earth fault at the motor')
            ->because('With a drive the protective device does not see an '.$this->words->earth.' fault at the motor as a short circuit: '.
                'the drive switches off, as its manual says. This is not checked.')
            ->do('Read in the drive manual which faults it clears, how fast, and which supply-side device it needs.')
            ->source(self::source())
            ->about('starter.method');
        if ($circuit->chosen('supply.earthing', Earthing::class) !== Earthing::It) {
            return;
        }
        (new UnearthedNotes($this->words))->unearthed($ledger);
        $ledger->caution(FaultFinding::FiltersToEarth)->title('Drive filters on an unearthed supply')
            ->because('Filters and surge suppressors of the drive connect the lines to '.$this->words->earth.
                '. During one earth fault they are at full line voltage, and they disturb an insulation monitoring device.')
            ->do('Use a drive made for such a supply, or disconnect its filters as its manual says, before switching on.')
            ->source(self::source())->about('supply.earthing');
    }

    private static function source(): Source
    {
        return Standard::Iec61800_5_1->at()->and(Standard::Nec->at('430.130'));
    }
}
