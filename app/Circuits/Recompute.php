<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Circuit;
use App\Models\Site;
use BraveAnvil\Ground\Version;
use Illuminate\Bus\Batch;
use Illuminate\Support\Facades\Bus;

/** Solves circuits anew: those of a site whose settings or tables changed, by the workers of the queue, or those of another core. */
final class Recompute
{
    /** Circuits of one piece of work: small enough that calling it off is felt at once. */
    private const PIECE = 200;

    public function __construct(private readonly CircuitStore $store)
    {
    }

    /** Begins with a site; what was still under way for it is called off. */
    public function begin(Site $site): void
    {
        $this->cancel($site);
        $pieces = [];
        Circuit::query()->where('site_id', $site->id)->whereNull('archived_at')->orderBy('id')->pluck('id')
            ->chunk(self::PIECE)
            ->each(static function ($ids) use (&$pieces): void {
                $pieces[] = new SolveAgain(array_values(array_map(intval(...), $ids->all())));
            });
        if ($pieces === []) {
            return;
        }
        $batch = Bus::batch($pieces)->name("site $site->id")->allowFailures()->dispatch();
        Site::query()->whereKey($site->id)->update(['batch_id' => $batch->id]);
    }

    /** Calls off what is under way; what was solved by then stays. */
    public function cancel(Site $site): void
    {
        $batch = $this->of($site);
        if ($batch !== null && ! $batch->finished()) {
            $batch->cancel();
        }
    }

    /**
     * How far it is; null where nothing is under way and nothing failed.
     *
     * @return array{done: int, total: int, state: string}|null
     */
    public function progress(Site $site): ?array
    {
        $batch = $this->of($site);

        return $batch === null ? null : [
            'done' => min($batch->processedJobs() * self::PIECE, $total = $this->circuits($site)),
            'total' => $total,
            'state' => match (true) {
                $batch->cancelled() => 'cancelled',
                $batch->failedJobs > 0 => 'failed',
                $batch->finished() => 'done',
                default => 'under_way',
            },
        ];
    }

    /** @return int how many that another core version solved were solved now */
    public function ofOtherCores(): int
    {
        $count = 0;
        $of = static fn (): array => Circuit::query()->where('core', '!=', Version::CORE)->orderBy('id')
            ->limit(self::PIECE)->pluck('id')->all();
        while (($ids = $of()) !== []) {
            $count += (new SolveAgain(array_values(array_map(intval(...), $ids))))->handle($this->store);
        }

        return $count;
    }

    private function of(Site $site): ?Batch
    {
        $id = Site::query()->whereKey($site->id)->value('batch_id');

        return is_string($id) ? Bus::findBatch($id) : null;
    }

    private function circuits(Site $site): int
    {
        return Circuit::query()->where('site_id', $site->id)->whereNull('archived_at')->count();
    }
}
