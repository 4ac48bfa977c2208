<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Stations\Cable\Conductor;
use BraveAnvil\Stations\Fault\LoopRules;
use BraveAnvil\Tables\Table;

/** Disconnection times of IEC 60364-4-41 and the adiabatic equation of 60364-4-43 and 60364-5-54 (procedure I4). */
final readonly class IecLoopRules implements LoopRules
{
    /** A, up to which a circuit counts as final. */
    private const FINAL_TO_A = 32.0;

    /** V between lines of supplies whose nominal voltage to earth is 230 V. IEC 60038. */
    private const NOMINAL = [380.0, 415.0];

    private const NOMINAL_TO_EARTH = 230.0;

    /** mm² up to which factor k of PVC holds. */
    private const LARGE_MM2 = 300.0;

    public function __construct(
        private Table $times,
        private Table $factors,
        private IecConductorTables $conductors,
        private IecProtectiveConductors $protective,
    ) {
    }

    public function earthVoltage(float $lineVolts): float
    {
        return $lineVolts >= self::NOMINAL[0] && $lineVolts <= self::NOMINAL[1] ? self::NOMINAL_TO_EARTH : $lineVolts / sqrt(3);
    }

    public function timeLimit(float $earthVolts, float $rating, bool $ownElectrode): TableEntry
    {
        $system = $ownElectrode ? 'TT' : 'TN';
        if ($rating > self::FINAL_TO_A) {
            return $this->times->entry($system.'_distribution_and_other_s');
        }

        return $this->times->entry($system.'_final_s', match (true) {
            $earthVolts <= 120 * (1 + 1e-6) => '50<U0<=120',
            $earthVolts <= 230 * (1 + 1e-6) => '120<U0<=230',
            $earthVolts <= 400 * (1 + 1e-6) => '230<U0<=400',
            default => 'U0>400',
        });
    }

    public function lineFactor(Circuit $circuit, Conductor $conductor): TableEntry
    {
        return $this->factors->entry(self::metal($conductor->metal).'_'.self::insulation($circuit, $conductor->areaMm2, '70', '90'));
    }

    public function protectiveFactor(Circuit $circuit, Metal $metal, float $areaMm2): TableEntry
    {
        return $circuit->flag('cable.protective_separate') === true
            ? $this->factors->entry('pe_separate_'.self::metal($metal).'_'.self::insulation($circuit, $areaMm2, '', ''))
            : $this->factors->entry('pe_in_cable_'.self::metal($metal).'_'.self::insulation($circuit, $areaMm2, '70', '90'));
    }

    private static function metal(Metal $metal): string
    {
        return $metal === Metal::Copper ? 'cu' : 'al';
    }

    /**
     * @param  string  $pvc  temperature that the table's key names
     * @param  string  $xlpe  likewise
     */
    private static function insulation(Circuit $circuit, float $areaMm2, string $pvc, string $xlpe): string
    {
        return $circuit->chosen('cable.insulation', Insulation::class) === Insulation::Pvc
            ? 'pvc'.$pvc.($areaMm2 > self::LARGE_MM2 ? '_gt300' : '_le300')
            : 'xlpe'.$xlpe;
    }

    public function protectiveSizes(Circuit $circuit, Conductor $line, Metal $metal): array
    {
        // Of another metal it is larger by the ratio of the factors k.
        $ratio = $metal === $line->metal ? 1.0
            : $this->lineFactor($circuit, $line)->value / $this->protectiveFactor($circuit, $metal, $line->areaMm2)->value;

        return $this->protective->sizes($line->areaMm2, max(1.0, $ratio));
    }

    public function resistivity(Metal $metal): float
    {
        return $this->conductors->resistivity($metal);
    }

    public function reactance(): float
    {
        return $this->conductors->reactance();
    }

    public function source(): Source
    {
        return Standard::Iec60364_4_41->at()->and(Standard::Iec60364_4_43->at())->and(Standard::Iec60364_5_54->at());
    }
}
