<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Tables\Table;

/** An American book’s ampacities with their factors: both books print them in one layout. */
final readonly class AmpacityTables implements ConductorTables
{
    /**
     * @param  Table  $raceway  by metal, size and temperature
     * @param  Table|null  $freeAir  the same of single conductors in free air; null where it is not remembered
     * @param  Table  $ambient  factors by `to_c`
     * @param  float|null  $uncorrectedTo  °C up to which the ambient changes nothing; null where the table begins lower
     * @param  Table  $count  percent by `from`, of conductors in one raceway
     * @param  Table|null  $spacing  percent by `from` and `to`, of conductors in free air
     * @param  string  $terminals  rule of terminal temperatures
     * @param  string|null  $buriedRefusal  why conductors in the earth are not computed
     */
    public function __construct(
        private Table $raceway,
        private ?Table $freeAir,
        private Table $ambient,
        private ?float $uncorrectedTo,
        private Table $count,
        private ?Table $spacing,
        private Impedances $impedances,
        private string $terminals,
        private ?string $buriedRefusal,
    ) {
    }

    public function refusal(Installation $way, Metal $metal): ?string
    {
        $table = $this->table($way);
        if ($table === null) {
            return 'The free-air conductor table is not available here.';
        }

        return $table->has($metal->value) ? null : 'The free-air table for '.$metal->value.' is not available here.';
    }

    public function sizes(): array
    {
        return $this->impedances->sizes();
    }

    public function ampacity(Installation $way, Metal $metal, string $size, int $celsius): ?float
    {
        return $this->table($way)?->number($metal->value, $size, self::column($celsius));
    }

    public function ampacityDoubt(Installation $way, Metal $metal, string $size, int $celsius): ?Doubt
    {
        return $this->table($way)?->doubt($metal->value, $size, self::column($celsius));
    }

    public function corrections(
        Installation $way,
        Metal $metal,
        string $size,
        float $ambient,
        ConductorFactors $factors,
    ): array {
        $found = [];
        $table = $this->table($way);
        if ($table?->isCorrected() === true) {
            $found[] = $table->correction($metal->value, $size, self::column($factors->insulation));
            $found[] = $table->correction($metal->value, $size, self::column($factors->terminals));
        }
        if ($this->ambient->isCorrected()) {
            $row = $this->ambientRow($ambient) ?? '';
            foreach ([$factors->insulation, $factors->terminals] as $celsius) {
                $found[] = $this->ambient->correction($row, (string) $celsius);
            }
        }
        $count = $way === Installation::FreeAir ? $this->spacing : $this->count;
        if ($count?->isCorrected() === true) {
            $found[] = $count->correction($this->countRow($count, $factors->together) ?? '', 'percent');
        }

        return array_values(array_filter($found));
    }

    public function impedanceCorrections(Metal $metal, string $size, RacewayMaterial $raceway): array
    {
        return array_values(array_filter($this->impedances->corrections($metal, $size, $raceway)));
    }

    private function table(Installation $way): ?Table
    {
        return $way === Installation::Raceway ? $this->raceway : $this->freeAir;
    }

    /** Columns of 60, 75 and 90 °C. */
    private static function column(int $celsius): string
    {
        return (string) ($celsius / 15 - 4);
    }

    public function ambientFactor(float $ambient, int $celsius): ?float
    {
        if ($this->uncorrectedTo !== null && $ambient <= $this->uncorrectedTo) {
            return 1.0;
        }
        $row = $this->ambientRow($ambient);

        return $row === null ? null : $this->ambient->number($row, (string) $celsius);
    }

    private function ambientRow(float $ambient): ?string
    {
        foreach ($this->ambient->keys() as $row) {
            if ($this->ambient->must($row, 'to_c') >= $ambient) {
                return $row;
            }
        }

        return null;
    }

    public function countFactor(Installation $way, int $conductors): ?float
    {
        $table = $way === Installation::FreeAir ? $this->spacing : $this->count;
        $row = $table === null ? null : $this->countRow($table, $conductors);
        if ($table === null || $row === null) {
            return $way === Installation::FreeAir ? null : 1.0;
        }

        return $table->must($row, 'percent') / 100;
    }

    private function countRow(Table $table, int $conductors): ?string
    {
        foreach ($table->keys() as $row) {
            if ($conductors >= $table->must($row, 'from') && $conductors <= ($table->number($row, 'to') ?? INF)) {
                return $row;
            }
        }

        return null;
    }

    public function resistance(Metal $metal, string $size, RacewayMaterial $raceway): ?float
    {
        return $this->impedances->resistance($metal, $size, $raceway);
    }

    public function reactance(string $size, RacewayMaterial $raceway): ?float
    {
        return $this->impedances->reactance($size, $raceway);
    }

    public function area(string $size): ?float
    {
        return $this->impedances->area($size);
    }

    public function ampacitySource(Installation $way): string
    {
        return implode('; ', [
            $this->table($way)?->cited() ?? '', $this->ambient->source,
            ($way === Installation::FreeAir ? $this->spacing : $this->count)->source ?? '', 'terminals '.$this->terminals,
        ]);
    }

    public function impedanceSource(): string
    {
        return $this->impedances->impedanceSource();
    }

    public function buriedRefusal(): ?string
    {
        return $this->buriedRefusal;
    }
}
