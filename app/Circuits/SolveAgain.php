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

    private const TYPED = ['tag' => 0, 'area' => 0, 'drives' => 0, 'rule_book' => 0];

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
            $document = CircuitDocument::from(json_decode($circuit->draft, true, 32, JSON_THROW_ON_ERROR));
            // The time of the last edit is a person's, so it is left alone; what was typed has not changed.
            $figures = array_diff_key(KeyFigures::of($document, $store->solve($document, $circuit->site)), self::TYPED);
            Circuit::query()
                ->whereKey($circuit->id)
                ->where('version', $circuit->version)
                ->toBase()
                ->update($figures);
            $count++;
        }

        return $count;
    }
}
