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
    /** Of a locked rotor's current, with two lines only. */
    private const STANDING_ON_TWO = 0.8660254;

    /** Power factor of what flows through shorted turns. Own estimate. */
    private const SHORT_COS = 0.5;

    /** Where the other connection's windings stand: a third of the current and torque, or √3 of the volts. */
    private const SLIP_STEPS = 60;

    /**
     * @param  float  $volts  between the lines, healthy, V
     * @param  float  $load  share of rated torque
     * @param  float  $ratedCurrent  A
     * @param  float|null  $capacitor  var at the volts above; null where there is none
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
        private ?float $capacitor,
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

    public function hasCapacitor(): bool
    {
        return $this->capacitor !== null;
    }

    /** rpm */
    public function synchronousSpeed(): float
    {
        return $this->machine->synchronousSpeed;
    }

    /** Its share of a fault of this kind; null without it. */
    private function size(FaultKind $kind): ?float
    {
        return $this->fault?->kind === $kind ? $this->fault->size : null;
    }

    /**
     * Running at its load.
     *
     * @param  bool  $coupled  else the motor turns alone
     */
    public function running(bool $coupled = true): Running
    {
        $machine = $this->machineNow();
        $volts = $this->volts * (1 - ($this->size(FaultKind::LowVoltage) ?? 0.0));
        $torque = $coupled ? $this->load * ($this->size(FaultKind::Overload) ?? 1.0) * $this->ratedTorque() : 0.0;
        if ($this->size(FaultKind::LostPhase) !== null) {
            return $this->onTwoLines($machine, $volts, $torque);
        }
        $times = $this->connectionTimes();
        $slip = self::slipFor($machine, $volts * $times['volts'], $torque * $times['torque']);
        $point = $machine->point($slip);
        $phase = $volts * $times['volts'] / sqrt(3);
        $amps = $phase / $point->impedance() / $times['amps'];
        $angle = atan2($point->reactance, $point->resistance);
        $lines = self::lines($amps, -$angle);
        [$lines, $between] = $this->unbalanced($machine, $slip, $volts, $lines);
        $lines = $this->withShortedTurns($lines, $volts);
        $real = 0.0;
        $reactive = 0.0;
        foreach ($lines as $k => [$re, $im]) {
            $at = -2 * M_PI * $k / 3;
            $real += $volts / sqrt(3) * ($re * cos($at) + $im * sin($at));
            $reactive += $volts / sqrt(3) * ($re * sin($at) - $im * cos($at));
        }

        return new Running(self::magnitudes($lines), $between, $real, $reactive, $machine->synchronousSpeed * (1 - $slip), $slip);
    }

    /** A motor with what broken bars or a worn bearing do to it. */
    private function machineNow(): Machine
    {
        $bars = $this->size(FaultKind::BrokenBar);
        $bearing = $this->size(FaultKind::WornBearing);

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
        if ($this->size(FaultKind::WrongConnection) === null) {
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

    /** Two lines feed it: a forward and a backward field of one current. */
    private function onTwoLines(Machine $machine, float $volts, float $torque): Running
    {
        $lost = $this->fault->place ?? 0;
        $turns = function (float $slip) use ($machine, $volts, $torque): float {
            $forward = $machine->point($slip);
            $backward = $machine->backward($slip);
            $amps = $volts / hypot($forward->resistance + $backward->resistance, $forward->reactance + $backward->reactance);
            $rated = $machine->volts / sqrt(3);
            $share = static fn (float $ohm): float => ($amps / sqrt(3) * $ohm / $rated) ** 2;

            return $share($forward->impedance()) * $forward->torque - $share($backward->impedance()) * $backward->torque
                - $machine->frictionAt($machine->synchronousSpeed * (1 - $slip)) - $torque;
        };
        $slip = 1.0;
        for ($i = 1; $i <= 400; $i++) {
            $try = 0.5 * $i / 400;
            if ($turns($try) >= 0) {
                [$low, $high] = [0.5 * ($i - 1) / 400 + 1e-6, $try];
                for ($n = 0; $n < 40; $n++) {
                    $middle = ($low + $high) / 2;
                    [$low, $high] = $turns($middle) >= 0 ? [$low, $middle] : [$middle, $high];
                }
                $slip = $high;
                break;
            }
        }
        $forward = $machine->point($slip);
        $backward = $machine->backward($slip);
        $re = $forward->resistance + $backward->resistance;
        $im = $forward->reactance + $backward->reactance;
        $amps = $slip < 1 ? $volts / hypot($re, $im) : self::STANDING_ON_TWO * $volts / sqrt(3) / $machine->point(1.0)->impedance();
        $in = static fn (int $k): float => $k === $lost ? 0.0 : $amps;

        return new Running(
            [$in(0), $in(1), $in(2)], [$volts, $volts, $volts], $amps * $amps * $re, $amps * $amps * $im,
            $machine->synchronousSpeed * (1 - $slip), $slip,
        );
    }

    /**
     * @param  array{array{float, float}, array{float, float}, array{float, float}}  $lines
     * @return array{array{array{float, float}, array{float, float}, array{float, float}}, array{float, float, float}} currents, and volts between the lines
     */
    private function unbalanced(Machine $machine, float $slip, float $volts, array $lines): array
    {
        $share = $this->size(FaultKind::UnbalancedVoltage);
        $link = $this->size(FaultKind::LooseLink);
        $even = [$volts, $volts, $volts];
        if ($share === null && $link === null) {
            return [$lines, $even];
        }
        // A loose joint takes its volts in one lead alone: the motor meets a part of them as negative sequence.
        $part = $share ?? hypot(...$lines[0]) * $this->looseOhm() / (sqrt(3) * $volts);
        $backward = $machine->backward(min(1.0, $slip));
        $amps = $part * $volts / sqrt(3) / $backward->impedance();
        $turn = 2 * M_PI * ($this->fault->place ?? 0) / 3 - atan2($backward->reactance, $backward->resistance);
        foreach ([0, 1, 2] as $k) {
            $lines[$k][0] += $amps * cos($turn + 2 * M_PI * $k / 3);
            $lines[$k][1] += $amps * sin($turn + 2 * M_PI * $k / 3);
        }
        if ($share === null) {
            return [$lines, $even];
        }
        $angle = 2 * M_PI * ($this->fault->place ?? 0) / 3;
        $between = [];
        foreach ([0, 1, 2] as $k) {
            $between[] = $volts * hypot(
                cos(-2 * M_PI * $k / 3) + $share * cos($angle + 2 * M_PI * $k / 3),
                sin(-2 * M_PI * $k / 3) + $share * sin($angle + 2 * M_PI * $k / 3),
            );
        }

        return [$lines, [$between[0], $between[1], $between[2]]];
    }

    private function looseOhm(): float
    {
        return ($this->size(FaultKind::LooseLink) ?? 0.0) * $this->volts / (sqrt(3) * $this->ratedCurrent);
    }

    /**
     * @param  array{array{float, float}, array{float, float}, array{float, float}}  $lines
     * @return array{array{float, float}, array{float, float}, array{float, float}}
     */
    private function withShortedTurns(array $lines, float $volts): array
    {
        $share = $this->size(FaultKind::ShortedTurns);
        if ($share === null) {
            return $lines;
        }
        $place = $this->fault->place ?? 0;
        $more = $share * $this->standstillCurrent() * $volts / $this->volts;
        $lag = acos(self::SHORT_COS);
        $of = $this->connection === WindingConnection::Star ? [$place] : [$place, ($place + 1) % 3];
        foreach ([0, 1, 2] as $k) {
            if (in_array($k, $of, true)) {
                $at = -2 * M_PI * $k / 3 - $lag;
                $lines[$k][0] += $more * cos($at);
                $lines[$k][1] += $more * sin($at);
            }
        }

        return $lines;
    }

    /** In the line at standstill, direct, A. */
    public function standstillCurrent(): float
    {
        return $this->volts / sqrt(3) / $this->machine->point(1.0)->impedance();
    }

    /** Volts while it starts, share of those that stand before. */
    public function startingVolts(): float
    {
        return $this->volts * (1 - ($this->size(FaultKind::LowVoltage) ?? 0.0));
    }

    /** Highest rms of a start, A. */
    public function startCurrent(): float
    {
        $healthy = ($this->standing ?? $this->standstillCurrent()) * $this->startingVolts() / $this->machine->volts;

        return $healthy * match (true) {
            $this->size(FaultKind::WrongConnection) === null => 1.0,
            $this->connection === WindingConnection::Star => 3.0,
            default => 1 / 3,
        };
    }

    /**
     * Between two terminals, cold.
     *
     * @return array{float, float, float} UV, VW, WU, Ω
     */
    public function terminalOhms(): array
    {
        // A phase of the circuit is one in star; warm copper in the model, cold at the meter.
        $star = $this->machine->stator * (235 + $this->ambient) / (235 + 95);
        $delta = $this->connection === WindingConnection::Delta;
        $windings = array_fill(0, 3, $delta ? 3 * $star : $star);
        $windings[$this->fault->place ?? 0] *= 1 - ($this->size(FaultKind::ShortedTurns) ?? 0.0);
        $joinedInDelta = $this->size(FaultKind::WrongConnection) === null ? $delta : ! $delta;
        if ($joinedInDelta) {
            $all = array_sum($windings);
            $pairs = array_map(static fn (float $own): float => $own * ($all - $own) / $all, $windings);
        } else {
            $pairs = [$windings[0] + $windings[1], $windings[1] + $windings[2], $windings[2] + $windings[0]];
        }
        $loose = $this->looseOhm();
        $lead = $this->fault->place ?? 0;

        return [
            $pairs[0] + ($lead === 2 ? 0.0 : $loose), $pairs[1] + ($lead === 0 ? 0.0 : $loose), $pairs[2] + ($lead === 1 ? 0.0 : $loose),
        ];
    }

    public function isJoinedInDelta(): bool
    {
        $delta = $this->connection === WindingConnection::Delta;

        return $this->size(FaultKind::WrongConnection) === null ? $delta : ! $delta;
    }

    /** Of the winding to its frame at the ambient, after a minute, Ω. */
    public function insulationOhms(): float
    {
        return 200e6 * ($this->size(FaultKind::DampWinding) ?? 1.0) * 2 ** ((40 - $this->ambient) / 10);
    }

    /** After ten minutes over that after one. */
    public function polarizationIndex(): float
    {
        $damp = $this->size(FaultKind::DampWinding);

        return $damp === null ? 3.0 : 1 + 2 * sqrt($damp);
    }

    /**
     * In the lines of the capacitor.
     *
     * @return array{float, float, float}|null A; null where there is none
     */
    public function capacitorAmps(): ?array
    {
        if ($this->capacitor === null) {
            return null;
        }
        $volts = $this->volts * (1 - ($this->size(FaultKind::LowVoltage) ?? 0.0));
        $amps = $this->capacitor / (sqrt(3) * $this->volts) * $volts / $this->volts * ($this->size(FaultKind::WrongCapacitor) ?? 1.0);
        $dead = (int) ($this->size(FaultKind::DeadCapacitorElement) ?? 0.0);
        $shares = match ($dead) {
            0 => [1.0, 1.0, 1.0],
            1 => [1.0, 1 / sqrt(3), 1 / sqrt(3)],
            default => [0.0, 1 / sqrt(3), 1 / sqrt(3)],
        };
        $turned = [];
        foreach ([0, 1, 2] as $k) {
            $turned[] = $amps * $shares[($k + 3 - ($this->fault->place ?? 0)) % 3];
        }

        return [$turned[0], $turned[1], $turned[2]];
    }

    /** What the capacitor gives, var. */
    public function capacitorGives(): float
    {
        if ($this->capacitor === null) {
            return 0.0;
        }
        $dead = (int) ($this->size(FaultKind::DeadCapacitorElement) ?? 0.0);

        return $this->capacitor * (1 - ($this->size(FaultKind::LowVoltage) ?? 0.0)) ** 2 * ($this->size(FaultKind::WrongCapacitor) ?? 1.0)
            * (1 - $dead / 3);
    }

    /** @return array{float, float} rms of both ends, mm/s */
    public function vibration(): array
    {
        $worn = $this->size(FaultKind::WornBearing);
        $ends = [1.2, 1.2];
        $ends[($this->fault->place ?? 0) % 2] = hypot(1.2, $worn ?? 0.0);

        return [$ends[0], $ends[1]];
    }

    /** @return array{float, float} of both bearings, °C */
    public function bearingTemperatures(): array
    {
        $ends = [$this->ambient + 35, $this->ambient + 35];
        $ends[($this->fault->place ?? 0) % 2] += 5 * ($this->size(FaultKind::WornBearing) ?? 0.0);

        return [$ends[0], $ends[1]];
    }

    /** By how much power swings around its mean, and how often a second: with broken bars only. */
    public function swing(): float
    {
        return ($this->size(FaultKind::BrokenBar) ?? 0.0) / 2;
    }

    /** @return array{array{float, float}, array{float, float}, array{float, float}} three equal phasors of a sequence, A */
    private static function lines(float $amps, float $angle): array
    {
        $line = static fn (int $k): array => [$amps * cos($angle - 2 * M_PI * $k / 3), $amps * sin($angle - 2 * M_PI * $k / 3)];

        return [$line(0), $line(1), $line(2)];
    }

    /**
     * @param  array{array{float, float}, array{float, float}, array{float, float}}  $lines
     * @return array{float, float, float}
     */
    private static function magnitudes(array $lines): array
    {
        return [hypot(...$lines[0]), hypot(...$lines[1]), hypot(...$lines[2])];
    }
}
