<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** One text for one content: keys in the order of their letters, no blanks, numbers as short as they can be. Its SHA-256 seals a sheet. */
final class Canonical
{
    private const FLAGS = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    /**
     * @param  mixed  $content  as it was decoded from JSON, or will be encoded to it
     *
     * @throws \JsonException where it holds what JSON cannot
     */
    public static function text(mixed $content): string
    {
        // Through JSON once, so that what was computed and what was read back are the same.
        $decoded = json_decode(json_encode($content, self::FLAGS), true, 512, JSON_THROW_ON_ERROR);

        return json_encode(self::sorted($decoded), self::FLAGS);
    }

    /** SHA-256 of the canonical text, in 64 hexadecimal digits. */
    public static function digest(mixed $content): string
    {
        return hash('sha256', self::text($content));
    }

    private static function sorted(mixed $content): mixed
    {
        if (! is_array($content)) {
            return $content;
        }
        if (! array_is_list($content)) {
            ksort($content, SORT_STRING);
        }

        return array_map(self::sorted(...), $content);
    }
}
