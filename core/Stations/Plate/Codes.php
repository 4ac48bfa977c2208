<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Practice\CodeLetters;
use BraveAnvil\Tables\Practice\StampTables;

/** The codes of a plate in plain words. Each function takes the stamp in capitals and answers null when it cannot decode it. */
final readonly class Codes
{
    public function __construct(private StampTables $tables, private CodeLetters $letters)
    {
    }

    /** `IP55`: a digit against solids, a digit against water. */
    public function protection(string $code): ?string
    {
        if (preg_match('/^IP([0-6X])([0-9X])([A-Z]*)$/', $code, $m) !== 1) {
            return null;
        }
        $solid = $m[1] === 'X' ? 'X: protection against solids not stated' : $m[1].': '.
            ($this->tables->protectionAgainstSolids($m[1]) ?? '');
        $water = $m[2] === 'X' ? 'X: protection against water not stated' : $m[2].': '.($this->tables->protectionAgainstWater($m[2]) ?? '');
        $letters = '';
        foreach (str_split($m[3] === '' ? ' ' : $m[3]) as $letter) {
            $letters .=
                trim($letter) === ''
                    ? ''
                    : ' '.($this->tables->protectionLetter($letter) ?? 'The letter '.$letter.' is not explained here.');
        }

        return 'First digit '.$solid.'. Second digit '.$water.'.'.$letters;
    }

    /** `IC411`: the circuit of the air, then how it is moved. */
    public function cooling(string $code): ?string
    {
        $whole = $this->tables->cooling($code);
        if ($whole !== null) {
            return ucfirst($whole).'.';
        }
        if (preg_match('/^IC(\d)(\d)(\d)?$/', $code, $m) !== 1) {
            return null;
        }
        $circuit = $this->tables->coolingCircuit($m[1]);
        $inner = $this->tables->coolingMovement($m[2]);
        $outer = isset($m[3]) ? $this->tables->coolingMovement($m[3]) : null;
        if ($circuit === null || $inner === null || (isset($m[3]) && $outer === null)) {
            return null;
        }

        return ucfirst($circuit).
            '; '.
            ($outer === null ? 'air moved by '.$inner : 'inner air moved by '.$inner.', outer air by '.$outer).
            '.';
    }

    /** `IM B3`, `V1`, and the numbered form `IM 1001`. */
    public function mounting(string $code): ?string
    {
        $bare = Mounting::bare($code);
        foreach ($this->tables->mountings() as $name => $text) {
            if ($name === $bare || str_starts_with($text, 'IM '.$bare.',')) {
                return ucfirst((string) preg_replace('/^IM (\d+), /', '', $text)).' (IM '.$name.').';
            }
        }

        return null;
    }

    /** `F`, or `F/B`: what the insulation bears, and how far it is used. */
    public function insulation(string $code): ?string
    {
        [$class, $used] = [...explode('/', $code), null];
        $limit = $this->tables->insulationTemperature((string) $class);
        if ($limit === null) {
            return null;
        }
        $meaning = 'Insulation rated '.Show::quantity($limit, Unit::Celsius).' at its hottest spot.';
        $rise = $this->tables->temperatureRise($used ?? (string) $class);
        if ($rise !== null) {
            $meaning .=
                ' '.
                ($used !== null ? 'Used only up to the temperature rise of class '.$used.', ' : 'Average temperature rise at most ').
                Show::quantity($rise, Unit::Kelvin).
                ($used !== null ? ': the margin lengthens its life.' : ' above 40 °C.');
        }

        return $meaning;
    }

    public function codeLetter(string $letter): ?string
    {
        $low = $this->letters->low($letter);
        $high = $this->letters->high($letter);

        return $low === null
            ? null
            : 'Locked-rotor input '.($high === null ? Show::number($low).' kVA or more' : Show::number($low).' to '.Show::number($high).
            ' kVA').' per horsepower.';
    }

    public function designLetter(string $letter): ?string
    {
        $text = $this->tables->designLetters();

        return preg_match('/\b'.$letter.': (.+?\.)(?= [A-D]: |$)/', $text, $m) === 1
            ? ucfirst($m[1])
            : [
                'N' => 'IEC design N: normal starting torque, direct-on-line starting.',
                'H' => 'IEC design H: high starting torque, direct-on-line starting.',
            ][$letter] ?? null;
    }

    /**
     * Shaft height and mounting size. IEC frames are the shaft height in mm; NEMA ones the first two digits by 4 inches,
     * or a two-digit number by 16 inches.
     *
     * @param  bool  $metric  whether a bare number such as 56 is read as an IEC frame
     */
    public function frame(string $frame, bool $metric): ?string
    {
        $read = Frame::of($frame, $metric, $this->tables);
        if ($read === null) {
            return null;
        }
        $mm = static fn (float $length): string => Show::number($length, 4);
        $size =
            $read->feet === null
                ? ''
                : ' Feet '.
                    ($read->metric
                        ? $mm($read->feet['across']).' mm across, '.$mm($read->feet['along']).' mm along the shaft'
                        : $mm($read->feet['across'] / 25.4).' in across, '.$mm($read->feet['along'] / 25.4).' in along the shaft').
                    '.';
        $shaft =
            $read->shaft === null
                ? ''
                : ' Shaft (4 or more poles) '.($read->metric ? $mm($read->shaft).' × '.$mm($read->extension ?? 0).' mm'
                : Show::number($read->shaft / 25.4, 5).' in').'.';

        return ($read->metric
            ? 'IEC frame: shaft height '.$mm($read->height).' mm'
            : 'NEMA frame: shaft height '.Show::number($read->height / 25.4).' in ('.$mm($read->height).' mm)').
            ['S' => ', short body', 'M' => ', medium body', 'L' => ', long body', '' => ''][$read->metric ? $read->suffix : ''].
            (! $read->metric && $read->suffix !== ''
                ? ', suffix '.$read->suffix.(($word = $this->tables->frameSuffix($read->suffix)) === null ? '' : ' ('.$word.')')
                : '').
            '.'.
            $size.
            $shaft;
    }

    public function rotorClass(string $code): ?string
    {
        return preg_match('/^KL (\d{1,2})$/', $code, $m) === 1
            ? 'Rotor class: starts direct-on-line against up to '.Show::number((int) $m[1] / 10).' times rated torque.'
            : null;
    }

    public function enclosure(string $code): ?string
    {
        $text = $this->tables->enclosures()[str_replace([' ', '-', '.'], '', $code)] ?? null;

        return $text === null ? null : ucfirst($text).'.';
    }

    /** Rolling bearings by their numbers: kind, bore, shields, clearance. */
    public function bearings(string $text): ?string
    {
        if (
            preg_match_all(
                '~(?<![A-Z0-9])(NU|NJ|N)?\s?([67]?[0-4]\d{2})(?!\d)((?:[\s/.-]?(?:2?ZZ?|2?RS[H1]?|DDU|C[2345]|M|J|E))*)(?![A-Z0-9])~',
                $text, $all, PREG_SET_ORDER,
            ) < 1
        ) {
            return null;
        }
        $words = [];
        foreach (array_slice($all, 0, 2) as $at => $m) {
            $kind = match (true) {
                $m[1] !== '' => 'cylindrical roller',
                str_starts_with($m[2], '6') => 'deep-groove ball',
                str_starts_with($m[2], '7') => 'angular-contact ball',
                default => null,
            };
            if ($kind === null) {
                return null;
            }
            $code = (int) substr($m[2], -2);
            $bore = [10, 12, 15, 17][$code] ?? 5 * $code;
            $sealed = preg_match('~Z|RS|DDU~', $m[3]) === 1;
            $clearance =
                preg_match('~C([2345])~', $m[3], $c) === 1
                    ? [
                        '2' => ', clearance smaller than normal', '3' => ', clearance larger than normal',
                        '4' => ', clearance larger than C3', '5' => ', clearance larger than C4',
                    ][$c[1]]
                    : '';
            $words[] =
                (count($all) > 1 ? ($at === 0 ? 'Drive end: ' : 'Non-drive end: ') : '').$kind.', bore '.$bore.' mm'.
                    ($sealed ? ', sealed, lubricated for life' : '').$clearance;
        }

        return ucfirst(implode('. ', $words)).'.';
    }

    public function standard(string $text): ?string
    {
        $found = [];
        foreach ($this->tables->standards() as $name => $meaning) {
            if (preg_match('~(?<![A-Z0-9])'.str_replace(' ', '[\s-]?', preg_quote($name, '~')).'(?![0-9])~', $text) === 1) {
                $found[] = $name.': '.$meaning;
            }
        }

        return $found === [] ? null : implode('. ', $found).'.';
    }

    /** Other stamps: drive duty, temperature sensors, kind of winding. */
    public function remarks(string $text): ?string
    {
        $found = [];
        foreach ($this->tables->remarks() as $name => $meaning) {
            if (preg_match('~(?<![A-Z0-9])'.$name.'(?![A-Z0-9])~', $text, $m) === 1) {
                $found[] = $m[0].': '.$meaning;
            }
        }

        return $found === [] ? null : implode('. ', $found).'.';
    }
}
