<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Cable\Candidate;
use BraveAnvil\Cable\Run;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;

/** What a rule book asks of conductors, and what its tables say that they carry. */
interface ConductorRules
{
    /** Ampacity that one conductor of the run must have, A, before division by any factor. */
    public function required(Circuit $circuit, Figure $design, Run $run): Figure;

    /**
     * Every size it knows for the run, smallest first, with its ampacities and impedance; empty while a field waits.
     *
     * @param  Figure  $required  A, what `required` answered
     * @return list<Candidate>|FieldError the error of a field that its tables do not reach
     */
    public function candidates(Circuit $circuit, Figure $required, Run $run): array|FieldError;

    /** What is assumed of the terminals where nobody typed their temperature, or null. */
    public function assumedTerminals(Circuit $circuit): ?string;

    /** A conductor size as text with its unit, `16 mm²`, `1/0 AWG`. */
    public function sizeText(string $size): string;
}
