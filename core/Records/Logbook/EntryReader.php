<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Circuit\FieldReader;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use DateTimeImmutable;
use Exception;

/** Reads the entries of a logbook. Whatever it is given, it answers with entries and errors, `entries[0].values.meter`. */
final class EntryReader
{
    /** @var list<FieldError> */
    private array $errors = [];

    private readonly FieldReader $fields;

    private function __construct(bool $american)
    {
        $this->fields = new FieldReader($american);
    }

    /**
     * @param  list<array<string, mixed>>  $typed  each with kind, at and values; withdrawn ones left out
     * @return array{list<LogbookEntry>, list<FieldError>} oldest first
     */
    public static function read(array $typed, bool $american = false): array
    {
        $reader = new self($american);
        $entries = [];
        foreach ($typed as $i => $one) {
            $entry = $reader->entry($i, $one);
            if ($entry !== null) {
                $entries[] = $entry;
            }
        }
        usort($entries, static fn (LogbookEntry $a, LogbookEntry $b): int => [$a->at, $a->index] <=> [$b->at, $b->index]);
        $reader->meters($entries);

        return [$entries, $reader->errors];
    }

    /** @param  array<string, mixed>  $typed */
    private function entry(int $i, array $typed): ?LogbookEntry
    {
        $kind = is_string($typed['kind'] ?? null) ? EntryKind::tryFrom($typed['kind']) : null;
        if ($kind === null) {
            $this->fail("entries[$i].kind", 'Unknown type of entry.', 'Choose one of: '.
                implode(', ', array_map(static fn (EntryKind $kind): string => $kind->label(), EntryKind::cases())).'.');

            return null;
        }
        try {
            $at = is_string($typed['at'] ?? null) ? new DateTimeImmutable($typed['at']) : null;
        } catch (Exception) {
            $at = null;
        }
        if ($at === null) {
            $this->fail("entries[$i].at", 'Enter when it happened.', 'Enter a date and time.');

            return null;
        }
        $values = [];
        $fields = EntryFields::of($kind);
        foreach (is_array($typed['values'] ?? null) ? $typed['values'] : [] as $name => $value) {
            $name = (string) $name;
            $field = $fields[$name] ?? null;
            if ($field === null || $value === null || $value === '') {
                continue;
            }
            $read = $this->fields->read($field, $value);
            if ($read instanceof Refusal) {
                $this->fail("entries[$i].values.$name", $read->text, $field->accepted());
            } elseif ($read !== null) {
                $values[$name] = $read;
            }
        }
        $wanted = EntryFields::wanted($kind);
        if (! isset($values[$wanted])) {
            $this->errors[] = new FieldError(
                "entries[$i].values.$wanted", 'Fill in this field.', $fields[$wanted]->accepted(), ErrorKind::Missing,
            );

            return null;
        }

        return new LogbookEntry($i, $kind, $at->getTimestamp(), $values);
    }

    /**
     * A meter never runs backwards, unless it is another one.
     *
     * @param  list<LogbookEntry>  $entries  oldest first
     */
    private function meters(array $entries): void
    {
        $before = null;
        foreach ($entries as $entry) {
            $meter = $entry->kind === EntryKind::Hours ? $entry->number('meter') : null;
            if ($meter === null) {
                continue;
            }
            if ($before !== null && $meter < $before && ! $entry->isTicked('replaced')) {
                $this->fail(
                    "entries[{$entry->index}].values.meter",
                    'Lower than the last meter reading ('.Show::quantity($before, Unit::Hour).').',
                    'Enter a higher value, or tick “Meter replaced”.',
                );
            }
            $before = $meter;
        }
    }

    private function fail(string $path, string $text, string $accepted): void
    {
        $this->errors[] = new FieldError($path, $text, $accepted);
    }
}
