<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Parse\Quantity;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;

/**
 * A captured waveform as a person sees it: rms, power, power factors, harmonics, distortion, and the pictures' points.
 *
 * Values over all whole cycles of the record; harmonics over ten (50 Hz) or twelve (60 Hz) of them, IEC 61000-4-7 (from
 * memory), or as many as there are.
 */
final readonly class Analysis
{
    public const ORDERS = 50;

    /**
     * @param  list<Figure>  $figures
     * @param  list<Finding>  $findings
     * @param  list<FieldError>  $errors
     * @param  array<string, mixed>|null  $curves
     */
    private function __construct(
        public ?CapturedTrace $trace,
        public ?Channels $channels,
        public array $figures,
        public array $findings,
        public array $errors,
        public ?array $curves,
    ) {
    }

    /**
     * @param  string  $text  the file
     * @param  array<array-key, mixed>  $options  `columns` (role, way, value, turned for each), `rate` (samples a second, as typed), `system`
     *                                            (`single`, `balanced`, `line`, `three`), `time_unit` (`s`, `ms`, `us`)
     */
    public static function of(string $text, array $options): self
    {
        $trace = TraceReader::read($text);
        if ($trace instanceof Refusal) {
            return new self(
                null, null, [], [],
                [new FieldError('file', $trace->text, 'Text with one row per sample: time, voltage, current; up to 200 000 rows.')],
                null,
            );
        }
        $typed = $options['columns'] ?? null;
        $said = null;
        if (is_array($typed)) {
            $said = [];
            foreach ($typed as $one) {
                $said[] = is_array($one) ? array_intersect_key($one, ['role' => 0, 'way' => 0, 'value' => 0, 'turned' => 0]) : [];
            }
        }
        $channels = Channels::of($trace, $said);
        $errors = $channels->errors;
        $rate = self::rate($trace, $channels, $options, $errors);
        $signals = self::signals($trace, $channels);
        if ($signals === [] && $errors === []) {
            $errors['columns'] = new FieldError(
                'columns', 'No column is marked as voltage or current.', 'Mark at least one column.',
            );
        }
        if ($errors !== [] || $rate === null) {
            return new self($trace, $channels, [], [], array_values($errors), null);
        }
        $reference = $signals['v1'] ?? $signals[array_key_first($signals)] ?? [];
        $frequency = Fundamental::frequency($reference, $rate);
        if ($frequency === null) {
            return new self(
                $trace, $channels, [], [],
                [
                    new FieldError(
                        'file',
                        'No whole cycle of 35 to 75 Hz found: the record lasts '.self::milliseconds($trace->samples() / $rate).' at '.
                        number_format($rate, 0, '.', ' ').' samples per second.',
                        'Use at least two whole cycles, and the right sample rate or time unit.',
                    ),
                ],
                null,
            );
        }
        if ($rate / $frequency < 8) {
            return new self(
                $trace, $channels, [], [],
                [
                    new FieldError(
                        'rate',
                        'Only '.number_format($rate / $frequency, 1).' samples per cycle: too few.',
                        'Use at least 8 samples per cycle; 200 for harmonics.',
                    ),
                ],
                null,
            );
        }

        $even = new Signals($signals, $rate, $frequency, self::system($signals, $options['system'] ?? null));
        $spectra = Spectra::of($even);
        $figures = WaveformFigures::of($even, $spectra);

        return new self(
            $trace, $channels, $figures, WaveformFindings::of($even, $spectra, $figures), [], WaveformCurves::of($even, $spectra),
        );
    }

    private static function milliseconds(float $seconds): string
    {
        return number_format(1000 * $seconds, 1, '.', ' ').' ms';
    }

    /**
     * Samples a second from the time column, else as typed, else as the file says.
     *
     * @param  array<array-key, mixed>  $options
     * @param  array<string, FieldError>  $errors
     */
    private static function rate(CapturedTrace $trace, Channels $channels, array $options, array &$errors): ?float
    {
        $column = $channels->column('t');
        if ($column !== null) {
            $unit = is_string($options['time_unit'] ?? null) ? $options['time_unit'] : '';
            $scale =
                ['s' => 1.0, 'ms' => 1e-3, 'us' => 1e-6][$unit] ??
                match (1) {
                    preg_match('/(?<![a-z])ms(?![a-z])|milli/i', $trace->names[$column]) => 1e-3,
                    preg_match('/(?<![a-z])[uµ]s(?![a-z])|micro/iu', $trace->names[$column]) => 1e-6,
                    default => 1.0,
                };
            $time = $trace->columns[$column];
            $last = count($time) - 1;
            $step = ($time[$last] - $time[0]) / $last;
            if ($step <= 0) {
                $errors['columns'] = new FieldError(
                    'columns', 'The time column does not increase.', 'Choose another time column, or none and a sample rate.',
                );

                return null;
            }
            foreach ($time as $k => $t) {
                // A time that is printed with few digits may be a step off, a gap is more.
                if (abs($t - $time[0] - $k * $step) > 2.5 * $step) {
                    $errors['columns'] = new FieldError(
                        'columns',
                        'The samples are not evenly spaced: line '.($trace->firstLine + $k).' is '.
                        number_format(abs($t - $time[0] - $k * $step) / $step, 1).' steps off.',
                        'Use evenly spaced samples without gaps.',
                    );

                    return null;
                }
            }

            return 1 / ($step * $scale);
        }
        $typed = Typed::plain(is_scalar($options['rate'] ?? null) ? (string) $options['rate'] : '');
        if ($typed === '') {
            if ($trace->rate !== null) {
                return $trace->rate;
            }
            $errors['rate'] = new FieldError(
                'rate', 'Enter the sample rate, because there is no time column.', 'Samples per second, such as 10000 or 10 kHz.',
                ErrorKind::Missing,
            );

            return null;
        }
        $number = Quantity::parse(
            (string) preg_replace(
                '~\s*(sa/s|s/s|samples/s|hz)$~i', '',
                (string) preg_replace_callback(
                    '~^(.*?)\s*(k|M)(sa/s|s/s|hz)?$~',
                    static fn (array $m): string => trim($m[1]).($m[2] === 'k' ? 'e3' : 'e6'),
                    $typed,
                ),
            ),
            FieldKind::Number,
        );
        $value = is_numeric($typed) ? (float) $typed : ($number instanceof Refusal ? self::scaled($typed) : $number);
        if ($value === null || $value < 100 || $value > 1e8) {
            $errors['rate'] = new FieldError(
                'rate',
                Typed::quoted($typed).' is not a sample rate.',
                'Samples per second from 100 to 100 000 000, such as 10000 or 10 kHz.',
            );

            return null;
        }

        return $value;
    }

    private static function scaled(string $text): ?float
    {
        return preg_match('~^([\d.,]+)\s*(k|M)?\s*(?:hz|sa/s|s/s|samples/s)?$~i', $text, $m) === 1 &&
            ! (($number = Typed::number($m[1])) instanceof Refusal)
            ? $number * (['k' => 1e3, 'K' => 1e3, 'm' => 1e6, 'M' => 1e6][$m[2] ?? ''] ?? 1.0)
            : null;
    }

    /** @return array<string, list<float>> volts and amperes by role, in the order of the roles */
    private static function signals(CapturedTrace $trace, Channels $channels): array
    {
        $signals = [];
        foreach (array_diff(Channels::ROLES, ['t', '']) as $role) {
            $column = $channels->column($role);
            if ($column === null) {
                continue;
            }
            $factor = $channels->factors[$role] ?? 1.0;
            $values = $trace->columns[$column];
            if ($factor !== 1.0) {
                foreach ($values as $k => $value) {
                    $values[$k] = $value * $factor;
                }
            }
            $signals[$role] = $values;
        }

        return $signals;
    }

    /** @param  array<string, list<float>>  $signals */
    private static function system(array $signals, mixed $typed): string
    {
        if (isset($signals['v1'], $signals['v2'], $signals['v3'], $signals['i1'], $signals['i2'], $signals['i3'])) {
            return 'three';
        }

        return in_array($typed, ['single', 'balanced', 'line'], true) ? $typed : 'single';
    }
}
