<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** What a site says of all its circuits, where a circuit itself says nothing. */
final class SiteSettings
{
    /**
     * @param  array<array-key, mixed>  $document  a decoded circuit
     * @param  array<array-key, mixed>  $settings  of its site, by name
     * @return array<array-key, mixed> the document to solve: what is typed in the circuit counts
     */
    public static function under(array $document, array $settings): array
    {
        $own = is_array($document['settings'] ?? null)
            ? array_filter($document['settings'], static fn (mixed $value): bool => $value !== null && $value !== '') : [];

        return [...$document, 'settings' => [...$settings, ...$own]];
    }
}
