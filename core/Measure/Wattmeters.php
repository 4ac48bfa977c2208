<?php

declare(strict_types=1);

namespace BraveAnvil\Measure;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/**
 * One, two and three wattmeters, and the angle of a line voltage against a line current. A line voltage stands 30° or 90°
 * off the phase voltage of its line; which way depends on the pair, the line and the sequence.
 */
final class Wattmeters
{
    /**
     * By how much a line voltage is ahead of the phase voltage of a line, degrees from −180 to 180.
     *
     * @param  string  $pair  `12` from line 1 to line 2
     * @param  string  $sequence  `123` or `132`
     */
    public static function ahead(string $pair, string $line, string $sequence): float
    {
        $turn = $sequence === '132' ? 1 : -1;
        $angle = static fn (string $phase): float => $turn * 120.0 * ((int) $phase - 1);
        $from = deg2rad($angle($pair[0]));
        $to = deg2rad($angle($pair[1]));
        $line = $angle($line);
        $ahead = rad2deg(atan2(sin($from) - sin($to), cos($from) - cos($to))) - $line;

        return self::turned($ahead);
    }

    private static function turned(float $degrees): float
    {
        return round($degrees - 360 * round($degrees / 360), 9);
    }

    public static function lineAngle(Circuit $circuit, Sheet $sheet, bool $three): void
    {
        Measurement::wanted($circuit, $sheet, 'measure.volts_12', 'measure.amps_1', 'measure.angle', ...($three ? ['measure.pair', 'measure.line', 'measure.sequence'] : []));
        $shown = $circuit->number('measure.angle');
        $pair = $circuit->choice('measure.pair');
        $line = $circuit->choice('measure.line');
        $sequence = $circuit->choice('measure.sequence');
        $apparent = Measurement::apparent($sheet, $three);
        if ($shown === null || $apparent === null || ($three && ($pair === null || $line === null || $sequence === null))) {
            return;
        }
        $ahead = $pair !== null && $line !== null && $sequence !== null && $three ? self::ahead($pair, $line, $sequence) : 0.0;
        $phi = self::turned($shown->number() - $ahead);
        if (abs($phi) > 90 + 1e-6) {
            $sheet->error('measure.angle', 'That would put the current '.Show::number($phi, 4).'° behind its own phase voltage: power would flow backwards.', 'Check the pair, the line, the sequence, and which way round the clamp sits.', FieldError::IMPOSSIBLE);

            return;
        }
        $angle = $sheet->work('measured.angle', 'Angle between phase voltage and current', $phi, '°', 'θ − offset of the line voltage', '{a} − '.Show::number($ahead).'°', ['a' => $shown], $three ? 'line L'.$line.' against V'.$pair.', sequence '.$sequence : 'definition');
        self::fromAngle($sheet, $apparent, $angle);
    }

    private static function fromAngle(Sheet $sheet, Figure $apparent, Figure $angle): void
    {
        $radians = deg2rad($angle->number());
        $factor = $sheet->work('measured.power_factor', 'Power factor', max(0.0, cos($radians)), '', 'cos φ', 'cos {a}', ['a' => $angle]);
        $sheet->work('measured.real', 'Real power', $apparent->number() * cos($radians), 'W', 'S cos φ', '{S} × {pf}', ['S' => $apparent, 'pf' => $factor]);
        $sheet->work('measured.reactive', 'Reactive power', $apparent->number() * sin($radians), 'var', 'S sin φ', '{S} × sin {a}', ['S' => $apparent, 'a' => $angle]);
    }

