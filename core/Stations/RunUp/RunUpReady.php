<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Stations\Start\Method\StartSetup;
use BraveAnvil\Stations\Start\Motion\FeedReader;
use BraveAnvil\Stations\Start\Motion\LoadReader;

/** All but the inertia that a run-up is worked out from. */
final readonly class RunUpReady
{
    public function __construct(public FeedReader $feed, public LoadReader $load, public StartSetup $setup)
    {
    }
}
