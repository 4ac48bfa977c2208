<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** What a site says of all its circuits, where a circuit itself says nothing; and what the board gives that feeds it. */
final class SiteSettings
{
    /** Beside the settings: what a circuit's board gives it, as `BoardFeed` reads it. */
    public const BOARD_FEED = 'board_feed';

    /**
     * @param  array<array-key, mixed>  $document  a decoded circuit
     * @param  array<array-key, mixed>  $settings  of its site, by name
     * @return array<array-key, mixed> the document to solve: what is typed in the circuit counts
     */
    public static function under(array $document, array $settings): array
    {
        $own = is_array($document['settings'] ?? null)
            ? array_filter($document['settings'], static fn (mixed $value): bool => $value !== null && $value !== '') : [];
        $feed = $settings[self::BOARD_FEED] ?? null;
        unset($settings[self::BOARD_FEED]);
        $under = [...$document, 'settings' => [...$settings, ...$own]];

        return is_array($feed) ? BoardFeed::under($under, $feed) : $under;
    }
}
