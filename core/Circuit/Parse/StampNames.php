<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

/**
 * What a plate stamps around a value that the field's own name says already: `MAX AMB 40C`, `CODE G`, `RPM 1460`, `415 V ±10 %`.
 * The collection is our own; common practice, no source. Nothing is taken away that could change the value.
 */
final class StampNames
{
    /** By field of the plate: the names that may stand before the value. */
    private const BEFORE = [
        'voltage' => 'rated voltage|voltage|volts?|a\.?c\.?|~|u[nr]?',
        'power' => 'rated output|rated power|output|power|p[n2]?',
        'current' => 'rated current|full load current|full load amps|full load amperes|f\.?\s?l\.? amps|f\.\s?l\.\s?[ac]\.|fla|flc|'.
            'amperes|ampere|amps?|current|i[nr]?|a',
        'speed' => 'rated speed|speed|r\.?p\.?m\.?|rev/min|n[nr]?',
        'frequency' => 'frequency|freq|cycles?|hz|f[nr]?',
        'power_factor' => 'cos(?:\.?\s?phi|\s?theta)?|power factor|p\.?\s?f\.?',
        'efficiency' => 'f\.?\s?l\.? eff|full load eff|eff',
        'start_current_ratio' => 'starting current|start\.? current|l\.?r\.?c\.?|locked rotor current',
        'start_torque_ratio' => 'starting torque|locked rotor torque',
        'breakdown_torque_ratio' => 'breakdown torque|pull-?out torque',
        'ambient' => 'max(?:imum|\.)? ?amb(?:ient)?(?:[. ]*temp(?:erature)?)?|amb(?:ient)?(?:[. ]*temp(?:erature)?)?|t\s?amb|ta|max',
        'altitude' => 'altitude|alt|elevation|elev|h|max',
        'temperature_rise' => 'temp(?:erature|\.)? ?rise|rise|d ?t|d ?theta',
        'duty' => 'duty type|duty cycle|duty|time rating|time|rating|type',
        'code_letter' => '(?:kva|l\.?r\.?)? ?code(?: letter)?|kva',
        'design_letter' => '(?:nema )?des(?:ign|\.)?(?: letter)?|nema',
        'service_factor' => 'service factor|serv?\.? ?factor|s\.?\s?f\.?',
        'service_factor_amps' => 's\.?\s?f\.?\s?amps|s\.?\s?f\.?\s?a\.?',
        'grease_amount' => 'de/nde|grease|qty',
        'grease_interval' => 'regrease every|relubricate every|regrease|relubricate|every|interval',
        'weight' => 'weight|mass|wt|m',
        'phases' => 'phases?|ph|o',
        'insulation_class' => 'insulation class|insulation|insul\.? ?class|insul|ins\.? ?class|ins\.? ?cl|ins|isol\.? ?cl|isol|iso\.? ?[ck]l|iso|'.
            'i\.? ?cl|th\.? ?cl|class|cl',
        'ip' => 'degree of protection|protection|prot|enclosure|encl',
        'cooling' => 'cooling',
        'inertia' => 'inertia|w[kr]2|j',
        'rotor_class' => 'rotor class|torque class',
        'leads' => 'leads',
        'no_load_current' => 'no.?load current|no.?load amps|i ?0|nla',
    ];

    /** By field: what may stand behind the value. */
    private const BEHIND = [
        'voltage' => 'a\.?c\.?|3 ?(?:~|ph(?:ase)?)|conn(?:ected|ection|\.)?|~',
        'current' => 'amps\.|amp\.|a\.',
        'frequency' => '~|cy(?:cles)?\.?',
        'speed' => 'rev\.?/min\.?|t/min|tr/min|obr/min|g/min|ot/min|omw/min',
        'power_factor' => 'p\.?\s?f\.?',
        'start_current_ratio' => 'x? ?in|times',
        'start_torque_ratio' => 'x? ?[tm]n|times',
        'breakdown_torque_ratio' => 'x? ?[tm]n|times',
        'ambient' => 'amb(?:ient)?\.?|max\.?',
        'altitude' => 'm?\.?\s?a\.?\s?s\.?\s?l\.?|max\.?',
        'phases' => 'o',
        'temperature_rise' => 'rise',
        'duty' => '\(cont(?:inuous|\.)?\)|duty|ed',
        'service_factor' => 's\.?\s?f\.?',
        'service_factor_amps' => 's\.?\s?f\.?\s?a\.?',
        'insulation_class' => '\(155\)|\(130\)|\(180\)',
        'cooling' => '\(tefc\)',
    ];