    public static function one(Circuit $circuit, Sheet $sheet, bool $three): void
    {
        $way = $three ? $circuit->choice('measure.wattmeter') : 'neutral';
        Measurement::wanted($circuit, $sheet, 'measure.watts', ...($three ? ['measure.wattmeter'] : []));
        $watts = $circuit->number('measure.watts');
        if ($watts === null || $way === null) {
            return;
        }
        if ($way === 'neutral') {
            $real = $three ? $sheet->work('measured.real', 'Real power', 3 * $watts->number(), 'W', '3 W', '3 × {W}', ['W' => $watts], 'balanced load, voltage coil to neutral') : $sheet->put($watts->named('measured.real', 'Real power', 'measured'));
            Measurement::split($circuit, $sheet, $real, Measurement::apparent($sheet, $three), 'measure.watts');

            return;
        }
        $line = $circuit->choice('measure.line');
        $sequence = $circuit->choice('measure.sequence');
        $pair = $way === 'other_lines' ? ['1' => '23', '2' => '31', '3' => '12'][$line ?? ''] ?? null : $circuit->choice('measure.pair');
        Measurement::wanted($circuit, $sheet, 'measure.line', 'measure.sequence', ...($way === 'pair' ? ['measure.pair'] : []));
        if ($line === null || $sequence === null || $pair === null) {
            return;
        }
        $ahead = self::ahead($pair, $line, $sequence);
        if (abs(abs($ahead) - 90) < 1e-6) {
            self::varmeter($sheet, $watts, $ahead, Measurement::apparent($sheet, true));

            return;
        }
        Measurement::wanted($circuit, $sheet, 'measure.volts_12', 'measure.amps_1');
        $apparent = Measurement::apparent($sheet, true);
        if ($apparent !== null) {
            self::pair($circuit, $sheet, $watts, $apparent, $ahead, $pair, $line);
        }
    }

    /** The voltage coil stands across: the meter shows reactive power. */
    private static function varmeter(Sheet $sheet, Figure $watts, float $ahead, ?Figure $apparent): void
    {
        $sign = $ahead < 0 ? '' : '−';
        $reactive = $sheet->work('measured.reactive', 'Reactive power', ($ahead < 0 ? 1 : -1) * sqrt(3) * $watts->number(), 'var', $sign.'√3 W', $sign.'√3 × {W}', ['W' => $watts], 'balanced load, voltage coil on the two other lines');
        if ($apparent === null) {
            return;
        }
        if (abs($reactive->number()) > 1.01 * $apparent->number()) {
            $sheet->error('measure.watts', 'Reactive power would be '.$reactive->shown().', more than volts times amperes, '.$apparent->shown().'.', 'Read again at the same time; look at the range of the meter.', FieldError::IMPOSSIBLE);

            return;
        }
        $real = $sheet->work('measured.real', 'Real power', sqrt(max(0.0, $apparent->number() ** 2 - $reactive->number() ** 2)), 'W', '√(S² − Q²)', '√({S}² − {Q}²)', ['S' => $apparent, 'Q' => $reactive]);
        $factor = $sheet->work('measured.power_factor', 'Power factor', $real->number() / $apparent->number(), '', 'P / S', '{P} ÷ {S}', ['P' => $real, 'S' => $apparent]);
        $angle = rad2deg(acos(min(1.0, $factor->number())));
        $sheet->work('measured.angle', 'Angle between phase voltage and current', $reactive->number() < 0 ? -$angle : $angle, '°', ($reactive->number() < 0 ? '−' : '').'arccos(cos φ)', ($reactive->number() < 0 ? '−' : '').'arccos {pf}', ['pf' => $factor]);
    }

