<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Physics\Machine\Plate;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\TestCase;

/** The fitted machine by another road: NumPy solves the equivalent circuit in complex numbers, SciPy finds its breakdown. */
final class MachineTest extends TestCase
{
    private const PROGRAM = <<<'PYTHON'
    def bar(x):
        return x*(np.sinh(2*x)+np.sin(2*x))/(np.cosh(2*x)-np.cos(2*x))
    def at(g, s):
        root = np.sqrt(g["ratedSlip"])
        x = g["leakageRunning"] + (g["leakageStandstill"]-g["leakageRunning"])*max(0.0, np.sqrt(s)-root)/(1-root)
        r = g["rotorRunning"]*bar(g["deepBar"]*np.sqrt(s))/bar(g["deepBar"]*root) if g["deepBar"] > 0 else g["rotorRunning"]+(g["rotorStandstill"]-g["rotorRunning"])*max(0.0, s-g["ratedSlip"])/(1-g["ratedSlip"])
        v = g["volts"]/np.sqrt(3)
        zr = r/s + 1j*x; zm = 1j*g["magnetising"]
        i1 = v/(g["stator"]+1j*x+zr*zm/(zr+zm))
        i2 = i1*zm/(zr+zm)
        w = 2*np.pi*g["synchronousSpeed"]/60
        torque = 3*abs(i2)**2*r/s/w - g["friction"]/(w*(1-g["ratedSlip"]))*((1-s)/(1-g["ratedSlip"]))**2
        return abs(i1+v/g["core"]), torque
    answer = {"machines": []}
    for g in given:
        best = max((scipy.optimize.minimize_scalar(lambda s: -at(g, s)[1], bounds=(lo, hi), method="bounded",
            options={"xatol": 1e-8}) for lo, hi in [(g["ratedSlip"], 0.12), (0.12, 0.4), (0.4, 1.0)]), key=lambda found: -found.fun)
        answer["machines"].append({"rated": at(g, g["ratedSlip"]), "stand": at(g, 1.0), "breakdown": -float(best.fun)})
    PYTHON;

    public function test_every_typical_motor_is_reproduced(): void
    {
        $plates = [];
        $machines = [];
        foreach (Tables::shipped()->named(TableName::from('practice/typical_motor'))->keys('rows') as $kw) {
            /** @var array{pf: float, eff: float, Ist_In: float, Tst_Tn: float, Tmax_Tn: float, rpm: float} $row */
            $row = Tables::shipped()->named(TableName::from('practice/typical_motor'))->list('rows', $kw);
            $plate = new Plate(
                1000 * (float) $kw,
                400,
                $row['eff'] / 100,
                $row['pf'], 1500,
                1 - $row['rpm'] / 1500,
                $row['Ist_In'], $row['Tst_Tn'], $row['Tmax_Tn'],
            );
            $fit = Fit::to($plate);
            self::assertInstanceOf(Machine::class, $fit->machine, "$kw kW: $fit->refusal");
            self::assertSame([], $fit->flags, "$kw kW");
            $plates[] = $plate;
            $machines[] = $fit->machine;
        }
        $answer = NumericalLibrary::compute(self::PROGRAM, array_map(get_object_vars(...), $machines))['machines'];
        self::assertIsArray($answer);
        foreach ($plates as $i => $plate) {
            $one = $answer[$i];
            self::assertEqualsWithDelta($plate->current(), $one['rated'][0], 1e-4 * $plate->current(), 'rated current');
            self::assertEqualsWithDelta($plate->torque(), $one['rated'][1], 1e-4 * $plate->torque(), 'rated torque');
            self::assertEqualsWithDelta(
                $plate->startCurrent * $plate->current(),
                $one['stand'][0],
                1e-4 * $one['stand'][0],
                'starting current',
            );
            self::assertEqualsWithDelta(
                $plate->startTorque * $plate->torque(),
                $one['stand'][1],
                1e-4 * $one['stand'][1],
                'starting torque',
            );
            self::assertEqualsWithDelta(
                $plate->breakdownTorque * $plate->torque(),
                $one['breakdown'],
                3e-3 * $one['breakdown'],
                'breakdown torque',
            );
        }
    }

    public function test_plates_that_are_no_motors_are_refused_or_flagged_and_never_throw(): void
    {
        mt_srand(20261123);
        $between = static fn (float $a, float $b): float => $a + ($b - $a) * mt_rand() / mt_getrandmax();
        $made = 0;
        for ($i = 0; $i < 1000; $i++) {
            $plate = new Plate(
                exp($between(log(60), log(4e5))),
                400, $between(0.2, 1.0), $between(0.2, 1.0),
                [3000.0, 1500.0, 1000.0, 750.0][mt_rand(0, 3)],
                $between(0.0002, 0.3), $between(1.5, 15), $between(0.1, 6), $between(1, 8),
            );
            $fit = Fit::to($plate);
            if ($fit->machine === null) {
                self::assertNotSame('', (string) $fit->refusal);

                continue;
            }
            $made++;
            $ratio = $fit->machine->leakageStandstill / $fit->machine->leakageRunning;
            self::assertTrue($ratio > 0.37 && $ratio < 1.03);
            self::assertEqualsWithDelta(
                $plate->current(),
                $fit->machine->at($fit->machine->ratedSlip)['current'],
                1e-6 * $plate->current(),
            );
        }
        self::assertGreaterThan(50, $made);
        $typos = [['startCurrent' => 70.0], ['startCurrent' => 2.1], ['startTorque' => 0.24], ['powerFactor' => 0.99],
            ['powerFactor' => 0.3]];
        foreach ($typos as $typo) {
            $good = [
                'output' => 37000.0, 'volts' => 400.0, 'efficiency' => 0.939, 'powerFactor' => 0.85, 'synchronousSpeed' => 1500.0,
                'slip' => 0.012, 'startCurrent' => 7.0, 'startTorque' => 2.4, 'breakdownTorque' => 2.9,
            ];
            self::assertNotNull(Fit::to(new Plate(...[...$good, ...$typo]))->refusal, (string) json_encode($typo));
        }
    }
}
