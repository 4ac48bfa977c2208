<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\FieldReader;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use DateTimeImmutable;
use Exception;

/** Reads the list of readings of a circuit. Whatever it is given, it answers with readings and errors, `readings[0].values.amps_1`. */
final class ReadingReader
{
    private const MOST = 1000;

    private const MOST_LOAD = 200.0;

    /** The year 1900, in seconds since 1970: nobody read an instrument before. */
    private const EARLIEST = -2_208_988_800;

    private const TIME = '~^\d{4}-\d{2}-\d{2}([T ]\d{2}:\d{2}(:\d{2}(\.\d{1,6})?)?(Z|[+-]\d{2}:?\d{2})?)?$~';

    private const PARTS = ['kind', 'at', 'load_percent', 'simulated', 'values', 'withdrawn', 'instrument', 'note', 'by', 'id'];

    /** @var list<FieldError> */
    private array $errors = [];

    /** @var list<string> */
    private array $unknown = [];

    private readonly FieldReader $fields;

    private function __construct(bool $american)
    {
        $this->fields = new FieldReader($american);
    }

    /** Whether a text is a date, or a date and time, as the format has them: what else PHP takes for one may be another day. */
    public static function isTime(string $text): bool
    {
        $at = preg_match(self::TIME, $text) === 1 ? strtotime($text) : false;

        return $at !== false && $at >= self::EARLIEST;
    }

    /** @param  mixed  $typed  the list as it was decoded; null for none */
    public static function read(mixed $typed, bool $american): Readings
    {
        return (new self($american))->list($typed);
    }

    private function list(mixed $typed): Readings
    {
        if ($typed === null) {
            return new Readings([], 0, [], []);
        }
        if (! is_array($typed) || ! array_is_list($typed)) {
            $this->fail('readings', 'This is not a list of readings.',
                'Enter a list of readings, each with its kind, its time and its values.');

            return new Readings([], 0, $this->errors, []);
        }
        if (count($typed) > self::MOST) {
            $this->fail('readings', 'At most '.self::MOST.' readings.', 'Keep the last '.self::MOST.' of them.');

            return new Readings([], 0, $this->errors, []);
        }
        $readings = [];
        foreach ($typed as $i => $one) {
            $reading = $this->reading($i, $one);
            if ($reading !== null) {
                $readings[$i] = $reading;
            }
        }

        return new Readings($readings, count($typed), $this->errors, $this->unknown);
    }

    private function reading(int $i, mixed $typed): ?Reading
    {
        $at = "readings[$i]";
        if (! is_array($typed)) {
            $this->fail($at, 'This is not a reading.', 'An object with kind, at and values.');

            return null;
        }
        $kind = is_string($typed['kind'] ?? null) ? ReadingKind::tryFrom($typed['kind']) : null;
        if ($kind === null) {
            $this->fail("$at.kind", 'Unknown kind of reading.', 'Choose one of: '.
                implode(', ', array_map(static fn (ReadingKind $kind): string => $kind->label(), ReadingKind::cases())).'.');

            return null;
        }
        foreach (array_keys($typed) as $key) {
            if (! in_array($key, self::PARTS, true)) {
                $this->unknown[] = "$at.".trim(Typed::quoted((string) $key), '“”');
            }
        }
        [$values, $bad] = $this->values($kind, $typed['values'] ?? [], "$at.values");
        $withdrawn = $typed['withdrawn'] ?? null;

        return new Reading(
            $i, $kind, $this->time($typed['at'] ?? null, "$at.at"), $this->load($typed['load_percent'] ?? null, "$at.load_percent"),
            ($typed['simulated'] ?? false) === true, $withdrawn !== null && $withdrawn !== '' && $withdrawn !== false, $values, $bad,
        );
    }

    private function time(mixed $typed, string $path): ?int
    {
        $accepted = 'Enter a date, or a date and time, such as 2026-04-20T09:00:00Z.';
        if ($typed === null || $typed === '') {
            $this->errors[] = new FieldError($path, 'Enter when the reading was taken.', $accepted, ErrorKind::Missing);

            return null;
        }
        if (! is_string($typed) || preg_match(self::TIME, $typed) !== 1) {
            $this->fail($path, 'This is not a date.', $accepted);

            return null;
        }
        try {
            $time = new DateTimeImmutable($typed.(strlen($typed) === 10 ? 'T00:00:00Z' : ''));
        } catch (Exception) {
            $this->fail($path, 'This date does not exist.', $accepted);

            return null;
        }

        return $time->getTimestamp();
    }

    private function load(mixed $typed, string $path): ?Figure
    {
        if ($typed === null || $typed === '') {
            return null;
        }
        $number = match (true) {
            is_int($typed), is_float($typed) => (float) $typed,
            is_string($typed) => Typed::number(trim(rtrim(Typed::plain($typed), '%'))),
            default => new Refusal('Enter a number.'),
        };
        if ($number instanceof Refusal || ! is_finite($number) || $number < 0 || $number > self::MOST_LOAD) {
            $this->fail(
                $path, $number instanceof Refusal ? $number->text : Show::number($number).' % is outside the range 0 to 200 %.',
                'Percent of rated output, such as 75.',
            );

            return null;
        }

        return Figure::step('Load at the time', $number, Unit::Percent);
    }

    /** @return array{array<string, TypedValue>, list<string>} by name, and the names of those that cannot be read */
    private function values(ReadingKind $kind, mixed $typed, string $path): array
    {
        if (! is_array($typed)) {
            $this->fail($path, 'This is not a group of values.', 'An object with named values.');

            return [[], []];
        }
        $flat = [];
        foreach ($typed as $name => $value) {
            if (in_array($name, ReadingFields::GROUPS, true) && is_array($value)) {
                foreach ($value as $inner => $one) {
                    $flat[] = ["$name.$inner", $one];
                }
            } else {
                $flat[] = [(string) $name, $value];
            }
        }
        $values = [];
        $bad = [];
        $fields = ReadingFields::of($kind);
        // Pairs, as a name of digits would be a number as a key.
        foreach ($flat as [$name, $value]) {
            $field = $fields[$name] ?? null;
            if ($field === null) {
                $this->unknown[] = "$path.".trim(Typed::quoted($name), '“”');

                continue;
            }
            if ($value === null || $value === '') {
                continue;
            }
            if ($field->kind === FieldKind::Ohms && is_string($value)
                && preg_match('~^\s*(O\.?L\.?|∞|inf\w*|open|over ?load|----?)\s*$~iu', $value) === 1) {
                $values[$name] = new TypedValue(ReadingFields::OPEN, ReadingFields::OPEN);

                continue;
            }
            $read = $this->fields->read($field, $value);
            if ($read instanceof Refusal) {
                $this->fail("$path.$name", $read->text, $field->accepted());
                $bad[] = $name;
            } elseif ($read !== null) {
                $values[$name] = $read;
            }
        }

        return [$values, $bad];
    }

    private function fail(string $path, string $text, string $accepted): void
    {
        $this->errors[] = new FieldError($path, $text, $accepted);
    }
}
