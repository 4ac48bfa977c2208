<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Physics\Waveform\Analysis;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The sample files by another road: frequency by SciPy's optimiser, harmonics by NumPy's least squares, over the same whole cycles. */
final class WaveformTest extends TestCase
{
    private const PROGRAM = <<<'PYTHON'
    volts = np.array(given["v"]); amps = np.array(given["i"]); rate = given["rate"]; near = given["near"]
    t = np.arange(len(volts)) / rate
    def residue(f):
        basis = np.column_stack([np.cos(2*np.pi*f*t), np.sin(2*np.pi*f*t), np.ones_like(t)])
        return np.sum((volts - basis @ np.linalg.lstsq(basis, volts, rcond=None)[0])**2)
    f = scipy.optimize.minimize_scalar(residue, bounds=(near - 0.5, near + 0.5), method="bounded", options={"xatol": 1e-7}).x
    cycles = int((len(volts) - 1) * f / rate + 1e-6)
    n = int(round(cycles * rate / f))
    window = min(cycles, 12 if f > 55 else 10)
    m = int(round(window * rate / f))
    def components(x):
        k = np.arange(m) / rate
        columns = [np.ones(m)]
        for h in range(1, 51):
            columns += [np.cos(2*np.pi*h*f*k), np.sin(2*np.pi*h*f*k)]
        c = np.linalg.lstsq(np.column_stack(columns), x[:m], rcond=None)[0]
        return c[1::2] - 1j * c[2::2]
    hv = components(volts); hi = components(amps)
    answer = {"frequency": f, "rms_v": float(np.sqrt(np.mean(volts[:n]**2))), "rms_i": float(np.sqrt(np.mean(amps[:n]**2))),
        "real": float(np.mean(volts[:n]*amps[:n])),
        "thd_v": float(100*np.sqrt(np.sum(abs(hv[1:])**2))/abs(hv[0])), "thd_i": float(100*np.sqrt(np.sum(abs(hi[1:])**2))/abs(hi[0])),
        "angle": float(np.degrees(np.angle(hv[0]/hi[0]))), "harmonics": [float(x) for x in 100*abs(hi)/abs(hi[0])]}
    PYTHON;

    /** @return array<string, array{string, int, int, float, float, float}> file, column of volts, of amps, rate, scale of amps, hertz */
    public static function samples(): array
    {
        return [
            'grinder' => ['grinder-lagging', 1, 2, 10000, 0.001, 50], 'welding rectifier' => ['welder-idle-leading', 1, 2, 12000, 1, 50],
            'heaters' => ['kiln-heaters-in-phase', 0, 1, 20000, 0.001, 50], 'drive' => ['drive-input-humps', 1, 2, 24000, 1, 60],
            'compressor' => ['compressor-soft-start', 1, 4, 10000, 1, 50],
        ];
    }

    #[DataProvider('samples')]
    public function test_a_sample_file(string $name, int $volts, int $amps, float $rate, float $scale, float $near): void
    {
        $analysis = Analysis::of((string) file_get_contents(dirname(__DIR__, 2)."/public/samples/$name.csv"), []);
        $columns = $analysis->trace->columns ?? [];
        $found = array_column(
            array_map(static fn ($figure): array => ['key' => substr($figure->key(), 9), 'value' => $figure->value], $analysis->figures),
            'value', 'key',
        );
        $want = NumericalLibrary::compute(self::PROGRAM, [
            'v' => $columns[$volts] ?? [],
            'i' => array_map(static fn (float $x): float => $x * $scale, $columns[$amps] ?? []),
            'rate' => $rate, 'near' => $near,
        ]);
        $three = $name === 'compressor-soft-start';
        $apparent = $want['rms_v'] * $want['rms_i'];
        self::assertEqualsWithDelta($want['frequency'], $found['frequency'], 2e-3);
        self::assertEqualsWithDelta($want['rms_v'], $found['rms_v1'], 2e-4 * $want['rms_v']);
        self::assertEqualsWithDelta($want['rms_i'], $found['rms_i1'], 5e-4 * $want['rms_i']);
        self::assertEqualsWithDelta($want['real'], $found[$three ? 'real_1' : 'real'], 5e-4 * $apparent);
        self::assertEqualsWithDelta($want['angle'], $found[$three ? 'angle_1' : 'angle'], 0.05);
        self::assertEqualsWithDelta($want['thd_v'], $found['thd_v1'], 0.02);
        self::assertEqualsWithDelta($want['thd_i'], $found['thd_i1'], 0.002 * max(10, $want['thd_i']));
        $harmonics = $analysis->curves['harmonics']['i1'] ?? [];
        self::assertCount(50, $harmonics);
        foreach ($want['harmonics'] as $i => $percent) {
            self::assertEqualsWithDelta($percent, $harmonics[$i]['percent'], 0.05, 'order '.($i + 1));
        }
    }
}
