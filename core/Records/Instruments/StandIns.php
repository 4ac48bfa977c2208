<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Stations\Prove\Choice\ReadAt;

/** The five stand-ins of the bench on one plant: what each shows, with what a meter adds. Values are those of their registers. */
final class StandIns
{
    /** Standard deviation of what a meter adds, over the value. */
    public const NOISE = 0.002;

    private readonly Noise $noise;

    public function __construct(private readonly Plant $plant, int $seed, float $relative = self::NOISE)
    {
        $this->noise = new Noise($seed, $relative);
    }

    /**
     * The power analyser: volts between lines, amperes, power, and its swing.
     *
     * @return array<string, float> by register: V, A, W, var, VA, per unit, Hz
     */
    public function analyser(ReadAt $where, bool $coupled = true): array
    {
        $running = $this->plant->running($coupled);
        $volts = $running->volts;
        $amps = $running->amps;
        $reactive = $running->reactive;
        $capacitor = $this->plant->capacitor();
        if ($where === ReadAt::Line && $capacitor !== null) {
            $reactive -= $capacitor->gives();
            // The lines keep their own unbalance; what the capacitor takes off is taken off all alike.
            $before = hypot($running->real, $running->reactive);
            $times = $before <= 0 ? 0.0 : hypot($running->real, $reactive) / $before;
            $amps = [$amps[0] * $times, $amps[1] * $times, $amps[2] * $times];
        } elseif ($where === ReadAt::Lead) {
            $amps = array_map(static fn (float $a): float => $a / sqrt(3), $amps);
        }
        $real = $this->noise->on($running->real);
        $seen = $this->noise->on($reactive);
        $swing = $this->plant->swing();

        return [
            'volts_12' => $this->noise->on($volts[0]), 'volts_23' => $this->noise->on($volts[1]), 'volts_31' => $this->noise->on($volts[2]),
            'amps_1' => $this->noise->on($amps[0]), 'amps_2' => $this->noise->on($amps[1]), 'amps_3' => $this->noise->on($amps[2]),
            'watts' => $real, 'vars' => $seen, 'volt_amperes' => hypot($real, $seen),
            'power_factor' => hypot($real, $seen) > 0 ? $real / hypot($real, $seen) : 0.0, 'hertz' => $this->plant->hertz,
            'watts_least' => $real * (1 - $swing), 'watts_most' => $real * (1 + $swing),
        ];
    }

    /**
     * The clamp on the lines of the capacitor.
     *
     * @return array<string, float>|null A; null where there is none
     */
    public function capacitorClamp(): ?array
    {
        $amps = $this->plant->capacitor()?->amps();

        return $amps === null ? null : [
            'amps_1' => $this->noise->on($amps[0]), 'amps_2' => $this->noise->on($amps[1]), 'amps_3' => $this->noise->on($amps[2]),
            'volts' => $this->noise->on($this->plant->startingVolts()),
        ];
    }

    /**
     * The clamp's inrush function: the highest rms of a tenth of a second.
     *
     * @return array<string, float> A and V
     */
    public function inrush(): array
    {
        return ['amps' => $this->noise->on($this->plant->startCurrent()), 'volts' => $this->noise->on($this->plant->startingVolts())];
    }

    /** @return array<string, float> Ω, and °C of the winding */
    public function windings(): array
    {
        $ohms = $this->plant->windings()->terminalOhms();

        return [
            'ohms_uv' => $this->noise->on($ohms[0]), 'ohms_vw' => $this->noise->on($ohms[1]), 'ohms_wu' => $this->noise->on($ohms[2]),
            'temperature' => $this->plant->ambient,
        ];
    }

    public function isJoinedInDelta(): bool
    {
        return $this->plant->windings()->areJoinedInDelta();
    }

    /** @return array<string, float> Ω after 15 s, a minute and ten minutes, °C of the winding */
    public function insulation(): array
    {
        $windings = $this->plant->windings();
        $minute = $this->noise->on($windings->insulationOhms());

        return [
            'ohms_15s' => 0.8 * $minute, 'ohms_1min' => $minute, 'ohms_10min' => $minute * $windings->polarizationIndex(),
            'temperature' => $this->plant->ambient,
        ];
    }

    /** @return array<string, float> of the test bench: rpm, mm/s, °C */
    public function testBench(): array
    {
        $running = $this->plant->running();
        $ends = $this->plant->vibration();
        $bearings = $this->plant->bearingTemperatures();
        $synchronous = $this->plant->synchronousSpeed();

        return [
            // A tachometer is far better than a clamp: what is small is the slip.
            'rpm' => $synchronous - $this->noise->on($synchronous - $running->speed),
            'vibration_de' => $this->noise->on($ends[0]), 'vibration_nde' => $this->noise->on($ends[1]),
            'bearing_de' => $this->noise->on($bearings[0]), 'bearing_nde' => $this->noise->on($bearings[1]),
            'ambient' => $this->plant->ambient,
        ];
    }
}
