<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Books\Iec\FuseGates;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;

/** What a start does to relay and fuse, and a capacitor to the line, by another road: SciPy integrates, NumPy adds in complex numbers. */
final class StartAndCorrectionTest extends TestCase
{
    /**
     * A body that warms with the square of the current and cools in proportion: it trips when it reaches the heat of 1.05 or 1.2 times
     * the setting.
     */
    private const RELAY = <<<'PYTHON'
    import scipy.integrate
    answer = {"trips": []}
    for reference, at72, multiple in given:
        # The time constant that trips at the class's time at 7.2 times the setting.
        tau = scipy.optimize.brentq(lambda t: scipy.integrate.quad(lambda h: t/(7.2**2-h), 0, reference**2)[0] - at72, 1e-3, 1e5)
        hit = lambda t, heat: heat[0] - reference**2
        hit.terminal = True
        run = scipy.integrate.solve_ivp(lambda t, heat: [(multiple**2-heat[0])/tau], (0, 1e5), [0.0], events=hit, rtol=1e-10, atol=1e-12)
        answer["trips"].append(float(run.t_events[0][0]))
    PYTHON;

    public function test_a_relay_trips_when_its_body_is_warm(): void
    {
        $classes = (new Practice(Tables::shipped()))->overloadClasses();
        $seconds = Tables::shipped()->named(TableName::IecOverloadClass);
        $cases = [];
        $ours = [];
        foreach ([TripClass::Class10A, TripClass::Class10, TripClass::Class20, TripClass::Class30] as $class) {
            foreach ([1.5, 2.4, 4.04, 6.0, 7.2, 9.0] as $multiple) {
                $cases[] = [1.05, $seconds->must('lower_time_at_7_2_s', $class->value), $multiple];
                $ours[] = $classes->holds($class, $multiple);
                $cases[] = [1.2, $seconds->must('upper_time_at_7_2_s', $class->value), $multiple];
                $ours[] = $classes->tripsWithin($class, $multiple, 7.2);
            }
        }
        $trips = NumericalLibrary::compute(self::RELAY, $cases)['trips'];
        self::assertIsArray($trips);
        self::assertCount(count($ours), $trips);
        foreach ($trips as $i => $trip) {
            self::assertEqualsWithDelta($trip, $ours[$i], 1e-4 * $ours[$i], json_encode($cases[$i], JSON_THROW_ON_ERROR));
        }
    }

    /**
     * A start of two parts trips where the warming of both together does: the sum of shares is taken up to 80 % only, which lies on the
     * safe side.
     */
    private const TWO_PARTS = <<<'PYTHON'
    answer = {"heat": []}
    for at72, first, star, second, full in given:
        tau = at72 / np.log(7.2**2/(7.2**2-1.05**2))
        warm = first**2*(1-np.exp(-star/tau))
        warm = second**2 + (warm-second**2)*np.exp(-full/tau)
        answer["heat"].append(float(warm/1.05**2))
    PYTHON;

    public function test_the_sum_of_shares_never_lets_a_relay_trip(): void
    {
        $classes = (new Practice(Tables::shipped()))->overloadClasses();
        $seconds = Tables::shipped()->named(TableName::IecOverloadClass);
        $cases = [];
        $shares = [];
        foreach ([TripClass::Class10A, TripClass::Class10, TripClass::Class20, TripClass::Class30] as $class) {
            foreach (
                [[4.0, 3.0, 7.0, 1.0], [4.04, 6.0, 7.0, 2.0], [3.5, 10.0, 6.0, 0.5], [5.0, 2.0, 8.0, 3.0]] as [$first, $star, $second,
                    $full]
            ) {
                $share = $star / $classes->holds($class, $first) + $full / $classes->holds($class, $second);
                $scale = 0.8 / $share;
                $cases[] = [$seconds->must('lower_time_at_7_2_s', $class->value), $first, $star * $scale, $second, $full * $scale];
                $shares[] = 1.0;
            }
        }
        $heat = NumericalLibrary::compute(self::TWO_PARTS, $cases)['heat'];
        self::assertIsArray($heat);
        self::assertCount(count($shares), $heat);
        foreach ($heat as $i => $warm) {
            self::assertLessThan(1, $warm, 'a start that uses up what is taken does not trip');
            self::assertGreaterThan(0.7, $warm, 'and little is given away: '.json_encode($cases[$i], JSON_THROW_ON_ERROR));
        }
    }

    private const FUSE = <<<'PYTHON'
    answer = {"holds": []}
    for gate01, gate10, rating, amperes in given:
        if amperes > gate01:
            answer["holds"].append(0.0)
        elif amperes >= gate10:
            answer["holds"].append(float(10**np.interp(np.log10(amperes), np.log10([gate10, gate01]), [1.0, -1.0])))
        else:
            answer["holds"].append(float(10*(gate10/amperes)**2))
    PYTHON;

