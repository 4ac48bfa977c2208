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

    /** @param  list<int>  $circuits */
    public function __construct(private readonly array $circuits)
    {
    }

    /** @return int how many were solved */
    public function handle(CircuitStore $store): int
    {
        $count = 0;
        foreach (Circuit::query()->with('site')->whereKey($this->circuits)->get() as $circuit) {
            // Somebody may call it off between two circuits.
            if ($count % 50 === 0 && $this->batch()?->fresh()?->cancelled() === true) {
                return $count;
            }
            $store->solveAgain($circuit);
            $count++;
        }

        return $count;
    }
}
