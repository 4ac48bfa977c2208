<?php

declare(strict_types=1);

namespace BraveAnvil\Tables;

use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;

/** The table entries that a site replaced or confirmed, as they travel under `settings.corrections`. */
final readonly class SiteCorrections
{
    private const FIELD = 'settings.corrections';

    private const MOST = 1000;

    private const LONGEST_TEXT = 300;

    /**
     * @param  Tables  $tables  with those of them that can be used
     * @param  array<string, FieldError>  $errors  by path, `settings.corrections[0].path`
     * @param  list<string>  $outOfLine  what no longer lies between its neighbours, in words
     */
    private function __construct(public Tables $tables, public array $errors, public array $outOfLine)
    {
    }

    /** @param  mixed  $typed  the list as it was decoded */
    public static function read(mixed $typed, Tables $tables): self
    {
        if ($typed === null || $typed === []) {
            return new self($tables, [], []);
        }
        if (! is_array($typed) || ! array_is_list($typed) || count($typed) > self::MOST) {
            return new self($tables, [
                self::FIELD => self::error(self::FIELD, 'Enter a list of corrections.', 'Path, value, by, on and why of each.'),
            ], []);
        }
        $errors = [];
        $corrections = [];
        foreach ($typed as $i => $one) {
            $read = self::one($one, self::FIELD.'['.$i.']', $tables);
            if ($read instanceof FieldError) {
                $errors[$read->path] = $read;
            } else {
                $corrections[] = $read;
            }
        }
        $corrected = $tables->withCorrections($corrections);

        return new self($corrected, $errors, self::outOfLine($corrections, $corrected));
    }

    private static function one(mixed $one, string $at, Tables $tables): EntryCorrection|FieldError
    {
        if (! is_array($one)) {
            return self::error($at, 'Enter a correction.', 'Path, value, by, on and why.');
        }
        $texts = [];
        foreach (['path', 'by', 'on', 'why', 'page'] as $key) {
            $text = $one[$key] ?? '';
            if (! is_string($text) || strlen($text) > self::LONGEST_TEXT || ($key !== 'page' && trim($text) === '')) {
                return self::error("$at.$key", $key === 'path' ? 'Enter which table value is corrected.' : 'Fill in this field.',
                    match ($key) {
                        'path' => 'A path such as nec.t430_250.rows.25.460.',
                        'by' => 'Enter who corrected it.',
                        'on' => 'Enter a date.',
                        'why' => 'Enter why, and by which edition.',
                        default => 'Enter a page of the printed code.',
                    }, ErrorKind::Missing);
            }
            $texts[$key] = trim($text);
        }
        $entry = EntryPath::find($tables, $texts['path']);
        if ($entry === null) {
            return self::error(
                "$at.path", Typed::quoted($texts['path']).' is not a table value.', 'A path such as nec.t430_250.rows.25.460.',
            );
        }
        $value = $one['value'] ?? null;
        $number = is_int($value) || is_float($value) ? (float) $value : (is_string($value) ? Typed::number($value) : new Refusal(''));
        if ($number instanceof Refusal || $number <= 0 || ! is_finite($number)) {
            return self::error("$at.value", 'Enter a number above 0.', 'A number above 0.');
        }

        return new EntryCorrection(
            $entry->table->value, $entry->pointer, $number, $texts['by'], $texts['on'], $texts['why'], $texts['page'],
        );
    }

    private static function error(string $path, string $text, string $accepted, ErrorKind $kind = ErrorKind::Unreadable): FieldError
    {
        return new FieldError($path, $text, $accepted, $kind);
    }

    /**
     * @param  list<EntryCorrection>  $corrections
     * @return list<string>
     */
    private static function outOfLine(array $corrections, Tables $tables): array
    {
        $told = [];
        foreach ($corrections as $correction) {
            $name = TableName::tryFrom($correction->table);
            $table = $name === null ? null : $tables->named($name);
            [$before, $after] = $table?->neighbours($correction->entry) ?? [null, null];
            if ($table === null || $before === null || $after === null) {
                continue;
            }
            if ($correction->value < min($before, $after) || $correction->value > max($before, $after)) {
                $told[] = EntryPath::of($table, $correction->entry).' is '.Show::number($correction->value).'; the rows beside it are '.
                    Show::number($before).' and '.Show::number($after);
            }
        }

        return $told;
    }
}
