<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\American\Impedances;
use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;

/** Earth faults by another road: ngspice has the whole three-phase network, SciPy integrates the heat of a conductor. */
final class FaultLoopTest extends TestCase
{
    /**
     * Circuits that differ in everything that a loop is made of.
     *
     * @return iterable<string, array<string, mixed>>
     */
    private static function circuits(): iterable
    {
        mt_srand(20261126);
        $between = static fn (float $low, float $high): float => round($low + ($high - $low) * mt_rand() / mt_getrandmax(), 2);
        for ($i = 0; $i < 10; $i++) {
            $kilowatts = [4, 11, 22, 37, 55, 75, 90, 110, 15, 30][$i];
            yield "circuit $i" => Circuits::changed(Circuits::kilnFan(), [
                'plate.power' => "$kilowatts kW", 'plate.voltage' => '400 D', 'plate.current' => round(1.85 * $kilowatts, 1),
                'plate.efficiency_class' => null, 'starter.method' => $i % 3 === 2 ? 'star_delta' : 'direct',
                'starter.run_up_time' => $between(1, 5), 'cable.length' => $between(15, 140),
                'cable.line_length' => $i % 2 === 0 ? $between(5, 40) : null, 'cable.material' => $i % 4 === 3 ? 'aluminium' : 'copper',
                'cable.method' => ['C', 'E', 'B2'][$i % 3], 'cable.insulation' => $i % 2 === 0 ? 'xlpe' : 'pvc',
                'supply.transformer_kva' => [400, 630, 1000][$i % 3], 'supply.x_over_r' => $between(3, 10),
                'supply.earthing' => $i >= 8 ? 'it' : 'tn_s',
            ]);
        }
    }

    /** Ω of one conductor, and H, from its area: copper or aluminium at operating temperature, 0.08 mΩ/m. */
    private static function conductor(string $name, string $from, string $to, float $metres, float $mm2, bool $aluminium): string
    {
        $ohm = ($aluminium ? 0.036 : 0.0225) * $metres / $mm2;
        $henry = 0.08e-3 * $metres / (2 * M_PI * 50);

        return "r$name $from x$name $ohm\nl$name x$name $to $henry";
    }

    /**
     * A transformer of three phases, one run or two, and a motor circuit whose line `phase` touches the frame.
     *
     * @param  array<string, mixed>  $circuit
     */
    private static function network(array $circuit, Solution $solution, int $phase, string $mark): string
    {
        $cable = (array) $circuit['cable'];
        $aluminium = ($cable['material'] ?? '') === 'aluminium';
        $area = static fn (string $key): float => (float) ($solution->figure($key)->value ?? 0);
        $lines = [];
        $from = ['b1', 'b2', 'b3'];
        $earth = 'pe';
        if (($cable['line_length'] ?? null) !== null) {
            $metres = (float) $cable['line_length'];
            for ($k = 0; $k < 3; $k++) {
                $lines[] = self::conductor("a$mark$k", $from[$k], "s$mark$k", $metres, $area('cable.line_size'), $aluminium);
            }
            $lines[] = self::conductor("ap$mark", 'pe', "sp$mark", $metres, $area('cable.line_protective_size'), $aluminium);
            $from = ["s{$mark}0", "s{$mark}1", "s{$mark}2"];
            $earth = "sp$mark";
        }
        $metres = (float) $cable['length'];
        for ($k = 0; $k < 3; $k++) {
            $lines[] = self::conductor("m$mark$k", $from[$k], "m$mark$k", $metres, $area('cable.size'), $aluminium);
            // The motor itself hardly loads the network.
            $lines[] = "rq$mark$k m$mark$k star$mark 1e6";
        }
        $lines[] = self::conductor("mp$mark", $earth, "f$mark", $metres, $area('cable.protective_size'), $aluminium);
        $lines[] = "vf$mark m$mark$phase f$mark 0";

        return implode("\n", $lines);
    }

    public function test_the_fault_current_is_that_of_the_whole_network(): void
    {
        foreach (self::circuits() as $name => $circuit) {
            $solution = Bench::solve($circuit);
            $supply = (array) $circuit['supply'];
            $ohm = 400 ** 2 * 0.06 / ((float) $supply['transformer_kva'] * 1000);
            $resistance = $ohm / sqrt(1 + (float) $supply['x_over_r'] ** 2);
            $henry = $resistance * (float) $supply['x_over_r'] / (2 * M_PI * 50);
            $unearthed = $supply['earthing'] === 'it';
            // 0.95 of 230 V to earth, or of 400 V between lines where only a second fault closes the loop.
            $phase = 0.95 * ($unearthed ? 400 / sqrt(3) : 230);
            $netlist = [];
            foreach ([0, -120, 120] as $k => $degrees) {
                $line = $k + 1;
                $netlist[] = "vs$line e$line n ac $phase $degrees\nrt$line e$line t$line $resistance\nlt$line t$line b$line $henry";
            }
            $netlist[] = $unearthed ? "rn n pe 1e9\nrg pe 0 1e6" : "rn n pe 1e-9\nrg pe 0 1e6";
            $netlist[] = self::network($circuit, $solution, 0, 'a');
            if ($unearthed) {
                $netlist[] = self::network($circuit, $solution, 1, 'b');
            }
            [$amperes] = CircuitSimulator::magnitudes(implode("\n", $netlist), 50, ['i(vfa)']);
            self::assertEqualsWithDelta($amperes, $solution->figure('guard.earth_fault_current')?->number(), 1e-3 * $amperes, $name);
        }
    }

