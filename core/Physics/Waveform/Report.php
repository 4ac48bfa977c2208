<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** The figures, findings and curves of even samples whose rate and fundamental are known. */
final class Report
{
    /** Points that harmonics are computed from: enough for the 50th, few enough to be quick. */
    private const HARMONIC_POINTS = 4096;

    private const DRAWN_POINTS = 900;

    /** Samples for each cycle below which the upper harmonics are lost. */
    private const FEW_SAMPLES = 200;

    private const LINES = ['1', '2', '3'];

    /** @var list<Figure> */
    private array $figures = [];

    /** Samples averaged into one for the harmonics. */
    private int $block = 1;

    /** @var list<Finding> */
    private array $findings = [];

    /** @var array<string, array{rms: float, peak: float, mean: float, thd: float, fundamental: float, angle: float, harmonics: list<array{order: int, rms: float, percent: float, angle: float}>}> */
    private array $channels = [];

    /**
     * @param  array<string, list<float>>  $signals  V and A by role
     * @param  float  $rate  samples a second
     * @param  float  $frequency  Hz
     * @param  string  $system  `single`, `balanced` (phase volts), `line` (line volts), `three`
     */
    public function __construct(
        private readonly array $signals,
        private readonly float $rate,
        private readonly float $frequency,
        private readonly string $system,
    ) {
    }

    /** @return array{list<Figure>, list<Finding>, array<string, mixed>} */
    public function made(): array
    {
        $samples = max(array_map(count(...), array_values($this->signals)) + [0]);
        $each = $this->rate / $this->frequency;
        $cycles = max(1, (int) floor(($samples - 1) / $each + 1e-6));
        $length = $cycles * $each;
        $this->put(
            WaveformFigure::whole(WaveformQuantity::Frequency), $this->frequency,
            'phase drift of the fundamental over '.$cycles.' cycles',
        );
        $this->put(
            WaveformFigure::whole(WaveformQuantity::Cycles), $cycles,
            Show::number($samples, 7).' samples at '.Show::number($this->rate, 6).' per second',
        );
        $this->harmonics($cycles, $each);
        foreach ($this->signals as $role => $values) {
            $this->channel($role, $values, $length);
        }
        $this->powers($length);
        $this->judge();

        return [$this->figures, $this->findings, $this->curves($each, $cycles)];
    }

    private function put(WaveformFigure $name, float|int $value, string $working, string $source = 'definition', string $formula = ''): void
    {
        $this->figures[] = Figure::work($name)->as($formula, $working)->equals($value)->source($source)->make();
    }

    private function harmonics(int $cycles, float $each): void
    {
        $window = min($cycles, $this->frequency > 55 ? 12 : 10);
        $count = (int) ceil($window * $each) + 2;
        $block = $this->block = max(1, intdiv($count, self::HARMONIC_POINTS));
        $points = [];
        foreach ($this->signals as $values) {
            $cut = array_slice($values, 0, min(count($values), $count + 2 * $block));
            if ($block > 1) {
                $cut = array_map(static fn (array $chunk): float => array_sum($chunk) / count($chunk), array_chunk($cut, $block));
            }
            $points[] = $cut;
        }
        $orders = min(Analysis::ORDERS, max(1, (int) floor(0.45 * $each)));
        $found = Harmonics::of($points, $window * $each / $block, $window, $orders, $block);
        $at = 0;
        foreach (array_keys($this->signals) as $role) {
            $rows = [];
            $first = max(1e-12, hypot(...$found[$at][0]));
            $squares = 0.0;
            foreach ($found[$at] as $i => [$re, $im]) {
                $size = hypot($re, $im);
                $rows[] = [
                    'order' => $i + 1,
                    'rms' => $size / sqrt(2),
                    'percent' => (100 * $size) / $first,
                    'angle' => rad2deg(atan2($im, $re)),
                ];
                $squares += $i > 0 ? $size ** 2 : 0.0;
            }
            $this->channels[$role] = [
                'rms' => 0.0, 'peak' => 0.0, 'mean' => 0.0,
                'thd' => (100 * sqrt($squares)) / $first,
                'fundamental' => $first / sqrt(2),
                'angle' => $rows[0]['angle'], 'harmonics' => $rows,
            ];
            $at++;
        }
        $this->put(
            WaveformFigure::whole(WaveformQuantity::HarmonicOrders), $orders,
            'over '.$window.' cycles',
            'IEC 61000-4-7 (from memory)',
        );
    }

