<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** What a picture draws: numbers for its geometry, and every text that it shows already rounded. */
interface Curve
{
    /** Its name in the solution, `run`. */
    public function name(): string;

    /** @return array<array-key, mixed> by the shape that `schema` describes */
    public function toArray(): array;

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array;
}
