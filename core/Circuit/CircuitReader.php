<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Parse\ConductorSize;
use BraveAnvil\Circuit\Parse\PlateCurrent;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Circuit\Parse\Quantity;
use BraveAnvil\Circuit\Parse\Speed;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Show;

/** Reads a decoded circuit document into a Circuit. Whatever it is given, it answers with a circuit and its errors. */
final class CircuitReader
{
    public const FORMAT = 'brave-anvil.circuit/1';

    private const SECTIONS = ['supply', 'plate', 'load', 'starter', 'cable', 'guard', 'correction', 'settings'];

    private const LONGEST_TEXT = 200;

    /** @var array<string, Entry> */
    private array $entries = [];

    /** @var array<string, FieldError> */
    private array $errors = [];

    /** @var list<string> */
    private array $unknown = [];

    private bool $american;

    private function __construct()
    {
    }

    /** @param  array<array-key, mixed>  $document */
    public static function read(array $document): Circuit
    {
        return (new self)->circuit($document);
    }

    /** @param  array<array-key, mixed>  $document */
    private function circuit(array $document): Circuit
    {
        $format = $document['format'] ?? self::FORMAT;
        if ($format !== self::FORMAT) {
            $this->fail('format', 'This is not a format that can be read.', 'The text '.self::FORMAT.'.');
        }
        $book = $document['rule_book'] ?? null;
        $this->american = $book === 'nec' || $book === 'cec';
        foreach ($document as $key => $value) {
            $key = (string) $key;
            if ($key === 'format') {
                continue;
            }
            if (in_array($key, self::SECTIONS, true)) {
                $this->section($key, $value);
            } else {
                $this->field($key, $value);
            }
        }
        if (! isset($this->entries['rule_book']) && ! isset($this->errors['rule_book'])) {
            $this->fail('rule_book', 'The rule book is wanted.', 'One of iec, nec, cec.');
        }
        $tag = ($this->entries['tag'] ?? null)?->value;
        $read = ($this->entries['rule_book'] ?? null)?->value;

        return new Circuit(is_string($tag) ? $tag : '', is_string($read) ? $read : '', $this->entries, $this->errors, $this->unknown);
    }

    private function section(string $name, mixed $value): void
    {
        if ($value === null) {
            return;
        }
        if (! is_array($value)) {
            $this->fail($name, 'This section is not a group of fields.', 'An object with named fields.');

            return;
        }
        foreach ($value as $key => $inner) {
            $path = $name.'.'.$key;
            if ($path === 'starter.changeover' && is_array($inner)) {
                foreach ($inner as $k => $v) {
                    $this->field($path.'.'.$k, $v);
                }
            } elseif ($path !== 'starter.changeover' || $inner !== null) {
                $this->field($path, $inner);
            }
        }
    }

    private function field(string $path, mixed $value): void
    {
        $field = Fields::all()[$path] ?? null;
        if ($field === null) {
            // Only the start of a hostile key is worth repeating.
            $this->unknown[] = trim(Typed::quoted($path), '“”');

            return;
        }
        if ($value === null || $value === '') {
            return;
        }
        $read = $this->value($field, $value);
        if ($read instanceof Refusal) {
            $this->fail($path, $read->text, $field->accepted);
        } elseif ($read !== null) {
            $this->entries[$path] = $read;
        }
    }

    private function value(Field $field, mixed $value): Entry|Refusal|null
    {
        if ($field->kind === 'anything') {
            return $value === [] || $value === false ? null : new Entry($value, '');
        }
        if ($field->kind === 'flag') {
            $flag = is_bool($value) ? $value : ['true' => true, 'yes' => true, '1' => true, 'false' => false, 'no' => false, '0' => false][is_scalar($value) ? strtolower((string) $value) : ''] ?? null;

            return $flag === null ? new Refusal('Neither true nor false.') : new Entry($flag, $flag ? 'yes' : 'no');
        }
        if ($field->kind === 'points') {
            return new Entry($value, '');
        }
        if (is_int($value) || is_float($value)) {
            if (is_float($value) && ! is_finite($value)) {
                return new Refusal('Not a number.');
            }
            if (abs($value) > 1e12) {
                return new Refusal('The number is too large.');
            }
            $value = is_int($value) ? (string) $value : rtrim(rtrim(number_format($value, 10, '.', ''), '0'), '.');
        }
        if (! is_string($value)) {
            return new Refusal('A text or a number is wanted here.');
        }
        if (strlen($value) > self::LONGEST_TEXT) {
            return new Refusal('The text is longer than '.self::LONGEST_TEXT.' characters.');
        }
        if ($field->kind === 'text') {
            return preg_match('//u', $value) === 1 ? new Entry($value, '') : new Refusal('This is not readable text.');
        }
        $plain = Typed::plain($value);

        return $plain === '' ? null : $this->parse($field, $plain);
    }

