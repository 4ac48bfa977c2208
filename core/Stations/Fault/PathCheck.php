<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Stations\Cable\Rejection;
use BraveAnvil\Stations\Cable\SizeCandidate;
use BraveAnvil\Stations\Cable\SizeCheck;

/** The sizes of one run against a fault at its end. */
final readonly class PathCheck implements SizeCheck
{
    /**
     * @param  float  $kilometres  of the run
     * @param  FaultPath|null  $upstream  the run before it
     */
    public function __construct(private LoopJudge $judge, private float $kilometres, private ?FaultPath $upstream)
    {
    }

    public function rejects(SizeCandidate $candidate): ?Rejection
    {
        return $this->judge->pick($candidate, $this->kilometres, $this->upstream)->rejection;
    }
}