    /** @param  list<float>  $values */
    private function channel(string $role, array $values, float $length): void
    {
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
        $rms = sqrt($squares / $length);
        $this->channels[$role] = [...$this->channels[$role], 'rms' => $rms, 'peak' => $peak, 'mean' => $sum / $length];
        $this->put(
            WaveformFigure::channel(WaveformQuantity::Rms, $role), $rms, 'root of the mean square over all whole cycles',
            formula: '√(mean x²)',
        );
        $this->put(WaveformFigure::channel(WaveformQuantity::Peak, $role), $peak, 'largest of both signs');
        if ($rms > 0) {
            $this->put(
                WaveformFigure::channel(WaveformQuantity::Crest, $role),
                $peak / $rms,
                Show::number($peak).' ÷ '.Show::number($rms),
                formula: 'peak / rms',
            );
        }
        $this->put(
            WaveformFigure::channel(WaveformQuantity::Fundamental, $role),
            $this->channels[$role]['fundamental'],
            'Fourier component at '.Show::number($this->frequency).' Hz',
        );
        $this->put(
            WaveformFigure::channel(WaveformQuantity::Thd, $role),
            $this->channels[$role]['thd'],
            'orders 2 to '.count($this->channels[$role]['harmonics']).' over the fundamental',
            'IEC 61000-4-7 (from memory)', '√(Σ I_h²) / I_1',
        );
    }

    private function powers(float $length): void
    {
        [$last, $lastWeight, $afterWeight] = Harmonics::end($length);
        $real = [];
        foreach (self::LINES as $line) {
            $volts = $this->signals['v'.$line] ?? null;
            $amps = $this->signals['i'.$line] ?? null;
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
            $real['L'.$line] = $sum / $length;
            $this->phase($line, $sum / $length);
        }
        if ($real !== []) {
            $this->total($real);
        }
    }

    /** How far the fundamental current is behind the phase voltage, degrees; a line voltage stands 30° ahead of it. */
    private function behind(string $line): float
    {
        $angle = $this->channels['v'.$line]['angle'] - $this->channels['i'.$line]['angle'] - ($this->system === 'line' ? 30 : 0);

        return $angle - 360 * round($angle / 360);
    }

    private function phase(string $line, float $real): void
    {
        $angle = $this->behind($line);
        $of = $this->system === 'three' ? $line : '';
        $this->put(
            WaveformFigure::line(WaveformQuantity::Angle, $of), $angle,
            'angle of the fundamentals'.($this->system === 'line' ? ', minus the 30° of a line voltage' : ''),
        );
        $this->put(
            WaveformFigure::line(WaveformQuantity::Shift, $of),
            $angle / 360 / $this->frequency,
            Show::number($angle, 4).'° ÷ 360° ÷ '.Show::number($this->frequency).' Hz',
            formula: 'φ / (360° f)',
        );
        if ($this->system === 'three') {
            $apparent = $this->channels['v'.$line]['rms'] * $this->channels['i'.$line]['rms'];
            $this->put(WaveformFigure::line(WaveformQuantity::Real, $line), $real, 'mean of v · i');
            $this->put(
                WaveformFigure::line(WaveformQuantity::Apparent, $line), $apparent,
                Show::number($this->channels['v'.$line]['rms']).
                    ' V × '.
                    Show::number($this->channels['i'.$line]['rms']).
                    ' A',
                formula: 'V I',
            );
        }
    }

