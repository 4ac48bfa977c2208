<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** The change from the first stage of a start to the full one. */
final readonly class Changeover
{
    /**
     * @param  float  $time  of the first stage, s
     * @param  float  $speed  at its end, rpm
     * @param  float  $speedAfterGap  rpm
     * @param  float  $torqueBefore  in the air gap just before the second stage closes, N·m; 0 after a gap
     * @param  Node  $after  the full stage as it closes
     */
    public function __construct(
        public float $time,
        public float $speed,
        public float $speedAfterGap,
        public float $torqueBefore,
        public Node $after,
    ) {
    }
}
