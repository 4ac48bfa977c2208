<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\EntryCorrection;

/** What an American book's tables say of conductors. A size, a temperature or a way that a table has not answers null. */
interface ConductorTables
{
    /** Why conductors of this metal cannot lie so, or null where there is a table. */
    public function refusal(Installation $way, Metal $metal): ?string;

    /** @return list<string> sizes for which all of this is known, smallest first */
    public function sizes(): array;

    /** Ampacity of one conductor, A, by the column of a temperature. */
    public function ampacity(Installation $way, Metal $metal, string $size, int $celsius): ?float;

    /** Why memory is not sure of that ampacity, or null. */
    public function ampacityDoubt(Installation $way, Metal $metal, string $size, int $celsius): ?Doubt;

    /**
     * @param  float  $ambient  °C
     * @return list<EntryCorrection> entries of the site’s own on which the ampacity of a size rests
     */
    public function corrections(Installation $way, Metal $metal, string $size, float $ambient, ConductorFactors $factors): array;

    /** @return list<EntryCorrection> the same of resistance and reactance */
    public function impedanceCorrections(Metal $metal, string $size, RacewayMaterial $raceway): array;

    /** Factor of the ambient on the column of a temperature; null where such a conductor may not be used. */
    public function ambientFactor(float $ambient, int $celsius): ?float;

    /** Factor of the number of current-carrying conductors together; null beyond the table. */
    public function countFactor(Installation $way, int $conductors): ?float;

    /** Ω/km at operating temperature. */
    public function resistance(Metal $metal, string $size, RacewayMaterial $raceway): ?float;

    /** Ω/km */
    public function reactance(string $size, RacewayMaterial $raceway): ?float;

    /** mm² */
    public function area(string $size): ?float;

    /** What to print beside an ampacity. */
    public function ampacitySource(Installation $way): string;

    public function impedanceSource(): string;

    /** Why conductors in the earth are not computed, or null where the tables of a raceway hold there. */
    public function buriedRefusal(): ?string;
}
