<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Physics\Machine\Plate;
use BraveAnvil\Physics\Machine\RunningSlip;
use BraveAnvil\Stations\Power\MachineLoad;
use BraveAnvil\Stations\Start\Motion\DrivenLoad;
use BraveAnvil\Stations\Start\Motion\Feed;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\Motion\Train;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fuzz;

/** Where a motor runs at each load: SciPy (Brent's way) finds the same slips on the equivalent circuit in complex numbers. */
final class RunningPointsTest extends TestCase
{
    private const CIRCUIT = <<<'PYTHON'
    def bar(x):
        return x*(np.sinh(2*x)+np.sin(2*x))/(np.cosh(2*x)-np.cos(2*x)) if x > 1e-3 else 1.0
    def at(g, s, volts=None):
        root = np.sqrt(g["ratedSlip"])
        x = g["leakageRunning"] + (g["leakageStandstill"]-g["leakageRunning"])*max(0.0, np.sqrt(s)-root)/(1-root)
        if g["deepBar"] > 0:
            r = g["rotorRunning"]*(bar(g["deepBar"]*np.sqrt(s))/bar(g["deepBar"]*root) if s > g["ratedSlip"] else 1.0)
        else:
            r = g["rotorRunning"]+(g["rotorStandstill"]-g["rotorRunning"])*max(0.0, s-g["ratedSlip"])/(1-g["ratedSlip"])
        v = (volts or g["volts"])/np.sqrt(3)
        zr = r/s + 1j*x; zm = 1j*g["magnetising"]
        i1 = v/(g["stator"]+1j*x+zr*zm/(zr+zm)); i2 = i1*zm/(zr+zm)
        w = 2*np.pi*g["synchronousSpeed"]/60
        whole = 3*v*np.conj(i1+v/g["core"])
        torque = 3*abs(i2)**2*r/s/w - g["friction"]/(w*(1-g["ratedSlip"]))*((1-s)/(1-g["ratedSlip"]))**2
        return {"amps": abs(i1+v/g["core"]), "watts": whole.real, "var": whole.imag, "torque": torque, "output": torque*w*(1-s)}
    PYTHON;

    private const LOADS = [0.1, 0.25, 0.5, 0.75, 1.0, 1.2];

    public function test_slip_current_and_power_at_every_load(): void
    {
        $machines = self::machines(24);
        $answer = NumericalLibrary::compute(self::CIRCUIT.<<<'PYTHON'

        answer = {"points": []}
        for g in given["machines"]:
            rated = at(g, g["ratedSlip"])["output"]
            row = []
            for load in given["loads"]:
                f = lambda s: at(g, s)["output"] - load*rated
                top = g["ratedSlip"]
                while f(top) < 0 and top < 0.6: top *= 1.4
                if f(top) < 0: row.append(None); continue
                s = scipy.optimize.brentq(f, 1e-9, top, xtol=1e-16, rtol=1e-14)
                row.append({"slip": s, **at(g, s)})
            answer["points"].append(row)
        PYTHON, ['machines' => array_map(get_object_vars(...), $machines), 'loads' => self::LOADS])['points'];
        self::assertIsArray($answer);
        foreach ($machines as $i => $machine) {
            $load = new MachineLoad($machine);
            foreach (self::LOADS as $k => $share) {
                $there = $answer[$i][$k];
                $here = $load->at($share);
                if ($there === null) {
                    self::assertNull($here, "machine $i gives no $share of its output");

                    continue;
                }
                self::assertNotNull($here);
                $where = sprintf('%.0f W at %g of its output', $machine->at($machine->ratedSlip)['output'], $share);
                self::assertEqualsWithDelta(100 * $there['slip'], $here->slip, 1e-6 * 100 * $there['slip'], "slip, $where");
                self::assertEqualsWithDelta($there['amps'], $here->current, 1e-7 * $there['amps'], "current, $where");
                self::assertEqualsWithDelta($there['watts'], $here->input, 1e-7 * $there['watts'], "power, $where");
                self::assertEqualsWithDelta($there['var'], $here->reactive, 1e-7 * abs($there['var']), "reactive power, $where");
            }
        }
    }

    public function test_without_a_load_only_friction_is_turned(): void
    {
        foreach (self::machines(24) as $machine) {
            $slip = (new RunningSlip($machine))->at(0.0);
            self::assertNotNull($slip);
            self::assertLessThan(0.25 * $machine->ratedSlip, $slip);
            self::assertEqualsWithDelta(0.0, $machine->outputAt($slip), 1e-8 * max(1.0, $machine->friction));
        }
    }

