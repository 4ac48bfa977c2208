<?php

declare(strict_types=1);

namespace Tests\Reference;

use RuntimeException;

/** Debian's ngspice, asked for steady alternating currents and voltages. */
final class CircuitSimulator
{
    /**
     * Magnitudes of the wanted quantities, in the order asked.
     *
     * @param  string  $elements  the netlist without title, analysis and end
     * @param  list<string>  $wanted  such as `i(vl1)` or `v(u1,u2)`
     * @return list<float>
     */
    public static function magnitudes(string $elements, float $hertz, array $wanted): array
    {
        return self::run($elements, $hertz, array_map(static fn (string $w): string => "mag($w)", $wanted));
    }

    /**
     * What wattmeters show: the real part of voltage times conjugate current.
     *
     * @param  list<array{string, string}>  $meters  voltage and current, such as [`v(l1,l2)`, `i(vl1)`]
     * @return list<float> W
     */
    public static function wattmeters(string $elements, float $hertz, array $meters): array
    {
        $asked = [];
        foreach ($meters as [$volts, $amps]) {
            array_push($asked, "real($volts)", "imag($volts)", "real($amps)", "imag($amps)");
        }
        $read = self::run($elements, $hertz, $asked);

        return array_map(static fn (array $m): float => $m[0] * $m[2] + $m[1] * $m[3], array_chunk($read, 4));
    }

    /**
     * @param  list<string>  $printed
     * @return list<float>
     */
    private static function run(string $elements, float $hertz, array $printed): array
    {
        $prints = implode("\n", array_map(static fn (string $w): string => "print $w", $printed));
        $file = tempnam(sys_get_temp_dir(), 'anvil-spice') ?: throw new RuntimeException('no temporary file');
        file_put_contents(
            $file,
            "three-phase check\n$elements\n.ac lin 1 $hertz $hertz\n.control\nset numdgt=10\nrun\n$prints\n.endc\n.end\n",
        );
        exec('ngspice -b '.escapeshellarg($file).' 2>&1', $lines, $status);
        unlink($file);
        preg_match_all('/^(?:mag|real|imag)\(.*?\) = ([-+0-9.eE]+)/m', implode("\n", $lines), $found);
        if (count($found[1]) !== count($printed)) {
            throw new RuntimeException("ngspice ($status) said:\n".implode("\n", $lines));
        }

        return array_map(floatval(...), $found[1]);
    }

    /** A stiff three-phase supply on nodes l1, l2, l3 through ammeters vl1 … vl3. */
    public static function supply(float $lineVolts): string
    {
        $phase = $lineVolts / sqrt(3);

        return "vs1 s1 0 ac $phase 0\nvs2 s2 0 ac $phase -120\nvs3 s3 0 ac $phase 120\nvl1 s1 l1 0\nvl2 s2 l2 0\nvl3 s3 l3 0\nrg 0 g 1e9";
    }

    /** An impedance between two nodes, given as ohms at a frequency and its power factor. */
    public static function impedance(string $name, string $from, string $to, float $ohm, float $cos, float $hertz): string
    {
        $henry = $ohm * sqrt(1 - $cos ** 2) / (2 * M_PI * $hertz);

        return "r$name $from m$name ".($ohm * $cos)."\nl$name m$name $to $henry";
    }
}
