<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Records\Board\FeederSolution;
use BraveAnvil\Records\Board\FeederStation;
use PHPUnit\Framework\TestCase;
use Tests\Core\BoardTest as Examples;
use Tests\Core\Circuits;

/** A board against NumPy (sums of phasors, load flow) and ngspice (the dip of a group start, the fault with a motor's share). */
final class BoardTest extends TestCase
{
    private const HERTZ = 50.0;

    private static function figure(FeederSolution $solution, string $key): float
    {
        $figure = $solution->feeder->figure($key);
        self::assertNotNull($figure, $key);

        return $figure->number();
    }

    /** The sum of the currents of F-IEC as phasors,
        and the voltage at which a load of constant power settles behind the same impedances. */
    public function test_sums_and_voltages_are_those_of_a_load_flow(): void
    {
        $solution = FeederStation::solve(Examples::examples()['F-IEC'][0]['document']);
        $answer = NumericalLibrary::compute(<<<'PYTHON'
            lag = lambda i, c: i * (c - 1j * np.sqrt(1 - c * c))
            motors = [(0.9, 41, .84), (0.9, 66, .86), (0.8, 21.5, .83), (0.8, 14.8, .82)]
            motor = sum(a * lag(i, c) for a, i, c in motors)
            light = lag(16, .95)
            v = 400
            zt = v ** 2 * .06 / 630e3
            angle = np.arctan(6)
            z = zt * np.exp(1j * angle) + complex(given["r"], given["x"])
            s = np.conj(motor) * v * np.sqrt(3)
            y = light * np.sqrt(3) / v
            def miss(p):
                vb = complex(p[0], p[1])
                out = vb - (v / np.sqrt(3) - z * (np.conj(s / 3 / vb) + y * vb))
                return [out.real, out.imag]
            root = scipy.optimize.fsolve(miss, [230.0, 0.0], xtol=1e-13)
            answer = {"sum": abs(motor + light), "board": float(np.hypot(*root) * np.sqrt(3))}
            PYTHON, self::feeder());
        self::assertIsNumeric($answer['sum']);
        self::assertIsNumeric($answer['board']);
        self::assertEqualsWithDelta((float) $answer['sum'], self::figure($solution, 'feeder.phasor_current'),
            1e-6 * (float) $answer['sum']);
        self::assertEqualsWithDelta((float) $answer['board'], self::figure($solution, 'feeder.board_voltage'),
            2e-4 * (float) $answer['board']);
    }

    /** All four motors of F-IEC at standstill at once, with the lighting, in ngspice. */
    public function test_a_group_start_dips_as_its_network_does(): void
    {
        $solution = FeederStation::solve(Examples::examples()['F-IEC'][0]['document']);
        $network = self::network(1.0);
        $load = '';
        foreach ([1, 2, 3] as $line) {
            foreach ([[41 * 7.0, 0.3], [66 * 7.0, 0.3], [21.5 * 6.8, 0.3], [14.8 * 6.5, 0.3], [16.0, 0.95]] as $i => [$amperes,
                $cosine]) {
                $load .= "\n".CircuitSimulator::impedance("m{$i}_$line", "b$line", 'n', 400 / sqrt(3) / $amperes, $cosine, self::HERTZ);
            }
        }
        [$left] = CircuitSimulator::magnitudes($network.$load, self::HERTZ, ['v(b1,b2)']);
        self::assertEqualsWithDelta(100 * (1 - $left / 400), self::figure($solution, 'feeder.blackout_dip'), 0.01);
    }

    /** A bolted fault at the board behind cold conductors, and the motors as sources behind their locked-rotor impedance. */
    public function test_the_fault_current_is_what_supply_and_motors_drive(): void
    {
        $solution = FeederStation::solve(Examples::examples()['F-IEC'][0]['document']);
        $network = self::network(1.05, 0.8);
        foreach ([1, 2, 3] as $line) {
            $network .= "\nrf$line b$line n 1e-7";
        }
        [$amperes] = CircuitSimulator::magnitudes($network, self::HERTZ, ['i(vl1)']);
        self::assertEqualsWithDelta($amperes, self::figure($solution, 'feeder.prospective_current'), 1e-3 * $amperes);
        $motors = 0.0;
        foreach ([41 * 7.0, 66 * 7.0, 21.5 * 6.8, 14.8 * 6.5] as $locked) {
            $source = CircuitSimulator::supply(1.05 * 400);
            foreach ([1, 2, 3] as $line) {
                $source .= "\n".CircuitSimulator::impedance("m$line", "l$line", 't'.$line, 400 / sqrt(3) / $locked, 0.3, self::HERTZ).
                    "\nrf$line t$line n 1e-7";
            }
            $motors += CircuitSimulator::magnitudes($source, self::HERTZ, ['i(vl1)'])[0];
        }
        self::assertEqualsWithDelta($motors, self::figure($solution, 'feeder.motor_contribution'), 1e-3 * $motors);
    }

    /** @return array{r: float, x: float} of one conductor of the feeder of F-IEC, Ω: 70 m of 120 mm² copper, warm */
    private static function feeder(): array
    {
        // From its drops: running and starting, two equations with two unknowns.
        $solution = FeederStation::solve(Circuits::changed(Examples::examples()['F-IEC'][0]['document'], ['other_loads' => [],
            'circuits' => [
                ['tag' => 'A', 'plate' => ['power' => '22 kW', 'voltage' => '400', 'current' => '100', 'frequency' => '50',
                    'power_factor' => '0.6',
                    'start_current_ratio' => '6'], 'starter' => ['method' => 'direct'], 'board' => ['start_power_factor' => '0.3',
                        'restart' => false]],
            ], 'groups' => [], 'cable.size' => '120']));
        $running = self::figure($solution, 'feeder.voltage_drop') * 400 / 100 / sqrt(3) / 100;
        $starting = self::figure($solution, 'feeder.starting_drop') * 400 / 100 / sqrt(3) / 600;
        $sine = sqrt(1 - 0.09);
        // 0.6 r + 0.8 x = running, 0.3 r + sine x = starting.
        $det = 0.6 * $sine - 0.3 * 0.8;

        return ['r' => ($running * $sine - 0.8 * $starting) / $det, 'x' => (0.6 * $starting - 0.3 * $running) / $det];
    }

    /** Supply, transformer and feeder of F-IEC up to the nodes b1, b2, b3. */
    private static function network(float $voltage, float $cold = 1.0): string
    {
        $feeder = self::feeder();
        $transformer = 400 ** 2 * 0.06 / 630e3;
        $resistance = $transformer / sqrt(37) + $cold * $feeder['r'];
        $henry = (6 * $transformer / sqrt(37) + $feeder['x']) / (2 * M_PI * self::HERTZ);
        $network = CircuitSimulator::supply($voltage * 400);
        foreach ([1, 2, 3] as $line) {
            $network .= "\nrz$line l$line z$line $resistance\nlz$line z$line b$line $henry";
        }

        return $network;
    }
}