    public function test_starting_current_and_torque_are_those_of_the_plate_to_the_seventh_digit(): void
    {
        foreach (self::plates(60) as $plate) {
            $machine = Fit::to($plate)->machine;
            if ($machine === null) {
                continue;
            }
            $stand = $machine->at(1.0);
            self::assertEqualsWithDelta($plate->startCurrent, $stand['current'] / $plate->current(), 1e-7 * $plate->startCurrent);
            $bent = $machine->deepBar > 0 || $machine->rotorStandstill / $machine->rotorRunning < 1.0;
            // Where no deep bar has the ratio of resistances, the straight line between them has it exactly.
            self::assertEqualsWithDelta(
                $plate->startTorque, $stand['torque'] / $plate->torque(), ($bent ? 1e-6 : 1e-3) * $plate->startTorque,
            );
        }
    }

    /** A load by the square of speed on a soft supply: where motor and load agree. */
    public function test_the_speed_at_which_motor_and_load_agree(): void
    {
        $machines = self::machines(16);
        $given = [];
        foreach ($machines as $i => $machine) {
            $given[] = [
                ...get_object_vars($machine), 'load' => (0.4 + 0.05 * ($i % 12)) * $machine->at($machine->ratedSlip)['torque'],
                'ohm' => [0.002 * $i * $machine->stator, 0.02 * $machine->leakageRunning],
            ];
        }
        $answer = NumericalLibrary::compute(self::CIRCUIT.<<<'PYTHON'

        answer = {"speeds": []}
        for g in given:
            n = g["synchronousSpeed"]; rated = n*(1-g["ratedSlip"]); line = complex(*g["ohm"])
            def surplus(s):
                own = at(g, s)
                # The supply's impedance before the motor, by its impedance at this slip.
                z = g["volts"]**2/complex(own["watts"], -own["var"])
                share = abs(z/(z+line))**2
                friction = g["friction"]/(2*np.pi*rated/60)*((1-s)*n/rated)**2
                return share*(own["torque"]+friction)-friction - g["load"]*((1-s)*n/rated)**2
            answer["speeds"].append(n*(1-scipy.optimize.brentq(surplus, 1e-6, 1.5*g["ratedSlip"], xtol=1e-16, rtol=1e-14)))
        PYTHON, $given)['speeds'];
        self::assertIsArray($answer);
        foreach ($machines as $i => $machine) {
            $feed = new Feed($machine->volts, new Impedance(...$given[$i]['ohm']), Impedance::none(), Impedance::none(), false);
            $rated = $machine->synchronousSpeed * (1 - $machine->ratedSlip);
            $train = new Train($machine, new DrivenLoad(LoadKind::Quadratic, $given[$i]['load'], $rated), 1.0);
            $speed = $train->sweep(Stage::full($feed, $machine->volts))->steadySpeed();
            self::assertEqualsWithDelta($answer[$i], $speed, 1e-6 * $machine->synchronousSpeed);
        }
    }

    /** @return list<Machine> */
    private static function machines(int $count): array
    {
        $machines = [];
        foreach (self::plates(6 * $count) as $plate) {
            $machine = Fit::to($plate)->machine;
            if ($machine !== null && count($machines) < $count) {
                $machines[] = $machine;
            }
        }
        self::assertCount($count, $machines);

        return $machines;
    }

    /** @return list<Plate> as motors are stamped, from 0.75 to 400 kW */
    private static function plates(int $count): array
    {
        Fuzz::start();
        $between = static fn (float $low, float $high): float => $low + ($high - $low) * mt_rand() / mt_getrandmax();
        $plates = [];
        for ($i = 0; $i < $count; $i++) {
            $watts = 750 * (400 / 0.75) ** ($i / $count);
            $poles = [2, 4, 4, 6][$i % 4];
            $efficiency = min(0.965, 0.78 + 0.062 * log10($watts / 500)) - $between(0.0, 0.01);
            $slip = min(0.06, 0.05 * (1500 / $watts) ** 0.35) * $between(0.8, 1.1);
            $plates[] = new Plate(
                $watts, 400.0, $efficiency, $between(0.78, 0.9), 6000.0 / $poles, $slip, $between(5.5, 7.8), $between(1.6, 2.5),
                $between(2.5, 3.3),
            );
        }

        return $plates;
    }
}
