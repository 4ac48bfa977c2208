<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

/** The spectrum of every channel. */
final readonly class Spectra
{
    /** Points that harmonics are computed from: enough for the 50th, few enough to be quick. */
    private const HARMONIC_POINTS = 4096;

    /**
     * @param  array<string, Spectrum>  $byRole
     * @param  int  $block  samples averaged into one for the harmonics
     */
    private function __construct(private Signals $signals, public array $byRole, public int $block)
    {
    }

    public static function of(Signals $signals): self
    {
        $window = $signals->window();
        $count = (int) ceil($window * $signals->each) + 2;
        $block = max(1, intdiv($count, self::HARMONIC_POINTS));
        $points = [];
        foreach ($signals->values as $values) {
            $cut = array_slice($values, 0, min(count($values), $count + 2 * $block));
            if ($block > 1) {
                $cut = array_map(static fn (array $chunk): float => array_sum($chunk) / count($chunk), array_chunk($cut, $block));
            }
            $points[] = $cut;
        }
        $found = Harmonics::of($points, $window * $signals->each / $block, $window, $signals->orders(), $block);
        $spectra = [];
        foreach (array_keys($signals->values) as $at => $role) {
            $spectra[$role] = self::spectrum($signals->values[$role], $signals->length, $found[$at]);
        }

        return new self($signals, $spectra, $block);
    }

    /** How far the fundamental current is behind the phase voltage, degrees; a line voltage stands 30° ahead of it. */
    public function behind(string $line): float
    {
        $angle = $this->byRole['v'.$line]->angle - $this->byRole['i'.$line]->angle - ($this->signals->system === 'line' ? 30 : 0);

        return $angle - 360 * round($angle / 360);
    }

    /**
     * @param  list<float>  $values
     * @param  float  $length  samples of the whole cycles
     * @param  list<array{float, float}>  $found  peak of each order from the first, its real and its imaginary part
     */
    private static function spectrum(array $values, float $length, array $found): Spectrum
    {
        $first = max(1e-12, hypot(...$found[0]));
        $rows = [];
        $distortion = 0.0;
        foreach ($found as $i => [$re, $im]) {
            $size = hypot($re, $im);
            $rows[] = [
                'order' => $i + 1, 'rms' => $size / sqrt(2), 'percent' => (100 * $size) / $first, 'angle' => rad2deg(atan2($im, $re)),
            ];
            $distortion += $i > 0 ? $size ** 2 : 0.0;
        }
        [$last, $lastWeight, $afterWeight] = Harmonics::end($length);
        $sum = 0.0;
        $squares = 0.0;
        $peak = 0.0;
        for ($k = 1; $k < $last; $k++) {
            $value = $values[$k];
            $sum += $value;
            $squares += $value * $value;
            if ($value > $peak) {
                $peak = $value;
            } elseif (-$value > $peak) {
                $peak = -$value;
            }
        }
        foreach ([[0, 0.5], [$last, $lastWeight], [$last + 1, $afterWeight]] as [$k, $weight]) {
            $value = $values[$k] ?? 0.0;
            $sum += $weight * $value;
            $squares += $weight * $value * $value;
            $peak = max($peak, $weight > 0 ? abs($value) : 0.0);
        }

        return new Spectrum(
            sqrt($squares / $length), $peak, $sum / $length, (100 * sqrt($distortion)) / $first, $first / sqrt(2), $rows[0]['angle'], $rows,
        );
    }
}