    /** IEC 60269-1 gates (from memory): straight on logarithmic scales between them, constant I²t beyond ten seconds. */
    public function test_a_fuse_is_read_straight_between_its_gates(): void
    {
        $table = Tables::shipped()->named(TableName::IecFuseGg);
        $fuses = (new FuseGates($table, (new Practice(Tables::shipped()))->guard()))->fuses();
        $cases = [];
        $ours = [];
        foreach ($fuses as $fuse) {
            $key = (string) $fuse->rating();
            [$fast, $slow] = [$table->must('gates', $key, 'min_0_1s'), $table->must('gates', $key, 'min_10s')];
            foreach ([0.8 * $slow, $slow, sqrt($slow * $fast), 0.9 * $fast, 1.1 * $fast] as $amperes) {
                if ($amperes > 1.25 * $fuse->rating()) {
                    $cases[] = [$fast, $slow, $fuse->rating(), $amperes];
                    $ours[] = $fuse->holdsFor($amperes);
                }
            }
        }
        $holds = NumericalLibrary::compute(self::FUSE, $cases)['holds'];
        self::assertIsArray($holds);
        self::assertGreaterThan(60, count($holds));
        foreach ($holds as $i => $seconds) {
            self::assertEqualsWithDelta($seconds, $ours[$i], 1e-9 * max(1.0, $ours[$i]), json_encode($cases[$i], JSON_THROW_ON_ERROR));
        }
    }

    private const LINE = <<<'PYTHON'
    answer = {"line": []}
    for volts, amperes, factor, kvar, power, reactive in given:
        phase = volts/np.sqrt(3)
        motor = amperes*(factor - 1j*np.sqrt(1-factor**2))
        capacitor = 1j*1000*kvar/(3*phase)
        full = motor + capacitor
        load = np.conj((power + 1j*reactive)/(3*phase)) + capacitor
        answer["line"].append([float(abs(full)), float(np.cos(np.angle(full))), float(np.angle(full)), float(abs(load)),
            float(np.cos(np.angle(load)))])
    PYTHON;

    public function test_the_line_carries_the_sum_of_motor_and_capacitor(): void
    {
        $cases = [];
        $solutions = [];
        foreach ([2.5, 10, 20, 40, 75] as $kvar) {
            foreach ([40, 70, 95] as $load) {
                $solution = Circuits::solve(Circuits::kilnFan(), [
                    'correction.place' => 'board',
                    'correction.rated_kvar' => $kvar,
                    'correction.load_percent' => $load,
                ]);
                $cases[] = [
                    400,
                    66,
                    0.85,
                    $kvar,
                    $solution->figure('correct.load_power')?->number(),
                    $solution->figure('correct.load_reactive')?->number(),
                ];
                $solutions[] = $solution;
            }
        }
        $line = NumericalLibrary::compute(self::LINE, $cases)['line'];
        self::assertIsArray($line);
        foreach ($solutions as $i => $solution) {
            self::assertIsArray($line[$i]);
            [$amperes, $factor, $angle, $atLoad, $factorAtLoad] = $line[$i];
            self::assertIsFloat($amperes);
            self::assertIsFloat($atLoad);
            self::assertEqualsWithDelta($amperes, $solution->figure('correct.corrected_current')?->number(), 1e-6 * $amperes);
            self::assertEqualsWithDelta($factor, $solution->figure('correct.corrected_power_factor')?->number(), 1e-9);
            self::assertSame($angle > 0, str_contains($solution->figure('correct.corrected_power_factor')->label ?? '', 'leading'));
            self::assertEqualsWithDelta($atLoad, $solution->figure('correct.load_corrected_current')?->number(), 1e-6 * $atLoad);
            self::assertEqualsWithDelta($factorAtLoad, $solution->figure('correct.load_corrected_power_factor')?->number(), 1e-9);
        }
    }

    private const CLASSES = <<<'PYTHON'
    answer = {"percent": []}
    for rows, kilowatts in given:
        sizes = sorted((float(k), v) for k, v in rows.items())
        answer["percent"].append(float(np.interp(np.log(kilowatts), np.log([s for s, _ in sizes]), [v for _, v in sizes])))
    PYTHON;

    /** IEC 60034-30-1 gives formulas between its sizes at 50 Hz; straight over the logarithm is within what a plate can tell. */
    public function test_between_two_sizes_a_class_is_straight_over_the_logarithm(): void
    {
        $classes = (new Practice(Tables::shipped()))->efficiencyClasses();
        $cases = [];
        $ours = [];
        foreach ([50 => TableName::IecEfficiencyClass50hz, 60 => TableName::IecEfficiencyClass60hz] as $hertz => $name) {
            foreach (['IE2', 'IE3'] as $class) {
                $rows = Tables::shipped()->named($name)->series($class, '4');
                foreach ([0.9, 2.6, 6.4, 13.0, 33.0, 66.0, 125.0] as $kilowatts) {
                    $cases[] = [$rows, $kilowatts];
                    $ours[] = $classes->nominal($class, 1000 * $kilowatts, 4, $hertz);
                }
            }
        }
        $percent = NumericalLibrary::compute(self::CLASSES, $cases)['percent'];
        self::assertIsArray($percent);
        self::assertCount(count($ours), $percent);
        foreach ($percent as $i => $value) {
            self::assertEqualsWithDelta($value, $ours[$i], 1e-9);
        }
    }
}
