<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\Board;
use App\Models\Circuit;
use App\Models\Site;
use BraveAnvil\Records\Register\CellProblem;
use BraveAnvil\Records\Register\CellText;
use BraveAnvil\Records\Register\Column;
use BraveAnvil\Records\Register\ReadRow;
use BraveAnvil\Records\Register\RowAction;

/** The column that says which board feeds a circuit. It stands beside what is typed of the circuit, not in it. */
final readonly class BoardColumn
{
    public const PATH = 'supply.board.tag';

    private const LABEL = 'Board';

    /**
     * @param  array<string, string>  $known  tags of the boards of a site by the same in small letters
     * @param  array<int, string>  $fed  tag of the board of each circuit, by its number
     */
    private function __construct(private array $known, private array $fed)
    {
    }

    public static function of(Site $site): self
    {
        $tags = [];
        foreach (Board::query()->where('site_id', $site->id)->get(['id', 'tag'])->all() as $board) {
            $tags[$board->id] = $board->tag;
        }
        $fed = [];
        foreach (Circuit::query()->where('site_id', $site->id)->whereNotNull('board_id')->get(['id', 'board_id'])->all() as $circuit) {
            $fed[$circuit->id] = $tags[(int) $circuit->board_id] ?? '';
        }

        return new self(array_combine(array_map(mb_strtolower(...), array_values($tags)), array_values($tags)), $fed);
    }

    /**
     * A row with the board that its cell names: under `board` beside the circuit, told as a change, and refused where there is none of
     * that tag.
     *
     * @param  Column|null  $column  null where the file has none
     * @param  list<string>  $cells
     * @param  int|null  $circuit  that has this tag
     */
    public function on(ReadRow $row, ?Column $column, array $cells, ?int $circuit): ReadRow
    {
        if ($column === null) {
            return $row;
        }
        $cell = CellText::read($cells[$column->place] ?? '');
        $is = $circuit === null ? '' : $this->fed[$circuit] ?? '';
        $wanted = $cell === '' ? '' : $this->known[mb_strtolower($cell)] ?? null;
        if ($wanted === null) {
            return new ReadRow($row->tag, RowAction::Refuse, $row->document, $row->changes, [...$row->problems, new CellProblem(
                $column->letter().' '.$column->head, $cell, 'No board at this site has this tag.', $this->known === []
                    ? 'Make the board first.' : 'One of '.implode(', ', array_slice($this->known, 0, 6)).', or make the board first.',
            )]);
        }
        if ($wanted === $is) {
            return $row;
        }

        return new ReadRow(
            $row->tag, $row->action === RowAction::Leave ? RowAction::Change : $row->action,
            [...$row->document, 'board' => ['tag' => $wanted]],
            [...$row->changes, ['label' => self::LABEL, 'from' => $is, 'to' => $wanted, 'read' => $wanted]], $row->problems,
        );
    }

    /**
     * @param  list<Column>  $columns
     * @return array{list<Column>, Column|null} those of the circuit itself, and this one
     */
    public static function apart(array $columns): array
    {
        $own = null;
        foreach ($columns as $i => $column) {
            if ($column->path === self::PATH) {
                $own = $column;
                $columns[$i] = new Column($column->place, $column->head, null);
            }
        }

        return [$columns, $own];
    }
}
