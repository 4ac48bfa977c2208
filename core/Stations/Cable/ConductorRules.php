<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\FieldError;

/**
 * What a rule book asks of conductors, and what its tables say that they carry.
 *
 * @phpstan-import-type FieldPath from Fields
 */
interface ConductorRules
{
    /** Ampacity that each line of the run must have, all its parallel conductors together, A, before division by any factor. */
    public function required(Circuit $circuit, Demand $demand, CableRun $run): Figure|FieldError;

    /**
     * Every size it knows for the run, smallest first, with its ampacities and impedance; empty while a field waits.
     *
     * @param  Figure  $required  A, what `required` answered
     * @param  int  $sets  conductors in parallel in each line; ampacities and impedance are those of all of them
     * @return list<SizeCandidate>|FieldError the error of a field that its tables do not reach
     */
    public function candidates(Circuit $circuit, Figure $required, CableRun $run, int $sets = 1): array|FieldError;

    public function parallel(): ParallelLimits;

    /** What is assumed of the terminals where nobody typed their temperature, or null. */
    public function assumedTerminals(Circuit $circuit): ?string;

    /** @return list<FieldPath> fields of the surroundings whose default a size rests on */
    public function restsOn(Circuit $circuit): array;

    /** A conductor size as text with its unit, `16 mm²`, `1/0 AWG`. */
    public function sizeText(string $size): string;

    /** @return list<FindingBuilder> what is to be said of the conductors beside the figures */
    public function notes(Circuit $circuit, Figure $required, CableRun $run, SizeCandidate $chosen): array;
}