    /** @param  array<string, float>  $real */
    private function total(array $real): void
    {
        $v = $this->channels['v1'];
        $i = $this->channels['i1'];
        $cos = cos(deg2rad($this->behind('1')));
        $sin = sin(deg2rad($this->behind('1')));
        switch ($this->system) {
            case 'three':
                $watts = array_sum($real);
                $apparent = 0.0;
                $first = ['p' => 0.0, 'q' => 0.0];
                foreach (self::LINES as $line) {
                    $apparent += $this->channels['v'.$line]['rms'] * $this->channels['i'.$line]['rms'];
                    $va = $this->channels['v'.$line]['fundamental'] * $this->channels['i'.$line]['fundamental'];
                    $first['p'] += $va * cos(deg2rad($this->behind($line)));
                    $first['q'] += $va * sin(deg2rad($this->behind($line)));
                }
                $working = 'sum of three phases';
                break;
            case 'balanced':
                [$watts, $apparent] = [3 * ($real['L1'] ?? 0.0), 3 * $v['rms'] * $i['rms']];
                $first = ['p' => 3 * $v['fundamental'] * $i['fundamental'] * $cos, 'q' => 3 * $v['fundamental'] * $i['fundamental'] * $sin];
                $working = 'three times one phase: balanced';
                break;
            case 'line':
                $first = [
                    'p' => sqrt(3) * $v['fundamental'] * $i['fundamental'] * $cos,
                    'q' => sqrt(3) * $v['fundamental'] * $i['fundamental'] * $sin,
                ];
                // The product of a line voltage and a line current means nothing; of a clean voltage only the fundamental carries power.
                [$watts, $apparent] = [$first['p'], sqrt(3) * $v['rms'] * $i['rms']];
                $working = 'fundamentals of a balanced load, line voltage minus 30°';
                break;
            default:
                [$watts, $apparent] = [$real['L1'] ?? 0.0, $v['rms'] * $i['rms']];
                $first = ['p' => $v['fundamental'] * $i['fundamental'] * $cos, 'q' => $v['fundamental'] * $i['fundamental'] * $sin];
                $working = 'mean of v · i over all whole cycles';
        }
        $this->put(WaveformFigure::whole(WaveformQuantity::Real), $watts, $working, 'definition', 'mean of v i');
        $this->put(WaveformFigure::whole(WaveformQuantity::Apparent), $apparent, $working, 'definition', 'V I');
        $this->put(
            WaveformFigure::whole(WaveformQuantity::Reactive), $first['q'], 'positive if the current lags', 'definition',
            'V_1 I_1 sin φ_1',
        );
        $factor = $apparent > 0 ? abs($watts) / $apparent : 0.0;
        $shift = hypot($first['p'], $first['q']) > 0 ? abs($first['p']) / hypot($first['p'], $first['q']) : 0.0;
        $this->put(
            WaveformFigure::whole(WaveformQuantity::PowerFactor), min(1.0, $factor),
            Show::number($watts).' W ÷ '.Show::number($apparent).' VA',
            'definition', 'P / S',
        );
        $this->put(
            WaveformFigure::whole(WaveformQuantity::DisplacementFactor), min(1.0, $shift), 'of the fundamentals alone', 'definition',
            'cos φ_1',
        );
        $this->put(
            WaveformFigure::whole(WaveformQuantity::Distortion),
            sqrt(max(0.0, $apparent ** 2 - $watts ** 2 - $first['q'] ** 2)),
            '√('.Show::number($apparent).'² − '.Show::number($watts).'² − '.Show::number($first['q']).'²)',
            'definition', '√(S² − P² − Q_1²)',
        );
    }

    private function number(WaveformFigure $name): ?float
    {
        foreach ($this->figures as $figure) {
            if ($figure->key() === $name->key()) {
                return $figure->number();
            }
        }

        return null;
    }

    private function judge(): void
    {
        $true = $this->number(WaveformFigure::whole(WaveformQuantity::PowerFactor));
        $shift = $this->number(WaveformFigure::whole(WaveformQuantity::DisplacementFactor));
        $angle = $this->number(WaveformFigure::line(WaveformQuantity::Angle, $this->system === 'three' ? '1' : ''));
        $watts = $this->number(WaveformFigure::whole(WaveformQuantity::Real));
        if ($watts !== null && $watts < 0) {
            $this->findings[] = Finding::caution(WaveformFinding::PowerBackwards)
                ->title('Power flows backwards')
                ->because('The mean of voltage times current is negative.')
                ->do('Reverse the clamp or the shunt, or tick “inverted” for one channel.')
                ->source('definition')
                ->on(WaveformFigure::whole(WaveformQuantity::Real))
                ->made();
        }
        $this->judgeFactors($true, $shift, $angle);
        foreach (array_keys($this->channels) as $role) {
            $this->judgeChannel($role);
        }
        if ($this->rate / $this->frequency < self::FEW_SAMPLES) {
            $this->findings[] = Finding::note(WaveformFinding::FewSamples)
                ->title('Few samples per cycle')
                ->because(
                    Show::number($this->rate / $this->frequency, 3).' samples per cycle: harmonics above order '.
                    Show::number(min(50, floor((0.45 * $this->rate) / $this->frequency))).
                    ' are not visible, and higher ones may fold back (aliasing).',
                )
                ->do('Sample faster, with an anti-aliasing filter.')
                ->source('definition')
                ->on(WaveformFigure::whole(WaveformQuantity::HarmonicOrders))
                ->made();
        }
    }

