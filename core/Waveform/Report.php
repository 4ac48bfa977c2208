<?php

declare(strict_types=1);

namespace BraveAnvil\Waveform;

use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Finding;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** The figures, findings and curves of even samples whose rate and fundamental are known. */
final class Report
{
    /** Points that harmonics are computed from: enough for the 50th, few enough to be quick. */
    private const HARMONIC_POINTS = 4096;

    private const DRAWN_POINTS = 900;

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
    public function __construct(private readonly array $signals, private readonly float $rate, private readonly float $frequency, private readonly string $system)
    {
    }

    /** @return array{list<Figure>, list<Finding>, array<string, mixed>} */
    public function made(): array
    {
        $samples = max(array_map(count(...), array_values($this->signals)) + [0]);
        $each = $this->rate / $this->frequency;
        $cycles = max(1, (int) floor(($samples - 1) / $each + 1e-6));
        $length = $cycles * $each;
        $this->put('frequency', 'Fundamental frequency', $this->frequency, 'Hz', 'phase drift of the fundamental over '.$cycles.' cycles');
        $this->put('cycles', 'Whole cycles', $cycles, '', Show::number($samples, 7).' samples at '.Show::number($this->rate, 6).' a second');
        $this->harmonics($cycles, $each);
        foreach ($this->signals as $role => $values) {
            $this->channel($role, $values, $length);
        }
        $this->powers($length);
        $this->judge();

        return [$this->figures, $this->findings, $this->curves($each, $cycles)];
    }

    private function put(string $key, string $label, float|int $value, string $unit, string $working, string $source = 'definition', string $formula = ''): float
    {
        $this->figures[] = new Figure('waveform.'.$key, $label, $value, $unit, $formula, $working, $source);

        return (float) $value;
    }

