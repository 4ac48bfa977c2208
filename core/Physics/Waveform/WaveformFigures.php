<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;

/** The figures of a captured waveform: its cycles, its channels and its powers. */
final class WaveformFigures
{
    private const LINES = ['1', '2', '3'];

    /** @var list<Figure> */
    private array $figures = [];

    private function __construct(private readonly Signals $signals, private readonly Spectra $spectra)
    {
    }

    /** @return list<Figure> */
    public static function of(Signals $signals, Spectra $spectra): array
    {
        $made = new self($signals, $spectra);
        $made->record();
        foreach ($spectra->byRole as $role => $channel) {
            $made->channel($role, $channel);
        }
        $made->powers();

        return $made->figures;
    }

    private function put(
        WaveformFigure $name,
        float|int $value,
        string $working,
        Source|HowKnown $source = HowKnown::Definition,
        string $formula = '',
    ): void {
        $this->figures[] = Figure::work($name)->as($formula, $working)->equals($value)->source($source)->make();
    }

    private function record(): void
    {
        $this->put(
            WaveformFigure::whole(WaveformQuantity::Frequency), $this->signals->frequency,
            'phase drift of the fundamental over '.$this->signals->cycles.' cycles',
        );
        $this->put(
            WaveformFigure::whole(WaveformQuantity::Cycles), $this->signals->cycles,
            Show::number($this->signals->samples, 7).' samples at '.Show::number($this->signals->rate, 6).' per second',
        );
        $this->put(
            WaveformFigure::whole(WaveformQuantity::HarmonicOrders), $this->signals->orders(),
            'over '.$this->signals->window().' cycles',
            Standard::Iec61000_4_7->at(),
        );
    }

    private function channel(string $role, Spectrum $channel): void
    {
        $this->put(
            WaveformFigure::channel(WaveformQuantity::Rms, $role), $channel->rms, 'root of the mean square over all whole cycles',
            formula: '√(mean x²)',
        );
        $this->put(WaveformFigure::channel(WaveformQuantity::Peak, $role), $channel->peak, 'largest of both signs');
        if ($channel->rms > 0) {
            $this->put(
                WaveformFigure::channel(WaveformQuantity::Crest, $role),
                $channel->peak / $channel->rms,
                Show::number($channel->peak).' ÷ '.Show::number($channel->rms),
                formula: 'peak / rms',
            );
        }
        $this->put(
            WaveformFigure::channel(WaveformQuantity::Fundamental, $role),
            $channel->fundamental,
            'Fourier component at '.Show::number($this->signals->frequency).' Hz',
        );
        $this->put(
            WaveformFigure::channel(WaveformQuantity::Thd, $role),
            $channel->thd,
            'orders 2 to '.count($channel->harmonics).' over the fundamental',
            Standard::Iec61000_4_7->at(), '√(Σ I_h²) / I_1',
        );
    }

    private function powers(): void
    {
        [$last, $lastWeight, $afterWeight] = Harmonics::end($this->signals->length);
        $real = [];
        foreach (self::LINES as $line) {
            $volts = $this->signals->values['v'.$line] ?? null;
            $amps = $this->signals->values['i'.$line] ?? null;
            if ($volts === null || $amps === null) {
                continue;
            }
            $sum =
                0.5 * $volts[0] * $amps[0] +
                $lastWeight * ($volts[$last] ?? 0.0) * ($amps[$last] ?? 0.0) +
                $afterWeight * ($volts[$last + 1] ?? 0.0) * ($amps[$last + 1] ?? 0.0);
            for ($k = 1; $k < $last; $k++) {
                $sum += $volts[$k] * $amps[$k];
            }
            $real['L'.$line] = $sum / $this->signals->length;
            $this->phase($line, $sum / $this->signals->length);
        }
        if ($real !== []) {
            $this->total($real);
        }
    }