    /** @param  float|null  $angle  by which the current is behind, ° */
    private function judgeFactors(?float $true, ?float $shift, ?float $angle): void
    {
        $factor = WaveformFigure::whole(WaveformQuantity::DisplacementFactor);
        $thd = $this->channels['i1']['thd'] ?? 0.0;
        if ($true !== null && $shift !== null && $shift - $true > 0.05 && $thd > 15) {
            $this->findings[] = Finding::caution(WaveformFinding::DistortionNotCapacitor)
                ->title('Low power factor from distortion: a capacitor does not correct it')
                ->because(
                    'The displacement power factor is '.Show::number($shift, 3).', but the true power factor is '.Show::number($true, 3).
                    ': the current has '.Show::number($thd, 3).' % harmonics. A capacitor would take in harmonics and may resonate.',
                )
                ->do('Use a choke, a filter or another rectifier.')
                ->source('definition')
                ->on(WaveformFigure::whole(WaveformQuantity::PowerFactor), $factor, WaveformFigure::channel(WaveformQuantity::Thd, 'i1'))
                ->made();
        } elseif ($shift !== null && $angle !== null && $shift < 0.9 && $angle > 0) {
            $this->findings[] = Finding::note(WaveformFinding::Lagging)
                ->title('The current lags')
                ->because(
                    Show::number($angle, 3).'° behind the voltage, displacement power factor '.Show::number($shift, 3).
                    ': a capacitor can correct this.',
                )
                ->source('definition')
                ->on($factor)
                ->made();
        } elseif ($shift !== null && $angle !== null && $shift < 0.98 && $angle < 0) {
            $this->findings[] = Finding::note(WaveformFinding::Leading)
                ->title('The current leads')
                ->because(Show::number(-$angle, 3).'° ahead of the voltage: a capacitor is connected, or too much of one.')
                ->source('definition')
                ->on($factor)
                ->made();
        }
    }

    private function judgeChannel(string $role): void
    {
        $channel = $this->channels[$role];
        if (abs($channel['mean']) > 0.05 * max(1e-12, $channel['rms'])) {
            $this->findings[] = Finding::note(WaveformFinding::from('offset_'.$role))
                ->title(WaveformFigure::channelName($role).' has a DC offset')
                ->because('Its mean is '.Show::number((100 * $channel['mean']) / $channel['rms'], 3).' % of its rms value.')
                ->do('Zero the clamp meter or the oscilloscope, unless direct current flows.')
                ->source('definition')
                ->on(WaveformFigure::channel(WaveformQuantity::Rms, $role))
                ->made();
        }
        if ($role[0] === 'v' && $channel['thd'] > 8) {
            $this->findings[] = Finding::caution(WaveformFinding::VoltageDistorted)->title('The voltage is distorted')
                ->because('THD '.Show::number($channel['thd'], 3).' %; 8 % is the usual limit of public supplies.')
                ->do('Check for drives and rectifiers on this supply.')
                ->source('EN 50160 (from memory)')
                ->on(WaveformFigure::channel(WaveformQuantity::Thd, $role))
                ->made();
        }
    }

    /** @return array<string, mixed> */
    private function curves(float $each, int $cycles): array
    {
        $shown = min($cycles, 2);
        $to = (int) ceil($shown * $each);
        $step = 1 / $this->rate;
        $detail = [];
        $record = [];
        foreach ($this->signals as $role => $values) {
            $detail[$role] = Drawn::of($values, 0, $to, $step, self::DRAWN_POINTS);
            $record[$role] = Drawn::of($values, 0, count($values) - 1, $step, self::DRAWN_POINTS);
        }
        $power = null;
        if (isset($this->signals['v1'], $this->signals['i1']) && $this->system !== 'line') {
            $product = [];
            for ($k = 0; $k <= min($to, count($this->signals['v1']) - 1); $k++) {
                $product[] = $this->signals['v1'][$k] * $this->signals['i1'][$k];
            }
            $power = Drawn::of($product, 0, count($product) - 1, $step, self::DRAWN_POINTS);
        }
        $harmonics = [];
        $crossings = [];
        foreach ($this->channels as $role => $channel) {
            $harmonics[$role] = array_map(
                static fn (array $harmonic): array => [...$harmonic, 'shown' => Show::number($harmonic['percent'], 3).Show::UNIT_SPACE.'%'],
                $channel['harmonics'],
            );
            // Rising crossing of the fundamental: cos(ωt + φ) is zero and climbs at ωt = −90° − φ.
            $turn = (-90 - $channel['angle']) / 360;
            $turn += ($this->block - 1) / 2 / $each;
            $crossings[$role] = ($turn - floor($turn)) / $this->frequency;
        }

        if (isset($crossings['v1'], $crossings['i1'])) {
            // The pair that belongs together, both of it within what is drawn.
            $shift = $this->behind('1') / 360 / $this->frequency;
            $period = 1 / $this->frequency;
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
            'largest' => $largest, 'drawn' => self::milliseconds($shown / $this->frequency), 'whole' => self::milliseconds($end),
            'shift' => $apart === null ? null : self::milliseconds(abs($apart)).($apart < 0 ? ' ahead' : ' behind'),
        ];

        return [
            ...$words, 'detail' => $detail, 'record' => $record, 'power' => $power, 'harmonics' => $harmonics, 'crossings' => $crossings,
            'system' => $this->system,
            'seconds' => $shown / $this->frequency,
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
