<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** IEC 60364-5-52: ampacities by reference method, ambient and grouping factors, resistivity. */
final readonly class IecConductorTables
{
    public function __construct(private Tables $tables)
    {
    }

    /**
     * The ampacity table of a way, which tells of all of its sizes.
     *
     * @param  bool  $pvc  PVC insulation, else XLPE
     */
    public function ampacities(Installation $way, bool $pvc, Metal $metal): Table
    {
        return $this->tables->named(match (true) {
            $metal === Metal::Aluminium => $pvc ? TableName::IecAmpacityPvcAluminium : TableName::IecAmpacityXlpeAluminium,
            $way->inFreeAir() => $pvc ? TableName::IecAmpacityAirPvcCopper : TableName::IecAmpacityAirXlpeCopper,
            default => $pvc ? TableName::IecAmpacityPvcCopper : TableName::IecAmpacityXlpeCopper,
        });
    }

    /** The column of a method in its ampacity table, or null. */
    public static function column(Table $ampacities, Installation $way): ?string
    {
        $at = array_search($way->value, $ampacities->list('columns'), true);

        return $at === false ? null : (string) $at;
    }

    /** @return list<string> standard sizes, mm², ascending */
    public function sizes(): array
    {
        return $this->tables->named(TableName::IecAmpacityXlpeCopper)->keys('rows');
    }

    /** Null beyond the table. */
    public function ambientFactor(float $celsius, bool $pvc): ?float
    {
        return self::nextRow($this->ambient(), $celsius, $pvc ? '0' : '1');
    }

    /** Null beyond the table. */
    public function soilFactor(float $celsius, bool $pvc): ?float
    {
        return self::nextRow($this->tables->named(TableName::IecAmbientGround), $celsius, $pvc ? '0' : '1');
    }

    /** Null beyond the table. */
    public function resistivityFactor(float $kelvinMetresPerWatt, Installation $way): ?float
    {
        $column = $way === Installation::D1 ? '0' : '1';

        return self::nextRow($this->tables->named(TableName::IecSoilResistivity), $kelvinMetresPerWatt, $column);
    }

    private static function nextRow(Table $table, float $value, string $column): ?float
    {
        foreach ($table->keys('rows') as $row) {
            if ((float) $row >= $value) {
                return $table->number('rows', $row, $column);
            }
        }

        return null;
    }

    /** Why memory is not sure of the factor of so many together, or null. */
    public function groupDoubt(string $arrangement, int $circuits): ?Doubt
    {
        return $this->grouping()->doubt($arrangement, $this->groupPlace($circuits) ?? '');
    }

    /** The place of so many circuits in the rows of the table; null beyond it. */
    private function groupPlace(int $circuits): ?string
    {
        foreach ($this->grouping()->numbers('circuits') as $i => $number) {
            if ($number >= $circuits) {
                return (string) $i;
            }
        }

        return null;
    }

    /**
     * Null beyond the table.
     *
     * @param  'bunched'|'wall'|'ceiling'|'perforated'|'ladder'|'D1'|'D2'  $arrangement
     */
    public function groupFactor(string $arrangement, int $circuits): ?float
    {
        $place = $this->groupPlace($circuits);

        return $place === null ? null : $this->grouping()->number($arrangement, $place);
    }

    /**
     * Entries of the site’s own among the factors.
     *
     * @param  float  $ambient  °C of the air
     * @return list<EntryCorrection>
     */
    public function factorCorrections(Installation $way, bool $pvc, float $ambient, string $arrangement, int $circuits): array
    {
        $found = [];
        if ($this->ambient()->isCorrected() && ! $way->isBuried()) {
            foreach ($this->ambient()->keys('rows') as $row) {
                if ((float) $row >= $ambient) {
                    $found[] = $this->ambient()->correction('rows', $row, $pvc ? '0' : '1');
                    break;
                }
            }
        }
        if ($this->grouping()->isCorrected()) {
            $found[] = $this->grouping()->correction($arrangement, $this->groupPlace($circuits) ?? '');
        }

        return array_values(array_filter($found));
    }

    /** @return list<EntryCorrection> entries of the site’s own behind resistance and reactance */
    public function impedanceCorrections(Metal $metal): array
    {
        return array_values(array_filter([
            $this->drop()->correction($metal === Metal::Copper ? 'rho_copper_ohm_mm2_per_m' : 'rho_aluminium_ohm_mm2_per_m'),
            $this->drop()->correction('reactance_mohm_per_m'),
        ]));
    }

    /** At operating temperature, Ω mm²/m. */
    public function resistivity(Metal $metal): float
    {
        return $this->drop()->must($metal === Metal::Copper ? 'rho_copper_ohm_mm2_per_m' : 'rho_aluminium_ohm_mm2_per_m');
    }

    /** mΩ/m, which is Ω/km. */
    public function reactance(): float
    {
        return $this->drop()->must('reactance_mohm_per_m');
    }

    public function ambientSource(): string
    {
        return $this->ambient()->source;
    }

    public function soilSource(): string
    {
        return $this->tables->named(TableName::IecAmbientGround)->source.'; '.$this->tables->named(TableName::IecSoilResistivity)->source;
    }

    public function groupingSource(): string
    {
        return $this->grouping()->source;
    }

    public function impedanceSource(): string
    {
        return $this->drop()->cited();
    }

    private function ambient(): Table
    {
        return $this->tables->named(TableName::IecAmbientAir);
    }

    private function grouping(): Table
    {
        return $this->tables->named(TableName::IecGrouping);
    }

    private function drop(): Table
    {
        return $this->tables->named(TableName::IecVoltageDrop);
    }
}
