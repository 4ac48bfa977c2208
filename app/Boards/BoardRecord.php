<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\Board;
use App\Models\Circuit;
use App\Models\Revision;
use App\Sheet\RevisionState;
use App\Sheet\SheetContents;
use BraveAnvil\Ground\Version;
use BraveAnvil\Records\Board\BoardForm;
use BraveAnvil\Records\Board\BoardReadiness;
use BraveAnvil\Records\Sheet\SealedSheet;
use LogicException;

/** A board as it is kept under a name, with all that it rests on, and what is sealed of it. */
final readonly class BoardRecord
{
    /**
     * @param  array<array-key, mixed>  $document  as `brave-anvil.feeder/1`
     * @param  array<array-key, mixed>  $solution  as its page shows it
     * @param  array<array-key, mixed>  $context  its site, and the board above it
     */
    public function __construct(public array $document, public array $solution, public array $context)
    {
    }

    /** As it is now, solved from nothing, so that whoever checks it later comes to the same. */
    public static function of(BoardTree $tree, Board $board): self
    {
        $book = $tree->book() ?? throw new LogicException('The rule book of this site is not known.');
        $form = new BoardForm($book);
        $solution = $tree->solutionOf($board, $tree->solve(anew: true));
        $document = $tree->document($board);
        $path = $tree->path($board);
        $view = BoardView::of($tree, $board, $solution);
        $inForce = self::inForce($tree->circuitsOf($board));

        return new self($document, [
            ...$view, 'core' => Version::CORE, 'rule_book' => $book->id()->value, 'edition' => $book->edition(),
            'circuits' => array_map(static fn (mixed $circuit): mixed => is_array($circuit) && is_int($circuit['id'] ?? null)
                ? [...$circuit, 'sheet' => $inForce[$circuit['id']] ?? ''] : $circuit, is_array($view['circuits'])
                    ? $view['circuits'] : []),
            'curves' => ['readiness' => BoardReadiness::of($solution, $form)->toArray()],
            'entered' => $form->said($document),
        ], [
            'site' => $tree->siteName(), 'fed_by' => array_map(static fn (Board $one): string => $one->tag, $tree->above($board)),
            // A board below another one is what it is behind that one.
            'above' => $tree->aboveOf($board), 'path' => $path,
        ]);
    }

    /**
     * @param  array{number: int, name: string, kind: string}|null  $revision
     * @param  list<array<string, string>>  $signatures
     * @param  array<array-key, mixed>  $decisions
     */
    public function sealed(int $id, ?array $revision, array $signatures, array $decisions): SealedSheet
    {
        $solution = $this->solution;
        $list = static fn (string $name): array => is_array($solution[$name] ?? null) ? $solution[$name] : [];

        return SealedSheet::of([
            'tag' => $this->document['tag'] ?? '', 'board_id' => $id, 'site' => $this->context['site'] ?? '', 'revision' => $revision,
            'core' => $solution['core'] ?? '', 'rule_book' => $solution['rule_book'] ?? '', 'edition' => $solution['edition'] ?? '',
            'board' => $this->document, 'settings' => $this->document['settings'] ?? [], 'above' => $this->context['above'] ?? [],
            'path' => $this->context['path'] ?? [], 'fed_by' => $this->context['fed_by'] ?? [], 'source' => $solution['source'] ?? '',
            'entered' => $list('entered'), 'figures' => $list('figures'), 'findings' => $list('findings'), 'errors' => $list('errors'),
            'circuits' => $list('circuits'), 'boards' => $list('boards'), 'others' => $list('others'), 'coils' => $list('coils'),
            'timetable' => $list('timetable'), 'ladder' => $list('ladder'), 'shares' => $list('shares'), 'pairs' => $list('pairs'),
            'curves' => $list('curves'), 'decisions' => $decisions, 'signatures' => $signatures,
            'standing' => SheetContents::STANDING,
        ]);
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return array<int, string> the sheet of each that is in force, by its number
     */
    private static function inForce(array $circuits): array
    {
        $told = [];
        $revisions = Revision::query()->with('steps')->whereIn('circuit_id', array_map(static fn (Circuit $one): int => $one->id,
            $circuits))
            ->orderBy('number')->get(['id', 'circuit_id', 'number']);
        foreach ($revisions->all() as $one) {
            if ($one->state() === RevisionState::Issued) {
                $told[(int) $one->circuit_id] = "revision $one->number";
            }
        }

        return $told;
    }
}