    private static function pair(Circuit $circuit, Sheet $sheet, Figure $watts, Figure $apparent, float $ahead, string $pair, string $line): void
    {
        // W = V I cos(φ + offset), and V I is the apparent power over √3.
        $cosine = $watts->number() / ($apparent->number() / sqrt(3));
        if (abs($cosine) > 1.01) {
            $sheet->error('measure.watts', $watts->shown().' is more than volts times amperes.', 'Read volts, amperes and watts again at the same time.', FieldError::IMPOSSIBLE);

            return;
        }
        $theta = rad2deg(acos(max(-1.0, min(1.0, $cosine))));
        $found = array_values(array_unique(array_filter([self::turned($theta - $ahead), self::turned(-$theta - $ahead)], static fn (float $phi): bool => abs($phi) <= 90.5)));
        $sense = $circuit->choice('measure.sense');
        if (count($found) > 1 && $sense !== null) {
            $found = array_values(array_filter($found, static fn (float $phi): bool => $sense === 'lagging' ? $phi >= -0.5 : $phi <= 0.5));
        }
        if ($found === []) {
            $sheet->error('measure.watts', 'No power factor between 0 and 1 gives this reading on V'.$pair.' with the current of L'.$line.'.', 'Check pair, line, sequence, the sign of the reading, and lagging or leading.', FieldError::IMPOSSIBLE);

            return;
        }
        if (count($found) > 1) {
            $sheet->missing('measure.sense', 'Two answers give this reading, cos φ '.Show::number(cos(deg2rad($found[0])), 3).' and '.Show::number(cos(deg2rad($found[1])), 3).': does the current lag or lead? If both do, read a second pair.');
            $other = abs($found[0]) > abs($found[1]) ? $found[0] : $found[1];
            $sheet->find(Grade::Note, Station::Power, 'two_answers', 'Two answers fit this reading', 'The angle may be '.Show::number($found[0], 3).'° or '.Show::number($found[1], 3).'°.', 'Say whether the current lags or leads; if that does not part them, read the other pair too. '.Show::number($other, 3).'° is the poorer power factor.', 'definition', [], ['measure.sense']);

            return;
        }
        $phi = max(-90.0, min(90.0, $found[0]));
        $angle = $sheet->put(new Figure('measured.angle', 'Angle between phase voltage and current', $phi, '°', '±arccos(W / (V I)) − offset', 'arccos('.Show::number($cosine, 5).') = '.Show::number($theta, 5).'°, V'.$pair.' is '.Show::number($ahead, 4).'° ahead of V'.$line.'N', 'balanced load', array_values(array_unique([...$watts->assumptions, ...$apparent->assumptions]))));
        self::fromAngle($sheet, $apparent, $angle);
    }

    public static function two(Circuit $circuit, Sheet $sheet): void
    {
        $common = $circuit->choice('measure.common') ?? '2';
        $balanced = $circuit->choice('measure.balanced');
        [$x, $y] = ['1' => ['2', '3'], '2' => ['1', '3'], '3' => ['1', '2']][$common] ?? ['1', '3'];
        Measurement::wanted($circuit, $sheet, 'measure.watts_'.$x, 'measure.watts_'.$y, 'measure.balanced', 'measure.swapped');
        $swapped = $circuit->choice('measure.swapped');
        /** @var array<string, Figure> $read */
        $read = [];
        foreach ([$x, $y] as $line) {
            $watts = $circuit->number('measure.watts_'.$line);
            if ($watts === null) {
                return;
            }
            // A meter whose leads were swapped to make it read forwards shows a negative value as a positive one.
            $read['L'.$line] = $swapped === $line && $watts->number() > 0
                ? Sheet::worked('measured.watts_'.$line, 'Wattmeter in L'.$line, -$watts->number(), 'W', '−W', '−{W}', ['W' => $watts], 'leads were swapped to read it')
                : new Figure('measured.watts_'.$line, 'Wattmeter in L'.$line, $watts->number(), 'W', '', '', 'measured', $swapped === null ? ['no leads were swapped'] : []);
            $sheet->put($read['L'.$line]);
        }
        $real = $sheet->work('measured.real', 'Real power', $read['L'.$x]->number() + $read['L'.$y]->number(), 'W', 'W'.$x.' + W'.$y, '{a} + {b}', ['a' => $read['L'.$x], 'b' => $read['L'.$y]], 'two wattmeters, common line L'.$common.'; holds for any three-wire load');
        if ($real->number() < 0) {
            $sheet->find(Grade::Caution, Station::Power, 'power_backwards', 'Power flows backwards', 'The sum is '.$real->shown().'.', 'Look at the direction of both current coils, unless the load feeds back.', 'definition', ['measured.real'], ['measure.watts_'.$x, 'measure.watts_'.$y]);
        }
        if ($balanced === 'unbalanced') {
            self::effective($circuit, $sheet, $real);
            $sheet->find(Grade::Note, Station::Power, 'two_wattmeters_unbalanced', 'Unbalanced: real power only', 'The sum of two wattmeters is right for any three-wire load; the difference gives reactive power of a balanced load only.', 'For reactive power use three varmeters, or a recorder.', 'definition', ['measured.real'], ['measure.balanced']);
        } elseif ($balanced === 'balanced') {
            self::balanced($circuit, $sheet, $read, $real, $common, $x, $y);
        }
    }

