<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Circuit;
use BraveAnvil\Version;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Support\Collection;

/**
 * Solves circuits again whose key figures are no longer those of their site's settings or of this core. Drafts, versions
 * and revisions stay as they are.
 */
final class Recompute
{
    use Dispatchable;

    /** @param  int|null  $site only this site; null: all that another core version solved */
    public function __construct(private readonly ?int $site = null)
    {
    }

    /** @return int how many were solved */
    public function handle(CircuitStore $store): int
    {
        $count = 0;
        $circuits = Circuit::query()->with('site');
        $this->site === null ? $circuits->where('core', '!=', Version::CORE) : $circuits->where('site_id', $this->site);
        $circuits->chunkById(200 /** @param  Collection<int, Circuit>  $some */, static function (Collection $some) use (
            $store,
            &$count,
        ): void {
            foreach ($some as $circuit) {
                $document = CircuitDocument::from(json_decode($circuit->draft, true, 32, JSON_THROW_ON_ERROR));
                // The time of the last edit is a person's, so it is left alone.
                Circuit::query()
                    ->whereKey($circuit->id)
                    ->where('version', $circuit->version)
                    ->toBase()
                    ->update(KeyFigures::of($document, $store->solve($document, $circuit->site)));
                $count++;
            }
        });

        return $count;
    }
}
