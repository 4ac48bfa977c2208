<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;

/** One set of installation rules: what it decides differently. Stations ask; none of them tests which book it has. */
interface RuleBook
{
    public function id(): string;

    public function edition(): string;

    /** @return array<string, string> its terms: star, earth, protective, conductor … */
    public function words(): array;

    /** @return array<string, array{mixed, string}> what it assumes where a field is empty: path => [value, why] */
    public function defaults(): array;

    /** Whether a bare frame number, such as 56, is the shaft height in mm. */
    public function metricFrames(): bool;

    /** Full-load current by its table for this motor, A, or null where the table has none. */
    public function tableCurrent(Circuit $circuit, Sheet $sheet): ?Figure;

    /** Current that sizes conductors and protective device, A; writes `power.design_current`. */
    public function designCurrent(Circuit $circuit, Sheet $sheet): ?Figure;

    /** Locked-rotor current by its table where the plate is silent, A, or null. */
    public function lockedRotorCurrent(Circuit $circuit, Sheet $sheet): ?Figure;

    /** Largest running and starting voltage drop where the site sets none: percent of supply. */
    public function dropLimitRunning(): float;

    /** Its procedures for cable, guard and capacitor, or null while it has none here. */
    public function sizing(): ?Sizing;
}