    /** Ways to say how far the value may wander. */
    private const TOLERANCE = '~\s*(?:±|\+\s?/\s?-)\s*\d{1,2}(?:[.,]\d+)?\s*%|\s*\+\s?\d{1,2}\s*%\s*/?\s*-\s?\d{1,2}\s*%~u';

    /** Said by letters or names alone, and the same as a code. */
    private const SAME = [
        'duty' => ['cmr' => 'S1', 'mcr' => 'S1', 'cont. rated' => 'S1', '24 hr' => 'S1', '24 hrs' => 'S1', '24 hours' => 'S1',
            '24 h' => 'S1'],
        'insulation_class' => ['155 (f)' => 'F', '155(f)' => 'F', '155' => 'F', '130' => 'B', '130 (b)' => 'B', '130(b)' => 'B',
            '180' => 'H',
            '180 (h)' => 'H', '180(h)' => 'H', '105' => 'A', '120' => 'E'],
        'phases' => ['3p' => '3', '3o' => '3', '1o' => '1', 'o3' => '3', 'o1' => '1', '~3' => '3', '~1' => '1', 'tri' => '3',
            'mono' => '1'],
        'cooling' => ['tefc' => 'IC411', 'tenv' => 'IC410', 'odp' => 'IC01', '0141' => 'IC411', 'ic 0141' => 'IC411', 'ic0141' => 'IC411'],
    ];

    /** @param  string  $path  of the field, such as `plate.ambient` */
    public static function bare(string $path, string $text): string
    {
        // Most of what is typed is a number, perhaps two.
        if (! str_starts_with($path, 'plate.') || preg_match('~^\d+(?:[.,]\d+)?(?:/\d+(?:[.,]\d+)?)?$~', $text) === 1) {
            return $text;
        }
        $field = str_starts_with($path, 'plate.second.') ? substr($path, 13) : substr($path, 6);
        // A diameter sign and a Scandinavian letter stand for the Greek one, and for phases.
        $bare = trim(strtr($text, ["\u{00D8}" => 'o', "\u{00F8}" => 'o', "\u{2300}" => 'o', "\u{014B}" => 'eta', "\u{2264}" => '',
            '<' => '']));
        $bare = $field === 'power_factor' ? (string) preg_replace('~^cos\s?o(?![a-z])~i', 'cos', $bare) : $bare;
        $bare = in_array($field, ['voltage', 'frequency'], true) ? trim((string) preg_replace(self::TOLERANCE, '', $bare)) : $bare;
        $bare = self::stripped($field, $bare);
        $bare = match ($field) {
            'voltage' => self::voltage($bare),
            'power' => self::power($bare),
            'ambient', 'start_torque_ratio', 'breakdown_torque_ratio' => self::end(
                (string) preg_replace('~deg\s?\.\s?c~i', 'degc', $bare), $field === 'ambient',
            ),
            'grease_amount' => self::grease($bare),
            'service_factor' => self::percent($bare),
            'inertia' => self::flywheel($bare),
            'ip' => (string) preg_replace('~^ipw\s?(\d\d)$~i', 'IP$1W', $bare),
            'start_current_ratio' => (string) preg_replace('~\s*(?:\bto\b|\.{2,3})\s*(?=\d)~i', '-', $bare),
            default => $bare,
        };
        $bare = self::SAME[$field][strtolower(trim($bare))] ?? $bare;

        return $bare === '' ? $text : $bare;
    }

    /** Without its names, as long as something is left that begins like a value. */
    private static function stripped(string $field, string $text): string
    {
        $before = self::BEFORE[$field] ?? null;
        if ($before !== null) {
            $value = in_array($field, ['code_letter', 'design_letter', 'insulation_class', 'duty', 'ip', 'cooling', 'rotor_class',
                'voltage',
                'efficiency', 'grease_amount', 'phases'], true) ? '(?=[\w(/%])' : '(?=[\d.,+%(-])';
            // A name that ends in a letter wants something between it and a letter; `SF1.0` and `DUTY S1` both are read.
            $short = (string) preg_replace('#^(?:'.$before.')(?![a-z])[\s.:=%]*(?:\(%\)\s*)?'.$value.'#i', '', $text);
            $text = $short === '' ? $text : trim($short);
        }
        $behind = self::BEHIND[$field] ?? null;
        if ($behind !== null) {
            $short = (string) preg_replace('#(?<=[\d\s%a-z.])\s*(?<![a-z.])(?:'.$behind.')\s*$#i', '', $text);
            $text = $short === '' ? $text : trim($short);
        }

        return $text;
    }

