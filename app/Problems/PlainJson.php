<?php

declare(strict_types=1);

namespace App\Problems;

/** What came as JSON holds only what can be kept and sent on: no NUL, which no text and no name has, and no number without end. */
final class PlainJson
{
    /**
     * @param  array<array-key, mixed>  $value  as it was decoded
     * @return array{path: string, text: string, accepted: string}|null the first value that is refused
     */
    public static function refused(array $value, string $under = ''): ?array
    {
        foreach ($value as $key => $inner) {
            $key = (string) $key;
            if (str_contains($key, "\0")) {
                return ['path' => $under, 'text' => 'A name contains a character that cannot be stored.', 'accepted' => 'Plain text.'];
            }
            $path = $under === '' ? $key : "$under.$key";
            if (is_string($inner) && str_contains($inner, "\0")) {
                return ['path' => $path, 'text' => 'This contains a character that cannot be stored.', 'accepted' => 'Plain text.'];
            }
            if (is_float($inner) && ! is_finite($inner)) {
                return [
                    'path' => $path, 'text' => 'This number is too large.', 'accepted' => 'Enter a smaller number.',
                ];
            }
            $deeper = is_array($inner) ? self::refused($inner, $path) : null;
            if ($deeper !== null) {
                return $deeper;
            }
        }

        return null;
    }
}
