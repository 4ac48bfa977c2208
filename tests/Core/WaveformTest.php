<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Physics\Waveform\Analysis;
use BraveAnvil\Physics\Waveform\CapturedTrace;
use BraveAnvil\Physics\Waveform\DrawnPoints;
use BraveAnvil\Physics\Waveform\TraceReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Files of samples: how they are read, what follows, and what is refused with its line. */
final class WaveformTest extends TestCase
{
    private static function sample(string $name): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2)."/public/samples/$name.csv");
    }

    /** @return array<string, float> figures by key without `waveform.` */
    private static function figures(Analysis $analysis): array
    {
        $values = [];
        foreach ($analysis->figures as $figure) {
            $values[substr($figure->key(), 9)] = $figure->number();
        }

        return $values;
    }

    /** @return list<string> */
    private static function codes(Analysis $analysis): array
    {
        return array_map(static fn ($finding): string => $finding->code->code(), $analysis->findings);
    }

    /**
     * Two channels of one phase: volts and amps at time t.
     *
     * @param  callable(float): float  $volts
     * @param  callable(float): float  $amps
     */
    private static function made(callable $volts, callable $amps, int $rows = 2003, float $rate = 10000): string
    {
        $lines = ['t,v,i'];
        for ($k = 0; $k < $rows; $k++) {
            $lines[] = sprintf('%.7f,%.6f,%.6f', $k / $rate, $volts($k / $rate), $amps($k / $rate));
        }

        return implode("\n", $lines);
    }

    public function test_a_lagging_sine_gives_its_power_and_its_shift(): void
    {
        $w = 2 * M_PI * 50;
        $found = self::figures(
            Analysis::of(
                self::made(
                    static fn (float $t): float => 325 * sin($w * $t),
                    static fn (float $t): float => 14 * sin($w * $t - deg2rad(40)),
                ),
                [],
            ),
        );
        self::assertEqualsWithDelta(((325 * 14) / 2) * cos(deg2rad(40)), $found['real'], 0.5);
        self::assertEqualsWithDelta(((325 * 14) / 2) * sin(deg2rad(40)), $found['reactive'], 0.5);
        self::assertEqualsWithDelta(40, $found['angle'], 0.01);
        self::assertEqualsWithDelta(40 / 360 / 50, $found['shift'], 1e-6);
        self::assertEqualsWithDelta(50, $found['frequency'], 1e-3);
        self::assertEqualsWithDelta(sqrt(2), $found['crest_v1'], 1e-3);
        self::assertLessThan(0.05, $found['thd_i1']);
    }

    /** @return array<string, array{float, float}> hertz, samples a second: cycles that are no whole number of samples */
    public static function odd(): array
    {
        return ['49.87 Hz' => [49.87, 10000], '60.3 Hz' => [60.3, 7321], 'slow logger' => [50.13, 1600], 'fast scope' => [59.94, 250000]];
    }

    #[DataProvider('odd')]
    public function test_cycles_need_not_be_whole_numbers_of_samples(float $hertz, float $rate): void
    {
        $w = 2 * M_PI * $hertz;
        $found = self::figures(
            Analysis::of(
                self::made(
                    static fn (float $t): float => 325 * sin($w * $t + 0.7),
                    static fn (float $t): float => 10 * sin($w * $t + 0.2) + 2 * sin(5 * $w * $t) + 1 * sin(7 * $w * $t + 1),
                    (int) min(60000, 0.24 * $rate),
                    $rate,
                ),
                [],
            ),
        );
        self::assertEqualsWithDelta($hertz, $found['frequency'], 0.005);
        self::assertEqualsWithDelta(100 * sqrt(5) / 10, $found['thd_i1'], 0.15);
        self::assertEqualsWithDelta(rad2deg(0.5), $found['angle'], 0.1);
        self::assertEqualsWithDelta(325 * 10 / 2 * cos(0.5), $found['real'], 2);
        self::assertEqualsWithDelta(sqrt((100 + 4 + 1) / 2), $found['rms_i1'], 0.01);
    }

    public function test_spikes_are_told_from_a_shifted_current(): void
    {
        $spikes = Analysis::of(self::sample('drive-input-humps'), []);
        self::assertContains('distortion_not_capacitor', self::codes($spikes));
        self::assertGreaterThan(0.95, self::figures($spikes)['displacement_factor']);
        self::assertLessThan(0.7, self::figures($spikes)['power_factor']);
        self::assertContains('lagging', self::codes(Analysis::of(self::sample('grinder-lagging'), [])));
        self::assertContains('leading', self::codes(Analysis::of(self::sample('welder-idle-leading'), [])));
        self::assertSame(
            [],
            array_intersect(
                ['lagging', 'leading', 'distortion_not_capacitor'],
                self::codes(Analysis::of(self::sample('kiln-heaters-in-phase'), [])),
            ),
        );
    }

    public function test_every_sample_is_read_by_guessing_its_columns(): void
    {
        foreach (
            [
                'grinder-lagging' => ['t', 'v1', 'i1'], 'welder-idle-leading' => ['t', 'v1', 'i1'], 'kiln-heaters-in-phase' => ['v1', 'i1'],
                'drive-input-humps' => ['t', 'v1', 'i1'], 'compressor-soft-start' => ['t', 'v1', 'v2', 'v3', 'i1', 'i2', 'i3'],
            ] as $name => $roles
        ) {
            $analysis = Analysis::of(self::sample($name), []);
            self::assertSame($roles, $analysis->channels?->roles, $name);
            self::assertSame([], $analysis->errors, $name);
        }
    }

    public function test_scaling_by_probe_shunt_and_clamp(): void
    {
        $text = self::made(
            static fn (float $t): float => 3.25 * sin(2 * M_PI * 50 * $t),
            static fn (float $t): float => 0.5 * sin(2 * M_PI * 50 * $t),
        );
        $rms = static fn (string $way, string $value): float => self::figures(
            Analysis::of($text, [
                'columns' => [
                    ['role' => 't'], ['role' => 'v1', 'way' => 'probe', 'value' => '100:1'],
                    ['role' => 'i1', 'way' => $way, 'value' => $value],
                ],
            ]),
        )['rms_i1'];
        self::assertEqualsWithDelta(0.5 / sqrt(2) / 0.01, $rms('shunt', '10 mΩ'), 0.01);
        self::assertEqualsWithDelta(0.5 / sqrt(2) * 10, $rms('clamp', '100 mV/A'), 0.01);
        self::assertEqualsWithDelta(0.5 / sqrt(2), $rms('direct', ''), 0.001);
        $turned = Analysis::of($text, ['columns' => [['role' => 't'], ['role' => 'v1'], ['role' => 'i1', 'turned' => true]]]);
        self::assertContains('power_backwards', self::codes($turned));
        foreach (['', '0', '-1', 'abc'] as $bad) {
            self::assertSame(
                'columns.2.value',
                Analysis::of($text, ['columns' => [['role' => 't'], ['role' => 'v1'], ['role' => 'i1', 'way' => 'shunt', 'value' => $bad]]])
                    ->errors[0]->path ?? '',
                $bad,
            );
        }
        self::assertSame(
            'columns.2.role',
            Analysis::of($text, ['columns' => [['role' => 't'], ['role' => 'v1'], ['role' => 'v1']]])->errors[0]->path ?? '',
        );
    }

    public function test_a_line_voltage_loses_its_thirty_degrees(): void
    {
        $w = 2 * M_PI * 50;
        $text = self::made(
            static fn (float $t): float => 400 * sqrt(2) * sin($w * $t + M_PI / 6),
            static fn (float $t): float => 20 * sqrt(2) * sin($w * $t - acos(0.8)),
        );
        $found = self::figures(Analysis::of($text, ['system' => 'line']));
        self::assertEqualsWithDelta(sqrt(3) * 400 * 20 * 0.8, $found['real'], 5);
        self::assertEqualsWithDelta(0.8, $found['displacement_factor'], 1e-3);
        $phase = self::made(
            static fn (float $t): float => (400 / sqrt(3)) * sqrt(2) * sin($w * $t),
            static fn (float $t): float => 20 * sqrt(2) * sin($w * $t - acos(0.8)),
        );
        self::assertEqualsWithDelta(sqrt(3) * 400 * 20 * 0.8, self::figures(Analysis::of($phase, ['system' => 'balanced']))['real'], 5);
    }

    /** @return array<string, array{string, int}> the same three rows as different instruments write them, and their columns */
    public static function dialects(): array
    {
        $write = static fn (string $separator, string $decimal, string $head = ''): string => $head.
            implode(
                "\n",
                array_map(
                    static fn (int $k): string => str_replace(
                        '.', $decimal,
                        sprintf("%.3f$separator%.2f$separator%.1f", $k / 1000, sin($k), cos($k)),
                    ),
                    range(0, 99),
                ),
            );

        return [
            'comma' => [$write(',', '.'), 3],
            'semicolon' => [$write(';', '.'), 3],
            'semicolon, decimal comma' => [$write(';', ','), 3],
            'tab' => [$write("\t", '.'), 3],
            'tab, decimal comma' => [$write("\t", ','), 3],
            'spaces' => [$write('  ', '.'), 3],
            'spaces, decimal comma' => [$write(' ', ','), 3],
            'bar' => [$write('|', '.'), 3],
            'comma and space' => [$write(', ', '.'), 3],
            'head' => [$write(',', '.', "Model,x\nDate,2026-11-23\n\nTime,CH1,CH2\n(s),(V),(A)\n"), 3],
            'windows lines' => [str_replace("\n", "\r\n", $write(';', ',', "t;u;i\n")), 3],
            'old lines' => [str_replace("\n", "\r", $write(';', '.')), 3],
            'quotes' => ['"t","v","i"'."\n".(string) preg_replace('/[-\d.]+/', '"$0"', $write(',', '.')), 3],
            'byte order mark' => ["\xEF\xBB\xBF".$write(',', '.', "t,v,i\n"), 3],
            'two bytes a letter' => ["\xFF\xFE".(string) preg_replace('/./s', "\$0\0", $write(',', '.', "t,v,i\n")), 3],
            'trailing separator' => [str_replace("\n", ";\n", $write(';', '.')), 3],
            'exponents' => [
                implode("\n", array_map(static fn (int $k): string => sprintf('%.4e,%.3e', $k / 1e4, sin($k)), range(0, 99))),
                2,
            ],
            'clock time' => [
                implode(
                    "\n",
                    array_map(
                        static fn (int $k): string => sprintf('2026-11-23 10:00:%06.3f;%.2f;%.2f', $k / 1000, sin($k), cos($k)),
                        range(0, 99),
                    ),
                ),
                2,
            ],
            'one column' => [implode("\n", array_map(static fn (int $k): string => sprintf('%.3f', sin($k)), range(0, 99))), 1],
        ];
    }

    #[DataProvider('dialects')]
    public function test_any_separator_and_decimal_sign(string $text, int $columns): void
    {
        $trace = TraceReader::read($text);
        self::assertInstanceOf(CapturedTrace::class, $trace);
        self::assertCount($columns, $trace->columns);
        self::assertSame(100, $trace->samples());
        self::assertEqualsWithDelta(
            sin(7),
            $trace->columns[$columns === 1 ? 0 : ($columns === 2 && abs($trace->columns[1][7] - sin(7)) > 0.01 ? 0 : 1)][7],
            0.006,
        );
    }

    /** @return array<string, array{string, string}> text, words of the refusal */
    public static function bad(): array
    {
        $rows = static fn (int $n): string => implode("\n", array_map(static fn (int $k): string => "$k,1,2", range(1, $n)));

        return [
            'nothing' => ['', 'not a text'], 'a picture' => ["\x89PNG\0\0\x1A", 'not a text'],
            'words' => [str_repeat("hello there\n", 40), 'No rows of numbers'],
            'too few' => [$rows(10), 'too few'],
            'a word in a row' => [$rows(30)."\n31,oops,2\n32,1,2", 'Line 31, column 2'],
            'overload of a meter' => [$rows(30)."\n31,OL,2", 'Line 31'],
            'a missing cell' => [$rows(30)."\n31,1", 'Line 31, column 3'],
            'an empty line' => [$rows(30)."\n\n".$rows(5), 'Line 31 is empty'],
            'not a number' => [$rows(30)."\n31,NaN,2", 'Line 31, column 2'],
            'without end' => [$rows(30)."\n31,1e999,2", 'Line 31, column 2'],
            'too many' => [str_repeat("1,2\n", TraceReader::MOST_SAMPLES + 1), 'the limit is'],
        ];
    }

    #[DataProvider('bad')]
    public function test_a_bad_file_is_refused_with_its_line(string $text, string $words): void
    {
        $trace = TraceReader::read($text);
        self::assertInstanceOf(Refusal::class, $trace);
        self::assertStringContainsString($words, $trace->text);
        self::assertSame('file', Analysis::of($text, [])->errors[0]->path ?? '');
    }

    public function test_what_makes_no_waveform_is_told(): void
    {
        $flat = self::made(static fn (): float => 5.0, static fn (): float => 1.0);
        self::assertStringContainsString('No whole cycle', Analysis::of($flat, [])->errors[0]->text ?? '');
        $short = self::made(static fn (float $t): float => sin(2 * M_PI * 50 * $t), static fn (): float => 0.0, 60);
        self::assertStringContainsString('No whole cycle', Analysis::of($short, [])->errors[0]->text ?? '');
        $gap = str_replace(
            "\n0.0100000,",
            "\n0.0180000,",
            self::made(static fn (float $t): float => sin(2 * M_PI * 50 * $t), static fn (): float => 0.0),
        );
        self::assertStringContainsString('not evenly spaced: line 102', Analysis::of($gap, [])->errors[0]->text ?? '');
        $bare = implode(
            "\n",
            array_map(static fn (int $k): string => sprintf('%.4f,%.4f', sin($k * 0.0314159), sin($k * 0.0314159 - 1)), range(0, 1999)),
        );
        self::assertSame('rate', Analysis::of($bare, [])->errors[0]->path ?? '');
        self::assertSame('rate', Analysis::of($bare, ['rate' => 'fast'])->errors[0]->path ?? '');
        self::assertEqualsWithDelta(50, self::figures(Analysis::of($bare, ['rate' => '10 kHz']))['frequency'], 0.01);
        self::assertSame(
            'columns',
            Analysis::of($bare, ['rate' => '10000', 'columns' => [['role' => ''], ['role' => '']]])->errors[0]->path ?? '',
        );
    }

    public function test_drawing_keeps_every_peak(): void
    {
        $values = array_fill(0, 100000, 0.0);
        array_splice($values, 54321, 2, [9.0, -7.0]);
        $drawn = DrawnPoints::of($values, 0, 99999, 1e-5, 800);

        self::assertLessThan(1000, count($drawn));
        $heights = array_column($drawn, 1);
        sort($heights);
        self::assertSame([9.0, -7.0], [end($heights), reset($heights)]);
        self::assertSame(array_column($drawn, 0), (static function (array $t): array {
            sort($t);

            return $t;
        })(array_column($drawn, 0)), 'time goes on');
    }

    public function test_two_hundred_thousand_samples_are_taken(): void
    {
        $w = 2 * M_PI * 50;
        $analysis = Analysis::of(
            self::made(
                static fn (float $t): float => 325 * sin($w * $t),
                static fn (float $t): float => 10 * sin($w * $t - 0.5),
                200_000, 100_000,
            ),
            [],
        );
        self::assertSame([], $analysis->errors);
        self::assertEqualsWithDelta(325 * 10 / 2 * cos(0.5), self::figures($analysis)['real'], 0.1);
        self::assertLessThan(2000, count($analysis->curves['record']['v1'] ?? []));
    }

    /**
     * A clamp that is not zeroed, a voltage with a tenth of fifth harmonic, a scope that is too slow: each is told, and a clean
     * file has none of it.
     */
    public function test_what_spoils_a_recording_is_told(): void
    {
        $w = 2 * M_PI * 50;
        $volts = static fn (float $t): float => 325 * sin($w * $t);
        $amps = static fn (float $t): float => 14 * sin($w * $t - deg2rad(40));
        $codes = static fn (callable $v, callable $i, float $rate): array => self::codes(
            Analysis::of(self::made($v, $i, (int) ($rate / 5), $rate), []),
        );
        $spoilt = ['offset_i1', 'offset_v1', 'voltage_distorted', 'few_samples'];
        self::assertSame([], array_intersect($spoilt, $codes($volts, $amps, 10000)));
        $shifted = static fn (float $t): float => $amps($t) + 1;
        self::assertContains('offset_i1', $codes($volts, $shifted, 10000));
        self::assertNotContains('offset_v1', $codes($volts, $shifted, 10000));
        $distorted = static fn (float $t): float => $volts($t) + 32.5 * sin(5 * $w * $t);
        self::assertContains('voltage_distorted', $codes($distorted, $amps, 10000));
        // EN 50160 (from memory): 8 % of total distortion.
        $within = static fn (float $t): float => $volts($t) + 24 * sin(5 * $w * $t);
        self::assertNotContains('voltage_distorted', $codes($within, $amps, 10000));
        self::assertContains('few_samples', $codes($volts, $amps, 1000));
        self::assertNotContains('few_samples', $codes($volts, $amps, 20000));
    }
}
