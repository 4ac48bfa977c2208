<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Stations\Fault\GroundRules;
use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** Resistance, reactance and area of American sizes. NEC Chapter 9 Tables 8 and 9; the CE Code’s own are not remembered. */
final readonly class Impedances implements GroundRules
{
    /** A·√s/mm² of copper and aluminium. */
    private const SOFT = [105.0, 70.0];

    private const HARD = [143.0, 94.0];

    private Table $impedance;

    private Table $properties;

    public function __construct(Tables $tables)
    {
        $this->impedance = $tables->named(TableName::NecConductorImpedance);
        $this->properties = $tables->named(TableName::NecConductorProperties);
    }

    /** @return list<string> */
    public function sizes(): array
    {
        return $this->impedance->keys();
    }

    /** @return list<string> every size whose area is known, smallest first */
    public function allSizes(): array
    {
        return $this->properties->keys();
    }

    /** Ω/km by Table 9, and never below the direct-current value of Table 8; null where a table has a blank. */
    public function resistance(Metal $metal, string $size, RacewayMaterial $raceway): ?float
    {
        $copper = $metal === Metal::Copper;
        $ohm = $this->impedance->number($size, ($copper ? 'r_cu_' : 'r_al_').self::column($raceway));
        $direct = $this->properties->number($size, $copper ? 'dc_cu_uncoated_ohm_per_km' : 'dc_al_ohm_per_km');

        return $ohm === null ? null : max($ohm, $direct ?? 0.0);
    }

    /** Ω/km, or null where the table has a blank. */
    public function reactance(string $size, RacewayMaterial $raceway): ?float
    {
        return $this->impedance->number($size, $raceway->isSteel() ? 'xl_steel' : 'xl_pvc_al');
    }

    /** mm², or null where the table has a blank. */
    public function area(string $size): ?float
    {
        return $this->properties->number($size, 'mm2');
    }

    /** @return list<EntryCorrection|null> entries of the site’s own behind resistance and reactance */
    public function corrections(Metal $metal, string $size, RacewayMaterial $raceway): array
    {
        $copper = $metal === Metal::Copper;

        return [
            ...$this->impedance->isCorrected() ? [
                $this->impedance->correction($size, ($copper ? 'r_cu_' : 'r_al_').self::column($raceway)),
                $this->impedance->correction($size, $raceway->isSteel() ? 'xl_steel' : 'xl_pvc_al'),
            ] : [],
            ...$this->properties->isCorrected()
                ? [$this->properties->correction($size, $copper ? 'dc_cu_uncoated_ohm_per_km' : 'dc_al_ohm_per_km')] : [],
        ];
    }

    private static function column(RacewayMaterial $raceway): string
    {
        return match ($raceway) {
            RacewayMaterial::Steel, RacewayMaterial::Emt => 'steel', RacewayMaterial::Aluminium => 'al', RacewayMaterial::Pvc => 'pvc',
        };
    }

    public function withstandFactor(?Insulation $insulation, Metal $metal): float
    {
        return ($insulation?->isThermoplastic() === true ? self::SOFT : self::HARD)[$metal === Metal::Copper ? 0 : 1];
    }

    public function impedanceSource(): string
    {
        return $this->impedance->cited();
    }
}