    /** @param  array<string, Figure>  $read */
    private static function balanced(Circuit $circuit, Sheet $sheet, array $read, Figure $real, string $common, string $x, string $y): void
    {
        $sequence = $circuit->choice('measure.sequence');
        if ($sequence !== null) {
            // The coil whose voltage is 30° behind its phase voltage reads high on a lagging load.
            [$high, $low] = self::ahead($x.$common, $x, $sequence) < 0 ? [$x, $y] : [$y, $x];
            $reactive = $sheet->work('measured.reactive', 'Reactive power', sqrt(3) * ($read['L'.$high]->number() - $read['L'.$low]->number()), 'var', '√3 (W'.$high.' − W'.$low.')', '√3 × ({a} − {b})', ['a' => $read['L'.$high], 'b' => $read['L'.$low]], 'balanced load, sequence '.$sequence);
        } else {
            $sheet->missing('measure.sequence', 'The sequence of the lines tells lagging from leading.');
            [$high, $low] = $read['L'.$x]->number() >= $read['L'.$y]->number() ? [$x, $y] : [$y, $x];
            $size = sqrt(3) * ($read['L'.$high]->number() - $read['L'.$low]->number());
            Measurement::reactive($circuit, $sheet, $size, '√3 (W_high − W_low)', '√3 × ({a} − {b})', ['a' => $read['L'.$high], 'b' => $read['L'.$low]]);
            $reactive = $sheet->need('measured.reactive');
        }
        $volts = $sheet->get('measured.voltage');
        $measured = Measurement::apparent($sheet, true);
        $apparent = $measured ?? $sheet->work('measured.apparent', 'Apparent power', hypot($real->number(), $reactive->number()), 'VA', '√(P² + Q²)', '√({P}² + {Q}²)', ['P' => $real, 'Q' => $reactive]);
        $own = hypot($real->number(), $reactive->number());
        if ($own <= 0) {
            return;
        }
        $factor = $sheet->work('measured.power_factor', 'Power factor', abs($real->number()) / $own, '', 'P / √(P² + Q²)', '|{P}| ÷ √({P}² + {Q}²)', ['P' => $real, 'Q' => $reactive]);
        $angle = rad2deg(acos(min(1.0, $factor->number())));
        $sign = $reactive->number() < 0 ? '−' : '';
        $sheet->work('measured.angle', 'Angle between phase voltage and current', $sign === '' ? $angle : -$angle, '°', $sign.'arccos(cos φ)', $sign.'arccos {pf}', ['pf' => $factor]);
        if ($measured !== null && abs($apparent->number() / $own - 1) > 0.05) {
            $sheet->find(Grade::Caution, Station::Power, 'wattmeters_disagree', 'Wattmeters and volts times amperes disagree', 'The wattmeters mean '.Show::quantity($own, 'VA', 4).', volts and amperes '.$apparent->shown().'.', 'The load is not balanced, a lead is on the wrong line, a reading has the wrong sign, or the current is distorted.', 'definition', ['measured.apparent', 'measured.reactive'], ['measure.watts_'.$x, 'measure.watts_'.$y, 'measure.balanced']);
        }
        if ($volts !== null && $measured === null) {
            $sheet->work('measured.current', 'Current that follows', $apparent->number() / (sqrt(3) * $volts->number()), 'A', 'S / (√3 V)', '{S} ÷ (√3 × {V})', ['S' => $apparent, 'V' => $volts]);
        }
        if ($factor->number() < 0.5) {
            $sheet->find(Grade::Note, Station::Power, 'low_meter_negative', 'One wattmeter reads backwards', 'Below a power factor of 0.5 the low one is negative; at 0.5 it shows nothing. Neither alone means anything.', '', 'definition', ['measured.power_factor'], ['measure.watts_'.$low]);
        }
    }

