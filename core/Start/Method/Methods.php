<?php

declare(strict_types=1);

namespace BraveAnvil\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;

/** The starting methods that are computed. */
final class Methods
{
    /** The method of that name, or null while it is not computed. */
    public static function named(MethodName $name): ?StartingMethod
    {
        foreach (self::all() as $method) {
            if ($method->name() === $name) {
                return $method;
            }
        }

        return null;
    }

    /** @return non-empty-list<StartingMethod> */
    public static function all(): array
    {
        return [new Direct, new StarDelta];
    }
}
