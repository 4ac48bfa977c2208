<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Parse\CapacitorStamp;
use BraveAnvil\Circuit\Parse\ConductorSize;
use BraveAnvil\Circuit\Parse\Duty;
use BraveAnvil\Circuit\Parse\EfficiencyPoints;
use BraveAnvil\Circuit\Parse\Fraction;
use BraveAnvil\Circuit\Parse\Frequencies;
use BraveAnvil\Circuit\Parse\LoadHours;
use BraveAnvil\Circuit\Parse\LoadPoints;
use BraveAnvil\Circuit\Parse\PlateCurrent;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Circuit\Parse\Quantity;
use BraveAnvil\Circuit\Parse\Speed;
use BraveAnvil\Circuit\Parse\Stamp;
use BraveAnvil\Circuit\Parse\StampNames;
use BraveAnvil\Circuit\Parse\SupplyVoltage;
use BraveAnvil\Circuit\Parse\Traits;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Circuit\Parse\Unbalance;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;

/** Reads one typed value by the kind of its field. The echo of what is read can be typed again and means the same. */
final readonly class FieldReader
{
    private const LONGEST_TEXT = 200;

    private const LEADS = [3.0, 6.0, 9.0, 12.0];

    private const LEADS_OF_ONE_PHASE = [2.0, 3.0, 4.0, 5.0, 6.0, 8.0];

    /**
     * @param  bool  $american  whether sizes, insulations and a bare power are those of the NEC and the CE Code
     * @param  bool  $changeoverBySpeed  whether a changeover is percent of synchronous speed, else seconds
     * @param  bool  $onePhase  whether the supply is said to have one phase
     * @param  float|null  $synchronousSpeed  of the motor, rpm; null where it is not known
     */
    public function __construct(
        private bool $american,
        private bool $changeoverBySpeed = false,
        private bool $onePhase = false,
        private ?float $synchronousSpeed = null,
    ) {
    }

    /** @return TypedValue|Refusal|null null where nothing is typed */
    public function read(Field $field, mixed $value): TypedValue|Refusal|null
    {
        if ($field->kind === FieldKind::Anything) {
            return $value === [] || $value === false ? null : new TypedValue($value, '');
        }
        if ($field->kind === FieldKind::Flag) {
            $flag = is_bool($value)
                ? $value
                : ['true' => true, 'yes' => true, '1' => true, 'false' => false, 'no' => false, '0' => false][
                        is_scalar($value) ? strtolower((string) $value) : ''
                    ] ?? null;

            return $flag === null ? new Refusal('Enter Yes or No.') : new TypedValue($flag, $flag ? 'yes' : 'no');
        }
        if ($field->kind === FieldKind::Points) {
            return LoadPoints::parse($value);
        }
        if ($field->kind === FieldKind::LoadHours) {
            return LoadHours::parse($value);
        }
        if ($field->kind === FieldKind::EfficiencyPoints) {
            return EfficiencyPoints::parse($value);
        }
        if ($field->kind === FieldKind::Traits) {
            return Traits::parse($field, $value);
        }
        if (is_int($value) || is_float($value)) {
            if (is_float($value) && ! is_finite($value)) {
                return new Refusal('Enter a number.');
            }
            if (abs($value) > 1e12) {
                return new Refusal('The number is too large.');
            }
            $value = is_int($value) ? (string) $value : rtrim(rtrim(number_format($value, 10, '.', ''), '0'), '.');
        }
        if (! is_string($value)) {
            return new Refusal('Enter text or a number.');
        }
        if (strlen($value) > self::LONGEST_TEXT) {
            return new Refusal('At most '.self::LONGEST_TEXT.' characters.');
        }
        if ($field->kind === FieldKind::Text) {
            if (preg_match('//u', $value) !== 1) {
                return new Refusal('This text contains characters that cannot be read.');
            }
            $most = (int) $field->high;

            return $most > 0 && preg_match('/^.{'.($most + 1).'}/us', $value) === 1
                ? new Refusal('At most '.$most.' characters.') : new TypedValue($value, '');
        }
        $plain = Typed::plain($value);
        $bare = StampNames::bare($field->path, $plain);
        $read = $plain === '' ? null : $this->rows($field, $bare);

        if ($field->path === 'plate.voltage' && $read instanceof TypedValue && preg_match('~\b([56]0) ?hz$~i', $plain, $hertz) === 1) {
            return $read->andAlso('plate.frequency', new TypedValue((float) $hertz[1], $hertz[1].' Hz'));
        }

        // What was typed is repeated as it was typed.
        return $read instanceof Refusal && $bare !== $value
            ? new Refusal(str_replace(Typed::quoted($bare), Typed::quoted(trim($value)), $read->text), $read->refused) : $read;
    }

    /** A semicolon parts the rows of a plate for two frequencies: `400/690; 460`. */
    private function rows(Field $field, string $text): TypedValue|Refusal
    {
        $rated = str_starts_with($field->path, 'plate.') && in_array(substr($field->path, 6), Fields::RATED, true);
        $parts = $rated ? explode(';', $text) : [$text];
        if (count($parts) !== 2) {
            $read = $this->parse($field, $text);

            return $read instanceof TypedValue && $read->second !== null && str_starts_with($field->path, 'plate.second.')
                ? new Refusal('Enter one value: this is the second row of the nameplate.') : $read;
        }
        $rows = [];
        foreach ($parts as $part) {
            $row = $this->parse($field, trim($part));
            if ($row instanceof Refusal) {
                return $row;
            }
            if ($row->second !== null) {
                return new Refusal(Typed::quoted($text).' has more than two rows.');
            }
            $rows[] = $row;
        }

        return $rows[0]->withSecond($rows[1], $rows[0]->echo.'; '.$rows[1]->echo);
    }

    private function parse(Field $field, string $text): TypedValue|Refusal
    {
        return match ($field->kind) {
            FieldKind::Choice => self::choice($field, $text),
            FieldKind::Power => self::pair(Power::rows($text, $this->american ? 'hp' : 'kw', $this->onePhase), $field),
            FieldKind::PlateVoltage => self::pair(PlateVoltage::rows(Typed::inVolts($text)), $field),
            FieldKind::PlateCurrent => self::pair(PlateCurrent::parse($text), $field),
            FieldKind::Speed => self::pair(Speed::rows($text), $field),
            FieldKind::SupplyVoltage => SupplyVoltage::parse(Typed::inVolts($text), $field->low, $field->high, $this->onePhase),
            FieldKind::Frequencies => self::frequencies(Frequencies::parse($text)),
            FieldKind::Fraction, FieldKind::Efficiency => (
                $field->path === 'correction.target_power_factor' ? self::kvarPerKw($text) : null
            ) ?? self::fraction(Fraction::parse($text, $field->kind === FieldKind::Efficiency, $field->low)),
            FieldKind::EfficiencyClass => preg_match('~^ie\s*-?\s*([1-4])$~i', $text, $m) === 1
                ? new TypedValue('IE'.$m[1], 'IE'.$m[1])
                : new Refusal(Typed::quoted($text).' is not an efficiency class in the table.'),
            FieldKind::Letter => strlen($text) === 1 && str_contains($field->letters, strtoupper($text))
                ? new TypedValue(strtoupper($text), '')
                : new Refusal(Typed::quoted($text).' is not a valid letter.'),
            FieldKind::Duty => Duty::parse($text),
            FieldKind::Protection => Stamp::protection($text),
            FieldKind::Cooling => Stamp::cooling($text),
            FieldKind::InsulationClass => Stamp::insulation($text),
            FieldKind::RotorClass => Stamp::rotorClass($text),
            FieldKind::Phases => Stamp::phases($text),
            FieldKind::Capacitor => self::capacitor(CapacitorStamp::parse($text)),
            FieldKind::Unbalance => Unbalance::parse($text, $field->high),
            FieldKind::TransformerRatio => self::ratio($field, $text),
            FieldKind::Grams => $this->grams($field, $text),
            FieldKind::Insulation => $this->insulation($text),
            FieldKind::Installation => $this->installation($text),
            FieldKind::Size => self::size(ConductorSize::parse($text, $this->american)),
            FieldKind::Changeover => $this->changeover($field, $text),
            FieldKind::Anything, FieldKind::Text, FieldKind::Flag, FieldKind::Points, FieldKind::Traits, FieldKind::LoadHours,
            FieldKind::EfficiencyPoints, FieldKind::Number, FieldKind::Price, FieldKind::Count, FieldKind::Volts, FieldKind::Amperes,
            FieldKind::Kiloamperes, FieldKind::Ohms, FieldKind::Megohms, FieldKind::Velocity, FieldKind::Kilovoltamperes,
            FieldKind::Kilowatts, FieldKind::Watts, FieldKind::NewtonMetres, FieldKind::Degrees, FieldKind::WattHours,
            FieldKind::AmpereHours, FieldKind::VoltAmperes, FieldKind::Hours, FieldKind::Kilograms,
            FieldKind::Kelvins, FieldKind::Resistivity, FieldKind::Kilovars, FieldKind::Microfarads,
            FieldKind::Percent, FieldKind::Rpm, FieldKind::Seconds, FieldKind::Metres, FieldKind::Inertia, FieldKind::Hertz,
            FieldKind::Celsius => $this->quantity($field, $text, $field->kind),
            FieldKind::Ratio => $this->multiple($field, $text),
        };
    }

    private static function choice(Field $field, string $text): TypedValue|Refusal
    {
        $wanted = strtolower(str_replace([' ', '-'], '_', $text));
        foreach ($field->cases() as $choice) {
            $label = strtolower(str_replace([' ', '-'], '_', $choice->label(Words::iec())));
            if (strtolower((string) $choice->value) === $wanted || $label === $wanted
                || (is_numeric($text) && is_numeric($choice->value) && (float) $text === (float) $choice->value)) {
                return new TypedValue((string) $choice->value, '');
            }
        }

        return new Refusal(Typed::quoted($text).' is not one of the choices.');
    }

    private static function capacitor(CapacitorStamp|Refusal $read): TypedValue|Refusal
    {
        return $read instanceof Refusal ? $read : new TypedValue($read, $read->echo());
    }

    private static function size(string|Refusal $size): TypedValue|Refusal
    {
        return $size instanceof Refusal ? $size : new TypedValue($size, '');
    }

    /** @param  PlateCurrent|Refusal|list<Power>|list<PlateVoltage>|list<Speed>  $rows */
    private static function pair(PlateCurrent|Refusal|array $rows, Field $field): TypedValue|Refusal
    {
        if ($rows instanceof Refusal) {
            return $rows;
        }
        $entries = [];
        foreach ($rows instanceof PlateCurrent ? [$rows] : $rows as $row) {
            if ($row instanceof Power && ($row->watts < $field->low || $row->watts > $field->high)) {
                return new Refusal(Show::quantity($row->watts, Unit::Watt).
                    ' is outside the range that this program covers (10 W to 10 MW).');
            }
            $entries[] = new TypedValue($row, $row->echo());
        }

        return isset($entries[1]) ? $entries[0]->withSecond($entries[1], $entries[0]->echo.'; '.$entries[1]->echo) : $entries[0];
    }

    private static function frequencies(Frequencies|Refusal $read): TypedValue|Refusal
    {
        if ($read instanceof Refusal) {
            return $read;
        }

        return isset($read->hertz[1])
            ? new TypedValue($read->hertz[0], $read->echo(), null, new TypedValue($read->hertz[1], Show::number($read->hertz[1]).' Hz'))
            : new TypedValue($read->hertz[0], $read->echo());
    }

    /** A target that is typed as so many kvar of capacitor a kW, `0.4 kvar/kW`; null where it is typed otherwise. */
    private static function kvarPerKw(string $text): TypedValue|Refusal|null
    {
        if (preg_match('~^([\d.,]+)\s*kvar\s*(?:/|per|a)\s*kw$~i', $text, $m) !== 1) {
            return null;
        }
        $field = Fields::at('correction.kvar_per_kw');
        $number = Typed::number($m[1]);
        if ($number instanceof Refusal) {
            return $number;
        }
        if ($number < $field->low || $number > $field->high) {
            return new Refusal(Show::number($number).' kvar per kW is outside the range '.Show::number($field->low).' to '.
                Show::number($field->high).'.');
        }
        $echo = Show::number($number, 6).' kvar per kW';

        return new TypedValue($echo, $echo, also: ['correction.kvar_per_kw' => new TypedValue($number, $echo)]);
    }

    private static function fraction(TypedValue|Refusal $read): TypedValue|Refusal
    {
        if ($read instanceof Refusal) {
            return $read;
        }
        $also = preg_match('~\bIE[1-4]\b~', $read->echo, $m) === 1 ? ['plate.efficiency_class' => new TypedValue($m[0], $m[0])] : [];
        [$first, $second] = is_array($read->value) ? $read->value : [$read->value, null];

        return new TypedValue($first, $read->echo, null, $second === null ? null : new TypedValue($second, ''), $also);
    }

    /** A multiple; of a stamped range, `6-7`, the larger counts, and the smaller is the low end. */
    private function multiple(Field $field, string $text): TypedValue|Refusal
    {
        if ($field->path !== 'plate.start_current_ratio' || preg_match('~^([\d.,]+)\s*%?\s*-\s*([\d.,]+)\s*(%?)$~', $text, $m) !== 1) {
            return $this->quantity($field, $text, FieldKind::Ratio);
        }
        $low = $this->quantity($field, $m[1].$m[3], FieldKind::Ratio);
        $high = $this->quantity($field, $m[2].$m[3], FieldKind::Ratio);
        if ($low instanceof Refusal || $high instanceof Refusal) {
            return $low instanceof Refusal ? $low : $high;
        }
        if ($low->value >= $high->value) {
            return new Refusal('The first value of a range is the smaller one.');
        }

        return new TypedValue($high->value, $low->echo.'–'.$high->echo, also: ['plate.start_current_ratio_low' => $low]);
    }

    /** By time in seconds; by speed in percent of the synchronous one, or in rpm. */
    private function changeover(Field $field, string $text): TypedValue|Refusal
    {
        if (! $this->changeoverBySpeed) {
            return $this->quantity($field, $text, FieldKind::Seconds);
        }
        $rpm = Quantity::parse($text, FieldKind::Rpm);
        if ($rpm instanceof Refusal || preg_match('~[a-z]~i', $text) !== 1) {
            return $this->quantity($field, $text, FieldKind::Percent);
        }
        if ($this->synchronousSpeed === null) {
            return new Refusal('Enter the rated speed and the frequency first: rpm are counted against the synchronous speed.');
        }
        $percent = 100 * $rpm / $this->synchronousSpeed;
        $read = $this->quantity($field, number_format($percent, 9, '.', ''), FieldKind::Percent);

        return $read instanceof Refusal ? $read : new TypedValue(
            $percent, Show::quantity($rpm, Unit::Rpm, 6).', '.Show::quantity($percent, Unit::Percent, 4),
        );
    }

    private function quantity(Field $field, string $text, FieldKind $kind): TypedValue|Refusal
    {
        if ($kind === FieldKind::Price && preg_match('~\p{Sc}|\b[a-z]{3}\b~iu', $text) === 1) {
            return new Refusal('Enter the number only, without the currency.');
        }
        $value = Quantity::parse($text, $kind);
        if ($value instanceof Refusal) {
            return $value;
        }
        if ($value < $field->low - 1e-9 * abs($field->low) || $value > $field->high + 1e-9 * abs($field->high)) {
            return new Refusal(
                Show::quantity($value, $field->unit).' is outside the range '.Show::quantity($field->low, $field->unit).' to '.
                Show::quantity($field->high, $field->unit).'.',
            );
        }
        if ($field->kind === FieldKind::Count && floor($value) !== $value) {
            return new Refusal('Enter a whole number.');
        }
        if ($field->path === 'supply.phases' && $value === 2.0) {
            return new Refusal('Two-phase circuits are not calculated. A load between two lines is single-phase: enter 1.');
        }
        $leads = $this->onePhase ? self::LEADS_OF_ONE_PHASE : self::LEADS;
        if ($field->path === 'plate.leads' && ! in_array($value, $leads, true)) {
            return new Refusal('A motor with '.Show::number($value).' leads is not covered.');
        }
        if (in_array($field->path, ['cable.terminal_temperature', 'settings.terminal_temperature'], true)) {
            $allowed = $this->american ? [60.0, 75.0, 90.0] : [70.0, 90.0];
            if ($field->path === 'cable.terminal_temperature' && ! in_array($value, $allowed, true)) {
                return new Refusal('Under this rule book terminals are marked '.implode(' or ', $allowed).' °C.');
            }
        }

        $unit = match (true) {
            $field->kind !== FieldKind::Changeover => $field->unit,
            $this->changeoverBySpeed => Unit::Percent,
            default => Unit::Second,
        };
        if ($field->kind === FieldKind::Changeover && $this->changeoverBySpeed && $value >= 100.0) {
            return new Refusal('No motor reaches synchronous speed: the starter would never change over.');
        }

        return new TypedValue($value, Show::quantity($value, $unit, 6));
    }

    private static function ratio(Field $field, string $text): TypedValue|Refusal
    {
        $parts = preg_split('~\s*[/:]\s*~', (string) preg_replace('~\s*[av]$~i', '', $text));
        $numbers = [];
        foreach ($parts === false || count($parts) > 2 ? ['?'] : $parts as $part) {
            $number = Typed::number((string) preg_replace('~\s*[av]$~i', '', $part));
            if ($number instanceof Refusal || $number <= 0) {
                return new Refusal(Typed::quoted($text).' is not a ratio.');
            }
            $numbers[] = $number;
        }
        $ratio = $numbers[0] / ($numbers[1] ?? 1);
        if ($ratio < $field->low || $ratio > $field->high) {
            return new Refusal(
                'A ratio of '.Show::number($ratio).' is outside the range '.Show::number($field->low).' to '.Show::number($field->high).'.',
            );
        }

        return new TypedValue($ratio, Show::number($ratio, 7));
    }

    private function grams(Field $field, string $text): TypedValue|Refusal
    {
        $bare = (string) preg_replace('~\b(each|de|nde)\b~i', '', $text);
        $parts = preg_split('~\s*/\s*~', trim($bare));
        $grams = [];
        foreach ($parts === false || count($parts) > 2 ? ['?'] : $parts as $part) {
            $number = Quantity::parse($part, FieldKind::Grams);
            if ($number instanceof Refusal) {
                return new Refusal(Typed::quoted($text).' cannot be read as grams.');
            }
            if ($number < $field->low || $number > $field->high) {
                return new Refusal(
                    Show::number($number).' g is outside the range '.Show::number($field->low).' to '.Show::number($field->high).' g.',
                );
            }
            $grams[] = $number;
        }

        return new TypedValue($grams, implode(' / ', array_map(static fn (float $g): string => Show::number($g, 6), $grams)).' g');
    }

    private function insulation(string $text): TypedValue|Refusal
    {
        $name = strtoupper(str_replace(' ', '', $text));
        $found = Insulation::tryFrom(! $this->american && $name === 'EPR' ? Insulation::Xlpe->value : $name);
        if ($found === null || (! $this->american && $found !== Insulation::Pvc && $found !== Insulation::Xlpe)) {
            return new Refusal(Typed::quoted($text).' is not an insulation type of this rule book.');
        }

        return new TypedValue($found->value, '');
    }

    private function installation(string $text): TypedValue|Refusal
    {
        $name = strtoupper($text);
        $found = match ($name) {
            'RACEWAY', 'CONDUIT' => Installation::Raceway,
            'FREE_AIR', 'FREE AIR' => Installation::FreeAir,
            default => Installation::tryFrom($name),
        };

        if ($found === null || $found->isAmerican() !== $this->american) {
            $what = $this->american ? 'an installation method of this rule book.' : 'a reference method.';

            return new Refusal(Typed::quoted($text).' is not '.$what);
        }

        return new TypedValue($found->value, '');
    }
}
