<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** A circuit document as one text for each field that somebody filled, and back. */
final class TypedFields
{
    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, string> what is typed, by path, in the order of the document; a name of digits is a number as a key
     */
    public static function of(array $document, string $under = ''): array
    {
        $fields = [];
        foreach ($document as $name => $value) {
            $path = $under === '' ? (string) $name : $under.'.'.$name;
            if ($value === null || $value === '' || $path === 'format') {
                continue;
            }
            if (is_array($value) && ! array_is_list($value) && Fields::find($path) === null) {
                $fields += self::of($value, $path);
            } else {
                $fields[$path] = self::text($value);
            }
        }

        return $fields;
    }

    /**
     * The same document with one field filled otherwise.
     *
     * @param  array<array-key, mixed>  $document
     * @param  string  $text  empty to take the field out
     * @return array<array-key, mixed>
     */
    public static function with(array $document, string $path, string $text): array
    {
        return self::placed($document, explode('.', $path), $text);
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $path
     * @return array<array-key, mixed>
     */
    private static function placed(array $document, array $path, string $text): array
    {
        $name = array_shift($path) ?? '';
        if ($path !== []) {
            $inner = is_array($document[$name] ?? null) ? $document[$name] : [];
            $inner = self::placed($inner, $path, $text);
            if ($inner === [] && ! isset($document[$name])) {
                return $document;
            }
            $document[$name] = $inner;

            return $document;
        }
        if ($text === '') {
            unset($document[$name]);
        } else {
            $document[$name] = $text;
        }

        return $document;
    }

    /** A list of pairs as `0 40; 50 30`, a list of words as `reversing, jogging`: as the fields read them. */
    private static function text(mixed $value): string
    {
        if (is_bool($value)) {
            return $value ? 'true' : 'false';
        }
        if (is_scalar($value)) {
            return (string) $value;
        }
        $rows = is_array($value) && array_is_list($value) ? $value : null;
        if ($rows !== null && array_filter($rows, is_scalar(...)) === $rows) {
            return implode(', ', array_map(strval(...), array_filter($rows, is_scalar(...))));
        }
        $pairs = [];
        foreach ($rows ?? [] as $row) {
            if (is_array($row) && array_filter($row, is_scalar(...)) === $row) {
                $pairs[] = implode(' ', array_map(strval(...), array_filter($row, is_scalar(...))));
            }
        }

        return $rows !== null && count($pairs) === count($rows)
            ? implode('; ', $pairs) : (string) json_encode(
                $value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR,
            );
    }
}
