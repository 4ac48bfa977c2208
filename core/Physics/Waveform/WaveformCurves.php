<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** What is drawn of a captured waveform: two cycles, the whole record, the power, the harmonics. */
final readonly class WaveformCurves
{
    private const DRAWN_POINTS = 900;

    private function __construct(private Signals $signals, private Spectra $spectra)
    {
    }

    /** @return array<string, mixed> */
    public static function of(Signals $signals, Spectra $spectra): array
    {
        return (new self($signals, $spectra))->series();
    }

    /** @return array<string, mixed> */
    private function series(): array
    {
        $shown = min($this->signals->cycles, 2);
        $to = (int) ceil($shown * $this->signals->each);
        $step = 1 / $this->signals->rate;
        $detail = [];
        $record = [];
        foreach ($this->signals->values as $role => $values) {
            $detail[$role] = DrawnPoints::of($values, 0, $to, $step, self::DRAWN_POINTS);
            $record[$role] = DrawnPoints::of($values, 0, count($values) - 1, $step, self::DRAWN_POINTS);
        }
        $power = null;
        if (isset($this->signals->values['v1'], $this->signals->values['i1']) && $this->signals->system !== 'line') {
            $product = [];
            for ($k = 0; $k <= min($to, count($this->signals->values['v1']) - 1); $k++) {
                $product[] = $this->signals->values['v1'][$k] * $this->signals->values['i1'][$k];
            }
            $power = DrawnPoints::of($product, 0, count($product) - 1, $step, self::DRAWN_POINTS);
        }
        $harmonics = [];
        $crossings = [];
        foreach ($this->spectra->byRole as $role => $channel) {
            $harmonics[$role] = array_map(
                static fn (array $harmonic): array => [...$harmonic, 'shown' => Show::number($harmonic['percent'], 3).Show::UNIT_SPACE.'%'],
                $channel->harmonics,
            );
            // Rising crossing of the fundamental: cos(ωt + φ) is zero and climbs at ωt = −90° − φ.
            $turn = (-90 - $channel->angle) / 360;
            $turn += ($this->spectra->block - 1) / 2 / $this->signals->each;
            $crossings[$role] = ($turn - floor($turn)) / $this->signals->frequency;
        }

        if (isset($crossings['v1'], $crossings['i1'])) {
            // The pair that belongs together, both of it within what is drawn.
            $shift = $this->spectra->behind('1') / 360 / $this->signals->frequency;
            $period = 1 / $this->signals->frequency;
            $crossings['v1'] +=
                $crossings['v1'] + $shift < 0
                    ? $period
                    : ($shown * $period < $crossings['v1'] + $shift && $crossings['v1'] > $period / 2
                        ? -$period
                        : 0.0);
            $crossings['i1'] = $crossings['v1'] + $shift;
        }

        $largest = [];
        foreach ($detail as $role => $points) {
            $largest[$role] = self::largest($points, $role[0] === 'v' ? Unit::Volt : Unit::Ampere);
        }
        if ($power !== null) {
            $largest['power'] = self::largest($power, Unit::Watt);
        }
        $apart = isset($crossings['v1'], $crossings['i1']) ? $crossings['i1'] - $crossings['v1'] : null;
        $end = max([
            0.0,
            ...array_map(static fn (array $points): float => $points === [] ? 0.0 : $points[count($points) - 1][0], array_values($record)),
        ]);
        $words = [
            'largest' => $largest, 'drawn' => self::milliseconds($shown / $this->signals->frequency), 'whole' => self::milliseconds($end),
            'shift' => $apart === null ? null : self::milliseconds(abs($apart)).($apart < 0 ? ' ahead' : ' behind'),
        ];

        return [
            ...$words, 'detail' => $detail, 'record' => $record, 'power' => $power, 'harmonics' => $harmonics, 'crossings' => $crossings,
            'system' => $this->signals->system,
            'seconds' => $shown / $this->signals->frequency,
        ];
    }

    /** @param  list<array{float, float}>  $points */
    private static function largest(array $points, Unit $unit): string
    {
        return Shown::of(max([0.0, ...array_map(static fn (array $point): float => abs($point[1]), $points)]), $unit)->text;
    }

    private static function milliseconds(float $seconds): string
    {
        return Show::number(1000 * $seconds, 3).Show::UNIT_SPACE.'ms';
    }
}
