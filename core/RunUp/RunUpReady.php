<?php

declare(strict_types=1);

namespace BraveAnvil\RunUp;

use BraveAnvil\Start\Method\StartSetup;
use BraveAnvil\Start\Motion\FeedReader;
use BraveAnvil\Start\Motion\LoadReader;

/** All but the inertia that a run-up is worked out from. */
final readonly class RunUpReady
{
    public function __construct(public FeedReader $feed, public LoadReader $load, public StartSetup $setup)
    {
    }
}