    private function parse(Field $field, string $text): Entry|Refusal
    {
        switch ($field->kind) {
            case 'choice':
                $wanted = strtolower(str_replace([' ', '-'], '_', $text));
                foreach ($field->choices as $choice) {
                    if (strtolower($choice) === $wanted) {
                        return new Entry($choice, '');
                    }
                }

                return new Refusal(Typed::quoted($text).' is not one of the choices.');
            case 'power':
                return self::object(Power::parse($text, $this->american ? 'hp' : 'kw'), $field);
            case 'plate_voltage':
                return self::object(PlateVoltage::parse($text), $field);
            case 'plate_current':
                return self::object(PlateCurrent::parse($text), $field);
            case 'speed':
                return self::object(Speed::parse($text), $field);
            case 'supply_voltage':
                return $this->supplyVoltage($field, $text);
            case 'frequencies':
                return $this->frequencies($field, $text);
            case 'fraction':
            case 'efficiency':
                return $this->fraction($field, $text);
            case 'efficiency_class':
                return preg_match('~^ie\s*-?([1-4])$~i', $text, $m) === 1 ? new Entry('IE'.$m[1], 'IE'.$m[1]) : new Refusal(Typed::quoted($text).' is not a class with a table here.');
            case 'letter':
                $letter = strtoupper($text);

                return in_array($letter, $field->choices, true) ? new Entry($letter, '') : new Refusal(Typed::quoted($text).' is not one of the letters.');
            case 'duty':
                return $this->duty($text);
            case 'insulation':
                return $this->insulation($text);
            case 'installation':
                return $this->installation($text);
            case 'size':
                $size = ConductorSize::parse($text, $this->american);

                return $size instanceof Refusal ? $size : new Entry($size, '');
            default:
                return $this->quantity($field, $text);
        }
    }

    private static function object(Power|PlateVoltage|PlateCurrent|Speed|Refusal $read, Field $field): Entry|Refusal
    {
        if ($read instanceof Refusal) {
            return $read;
        }
        if ($read instanceof Power && ($read->watts < $field->low || $read->watts > $field->high)) {
            return new Refusal(Show::quantity($read->watts, 'W').' is outside what is computed here.');
        }

        return new Entry($read, $read->echo());
    }

    private function quantity(Field $field, string $text): Entry|Refusal
    {
        $value = Quantity::parse($text, $field->kind);
        if ($value instanceof Refusal) {
            return $value;
        }
        if ($value < $field->low - 1e-12 || $value > $field->high + 1e-9 * abs($field->high)) {
            return new Refusal(Show::quantity($value, $field->unit).' is outside '.Show::quantity($field->low, $field->unit).' to '.Show::quantity($field->high, $field->unit).'.');
        }
        if ($field->kind === 'count' && floor($value) !== $value) {
            return new Refusal('A whole number is wanted.');
        }
        if ($field->path === 'supply.phases' && $value === 2.0) {
            return new Refusal('Two phases are not computed.');
        }
        if ($field->path === 'plate.leads' && ! in_array($value, [3.0, 6.0, 9.0, 12.0], true)) {
            return new Refusal(Show::number($value).' leads are not a usual motor.');
        }
        if (in_array($field->path, ['cable.terminal_temperature', 'settings.terminal_temperature'], true)) {
            $allowed = $this->american ? [60.0, 75.0, 90.0] : [70.0, 90.0];
            if ($field->path === 'cable.terminal_temperature' && ! in_array($value, $allowed, true)) {
                return new Refusal('Terminals are marked '.implode(', ', $allowed).' °C under this rule book.');
            }
        }

        return new Entry($value, Show::quantity($value, $field->unit, 6));
    }

    private function supplyVoltage(Field $field, string $text): Entry|Refusal
    {
        $bare = trim((string) preg_replace('~\s*(volts|volt|vac|v)\s*$~i', '', $text));
        $parts = preg_split('~\s*[Yy]?\s*/\s*~', $bare);
        if ($parts === false || count($parts) > 2) {
            return new Refusal(Typed::quoted($text).' cannot be read as a supply voltage.');
        }
        $volts = [];
        foreach ($parts as $part) {
            $number = Typed::number((string) preg_replace('~\s*[vVyY]+$~', '', trim($part)));
            if ($number instanceof Refusal) {
                return $number;
            }
            $volts[] = $number;
        }
        $line = max([0.0, ...$volts]);
        if (count($volts) === 2 && abs($line / max(1e-9, min([INF, ...$volts])) - sqrt(3)) > 0.03) {
            return new Refusal('Two voltages of one supply differ by √3, such as 480Y/277.');
        }
        if ($line < $field->low || $line > $field->high) {
            return new Refusal(Show::number($line).' V is outside 100 to 1000 V.');
        }

        return new Entry($line, Show::number($line).' V between lines');
    }

