<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** Rated output as stamped: `37 kW`, `50 hp`, `37/50`, `37 kW/50 hp`. One horsepower is 746 W. */
final readonly class Power
{
    public const HORSEPOWER = 746.0;

    /** Of two bare figures closer than this both are in one unit: the standard series puts at least 1.25 hp beside a kilowatt. */
    private const LEAST_HORSEPOWER_RATIO = 1.245;

    private const UNITS = ['kw' => 1000.0, 'w' => 1.0, 'mw' => 1e6, 'hp' => self::HORSEPOWER, 'ps' => 735.5, 'cv' => 735.5];

    /** @param  float|null  $horsepowerWatts the second figure of a plate that gives both, in watts */
    public function __construct(public float $watts, public string $unit, public ?float $horsepowerWatts, public bool $unitTyped)
    {
    }

    /**
     * @param  string  $bare  unit of a number without one: `kw` or `hp`
     * @param  bool  $onePhase  whether the motor is small: `1/3 hp` is then a fraction, and never two speeds
     * @return list<self>|Refusal one, or two of a plate for two frequencies
     */
    public static function rows(string $text, string $bare, bool $onePhase = false): array|Refusal
    {
        // Behind a power in horsepower the echo says what a horsepower is.
        $lower = trim((string) preg_replace('~\(746 ?w/hp\)~', '', strtolower($text)));
        $lower = self::mixed($lower, $onePhase);
        $parts = preg_split('~\s*[/(]\s*~', str_replace(')', '', $lower));
        if ($parts === false || count($parts) > 2) {
            return new Refusal('More than two powers: a two-speed motor is not calculated. Enter one power.');
        }
        $read = [];
        foreach ($parts as $part) {
            // A fraction of a horsepower, `1/2 hp`, arrives here as two parts and is caught below.
            if (preg_match('~^([\d.,][\d., ]*)\s*([a-z]*)\.?$~', trim($part), $m) !== 1) {
                return new Refusal(Typed::quoted($text).' cannot be read as a power.');
            }
            $number = Typed::number(trim($m[1]));
            if ($number instanceof Refusal) {
                return $number;
            }
            if ($m[2] !== '' && ! isset(self::UNITS[$m[2]])) {
                return new Refusal(Typed::quoted($m[2]).' is not a unit of power.');
            }
            $read[] = [$number, $m[2]];
        }
        if (count($read) === 1) {
            [$number, $unit] = $read[0];
            $used = $unit === '' ? $bare : $unit;

            return [new self($number * self::UNITS[$used], $used, null, $unit !== '')];
        }

        return self::pair($read[0], $read[1], $bare, $text);
    }

    /** `7 1/2 hp` and `1-1/2 hp` as a decimal: a whole number before a fraction leaves no doubt, nor does a small motor’s `1/3 hp`. */
    private static function mixed(string $text, bool $onePhase): string
    {
        // One sign for a fraction, ½: no two speeds can be meant.
        $text = (string) preg_replace_callback(
            '~(?:(\d{1,3})[ -])?\s*([13])\x{2044}([234])~u',
            static fn (array $m): string => (string) round((int) $m[1] + (int) $m[2] / (int) $m[3], 6),
            $text,
        );
        $text = (string) preg_replace_callback(
            '~^(\d{1,3})(?: +|-)(1/2|1/4|3/4)(?!\d)~',
            static fn (array $m): string => $m[1].['1/2' => '.5', '1/4' => '.25', '3/4' => '.75'][$m[2]],
            $text,
        );

        return ! $onePhase ? $text : (string) preg_replace_callback(
            '~^([123])/([23468]|12|15|20)(?=\s*hp\.?$)~',
            static fn (array $m): string => (string) round((int) $m[1] / (int) $m[2], 6),
            $text,
        );
    }

    /**
     * @param  array{float, string}  $a
     * @param  array{float, string}  $b
     * @return list<self>|Refusal
     */
    private static function pair(array $a, array $b, string $bare, string $text): array|Refusal
    {
        if ($a[0] <= 0 || $b[0] <= 0) {
            return new Refusal('The power must be above zero.');
        }
        if (
            (abs($a[0] - 1) < 1e-9 && in_array($b[0], [2.0, 3.0, 4.0], true) && $a[1] === '') ||
            ($a[0] === 3.0 && $b[0] === 4.0 && $a[1] === '' && $b[1] === 'hp')
        ) {
            return new Refusal(
                Typed::quoted($text).' looks like a fraction. Enter a decimal, such as 0.75 hp, or both units, such as 3 kW/4 hp.',
            );
        }
        $metric = static fn (string $unit): bool => in_array($unit, ['kw', 'w', 'mw'], true);
        $ratio = max($a[0], $b[0]) / min($a[0], $b[0]);
        if ($a[1] === '' && $b[1] === '' && $ratio < self::LEAST_HORSEPOWER_RATIO) {
            [$a[1], $b[1]] = [$bare, $bare];
        } elseif ($a[1] === '' && $b[1] === '') {
            // Of two bare figures the larger is the horsepower, since one kilowatt is 1.34 hp.
            [$a[1], $b[1]] = $a[0] < $b[0] ? ['kw', 'hp'] : ['hp', 'kw'];
        } elseif ($a[1] === '') {
            // One unit behind two figures covers both: `25/20 HP` is two speeds or two frequencies, never kilowatts beside horsepower.
            $a[1] = $b[1];
        } elseif ($b[1] === '') {
            $b[1] = $ratio < self::LEAST_HORSEPOWER_RATIO ? $a[1] : ($metric($a[1]) ? 'hp' : 'kw');
        }
        if ($metric($a[1]) === $metric($b[1])) {
            $both = [$a[0] * self::UNITS[$a[1]], $b[0] * self::UNITS[$b[1]]];

            return max($both) / min($both) <= 1.3
                ? [new self($both[0], $a[1], null, true), new self($both[1], $b[1], null, true)]
                : new Refusal(
                    'Two powers in one unit: a two-speed motor is not calculated. Enter the power of the one winding that you work on.',
                    true,
                );
        }
        [$kw, $hp] = $metric($a[1]) ? [$a, $b] : [$b, $a];
        if (abs(($hp[0] * self::UNITS[$hp[1]]) / ($kw[0] * self::UNITS[$kw[1]]) - 1) > 0.5) {
            return new Refusal(
                'Kilowatts and horsepower do not match: a two-speed motor is not calculated. Enter the power of the one winding that '.
                'you work on.',
                true,
            );
        }

        return [new self($kw[0] * self::UNITS[$kw[1]], $kw[1], $hp[0] * self::UNITS[$hp[1]], true)];
    }

    public function echo(): string
    {
        return Show::quantity($this->watts, Unit::Watt, 6).($this->unit === 'hp' ? ' (746 W/hp)' : '');
    }
}