    private function phase(string $line, float $real): void
    {
        $angle = $this->spectra->behind($line);
        $of = $this->signals->system === 'three' ? $line : '';
        $this->put(
            WaveformFigure::line(WaveformQuantity::Angle, $of), $angle,
            'angle of the fundamentals'.($this->signals->system === 'line' ? ', minus the 30° of a line voltage' : ''),
        );
        $this->put(
            WaveformFigure::line(WaveformQuantity::Shift, $of),
            $angle / 360 / $this->signals->frequency,
            Show::number($angle, 4).'° ÷ 360° ÷ '.Show::number($this->signals->frequency).' Hz',
            formula: 'φ / (360° f)',
        );
        if ($this->signals->system === 'three') {
            $apparent = $this->spectra->byRole['v'.$line]->rms * $this->spectra->byRole['i'.$line]->rms;
            $this->put(WaveformFigure::line(WaveformQuantity::Real, $line), $real, 'mean of v · i');
            $this->put(
                WaveformFigure::line(WaveformQuantity::Apparent, $line), $apparent,
                Show::number($this->spectra->byRole['v'.$line]->rms).
                    ' V × '.
                    Show::number($this->spectra->byRole['i'.$line]->rms).
                    ' A',
                formula: 'V I',
            );
        }
    }

    /** @param  array<string, float>  $real */
    private function total(array $real): void
    {
        $v = $this->spectra->byRole['v1'];
        $i = $this->spectra->byRole['i1'];
        $cos = cos(deg2rad($this->spectra->behind('1')));
        $sin = sin(deg2rad($this->spectra->behind('1')));
        switch ($this->signals->system) {
            case 'three':
                $watts = array_sum($real);
                $apparent = 0.0;
                $first = ['p' => 0.0, 'q' => 0.0];
                foreach (self::LINES as $line) {
                    $apparent += $this->spectra->byRole['v'.$line]->rms * $this->spectra->byRole['i'.$line]->rms;
                    $va = $this->spectra->byRole['v'.$line]->fundamental * $this->spectra->byRole['i'.$line]->fundamental;
                    $first['p'] += $va * cos(deg2rad($this->spectra->behind($line)));
                    $first['q'] += $va * sin(deg2rad($this->spectra->behind($line)));
                }
                $working = 'sum of three phases';
                break;
            case 'balanced':
                [$watts, $apparent] = [3 * ($real['L1'] ?? 0.0), 3 * $v->rms * $i->rms];
                $first = ['p' => 3 * $v->fundamental * $i->fundamental * $cos, 'q' => 3 * $v->fundamental * $i->fundamental * $sin];
                $working = 'three times one phase: balanced';
                break;
            case 'line':
                $first = [
                    'p' => sqrt(3) * $v->fundamental * $i->fundamental * $cos,
                    'q' => sqrt(3) * $v->fundamental * $i->fundamental * $sin,
                ];
                // The product of a line voltage and a line current means nothing; of a clean voltage only the fundamental carries power.
                [$watts, $apparent] = [$first['p'], sqrt(3) * $v->rms * $i->rms];
                $working = 'fundamentals of a balanced load, line voltage minus 30°';
                break;
            default:
                [$watts, $apparent] = [$real['L1'] ?? 0.0, $v->rms * $i->rms];
                $first = ['p' => $v->fundamental * $i->fundamental * $cos, 'q' => $v->fundamental * $i->fundamental * $sin];
                $working = 'mean of v · i over all whole cycles';
        }
        $this->put(WaveformFigure::whole(WaveformQuantity::Real), $watts, $working, HowKnown::Definition, 'mean of v i');
        $this->put(WaveformFigure::whole(WaveformQuantity::Apparent), $apparent, $working, HowKnown::Definition, 'V I');
        $this->put(
            WaveformFigure::whole(WaveformQuantity::Reactive), $first['q'], 'positive if the current lags', HowKnown::Definition,
            'V_1 I_1 sin φ_1',
        );
        $factor = $apparent > 0 ? abs($watts) / $apparent : 0.0;
        $shift = hypot($first['p'], $first['q']) > 0 ? abs($first['p']) / hypot($first['p'], $first['q']) : 0.0;
        $this->put(
            WaveformFigure::whole(WaveformQuantity::PowerFactor), min(1.0, $factor),
            Show::number($watts).' W ÷ '.Show::number($apparent).' VA',
            HowKnown::Definition, 'P / S',
        );
        $this->put(
            WaveformFigure::whole(WaveformQuantity::DisplacementFactor), min(1.0, $shift), 'of the fundamentals alone',
            HowKnown::Definition, 'cos φ_1',
        );
        $this->put(
            WaveformFigure::whole(WaveformQuantity::Distortion),
            sqrt(max(0.0, $apparent ** 2 - $watts ** 2 - $first['q'] ** 2)),
            '√('.Show::number($apparent).'² − '.Show::number($watts).'² − '.Show::number($first['q']).'²)',
            HowKnown::Definition, '√(S² − P² − Q_1²)',
        );
    }
}