    /** `415-D`, `D-415`, `415(D)`, `3x400 V`, `380..415`, `MESH`: signs where the connection or a range is meant. */
    private static function voltage(string $text): string
    {
        $text = (string) preg_replace(
            ['#^3\s?(?:~|x|ph(?:ase)?)\s*(?=\d)#i', '~\s*\b(?:50|60)\s?hz$~i', '~\bmesh\b~i', '~^d\s?/\s?s\b~i',
                '~\s*(?:\.{2,3}|\bto\b)\s*(?=\d)~i',
                '~(?<=\d)(\s?v?)\s?[-(]\s?([dy])\)?(?![a-z])~i', '~^([dy])\s?-\s?(?=\d)~i', '~\bd/s$~i'],
            ['', '', 'D', 'D/Y', '-', '$1 $2', '$1 ', 'D/Y'],
            $text,
        );

        return trim($text, '~ ');
    }

    /** `KW/HP 30/40`, `30KW 40HP`, `HP 40`, `40 H.P.`: units that stand before, or without a stroke between. */
    private static function power(string $text): string
    {
        $text = (string) preg_replace(
            ['~\bh\.\s?p\.?~i', '~\bk\.\s?w\.?~i', '~\bbhp\b~i', '~\bwatts?\b~i'], ['hp', 'kw', 'hp', 'w'], $text,
        );
        $unit = '(k?w|hp|ps|cv)';
        $number = '(\d+(?:[.,]\d+)?)';

        return (string) preg_replace(
            [
                '~^'.$unit.'\s?/\s?'.$unit.'\s*[:=]?\s*'.$number.'\s*/\s*'.$number.'$~i',
                '~^'.$number.'\s*/\s*'.$number.'\s*'.$unit.'\s?/\s?'.$unit.'$~i',
                '~^'.$number.'\s*'.$unit.'\s*[-,=]?\s*'.$number.'\s*'.$unit.'$~i', '~^'.$unit.'\s*[.:=]?\s*'.$number.'$~i',
            ],
            ['$3 $1/$4 $2', '$1 $3/$2 $4', '$1 $2/$3 $4', '$2 $1'],
            $text,
        );
    }

    /** Of a range the end that counts: the highest ambient, the least torque. */
    private static function end(string $text, bool $highest): string
    {
        $end = '(\+?\d+(?:[.,]\d+)?\s*(?:deg\s?c|c|%)?)';

        return preg_match('~^([+-]?\d+(?:[.,]\d+)?)\s*(?:deg\s?c|c|%)?\s*(?:to|\.{2,3}|-|/)\s*'.$end.'$~i', $text, $m) === 1
            && (float) $m[1] < (float) $m[2]
            ? ltrim($highest ? $m[2] : $m[1].(str_ends_with($m[2], '%') ? ' %' : ''), '+') : $text;
    }

    /** `DE 90 g NDE 70 g`: the two bearings by their names. */
    private static function grease(string $text): string
    {
        $text = (string) preg_replace(['~\bn\.\s?d\.\s?e\.?~i', '~\bd\.\s?e\.?~i', '~\bgms?\b~i', '~(?<=\d)gms?\b~i'], ['NDE', 'DE',
            'g', ' g'], $text);

        return preg_match('~^de\s*[:=]?\s*([\d.,]+\s*[a-z]*)\s*[/,;]?\s*nde\s*[:=]?\s*([\d.,]+\s*[a-z]*)$~i', $text, $m) === 1
            ? trim($m[1]).' / '.trim($m[2]) : $text;
    }

    /** GD² is four times the moment of inertia. */
    private static function flywheel(string $text): string
    {
        return preg_match('~^[gp]d2\s*[:=]?\s*(\d+(?:[.,]\d+)?)\s*(?:kg\s?\*?\s?m2)?$~i', $text, $m) === 1
            ? (string) ((float) str_replace(',', '.', $m[1]) / 4) : $text;
    }

    /** A service factor in percent. */
    private static function percent(string $text): string
    {
        return preg_match('~^(1\d\d)\s?%$~', $text, $m) === 1 ? number_format((int) $m[1] / 100, 2, '.', '') : $text;
    }
}