    private function frequencies(Field $field, string $text): Entry|Refusal
    {
        $bare = trim((string) preg_replace('~\s*(hz|c/s|cps)\s*$~i', '', $text));
        $parts = preg_split('~\s*[/-]\s*~', $bare);
        if ($parts === false || count($parts) > 2) {
            return new Refusal(Typed::quoted($text).' cannot be read as a frequency.');
        }
        $hertz = [];
        foreach ($parts as $part) {
            $number = Typed::number($part);
            if ($number instanceof Refusal) {
                return $number;
            }
            if ($number < $field->low || $number > $field->high) {
                return new Refusal(Show::number($number).' Hz is outside 40 to 70 Hz.');
            }
            $hertz[] = $number;
        }

        return new Entry($hertz, implode(' / ', array_map(static fn (float $f): string => Show::number($f), $hertz)).' Hz');
    }

    private function fraction(Field $field, string $text): Entry|Refusal
    {
        if ($field->kind === 'efficiency' && preg_match('~^ie\s*-?([1-4])$~i', $text, $m) === 1) {
            $this->entries['plate.efficiency_class'] ??= new Entry('IE'.$m[1], 'IE'.$m[1]);

            return new Entry('IE'.$m[1], 'the class IE'.$m[1].' alone');
        }
        $bare = trim((string) preg_replace('~^(cos\s*phi|cos|pf|p\.f\.|eta|eff\.?)\s*=?\s*~i', '', $text));
        $percent = str_ends_with($bare, '%');
        $number = Typed::number(rtrim($bare, '% '));
        if ($number instanceof Refusal) {
            return $number;
        }
        // Between 1 and 5 nobody can tell a fraction from a percentage.
        $value = $percent || $number >= 5 ? $number / 100 : $number;
        if ($value > 1 || ($field->kind === 'efficiency' && $value >= 1)) {
            return new Refusal($field->kind === 'efficiency' ? 'An efficiency of '.Show::number($value * 100, 5).' % is not possible: a motor always loses something.' : 'A power factor above 1 is not possible.');
        }
        if ($value < $field->low) {
            return new Refusal(Show::number($value).' is too small.');
        }

        return new Entry($value, $field->kind === 'efficiency' ? Show::number($value * 100, 5).' %' : Show::number($value, 5));
    }

    private function duty(string $text): Entry|Refusal
    {
        if (preg_match('~^(cont|continuous|cont\.)$~i', $text) === 1) {
            return new Entry('S1', 'S1, continuous');
        }
        if (preg_match('~^s\s*(10|[1-9])\b(.*)$~i', $text, $m) !== 1) {
            return new Refusal(Typed::quoted($text).' is not a duty type.');
        }

        return new Entry('S'.$m[1], 'S'.$m[1].rtrim($m[2]));
    }

    private function insulation(string $text): Entry|Refusal
    {
        $name = strtoupper(str_replace(' ', '', $text));
        $known = $this->american
            ? ['PVC', 'XLPE', 'TW', 'THW', 'THWN', 'XHHW', 'THHN', 'THWN-2', 'XHHW-2', 'RW75', 'RW90', 'T90', 'RHW-2']
            : ['PVC', 'XLPE', 'EPR'];
        if (! in_array($name, $known, true)) {
            return new Refusal(Typed::quoted($text).' is not an insulation of this rule book.');
        }
        $name = $name === 'EPR' ? 'XLPE' : $name;

        return new Entry($name, '');
    }

    private function installation(string $text): Entry|Refusal
    {
        $name = strtoupper($text);
        if ($this->american) {
            return $name === 'RACEWAY' || $name === 'CONDUIT' ? new Entry('raceway', '') : new Refusal(Typed::quoted($text).' is not a method of this rule book.');
        }

        return in_array($name, ['A1', 'A2', 'B1', 'B2', 'C', 'D1', 'D2', 'E', 'F'], true) ? new Entry($name, '') : new Refusal(Typed::quoted($text).' is not a reference method.');
    }

    private function fail(string $path, string $text, string $accepted): void
    {
        $this->errors[$path] ??= new FieldError($path, $text, $accepted);
    }
}
