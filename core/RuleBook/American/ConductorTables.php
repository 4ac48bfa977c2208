<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\American;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Solution\Correction;

/** What an American book's tables say of conductors in raceway. A size or a temperature that a table has not answers null. */
interface ConductorTables
{
    /** @return list<string> sizes for which all of this is known, smallest first */
    public function sizes(): array;

    /** Ampacity of one conductor, A, by the column of a temperature. */
    public function ampacity(Metal $metal, string $size, int $celsius): ?float;

    /** Why memory is not sure of that ampacity, or null. */
    public function ampacityDoubt(Metal $metal, string $size, int $celsius): ?string;

    public function ampacityCorrection(Metal $metal, string $size, int $celsius): ?Correction;

    /** Factor of the ambient on the column of a temperature; null where such a conductor may not be used. */
    public function ambientFactor(float $ambient, int $celsius): ?float;

    /** Factor of the number of current-carrying conductors in one raceway. */
    public function countFactor(int $conductors): float;

    /** Ω/km at operating temperature. */
    public function resistance(Metal $metal, string $size, RacewayMaterial $raceway): ?float;

    /** Ω/km */
    public function reactance(string $size, RacewayMaterial $raceway): ?float;

    /** mm² */
    public function area(string $size): ?float;

    /** What to print beside an ampacity. */
    public function ampacitySource(): string;

    public function impedanceSource(): string;
}