    /** A conductor that keeps all of its heat: ∫ c/ρ(θ) dθ from its first to its last temperature is k². */
    private const HEAT = <<<'PYTHON'
    import scipy.integrate
    # Heat capacity J/(K mm³), resistivity Ω mm at 20 °C, and the temperature at which its resistivity would vanish (IEC 60949).
    metals = {"copper": (3.45e-3, 17.241e-6, 234.5), "aluminium": (2.5e-3, 28.264e-6, 228.0)}
    answer = {"k": []}
    for metal, first, last in given:
        heat, rho, beta = metals[metal]
        whole = scipy.integrate.quad(lambda t: heat/(rho*(beta+t)/(beta+20)), first, last)[0]
        answer["k"].append(float(np.sqrt(whole)))
    PYTHON;

    public function test_what_conductors_bear_follows_from_their_metal(): void
    {
        $iec = Tables::shipped()->named(TableName::IecFaultK);
        $american = new Impedances(Tables::shipped());
        $cases = [
            [['copper', 70, 160], $iec->must('cu_pvc70_le300')], [['copper', 90, 250], $iec->must('cu_xlpe90')],
            [['aluminium', 70, 160], $iec->must('al_pvc70_le300')], [['aluminium', 90, 250], $iec->must('al_xlpe90')],
            [['copper', 30, 160], $iec->must('pe_separate_cu_pvc_le300')], [['copper', 30, 250], $iec->must('pe_separate_cu_xlpe')],
            [['copper', 75, 150], $american->withstandFactor(Insulation::Thwn2, Metal::Copper)],
            [['aluminium', 75, 150], $american->withstandFactor(Insulation::Thwn2, Metal::Aluminium)],
            [['copper', 90, 250], $american->withstandFactor(Insulation::Xhhw2, Metal::Copper)],
            [['aluminium', 90, 250], $american->withstandFactor(Insulation::Rw90, Metal::Aluminium)],
        ];
        $factors = NumericalLibrary::compute(self::HEAT, array_column($cases, 0))['k'];
        self::assertIsArray($factors);
        foreach ($factors as $i => $factor) {
            self::assertEqualsWithDelta($factor, $cases[$i][1], 1.0, json_encode($cases[$i][0], JSON_THROW_ON_ERROR));
        }
    }

    /** Resistance from the metal, reactance from the distance of three cables that touch. */
    private const LINES = <<<'PYTHON'
    answer = {"copper": [], "aluminium": [], "reactance": []}
    for area in given["areas"]:
        answer["copper"].append(17.241e-3*(1+0.00393*(75-20))/area*1000)
        answer["aluminium"].append(28.264e-3*(1+0.00403*(75-20))/area*1000)
    for area, wall in given["cables"]:
        radius = np.sqrt(area/np.pi)*1.06
        apart = 2*(radius+wall)
        answer["reactance"].append(float(2*np.pi*50*2e-4*np.log(apart/(0.7788*radius))))
    PYTHON;

    public function test_resistance_and_reactance_follow_from_metal_and_distance(): void
    {
        $sizes = ['8', '6', '4', '2', '1/0', '4/0', '250', '400', '500'];
        $table = Tables::shipped()->named(TableName::NecConductorProperties);
        $areas = array_map(static fn (string $size): float => $table->must($size, 'mm2'), $sizes);
        $cables = [[25, 1.6], [70, 2.0], [150, 2.4], [300, 3.2]];
        $found = NumericalLibrary::compute(self::LINES, ['areas' => $areas, 'cables' => $cables]);
        foreach ($sizes as $i => $size) {
            // Strands are a little longer than the cable: 2 % or so.
            self::assertEqualsWithDelta(
                1.015, $table->must($size, 'dc_cu_uncoated_ohm_per_km') / ((array) $found['copper'])[$i], 0.02, "copper $size",
            );
            self::assertEqualsWithDelta(1.015, $table->must($size, 'dc_al_ohm_per_km') / ((array) $found['aluminium'])[$i], 0.02,
                "aluminium $size");
        }
        $typical = Tables::shipped()->named(TableName::IecVoltageDrop)->must('reactance_mohm_per_m');
        foreach ((array) $found['reactance'] as $i => $reactance) {
            self::assertEqualsWithDelta($typical, $reactance, 0.012, "{$cables[$i][0]} mm²");
        }
        // IEC takes 1.25 times the resistivity at 20 °C for copper of 70 to 90 °C, a little above what the metal does.
        self::assertGreaterThan(17.241e-3 * (1 + 0.00393 * 50),
            Tables::shipped()->named(TableName::IecVoltageDrop)->must('rho_copper_ohm_mm2_per_m'));
    }
}
