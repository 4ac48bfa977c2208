<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Stations\Plate\WindingConnection;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Tables\Tables;

/**
 * The motor circuit that stand-ins measure: its own machine on its own supply, with one fault or none. Pure: the same plant gives the
 * same values.
 *
 * Positive and negative sequence are solved apart, each with what the machine is at its own slip.
 */
final readonly class Plant
{
    /** Where the other connection's windings stand: a third of the current and torque, or √3 of the volts. */
    private const SLIP_STEPS = 60;

    /**
     * @param  float  $volts  between the lines, healthy, V
     * @param  float  $load  share of rated torque
     * @param  float  $ratedCurrent  A
     * @param  float|null  $vars  of the capacitor at the volts above, var; null where there is none
     * @param  float  $ambient  °C
     * @param  float|null  $standing  in the line in the first stage of a healthy start, on its rated volts, A
     * @param  float  $hertz  Hz
     */
    public function __construct(
        private Machine $machine,
        private WindingConnection $connection,
        public float $volts,
        private float $load,
        private float $ratedCurrent,
        private ?float $vars,
        public float $ambient,
        public ?HiddenFault $fault,
        private ?float $standing = null,
        public float $hertz = 50.0,
    ) {
    }

    /**
     * The circuit as stand-ins of instruments meet it.
     *
     * @param  array<array-key, mixed>  $document  a decoded circuit
     * @param  float  $load  share of rated output
     * @param  HiddenFault|null  $fault  null for a healthy one
     * @return self|null null where nothing of it can be simulated
     */
    public static function ofDocument(array $document, float $load, ?HiddenFault $fault, ?Tables $tables = null): ?self
    {
        $known = Bench::known($document, $tables);

        return $known === null ? null : self::of($known, $load, $fault);
    }

    /**
     * @param  float  $load  share of rated output
     * @return self|null null where no machine has this plate, or it does not fit the supply
     */
    public static function of(KnownCircuit $known, float $load, ?HiddenFault $fault): ?self
    {
        $machine = $known->motor->fit?->machine;
        $volts = $known->supplyVolts();
        $current = $known->load->ratedCurrent();
        $connection = $known->motor->connection();
        if ($machine === null || $volts === null || $current === null || $connection === null || $known->circuit->phases() !== 3
            || $connection === WindingConnection::None) {
            return null;
        }

        return new self(
            $machine, $connection, $volts->number(), $load, $current->number(), $known->correction?->unit->givenAt($volts->number()),
            $known->circuit->number('supply.ambient')?->number() ?? 20.0, $fault, $known->starting->lineCurrent()?->number(),
            $known->circuit->number('supply.frequency')?->number() ?? 50.0,
        );
    }

    public function windings(): ColdWindings
    {
        return new ColdWindings($this->machine->stator, $this->connection, $this->ambient, $this->looseOhm(), $this->fault);
    }

    /** Null where there is none. */
    public function capacitor(): ?PlantCapacitor
    {
        return $this->vars === null ? null : new PlantCapacitor($this->vars, $this->volts, $this->voltShare(), $this->fault);
    }

    /** Of the healthy volts that stand now. */
    private function voltShare(): float
    {
        return 1 - ($this->fault?->of(FaultKind::LowVoltage) ?? 0.0);
    }

    /** rpm */
    public function synchronousSpeed(): float
    {
        return $this->machine->synchronousSpeed;
    }

    /**
     * Running at its load.
     *
     * @param  bool  $coupled  else the motor turns alone
     */
    public function running(bool $coupled = true): Running
    {
        $machine = $this->machineNow();
        $volts = $this->startingVolts();
        $torque = $coupled ? $this->load * ($this->fault?->of(FaultKind::Overload) ?? 1.0) * $this->ratedTorque() : 0.0;
        if ($this->fault?->of(FaultKind::LostPhase) !== null) {
            return TwoLines::running($machine, $volts, $torque, $this->fault->place ?? 0);
        }
        $times = $this->connectionTimes();
        $slip = self::slipFor($machine, $volts * $times['volts'], $torque * $times['torque']);
        $point = $machine->point($slip);
        $phase = $volts * $times['volts'] / sqrt(3);
        $amps = $phase / $point->impedance() / $times['amps'];
        $angle = atan2($point->reactance, $point->resistance);
        $lines = LineCurrents::even($amps, -$angle);
        $unbalance = $this->unbalance($lines, $volts);
        if ($unbalance > 0) {
            $backward = $machine->backward(min(1.0, $slip));
            $lines = $lines->withNegative(
                $unbalance * $volts / sqrt(3) / $backward->impedance(),
                $this->turn() - atan2($backward->reactance, $backward->resistance),
            );
        }
        $lines = $this->withShortedTurns($lines, $volts);
        [$real, $reactive] = $lines->powers($volts);

        return new Running(
            $lines->magnitudes(), $this->between($volts), $real, $reactive, $machine->synchronousSpeed * (1 - $slip), $slip,
        );
    }

    /** A motor with what broken bars or a worn bearing do to it. */
    private function machineNow(): Machine
    {
        $bars = $this->fault?->of(FaultKind::BrokenBar);
        $bearing = $this->fault?->of(FaultKind::WornBearing);

        return match (true) {
            $bars !== null => $this->machine->withRotor(1 + $bars),
            $bearing !== null => $this->machine->withFriction(1 + $bearing / 10),
            default => $this->machine,
        };
    }

    private function ratedTorque(): float
    {
        return $this->machine->at($this->machine->ratedSlip)['torque'];
    }

    /** @return array{volts: float, torque: float, amps: float} by what volts, torque and line current go where windings are joined wrongly */
    private function connectionTimes(): array
    {
        if ($this->fault?->of(FaultKind::WrongConnection) === null) {
            return ['volts' => 1.0, 'torque' => 1.0, 'amps' => 1.0];
        }

        // A delta motor in star takes a third of line current and torque at any slip; a star motor in delta has √3 of its volts.
        return $this->connection === WindingConnection::Star
            ? ['volts' => sqrt(3), 'torque' => 1.0, 'amps' => 1 / sqrt(3)]
            : ['volts' => 1.0, 'torque' => 3.0, 'amps' => 3.0];
    }

    /** On the rising side of the torque; standstill where the load is more than it can bear. */
    private static function slipFor(Machine $machine, float $volts, float $torque): float
    {
        $at = static fn (float $slip): float => $machine->at($slip, $volts)['torque'] - $torque;
        $low = 1e-6;
        $high = null;
        $top = $machine->breakdownSlip();
        for ($i = 1; $i <= self::SLIP_STEPS; $i++) {
            $slip = $top * $i / self::SLIP_STEPS;
            if ($at($slip) >= 0) {
                $high = $slip;
                break;
            }
            $low = $slip;
        }
        if ($high === null) {
            return 1.0;
        }
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $at($middle) >= 0 ? [$low, $middle] : [$middle, $high];
        }

        return ($low + $high) / 2;
    }

    /** Negative over positive sequence of the volts at the motor. */
    private function unbalance(LineCurrents $lines, float $volts): float
    {
        // A loose joint takes its volts in one lead alone: the motor meets a part of them as negative sequence.
        return $this->fault?->of(FaultKind::UnbalancedVoltage) ?? hypot(...$lines->phasors[0]) * $this->looseOhm() / (sqrt(3) * $volts);
    }

    /** Angle at which the line, lead, winding or end stands that has the fault. */
    private function turn(): float
    {
        return 2 * M_PI * ($this->fault->place ?? 0) / 3;
    }

    /** @return array{float, float, float} volts between the lines at the supply */
    private function between(float $volts): array
    {
        $share = $this->fault?->of(FaultKind::UnbalancedVoltage);
        if ($share === null) {
            return [$volts, $volts, $volts];
        }
        $pair = fn (int $k): float => $volts * hypot(
            cos(-2 * M_PI * $k / 3) + $share * cos($this->turn() + 2 * M_PI * $k / 3),
            sin(-2 * M_PI * $k / 3) + $share * sin($this->turn() + 2 * M_PI * $k / 3),
        );

        return [$pair(0), $pair(1), $pair(2)];
    }

    private function withShortedTurns(LineCurrents $lines, float $volts): LineCurrents
    {
        $share = $this->fault?->of(FaultKind::ShortedTurns);
        if ($share === null) {
            return $lines;
        }
        $place = $this->fault->place ?? 0;

        return $lines->withShortedTurns(
            $share * $this->standstillCurrent() * $volts / $this->volts,
            $this->connection === WindingConnection::Star ? [$place] : [$place, ($place + 1) % 3],
        );
    }

    private function looseOhm(): float
    {
        return ($this->fault?->of(FaultKind::LooseLink) ?? 0.0) * $this->volts / (sqrt(3) * $this->ratedCurrent);
    }

    /** In the line at standstill, direct, A. */
    public function standstillCurrent(): float
    {
        return $this->volts / sqrt(3) / $this->machine->point(1.0)->impedance();
    }

    /** Volts while it starts, share of those that stand before. */
    public function startingVolts(): float
    {
        return $this->volts * $this->voltShare();
    }

    /** Highest rms of a start, A. */
    public function startCurrent(): float
    {
        $healthy = ($this->standing ?? $this->standstillCurrent()) * $this->startingVolts() / $this->machine->volts;

        return $healthy * match (true) {
            $this->fault?->of(FaultKind::WrongConnection) === null => 1.0,
            $this->connection === WindingConnection::Star => 3.0,
            default => 1 / 3,
        };
    }

    /** @return array{float, float} rms of both ends, mm/s */
    public function vibration(): array
    {
        $worn = $this->fault?->of(FaultKind::WornBearing);
        $ends = [1.2, 1.2];
        $ends[($this->fault->place ?? 0) % 2] = hypot(1.2, $worn ?? 0.0);

        return [$ends[0], $ends[1]];
    }

    /** @return array{float, float} of both bearings, °C */
    public function bearingTemperatures(): array
    {
        $ends = [$this->ambient + 35, $this->ambient + 35];
        $ends[($this->fault->place ?? 0) % 2] += 5 * ($this->fault?->of(FaultKind::WornBearing) ?? 0.0);

        return [$ends[0], $ends[1]];
    }

    /** By how much power swings around its mean, and how often a second: with broken bars only. */
    public function swing(): float
    {
        return ($this->fault?->of(FaultKind::BrokenBar) ?? 0.0) / 2;
    }
}
