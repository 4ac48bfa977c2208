<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

/** The terminals of a motor with six leads, as they lie in the box: a link between one of each row makes delta. */
final readonly class TerminalMarks
{
    /**
     * @param  array{string, string, string}  $starts  the row that the lines are joined to
     * @param  array{string, string, string}  $ends  the row above it
     * @param  bool  $sixRunInDelta  whether six leads with one stamped voltage are taken to run in delta on it
     */
    public function __construct(public array $starts, public array $ends, public bool $sixRunInDelta)
    {
    }

    /** @return array{string, string, string, string} of a single-phase motor: both ends of the main winding, both of the start winding */
    public function onePhase(): array
    {
        // IEC 60034-8 and NEMA MG 1 (both from memory).
        return str_starts_with($this->starts[0], 'T') ? ['T1', 'T4', 'T5', 'T8'] : ['U1', 'U2', 'Z1', 'Z2'];
    }

    /** Which lines the contactor that closes delta joins to the far ends so that the windings follow on: `U2–L3, V2–L1, W2–L2`. */
    public function favourableDelta(): string
    {
        [$w, $u, $v] = $this->ends;

        return $u.'–L3, '.$v.'–L1, '.$w.'–L2';
    }

    /** @return array{string, string, string} the other end of each winding, in the order of its starts */
    public function endsOfWindings(): array
    {
        [$third, $first, $second] = $this->ends;

        return [$first, $second, $third];
    }

    /** A terminal by its number, 1 to 12, as numbered ends are called here. IEC 60034-8 counts halves U1–U2 and U5–U6. */
    public function terminal(int $number): string
    {
        if (str_starts_with($this->starts[0], 'T')) {
            return 'T'.$number;
        }

        return ['U', 'V', 'W'][($number - 1) % 3].[1, 2, 5, 6][intdiv($number - 1, 3)];
    }
}