    /** Effective apparent power of an unbalanced three-wire load. */
    private static function effective(Circuit $circuit, Sheet $sheet, Figure $real): void
    {
        $volts = array_filter(array_map(static fn (string $p): ?float => $circuit->number('measure.volts_'.$p)?->number(), ['12', '23', '31']), static fn (?float $v): bool => $v !== null);
        $amps = array_filter(array_map(static fn (string $p): ?float => $circuit->number('measure.amps_'.$p)?->number(), ['1', '2', '3']), static fn (?float $a): bool => $a !== null);
        if (count($volts) !== 3 || count($amps) !== 3) {
            return;
        }
        $square = static fn (float $v): float => $v ** 2;
        $ve = sqrt(array_sum(array_map($square, $volts)) / 9);
        $ie = sqrt(array_sum(array_map($square, $amps)) / 3);
        $apparent = $sheet->put(new Figure('measured.apparent', 'Effective apparent power', 3 * $ve * $ie, 'VA', '3 V_e I_e', '3 × '.Show::number($ve, 6).' V × '.Show::number($ie, 6).' A', 'IEEE 1459: V_e² = (V12² + V23² + V31²) / 9, I_e² = (I1² + I2² + I3²) / 3 (from memory)'));
        if ($apparent->number() > 0 && abs($real->number()) <= 1.01 * $apparent->number()) {
            $sheet->work('measured.power_factor', 'Power factor', min(1.0, abs($real->number()) / $apparent->number()), '', 'P / S_e', '|{P}| ÷ {S}', ['P' => $real, 'S' => $apparent], 'IEEE 1459 (from memory)');
        }
    }

    public static function three(Circuit $circuit, Sheet $sheet): void
    {
        Measurement::wanted($circuit, $sheet, 'measure.watts_1', 'measure.watts_2', 'measure.watts_3');
        $watts = [];
        $phases = [];
        foreach (['1', '2', '3'] as $line) {
            $read = $circuit->number('measure.watts_'.$line);
            if ($read === null) {
                return;
            }
            $watts['w'.$line] = $read;
        }
        $real = $sheet->work('measured.real', 'Real power', array_sum(array_map(static fn (Figure $f): float => $f->number(), $watts)), 'W', 'W1 + W2 + W3', '{w1} + {w2} + {w3}', $watts, 'three wattmeters to neutral; holds for any load');
        $total = 0.0;
        foreach (['1', '2', '3'] as $line) {
            $volts = $circuit->number('measure.phase_volts_'.$line);
            $amps = $circuit->number('measure.amps_'.$line);
            if ($volts === null || $amps === null || $amps->number() <= 0) {
                continue;
            }
            $own = $sheet->work('measured.apparent_'.$line, 'Apparent power of L'.$line, $volts->number() * $amps->number(), 'VA', 'V I', '{V} × {I}', ['V' => $volts, 'I' => $amps]);
            if (abs($watts['w'.$line]->number()) > 1.01 * $own->number()) {
                $sheet->error('measure.watts_'.$line, 'More watts than volts times amperes in L'.$line.'.', 'Read them again at the same time.', FieldError::IMPOSSIBLE);

                return;
            }
            $sheet->work('measured.power_factor_'.$line, 'Power factor of L'.$line, min(1.0, abs($watts['w'.$line]->number()) / $own->number()), '', 'P / S', '|{P}| ÷ {S}', ['P' => $watts['w'.$line], 'S' => $own]);
            $phases['s'.$line] = $own;
            $total += $own->number();
        }
        if (count($phases) === 3) {
            $apparent = $sheet->work('measured.apparent', 'Apparent power', $total, 'VA', 'S1 + S2 + S3', '{s1} + {s2} + {s3}', $phases, 'arithmetic sum of the phases');
            Measurement::split($circuit, $sheet, $real, $apparent, 'measure.watts_1');
        }
    }
}
