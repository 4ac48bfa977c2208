<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Nec;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\RuleBook\American\ConductorTables;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\RuleBook\TableName;
use BraveAnvil\RuleBook\Tables;
use BraveAnvil\Solution\Correction;

/** NEC Table 310.16 with its factors, and Chapter 9 Tables 8 and 9. */
final readonly class NecConductorTables implements ConductorTables
{
    private Table $ampacity;

    private Table $ambient;

    private Table $count;

    private Table $impedance;

    private Table $properties;

    public function __construct(Tables $tables)
    {
        $this->ampacity = $tables->named(TableName::NecAmpacity);
        $this->ambient = $tables->named(TableName::NecAmbientCorrection);
        $this->count = $tables->named(TableName::NecConductorAdjustment);
        $this->impedance = $tables->named(TableName::NecConductorImpedance);
        $this->properties = $tables->named(TableName::NecConductorProperties);
    }

    public function sizes(): array
    {
        return $this->impedance->keys();
    }

    public function ampacity(Metal $metal, string $size, int $celsius): ?float
    {
        return $this->ampacity->number($metal->value, $size, self::column($celsius));
    }

    public function ampacityDoubt(Metal $metal, string $size, int $celsius): ?string
    {
        return $this->ampacity->doubt($metal->value, $size, self::column($celsius));
    }

    public function ampacityCorrection(Metal $metal, string $size, int $celsius): ?Correction
    {
        return $this->ampacity->correction($metal->value, $size, self::column($celsius));
    }

    /** Columns of 60, 75 and 90 °C. */
    private static function column(int $celsius): string
    {
        return (string) ($celsius / 15 - 4);
    }

    public function ambientFactor(float $ambient, int $celsius): ?float
    {
        foreach ($this->ambient->keys() as $row) {
            if ($this->ambient->must($row, 'to_c') >= $ambient) {
                return $this->ambient->number($row, (string) $celsius);
            }
        }

        return null;
    }

    public function countFactor(int $conductors): float
    {
        $factor = 1.0;
        foreach ($this->count->keys() as $row) {
            if ($conductors >= $this->count->must($row, 'from')) {
                $factor = $this->count->must($row, 'percent') / 100;
            }
        }

        return $factor;
    }

    /** Table 9, and never below the direct-current value of Table 8. */
    public function resistance(Metal $metal, string $size, RacewayMaterial $raceway): ?float
    {
        $ohm = $this->impedance->number($size, match ($raceway) {
            RacewayMaterial::Steel => 'r_cu_steel', RacewayMaterial::Aluminium => 'r_cu_al', RacewayMaterial::Pvc => 'r_cu_pvc',
        });

        return $ohm === null ? null : max($ohm, $this->properties->number($size, 'dc_cu_uncoated_ohm_per_km') ?? 0.0);
    }

    public function reactance(string $size, RacewayMaterial $raceway): ?float
    {
        return $this->impedance->number($size, $raceway === RacewayMaterial::Steel ? 'xl_steel' : 'xl_pvc_al');
    }

    public function area(string $size): ?float
    {
        return $this->properties->number($size, 'mm2');
    }

    public function ampacitySource(): string
    {
        return implode('; ', [$this->ampacity->cited(), $this->ambient->source, $this->count->source, 'terminals NEC 110.14(C)']);
    }

    public function impedanceSource(): string
    {
        return $this->impedance->cited();
    }
}
