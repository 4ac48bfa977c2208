<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Circuit;
use Illuminate\Bus\Batchable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Solves some circuits again whose key figures are no longer those of their site. Drafts, versions and revisions stay as they are. */
final class SolveAgain implements ShouldQueue
{
    use Batchable;
    use Queueable;

    /** Circuits that are written at once. */
    private const TOGETHER = 50;

    /** @param  list<int>  $circuits */
    public function __construct(private readonly array $circuits)
    {
    }

    /** @return int how many were solved */
    public function handle(CircuitStore $store): int
    {
        $count = 0;
        // In one order always, so that two pieces of work never wait for each other.
        foreach (Circuit::query()->with('site')->whereKey($this->circuits)->get()->sortBy('id')->chunk(self::TOGETHER) as $circuits) {
            // Somebody may call it off between two of these.
            if ($this->batch()?->fresh()?->cancelled() === true) {
                return $count;
            }
            $store->solveAgain(...$circuits->all());
            $count += $circuits->count();
        }

        return $count;
    }
}
