<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

/** Fourier components of even samples over a whole number of cycles that need not be a whole number of samples. */
final class Harmonics
{
    /**
     * Integration weights of the trapezoid rule from the first sample over a length in samples; they add up to the length.
     *
     * @return array{int, float, float} index of the last whole sample, its weight, and that of the sample after it
     */
    public static function end(float $length): array
    {
        $last = (int) floor($length + 1e-9);
        $part = max(0.0, $length - $last);

        return [$last, 0.5 + $part - $part ** 2 / 2, $part ** 2 / 2];
    }

    /**
     * Complex amplitudes (peak) of the orders 1 to $orders of several signals sampled together.
     *
     * @param  list<list<float>>  $signals
     * @param  float  $length  samples in the window, a whole number of cycles
     * @param  int  $cycles  how many
     * @param  int  $block  samples averaged into one before this; its known droop is taken out again
     * @return list<list<array{float, float}>> for each signal and order the real and the imaginary part of the peak, angles against a cosine at the window's middle of block zero
     */
    public static function of(array $signals, float $length, int $cycles, int $orders, int $block = 1): array
    {
        [$last, $lastWeight, $afterWeight] = self::end($length);
        $step = 2 * M_PI * $cycles / $length;
        $found = [];
        foreach ($signals as $signal) {
            $found[] = array_fill(0, $orders, [0.0, 0.0]);
        }
        $re = array_fill(0, count($signals), array_fill(1, $orders, 0.0));
        $im = $re;
        $count = count($signals[0] ?? []);
        for ($k = 0; $k <= min($last + 1, $count - 1); $k++) {
            $weight = match (true) {
                $k === 0 => 0.5, $k === $last => $lastWeight, $k > $last => $afterWeight, default => 1.0,
            };
            if ($weight <= 0.0) {
                continue;
            }
            // cos and sin of all multiples from the first, by the two-term recurrence.
            $cos1 = cos($step * $k);
            $sin1 = sin($step * $k);
            $twice = 2 * $cos1;
            foreach ($signals as $s => $signal) {
                $value = $weight * $signal[$k];
                $cos = $cos1;
                $sin = $sin1;
                $cosBefore = 1.0;
                $sinBefore = 0.0;
                for ($h = 1; $h <= $orders; $h++) {
                    $re[$s][$h] += $value * $cos;
                    $im[$s][$h] -= $value * $sin;
                    $next = $twice * $cos - $cosBefore;
                    $cosBefore = $cos;
                    $cos = $next;
                    $next = $twice * $sin - $sinBefore;
                    $sinBefore = $sin;
                    $sin = $next;
                }
            }
        }
        foreach (array_keys($signals) as $s) {
            for ($h = 1; $h <= $orders; $h++) {
                $half = $step * $h / 2;
                // The mean of a block of samples shrinks a component by this much.
                $droop = $block > 1 ? sin($half) / ($block * sin($half / $block)) : 1.0;
                $found[$s][$h - 1] = [2 * $re[$s][$h] / $length / $droop, 2 * $im[$s][$h] / $length / $droop];
            }
        }

        return array_map(array_values(...), $found);
    }
}
