<?php

declare(strict_types=1);

namespace BraveAnvil\Start\Method;

enum ContactorRole
{
    /** The only one. */
    case Line;
    /** Main and delta, alike. */
    case Main;
    case Star;
}
