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
 * Real, reactive and apparent power from what instruments show. Every method ends in the same figures; reactive power is
 * positive when the current lags, and without a sign when no reading tells.
 */
final class Measurement
{
    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        $method = $circuit->choice('measure.method');
        if ($method === null) {
            return;
        }
        $three = $circuit->phases() === 3;
        Meters::solve($circuit, $sheet, $three);
        match ($method) {
            'volts_amps_watts' => self::watts($circuit, $sheet, $three),
            'power_factor_meter' => self::powerFactorMeter($circuit, $sheet, $three),
            'line_angle' => Wattmeters::lineAngle($circuit, $sheet, $three),
            'one_wattmeter' => Wattmeters::one($circuit, $sheet, $three),
            'two_wattmeters' => Wattmeters::two($circuit, $sheet),
            'three_wattmeters' => Wattmeters::three($circuit, $sheet),
            'meter_disc', 'meter_pulses' => self::meter($circuit, $sheet, $three, $method === 'meter_disc'),
            'brake' => self::brake($circuit, $sheet, $three),
            default => self::apparent($sheet, $three),
        };
        LoadFraction::solve($circuit, $sheet);
        self::rating($sheet);
    }

    /** Apparent power of a balanced load from mean volts and amperes; null where one is not read. */
    public static function apparent(Sheet $sheet, bool $three): ?Figure
    {
        $volts = $sheet->get('measured.voltage');
        $amperes = $sheet->get('measured.current');
        if ($volts === null || $amperes === null || $sheet->has('measured.phases_live')) {
            return null;
        }

        return $sheet->get('measured.apparent') ?? $sheet->work('measured.apparent', 'Apparent power', ($three ? sqrt(3) : 1.0) * $volts->number() * $amperes->number(), 'VA', $three ? '√3 V I' : 'V I', ($three ? '√3 × ' : '').'{V} × {I}', ['V' => $volts, 'I' => $amperes]);
    }

    /**
     * Power factor and reactive power from real and apparent power.
     *
     * @param  string  $path  field that is wrong if real power exceeds apparent power
     */
    public static function split(Circuit $circuit, Sheet $sheet, Figure $real, ?Figure $apparent, string $path): void
    {
        if ($apparent === null) {
            return;
        }
        if (abs($real->number()) > 1.01 * $apparent->number()) {
            $sheet->error($path, $real->shown(4).' is more than volts times amperes, '.$apparent->shown(4).': real power is never more than apparent power.', 'Read volts, amperes and watts again at the same time; look at the range and the ratio of the meter.', FieldError::IMPOSSIBLE);

            return;
        }
        $factor = $sheet->work('measured.power_factor', 'Power factor', min(1.0, abs($real->number()) / $apparent->number()), '', 'P / S', '{P} ÷ {S}', ['P' => $real, 'S' => $apparent]);
        self::angle($sheet, $factor);
        $size = sqrt(max(0.0, $apparent->number() ** 2 - $real->number() ** 2));
        self::reactive($circuit, $sheet, $size, '√(S² − P²)', '√({S}² − {P}²)', ['S' => $apparent, 'P' => $real]);
    }

    /** @param  array<string, Figure>  $from */
    public static function reactive(Circuit $circuit, Sheet $sheet, float $size, string $formula, string $working, array $from): void
    {
        $sense = $circuit->choice('measure.sense');
        $leading = $sense === 'leading';
        $sheet->work('measured.reactive', 'Reactive power', $leading ? -$size : $size, 'var', ($leading ? '−' : '').$formula, ($leading ? '−' : '').$working, $from, 'definition', $sense === null && $size > 0 ? 'lagging; no reading tells' : null);
    }

    public static function angle(Sheet $sheet, Figure $factor): void
    {
        $sheet->work('measured.angle', 'Angle between phase voltage and current', rad2deg(acos(min(1.0, $factor->number()))), '°', 'arccos(cos φ)', 'arccos {pf}', ['pf' => $factor]);
    }

    private static function watts(Circuit $circuit, Sheet $sheet, bool $three): void
    {
        self::wanted($circuit, $sheet, 'measure.volts_12', 'measure.amps_1', 'measure.watts');
        $watts = $circuit->number('measure.watts');
        if ($watts !== null) {
            $real = $sheet->put($watts->named('measured.real', 'Real power', 'measured'));
            self::split($circuit, $sheet, $real, self::apparent($sheet, $three), 'measure.watts');
        }
    }

    private static function powerFactorMeter(Circuit $circuit, Sheet $sheet, bool $three): void
    {
        self::wanted($circuit, $sheet, 'measure.volts_12', 'measure.amps_1', 'measure.power_factor', 'measure.sense');
        $factor = $circuit->number('measure.power_factor');
        $apparent = self::apparent($sheet, $three);
        if ($factor === null || $apparent === null) {
            return;
        }
        $factor = $sheet->put($factor->named('measured.power_factor', 'Power factor', 'measured'));
        $real = $sheet->work('measured.real', 'Real power', $apparent->number() * $factor->number(), 'W', 'S cos φ', '{S} × {pf}', ['S' => $apparent, 'pf' => $factor]);
        self::angle($sheet, $factor);
        self::reactive($circuit, $sheet, sqrt(max(0.0, $apparent->number() ** 2 - $real->number() ** 2)), '√(S² − P²)', '√({S}² − {P}²)', ['S' => $apparent, 'P' => $real]);
    }

    private static function meter(Circuit $circuit, Sheet $sheet, bool $three, bool $disc): void
    {
        [$countPath, $constantPath] = $disc ? ['measure.revolutions', 'measure.disc_constant'] : ['measure.pulses', 'measure.pulses_per_kwh'];
        self::wanted($circuit, $sheet, $countPath, $constantPath, 'measure.seconds');
        $count = $circuit->number($countPath);
        $constant = $circuit->number($constantPath);
        $seconds = $circuit->number('measure.seconds');
        if ($count === null || $constant === null || $seconds === null || $circuit->bad('measure.current_ratio', 'measure.voltage_ratio')) {
            return;
        }
        $ct = $circuit->number('measure.current_ratio') ?? new Figure('ct', 'ct', 1.0);
        $vt = $circuit->number('measure.voltage_ratio') ?? new Figure('vt', 'vt', 1.0);
        $from = ['n' => $count, 'k' => $constant, 'ct' => $ct, 'vt' => $vt, 't' => $seconds];
        $real = $disc
            ? $sheet->work('measured.real', 'Real power', 3600 * $count->number() * $constant->number() * $ct->number() * $vt->number() / $seconds->number(), 'W', '3600 n K_h CT VT / t', '3600 × {n} × {k} × {ct} × {vt} ÷ {t}', $from, 'definition of the disc constant')
            : $sheet->work('measured.real', 'Real power', 3.6e6 * $count->number() / $constant->number() * $ct->number() * $vt->number() / $seconds->number(), 'W', '3 600 000 N / (pulses for a kWh) CT VT / t', '3600000 × {n} ÷ {k} × {ct} × {vt} ÷ {t}', $from, 'definition of the pulse constant');
        if ($count->number() < 5) {
            $sheet->find(Grade::Note, Station::Power, 'few_counts', 'Few counts', 'With '.$count->shown().' counts a start or stop a little off makes several percent.', 'Count for longer.', 'common practice, no source', ['measured.real'], [$countPath]);
        }
        self::split($circuit, $sheet, $real, self::apparent($sheet, $three), $countPath);
    }

    private static function brake(Circuit $circuit, Sheet $sheet, bool $three): void
    {
        self::wanted($circuit, $sheet, 'measure.torque', 'measure.speed', 'measure.watts');
        $torque = $circuit->number('measure.torque');
        $speed = $circuit->number('measure.speed');
        $watts = $circuit->number('measure.watts');
        $shaft = null;
        if ($torque !== null && $speed !== null) {
            $shaft = $sheet->work('measured.shaft', 'Power at the shaft', $torque->number() * 2 * M_PI * $speed->number() / 60, 'W', 'T · 2π n / 60', '{T} × 2π × {n} ÷ 60', ['T' => $torque, 'n' => $speed]);
        }
        if ($watts === null) {
            return;
        }
        $real = $sheet->put($watts->named('measured.real', 'Real power', 'measured'));
        if ($shaft !== null && $real->number() > 0) {
            if ($shaft->number() >= $real->number()) {
                $sheet->error('measure.torque', 'The shaft would give '.$shaft->shown(4).' of '.$real->shown(4).' taken: more than goes in, or all of it.', 'Read torque, speed and watts again at the same time.', FieldError::IMPOSSIBLE);
            } else {
                $sheet->work('measured.efficiency', 'Efficiency by brake test', 100 * $shaft->number() / $real->number(), '%', 'T ω / P', '{T} ÷ {P}', ['T' => $shaft, 'P' => $real]);
            }
        }
        self::split($circuit, $sheet, $real, self::apparent($sheet, $three), 'measure.watts');
    }

    public static function wanted(Circuit $circuit, Sheet $sheet, string ...$paths): void
    {
        foreach ($paths as $path) {
            if ($circuit->missing($path)) {
                $sheet->missing($path, match (true) {
                    str_ends_with($path, 'sense') => 'Does the current lag or lead?',
                    str_ends_with($path, 'sequence') => 'Which sequence do the lines have?',
                    default => 'This reading is wanted.',
                });
            }
        }
    }

    private static function rating(Sheet $sheet): void
    {
        $measured = $sheet->get('measured.current');
        $rated = $sheet->get('power.plate_current');
        if ($measured === null || $rated === null || $sheet->has('measured.phases_live')) {
            return;
        }
        $off = $sheet->work('measured.current_against_plate', 'Measured against plate current', 100 * $measured->number() / $rated->number(), '%', 'I / I_n', '{I} ÷ {In}', ['I' => $measured, 'In' => $rated]);
        if ($off->number() > 105) {
            $sheet->find(Grade::Caution, Station::Power, 'overloaded', 'It draws more than its plate', 'Measured '.$measured->shown().', stamped '.$rated->shown().': '.Show::number($off->number(), 3).' %.', 'Look for low voltage, a dragging load, or a plate of another motor.', 'plate', ['measured.current_against_plate'], ['measure.amps_1']);
        }
    }
}
