<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\Board;
use App\Models\Circuit;
use App\Models\Site;
use Illuminate\Support\Carbon;

/**
 * Marks boards on which something has changed: the workers solve each anew, once for all that changed meanwhile. Whoever saves a circuit
 * waits for none of it.
 */
final class BoardMarks
{
    public static function mark(Board $board): void
    {
        $root = BoardTree::rootOf($board);
        $wasFresh = Board::query()->whereKey($root->id)->whereNull('stale_at')->update(['stale_at' => Carbon::now()]) === 1;
        if ($wasFresh) {
            SolveBoard::dispatch($root->id)->afterCommit();
        } else {
            Board::query()->whereKey($root->id)->update(['stale_at' => Carbon::now()]);
        }
    }

    /** The board of a circuit, where one feeds it. */
    public static function ofCircuit(Circuit $circuit): void
    {
        $board = $circuit->board_id === null ? null : Board::query()->find($circuit->board_id);
        if ($board !== null) {
            self::mark($board);
        }
    }

    /** All of a site whose supply or settings changed. */
    public static function ofSite(Site $site): void
    {
        foreach (Board::query()->where('site_id', $site->id)->whereNull('fed_by')->orderBy('id')->get()->all() as $board) {
            self::mark($board);
        }
    }
}
