<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\Board;
use App\Models\Circuit;
use App\Models\Site;
use App\Record\Stored;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\SiteSettings;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Records\Board\FeederDocument;
use BraveAnvil\Records\Board\FeederSolution;
use BraveAnvil\Records\Board\FeederStation;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Tables\SiteCorrections;
use BraveAnvil\Tables\Tables;
use Illuminate\Database\Eloquent\Collection;

/** A board with all that it feeds, as one document of the core. */
final readonly class BoardTree
{
    /**
     * @param  array<int, Board>  $boards  of the site, by number
     * @param  array<int, Collection<int, Circuit>>  $circuits  by the number of their board
     */
    private function __construct(public Board $root, private Site $site, private array $boards, private array $circuits)
    {
    }

    /** With the board at the top of those that feed one. */
    public static function around(Board $board): self
    {
        $site = Site::query()->findOrFail($board->site_id);
        $boards = Board::query()->where('site_id', $site->id)->orderBy('id')->get()->keyBy('id')->all();
        $root = self::rootOf($board);
        $circuits = Circuit::query()->whereIn('board_id', array_keys($boards))->whereNull('archived_at')
            ->orderBy('board_position')->orderBy('tag')->get()->groupBy('board_id')->all();

        return new self($root, $site, $boards, $circuits);
    }

    /** The board at the top of those that feed one. */
    public static function rootOf(Board $board): Board
    {
        $seen = [];
        while ($board->fed_by !== null && ! isset($seen[$board->id])) {
            $seen[$board->id] = true;
            $board = Board::query()->findOrFail($board->fed_by);
        }

        return $board;
    }

    public function siteName(): string
    {
        return $this->site->name;
    }

    /** Of its site; null where the core knows none by that name. */
    public function book(): ?RuleBook
    {
        return (new RuleBooks(Tables::shipped()))->named($this->site->rule_book);
    }

    /** @param  bool  $anew  from nothing, as whoever checks a sheet solves it */
    public function solve(bool $anew = false): FeederSolution
    {
        $feeds = [];
        foreach ($anew ? [] : $this->all() as $board) {
            foreach ($this->circuitsOf($board) as $circuit) {
                $feed = $circuit->feed === null ? [] : Stored::map($circuit->feed);
                if (isset($feed['supply']) && ! isset($feed['board']['waits'])) {
                    /** @var array{supply: array<array-key, mixed>, board: array<string, float|string>} $feed */
                    $feeds[$circuit->tag] = $feed;
                }
            }
        }

        return FeederStation::solve(
            $this->document($this->root), SiteCorrections::read($this->site->settings['corrections'] ?? null, Tables::shipped())->tables,
            $feeds,
        );
    }

    /**
     * What a circuit goes on with while its board cannot be solved: what it was given last, or its own supply. It says so.
     *
     * @return array{supply?: array<array-key, mixed>, board: array<string, float|string>}
     */
    public function waiting(Board $board, Circuit $circuit): array
    {
        /** @var array{supply?: array<array-key, mixed>, board?: array<string, float|string>} $last */
        $last = $circuit->feed === null ? [] : Stored::map($circuit->feed);

        return [...$last, 'board' => [
            ...$last['board'] ?? [], 'tag' => $board->tag,
            'waits' => isset($last['supply']) ? 'what it gave last is used' : 'the supply of the circuit is used',
        ]];
    }

    /** @return list<Board> the root first, each before those that it feeds */
    public function all(?Board $from = null): array
    {
        $from ??= $this->root;
        $all = [$from];
        foreach ($this->below($from) as $board) {
            $all = [...$all, ...$this->all($board)];
        }

        return $all;
    }

    /** @return list<Board> those that feed one, the root first; none at the root */
    public function above(Board $board): array
    {
        $above = [];
        while ($board->id !== $this->root->id && $board->fed_by !== null && isset($this->boards[$board->fed_by])) {
            $board = $this->boards[$board->fed_by];
            array_unshift($above, $board);
        }

        return $above;
    }

    /** @return array<array-key, mixed> the document of the root, which a board below is solved with; empty of the root itself */
    public function aboveOf(Board $board): array
    {
        return $board->id === $this->root->id ? [] : $this->document($this->root);
    }

    /** @return list<int> places of the boards from the root down to one, each among those below the one before it */
    public function path(Board $board): array
    {
        $path = [];
        foreach ([...array_slice($this->above($board), 1), ...$board->id === $this->root->id ? [] : [$board]] as $one) {
            foreach ($this->below($this->boards[(int) $one->fed_by]) as $place => $other) {
                if ($other->id === $one->id) {
                    $path[] = $place;
                }
            }
        }

        return $path;
    }

    /** @param  FeederSolution  $solution  of the root */
    public function solutionOf(Board $board, FeederSolution $solution): FeederSolution
    {
        $above = $this->above($board);
        foreach ($this->path($board) as $i => $place) {
            $solution = self::belowIn($solution, $place, $above[$i]);
        }

        return $solution;
    }

    /**
     * What was worked out of a board below another. Where that could not be solved: its own errors at their places, or what it waits for.
     *
     * @param  FeederSolution  $solution  of the board above
     * @param  int  $place  among those below it
     */
    public static function belowIn(FeederSolution $solution, int $place, Board $above): FeederSolution
    {
        if (isset($solution->boards[$place])) {
            return $solution->boards[$place];
        }
        $at = "boards.$place.";
        $errors = [];
        foreach ($solution->feeder->errors as $error) {
            if (str_starts_with($error->path, $at)) {
                $errors[] = new FieldError(substr($error->path, strlen($at)), $error->text, $error->accepted, $error->kind);
            }
        }
        if ($errors === []) {
            $errors[] = new FieldError('', 'Not calculated: a board of the same supply has errors.', 'See board '.$above->tag.'.');
        }

        return new FeederSolution(new Solution($solution->feeder->tag, $solution->feeder->ruleBook, errors: $errors));
    }

    /** @return list<Circuit> */
    public function circuitsOf(Board $board): array
    {
        return array_values(($this->circuits[$board->id] ?? new Collection)->all());
    }

    /** @return list<Board> */
    public function below(Board $board): array
    {
        return array_values(array_filter($this->boards, static fn (Board $one): bool => $one->fed_by === $board->id));
    }

    /** @return array<array-key, mixed> as `brave-anvil.feeder/1` */
    public function document(Board $board): array
    {
        $typed = Stored::map($board->typed);
        $map = static fn (mixed $value): array => is_array($value) ? array_filter(
            $value, static fn (mixed $one): bool => $one !== null && $one !== '',
        ) : [];
        $isRoot = $board->id === $this->root->id;
        $circuits = [];
        foreach ($this->circuitsOf($board) as $circuit) {
            $draft = Stored::map($circuit->draft);
            $place = $circuit->board_place === null ? [] : Stored::map($circuit->board_place);
            $circuits[] = [...$draft, 'tag' => $circuit->tag, ...$place === [] ? [] : ['board' => $place]];
        }
        $boards = array_map($this->document(...), $this->below($board));

        return [
            'format' => FeederDocument::FORMAT, 'tag' => $board->tag, 'rule_book' => $this->site->rule_book,
            ...array_diff_key($typed, ['format' => null, 'tag' => null, 'rule_book' => null]),
            'supply' => [...$isRoot ? $this->site->supply : [], ...$map($typed['supply'] ?? null)],
            'settings' => [...array_diff_key($this->site->settings, [SiteSettings::BOARD_FEED => null]),
                ...$map($typed['settings'] ?? null)],
            'circuits' => $circuits, ...$boards === [] ? [] : ['boards' => $boards],
        ];
    }
}
