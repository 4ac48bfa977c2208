<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Cable\Candidate;
use BraveAnvil\Cable\Run;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Correct\CapacitorRules;
use BraveAnvil\Guard\ScpdChoice;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;

/** The procedures of a rule book that sizes cable, guard and capacitor. */
interface Sizing
{
    /** Ampacity that one conductor of the run must have, A, before division by any factor. */
    public function requiredAmpacity(Circuit $circuit, Sheet $sheet, Run $run): Figure;

    /**
     * Every size it knows for the run, smallest first, with its ampacities and impedance. A field that its tables do not
     * reach is reported as an error, and the list is empty.
     *
     * @return list<Candidate>
     */
    public function candidates(Circuit $circuit, Sheet $sheet, Run $run): array;

    /** What is assumed of the terminals where nobody typed their temperature, or null. */
    public function assumedTerminals(Circuit $circuit): ?string;

    /** A conductor size as text with its unit, `16 mm²`, `1/0 AWG`. */
    public function sizeText(string $size): string;

    /** A size as a figure's value: a number in mm², or text with AWG or kcmil. */
    public function sizeValue(string $size): int|float|string;

    /**
     * Protective conductor for a run: writes its figure.
     *
     * @param  string  $chosen  size of the run
     * @param  string  $needed  size that ampacity alone asks of the run
     * @param  string|null  $largest  circuit conductor that bounds it where the book bounds it so; null: none is known
     */
    public function protectiveConductor(Sheet $sheet, string $key, string $chosen, string $needed, ?string $largest): ?Figure;

    /** Which device it takes where none is chosen. */
    public function usualScpd(): string;

    /** @return list<string> devices that it knows as branch protection */
    public function scpds(): array;

    /** The protective device by its rule, with every rating looked at. */
    public function scpd(Circuit $circuit, Sheet $sheet, string $device): ScpdChoice;

    /** Writes `guard.overload_setting` and `guard.overload_dial` from the current in the relay's place. */
    public function overload(Circuit $circuit, Sheet $sheet, Figure $current, float $placeShare): void;

    /** Writes `guard.disconnect_rating` and `guard.disconnect_size`. */
    public function disconnect(Sheet $sheet): void;

    /** What it asks of a capacitor and its leads. */
    public function capacitorRules(): CapacitorRules;
}