    private static function name(string $role): string
    {
        return ($role[0] === 'v' ? 'Volts' : 'Amps').' L'.$role[1];
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
                $rows[] = ['order' => $i + 1, 'rms' => $size / sqrt(2), 'percent' => 100 * $size / $first, 'angle' => rad2deg(atan2($im, $re))];
                $squares += $i > 0 ? $size ** 2 : 0.0;
            }
            $this->channels[$role] = ['rms' => 0.0, 'peak' => 0.0, 'mean' => 0.0, 'thd' => 100 * sqrt($squares) / $first, 'fundamental' => $first / sqrt(2), 'angle' => $rows[0]['angle'], 'harmonics' => $rows];
            $at++;
        }
        $this->put('harmonic_orders', 'Harmonics up to', $orders, '', 'over '.$window.' cycles', 'IEC 61000-4-7 (from memory)');
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
        $unit = $role[0] === 'v' ? 'V' : 'A';
        $name = self::name($role);
        $this->channels[$role] = [...$this->channels[$role], 'rms' => $rms, 'peak' => $peak, 'mean' => $sum / $length];
        $this->put('rms_'.$role, $name.', rms', $rms, $unit, 'root of the mean square over all whole cycles', formula: '√(mean x²)');
        $this->put('peak_'.$role, $name.', peak', $peak, $unit, 'largest of both signs');
        if ($rms > 0) {
            $this->put('crest_'.$role, $name.', crest factor', $peak / $rms, '', Show::number($peak, 5).' ÷ '.Show::number($rms, 5), formula: 'peak / rms');
        }
        $this->put('fundamental_'.$role, $name.', fundamental', $this->channels[$role]['fundamental'], $unit, 'Fourier component at '.Show::number($this->frequency, 5).' Hz');
        $this->put('thd_'.$role, $name.', THD', $this->channels[$role]['thd'], '%', 'orders 2 to '.count($this->channels[$role]['harmonics']).' over the fundamental', 'IEC 61000-4-7 (from memory)', '√(Σ I_h²) / I_1');
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
            $sum = 0.5 * $volts[0] * $amps[0] + $lastWeight * ($volts[$last] ?? 0.0) * ($amps[$last] ?? 0.0) + $afterWeight * ($volts[$last + 1] ?? 0.0) * ($amps[$last + 1] ?? 0.0);
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
        $more = $this->system === 'three' ? '_'.$line : '';
        $name = $this->system === 'three' ? ' of L'.$line : '';
        $this->put('angle'.$more, 'Current behind voltage'.$name, $angle, '°', 'angle of the fundamentals'.($this->system === 'line' ? ', less the 30° of a line voltage' : ''));
        $this->put('shift'.$more, 'Time shift'.$name, $angle / 360 / $this->frequency, 's', Show::number($angle, 4).'° ÷ 360° ÷ '.Show::number($this->frequency, 5).' Hz', formula: 'φ / (360° f)');
        if ($this->system === 'three') {
            $apparent = $this->channels['v'.$line]['rms'] * $this->channels['i'.$line]['rms'];
            $this->put('real_'.$line, 'Real power of L'.$line, $real, 'W', 'mean of v · i');
            $this->put('apparent_'.$line, 'Apparent power of L'.$line, $apparent, 'VA', Show::number($this->channels['v'.$line]['rms'], 5).' V × '.Show::number($this->channels['i'.$line]['rms'], 5).' A', formula: 'V I');
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
                $first = ['p' => sqrt(3) * $v['fundamental'] * $i['fundamental'] * $cos, 'q' => sqrt(3) * $v['fundamental'] * $i['fundamental'] * $sin];
                // The product of a line voltage and a line current means nothing; of a clean voltage only the fundamental carries power.
                [$watts, $apparent] = [$first['p'], sqrt(3) * $v['rms'] * $i['rms']];
                $working = 'fundamentals of a balanced load, line voltage less 30°';
                break;
            default:
                [$watts, $apparent] = [$real['L1'] ?? 0.0, $v['rms'] * $i['rms']];
                $first = ['p' => $v['fundamental'] * $i['fundamental'] * $cos, 'q' => $v['fundamental'] * $i['fundamental'] * $sin];
                $working = 'mean of v · i over all whole cycles';
        }
        $this->put('real', 'Real power', $watts, 'W', $working, 'definition', 'mean of v i');
        $this->put('apparent', 'Apparent power', $apparent, 'VA', $working, 'definition', 'V I');
        $this->put('reactive', 'Reactive power of the fundamental', $first['q'], 'var', 'positive when the current lags', 'definition', 'V_1 I_1 sin φ_1');
        $factor = $apparent > 0 ? abs($watts) / $apparent : 0.0;
        $shift = hypot($first['p'], $first['q']) > 0 ? abs($first['p']) / hypot($first['p'], $first['q']) : 0.0;
        $this->put('power_factor', 'True power factor', min(1.0, $factor), '', Show::number($watts, 6).' W ÷ '.Show::number($apparent, 6).' VA', 'definition', 'P / S');
        $this->put('displacement_factor', 'Displacement power factor', min(1.0, $shift), '', 'of the fundamentals alone', 'definition', 'cos φ_1');
        $this->put('distortion', 'Distortion power', sqrt(max(0.0, $apparent ** 2 - $watts ** 2 - $first['q'] ** 2)), 'VA', '√('.Show::number($apparent, 6).'² − '.Show::number($watts, 6).'² − '.Show::number($first['q'], 6).'²)', 'definition', '√(S² − P² − Q_1²)');
    }

    private function figure(string $key): ?float
    {
        foreach ($this->figures as $figure) {
            if ($figure->key === 'waveform.'.$key) {
                return $figure->number();
            }
        }

        return null;
    }

    private function judge(): void
    {
        $true = $this->figure('power_factor');
        $shift = $this->figure('displacement_factor');
        $angle = $this->figure($this->system === 'three' ? 'angle_1' : 'angle');
        $thd = $this->channels['i1']['thd'] ?? 0.0;
        $watts = $this->figure('real');
        if ($watts !== null && $watts < 0) {
            $this->find(Grade::Caution, 'power_backwards', 'Power flows backwards', 'The mean of volts times amperes is negative.', 'Turn the clamp or the shunt round, or tick “turned” for one channel.', ['waveform.real']);
        }
        if ($true !== null && $shift !== null && $shift - $true > 0.05 && $thd > 15) {
            $this->find(Grade::Caution, 'distortion_not_capacitor', 'Distortion makes this power factor low: a capacitor does not cure it',
                'The current is shifted by a factor of '.Show::number($shift, 3).' only, but the true power factor is '.Show::number($true, 3).': spikes with '.Show::number($thd, 3).' % of harmonics. A capacitor would take in harmonics and may resonate.',
                'Use a choke, a filter or another rectifier.', ['waveform.power_factor', 'waveform.displacement_factor', 'waveform.thd_i1']);
        } elseif ($shift !== null && $angle !== null && $shift < 0.9 && $angle > 0) {
            $this->find(Grade::Note, 'lagging', 'The current lags', 'It is '.Show::number($angle, 3).'° behind the voltage, displacement factor '.Show::number($shift, 3).': this a capacitor can correct.', '', ['waveform.displacement_factor']);
        } elseif ($shift !== null && $angle !== null && $shift < 0.98 && $angle < 0) {
            $this->find(Grade::Note, 'leading', 'The current leads', 'It is '.Show::number(-$angle, 3).'° ahead of the voltage: a capacitor, or too much of one.', '', ['waveform.displacement_factor']);
        }
        foreach ($this->channels as $role => $channel) {
            if (abs($channel['mean']) > 0.05 * max(1e-12, $channel['rms'])) {
                $this->find(Grade::Note, 'offset_'.$role, self::name($role).' stands off zero', 'Its mean is '.Show::number(100 * $channel['mean'] / $channel['rms'], 3).' % of its rms.', 'Zero the clamp or the scope, unless direct current flows.', ['waveform.rms_'.$role]);
            }
            if ($role[0] === 'v' && $channel['thd'] > 8) {
                $this->find(Grade::Caution, 'voltage_distorted', 'The voltage is distorted', 'Its THD is '.Show::number($channel['thd'], 3).' %; 8 % is the usual limit of public supplies.', 'Look for drives and rectifiers on this supply.', ['waveform.thd_'.$role], 'EN 50160 (from memory)');
            }
        }
        if ($this->rate / $this->frequency < 200) {
            $this->find(Grade::Note, 'few_samples', 'Few samples for each cycle', Show::number($this->rate / $this->frequency, 3).' samples fall on a cycle: harmonics above '.Show::number(min(50, floor(0.45 * $this->rate / $this->frequency))).' are not seen, and what is above may fold back.', 'Sample faster, with a filter before it.', ['waveform.harmonic_orders']);
        }
    }

    /** @param  list<string>  $figures */
    private function find(Grade $grade, string $code, string $title, string $text, string $action, array $figures, string $source = 'definition'): void
    {
        $this->findings[] = new Finding($grade, Station::Power, $code, $title, $text, $action, $source, $figures);
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
            $harmonics[$role] = $channel['harmonics'];
            // Rising crossing of the fundamental: cos(ωt + φ) is zero and climbs at ωt = −90° − φ.
            $turn = (-90 - $channel['angle']) / 360;
            $turn += ($this->block - 1) / 2 / $each;
            $crossings[$role] = ($turn - floor($turn)) / $this->frequency;
        }

        if (isset($crossings['v1'], $crossings['i1'])) {
            // The pair that belongs together, both of it within what is drawn.
            $shift = $this->behind('1') / 360 / $this->frequency;
            $period = 1 / $this->frequency;
            $crossings['v1'] += $crossings['v1'] + $shift < 0 ? $period : ($shown * $period < $crossings['v1'] + $shift && $crossings['v1'] > $period / 2 ? -$period : 0.0);
            $crossings['i1'] = $crossings['v1'] + $shift;
        }

        return ['detail' => $detail, 'record' => $record, 'power' => $power, 'harmonics' => $harmonics, 'crossings' => $crossings, 'system' => $this->system, 'seconds' => $shown / $this->frequency];
    }
}
