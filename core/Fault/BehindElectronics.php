<?php

declare(strict_types=1);

namespace BraveAnvil\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\Ledger;

/** An earth fault behind a drive: the fuse before it does not see it, so that nothing here says how it is cleared. */
final readonly class BehindElectronics
{
    private const SOURCE = 'IEC 61800-5-1, NEC 430.130 (from memory)';

    public function __construct(private Words $words)
    {
    }

    public function tell(Circuit $circuit, Ledger $ledger): void
    {
        $by = 'by the drive, as its manufacturer says';
        $ledger->curve(new FaultCurve('Earth fault at the motor', [
            new FaultRow('It is cleared in time', null, null, FaultVerdict::NotChecked, $by),
            new FaultRow('The conductors bear it', null, null, FaultVerdict::NotChecked, $by),
        ]));
        $ledger->note(FaultFinding::ByDrive)->title('The drive ends an earth fault at the motor')
            ->because('Behind a drive the protective device does not see an '.$this->words->earth.' fault as a short circuit: '.
                'the drive switches off, as its manufacturer says. That is not checked.')
            ->do('Read in its manual which faults it ends, how soon, and which device it wants before it.')->source(self::SOURCE)
            ->about('starter.method');
        if ($circuit->chosen('supply.earthing', Earthing::class) !== Earthing::It) {
            return;
        }
        (new UnearthedNotes($this->words))->unearthed($ledger);
        $ledger->caution(FaultFinding::FiltersToEarth)->title('A drive’s filters on a supply that is not earthed')
            ->because('Filter and suppressors of a drive join the lines to '.$this->words->earth.
                ': with one fault they stand at full voltage, and they keep an insulation monitor from measuring.')
            ->do('Take a drive that is made for such a supply, or open its filter links as its manual says, before it is switched on.')
            ->source(self::SOURCE)->about('supply.earthing');
    }
}
