<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Stations\Plate\WindingConnection;

/** The windings of a motor that stands, as an ohmmeter and an insulation tester meet them. */
final readonly class ColdWindings
{
    /** °C of the windings that the machine of a plate is found for. */
    private const MACHINE_C = 95;

    /** K below 0 °C at which copper would have no resistance. */
    private const COPPER_K = 235;

    /** Ω of a healthy winding to its frame at 40 °C. Own estimate. */
    private const HEALTHY_OHM = 200e6;

    /**
     * @param  float  $stator  of one phase of the machine's circuit, warm, Ω
     * @param  float  $ambient  °C
     * @param  float  $looseOhm  of a loose link, Ω
     */
    public function __construct(
        private float $stator,
        private WindingConnection $connection,
        private float $ambient,
        private float $looseOhm,
        private ?HiddenFault $fault,
    ) {
    }

    public function areJoinedInDelta(): bool
    {
        return ($this->connection === WindingConnection::Delta) === ($this->fault?->of(FaultKind::WrongConnection) === null);
    }

    /**
     * Between two terminals, cold.
     *
     * @return array{float, float, float} UV, VW, WU, Ω
     */
    public function terminalOhms(): array
    {
        // A phase of the machine's circuit is one in star; its copper is warm, and cold at the meter.
        $star = $this->stator * (self::COPPER_K + $this->ambient) / (self::COPPER_K + self::MACHINE_C);
        $windings = array_fill(0, 3, $this->connection === WindingConnection::Delta ? 3 * $star : $star);
        $windings[$this->fault->place ?? 0] *= 1 - ($this->fault?->of(FaultKind::ShortedTurns) ?? 0.0);
        if ($this->areJoinedInDelta()) {
            $all = array_sum($windings);
            $pairs = array_map(static fn (float $own): float => $own * ($all - $own) / $all, $windings);
        } else {
            $pairs = [$windings[0] + $windings[1], $windings[1] + $windings[2], $windings[2] + $windings[0]];
        }
        $loose = $this->looseOhm;
        $lead = $this->fault->place ?? 0;

        return [
            $pairs[0] + ($lead === 2 ? 0.0 : $loose), $pairs[1] + ($lead === 0 ? 0.0 : $loose), $pairs[2] + ($lead === 1 ? 0.0 : $loose),
        ];
    }

    /** Of the winding to its frame at the ambient, after a minute, Ω. */
    public function insulationOhms(): float
    {
        return self::HEALTHY_OHM * ($this->fault?->of(FaultKind::DampWinding) ?? 1.0) * 2 ** ((40 - $this->ambient) / 10);
    }

    /** After ten minutes over that after one. */
    public function polarizationIndex(): float
    {
        $damp = $this->fault?->of(FaultKind::DampWinding);

        return $damp === null ? 3.0 : 1 + 2 * sqrt($damp);
    }
}
