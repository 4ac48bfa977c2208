<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\RuleBook\TableName;
use BraveAnvil\RuleBook\Tables;

/** IEC 60364-5-52: ampacities by reference method, ambient and grouping factors, resistivity. */
final readonly class IecConductorTables
{
    /** Methods whose cables hang in free air. */
    private const FREE_AIR = ['E', 'F'];

    public function __construct(private Tables $tables)
    {
    }

    /**
     * The ampacity table of copper cables.
     *
     * @param  string  $method  reference method
     * @param  bool  $pvc  PVC insulation, else XLPE
     */
    public function ampacities(string $method, bool $pvc): Table
    {
        return $this->tables->named(match (true) {
            in_array($method, self::FREE_AIR, true) => $pvc ? TableName::IecAmpacityAirPvcCopper : TableName::IecAmpacityAirXlpeCopper,
            default => $pvc ? TableName::IecAmpacityPvcCopper : TableName::IecAmpacityXlpeCopper,
        });
    }

    /** The column of a method in its ampacity table, or null. */
    public static function column(Table $ampacities, string $method): ?string
    {
        $at = array_search($method, $ampacities->list('columns'), true);

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
        $table = $this->ambient();
        foreach ($table->keys('rows') as $row) {
            if ((float) $row >= $celsius) {
                return $table->number('rows', $row, $pvc ? '0' : '1');
            }
        }

        return null;
    }

    /**
     * Null beyond the table.
     *
     * @param  'bunched'|'wall'|'ceiling'|'perforated'|'ladder'  $arrangement
     */
    public function groupFactor(string $arrangement, int $circuits): ?float
    {
        $table = $this->grouping();
        foreach ($table->numbers('circuits') as $i => $number) {
            if ($number >= $circuits) {
                return $table->number($arrangement, (string) $i);
            }
        }

        return null;
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
