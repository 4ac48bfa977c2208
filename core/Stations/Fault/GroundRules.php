<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;

/** What a ground fault is worked out with where the book has no limits in numbers. */
interface GroundRules
{
    /** Ω/km at operating temperature; null where the table has a blank. */
    public function resistance(Metal $metal, string $size, RacewayMaterial $raceway): ?float;

    /** Ω/km; null where the table has a blank. */
    public function reactance(string $size, RacewayMaterial $raceway): ?float;

    /** Factor k of the adiabatic equation, A·√s/mm², of an insulation. */
    public function withstandFactor(?Insulation $insulation, Metal $metal): float;

    public function impedanceSource(): string;
}
