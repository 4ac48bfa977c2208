<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Refusal;

/** A number with its unit, in base units. A bare number is in the field's own unit. */
final class Quantity
{
    /** Kind => [unit as typed in lower case => factor to the base unit]; '' is the bare number. */
    private const UNITS = [
        'number' => ['' => 1],
        'price' => ['' => 1],
        'count' => ['' => 1],
        'volts' => ['' => 1, 'v' => 1, 'volt' => 1, 'volts' => 1, 'vac' => 1, 'v ac' => 1, 'mv' => 0.001, 'kv' => 1000],
        'amperes' => ['' => 1, 'a' => 1, 'amp' => 1, 'amps' => 1, 'ampere' => 1, 'amperes' => 1, 'ma' => 0.001, 'ka' => 1000],
        'kiloamperes' => ['' => 1000, 'ka' => 1000, 'a' => 1],
        'ohms' => ['' => 1, 'ohm' => 1, 'ohms' => 1, 'mohm' => 0.001, 'kohm' => 1000, 'megohm' => 1e6, 'megohms' => 1e6,
            'meg' => 1e6, 'k' => 1000],
        'megohms' => [
            '' => 1e6, 'megohm' => 1e6, 'megohms' => 1e6, 'meg' => 1e6, 'gohm' => 1e9, 'g' => 1e9, 'kohm' => 1000, 'k' => 1000, 'ohm' => 1,
            'ohms' => 1,
        ],
        'velocity' => ['' => 1, 'mm/s' => 1, 'cm/s' => 10, 'in/s' => 25.4, 'ips' => 25.4],
        'kilovoltamperes' => ['' => 1000, 'kva' => 1000, 'va' => 1, 'mva' => 1e6],
        'kilowatts' => ['' => 1000, 'kw' => 1000, 'w' => 1, 'mw' => 1e6, 'hp' => 746],
        'watts' => ['' => 1, 'w' => 1, 'watt' => 1, 'watts' => 1, 'kw' => 1000, 'mw' => 1e6],
        'newton_metres' => [
            '' => 1, 'nm' => 1, 'n*m' => 1, 'n m' => 1, 'knm' => 1000, 'lbft' => 1.35581795, 'lb ft' => 1.35581795, 'lb-ft' => 1.35581795,
            'ft lb' => 1.35581795, 'ft-lb' => 1.35581795,
        ],
        'degrees' => ['' => 1, 'deg' => 1, 'degrees' => 1],
        'watt_hours' => ['' => 1, 'wh' => 1, 'wh/rev' => 1, 'kwh' => 1000],
        'ampere_hours' => ['' => 1, 'ah' => 1, 'a h' => 1, 'a*h' => 1],
        'volt_amperes' => ['' => 1, 'va' => 1, 'kva' => 1000],
        'hours' => ['' => 1, 'h' => 1, 'hr' => 1, 'hrs' => 1, 'hour' => 1, 'hours' => 1],
        'kilograms' => ['' => 1, 'kg' => 1, 'kgs' => 1, 'lb' => 0.45359237, 'lbs' => 0.45359237, 't' => 1000],
        'grams' => ['' => 1, 'g' => 1, 'gr' => 1, 'gram' => 1, 'grams' => 1, 'oz' => 28.349523],
        'kelvins' => ['' => 1, 'k' => 1, 'c' => 1, 'degc' => 1, 'deg c' => 1],
        'resistivity' => ['' => 1, 'k*m/w' => 1, 'km/w' => 1],
        'kilovars' => ['' => 1000, 'kvar' => 1000, 'var' => 1, 'mvar' => 1e6],
        'microfarads' => ['' => 1e-6, 'uf' => 1e-6, 'µf' => 1e-6, 'μf' => 1e-6, 'mfd' => 1e-6, 'nf' => 1e-9],
        'percent' => ['' => 1, '%' => 1, 'percent' => 1],
        'rpm' => ['' => 1, 'rpm' => 1, 'r/min' => 1, '1/min' => 1, 'min-1' => 1],
        'seconds' => ['' => 1, 's' => 1, 'sec' => 1, 'second' => 1, 'seconds' => 1, 'ms' => 0.001, 'min' => 60, 'h' => 3600],
        'metres' => [
            '' => 1, 'm' => 1, 'metre' => 1, 'metres' => 1, 'meter' => 1, 'meters' => 1, 'km' => 1000, 'ft' => 0.3048, 'feet' => 0.3048,
            'foot' => 0.3048,
            "'" => 0.3048,
        ],
        'inertia' => [
            '' => 1, 'kgm2' => 1, 'kg*m2' => 1, 'kg m2' => 1, 'kgm^2' => 1, 'kg m^2' => 1, 'kg*m^2' => 1, 'lbft2' => 0.04214011,
            'lb ft2' => 0.04214011, 'lb*ft2' => 0.04214011, 'lb-ft2' => 0.04214011,
        ],
        'hertz' => ['' => 1, 'hz' => 1, 'cps' => 1, 'c/s' => 1],
        'celsius' => ['' => 1, 'c' => 1, 'degc' => 1, 'deg c' => 1, 'deg' => 1, 'k' => 1],
        'ratio' => ['' => 1, 'x' => 1, 'x rated' => 1, 'x in' => 1, 'times' => 1, 'pu' => 1, '%' => 0.01],
    ];

    /** What plates and data sheets write in front of a starting current or torque. */
    private const RATIO_NAMES = '~^(I ?[ASL]\.? ?/ ?I ?N|IST ?/ ?IN|LRC ?/ ?FLC|LRA ?/ ?FLA|M ?[ASKBL]{1,2}\.? ?/ ?M ?N|T ?(ST|S|A|L|U|K|B|MAX|MIN)?\.? ?/ ?T ?N|M ?(MAX|MIN|ST) ?/ ?M ?N|LRT|BDT|PUT|TK|MA|MK|TS|TST|TMAX|TB)\.?\s*[=:]?\s*~i';

    /** @return float|Refusal in base units (V, A, Ω, VA, W, var, %, s, m, kg·m², Hz, °C, ratio) */
    public static function parse(string $text, FieldKind $kind): float|Refusal
    {
        if ($kind === FieldKind::Ratio) {
            $text = (string) preg_replace(self::RATIO_NAMES, '', $text);
        }
        if (preg_match('~^([+-]?[\d.,](?:[\d.,]| (?=\d{3}(?!\d)))*)\s*(\D.*)?$~u', $text, $part) !== 1) {
            return new Refusal(Typed::quoted($text).' cannot be read.');
        }
        $number = Typed::number($part[1]);
        if ($number instanceof Refusal) {
            return $number;
        }
        // In front of ohms a capital M is a million, a small one a thousandth; as the whole unit too, as people write it.
        $ohms = in_array($kind, [FieldKind::Ohms, FieldKind::Megohms], true);
        $unit = strtolower((string) preg_replace($ohms ? '~^M(?=ohm|$)~' : '~^M(?=ohm)~', 'meg', trim($part[2] ?? '')));
        if ($kind === FieldKind::Celsius && in_array($unit, ['f', 'degf', 'deg f'], true)) {
            return ($number - 32) / 1.8;
        }
        $factor = self::UNITS[$kind->value][$unit] ?? null;
        if ($factor === null) {
            return new Refusal(Typed::quoted($part[2] ?? '').' is not a unit for this field.');
        }

        return $number * $factor;
    }
}
