<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\Board;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Solves a board anew after something on it has changed; and once more if that happened again meanwhile. */
final class SolveBoard implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly int $board)
    {
    }

    public function handle(BoardStore $store): void
    {
        $board = Board::query()->find($this->board);
        if ($board === null) {
            return;
        }
        $since = $board->stale_at;
        $store->solve($board);
        $settled = $since === null ? 1 : Board::query()->whereKey($board->id)->where('stale_at', $since)->update(['stale_at' => null]);
        if ($settled === 0) {
            self::dispatch($this->board);
        }
    }
}
