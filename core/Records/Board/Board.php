<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Tables\Tables;

/** A board as it is typed: its circuits and other loads, and the boards that it feeds. */
final class Board
{
    /** Boards below boards: more is a loop, or a drawing that nobody wants. */
    private const DEEPEST = 4;

    /** @var list<BoardMotor> */
    public readonly array $motors;

    /** @var list<OtherLoad> */
    public readonly array $others;

    /** @var array<string, float> simultaneity by the name of a group */
    public readonly array $groups;

    public readonly float $simultaneity;

    /** @var list<self> that this one feeds */
    public readonly array $boards;

    public readonly float $volts;

    /** @param  array<string, array{supply: array<array-key, mixed>, board: array<string, float|string>}>  $feeds  by tag */
    private function __construct(
        public readonly FeederDocument $document,
        Tables $tables,
        private readonly array $feeds,
        private readonly string $path,
        int $depth,
    ) {
        $volts = $document->feeder->number('supply.voltage')?->number();
        if ($volts === null) {
            $document->fail('supply.voltage', 'Enter the supply voltage.', 'Such as 400.', ErrorKind::Missing);
        }
        $this->volts = $volts ?? 0.0;
        $this->boards = $document->book === null || $volts === null ? [] : $this->below($tables, $depth);
        $this->motors = $document->book === null || $volts === null ? [] : $this->read($tables);
        $this->others = $document->others();
        $this->groups = $document->groups();
        $this->simultaneity = $document->simultaneity();
        $this->check();
    }

    /**
     * @param  array<array-key, mixed>  $document  as `brave-anvil.feeder/1`
     * @param  array<string, array{supply: array<array-key, mixed>, board: array<string, float|string>}>  $feeds  what each circuit is
     *     given by its board, by tag; empty where that is yet to be found
     */
    public static function of(array $document, Tables $tables, array $feeds = []): self
    {
        return new self(new FeederDocument($document, $tables), $tables, $feeds, '', 0);
    }

    public function isEmpty(): bool
    {
        return $this->motors === [] && $this->others === [] && $this->boards === [];
    }

    /** @return list<FieldError> of this board and those below, each at its place */
    public function errors(): array
    {
        $errors = [];
        foreach ($this->document->errors() as $error) {
            $errors[] = new FieldError($this->path.$error->path, $error->text, $error->accepted, $error->kind);
        }
        foreach ($this->boards as $board) {
            $errors = [...$errors, ...$board->errors()];
        }

        return $errors;
    }

    /** @return list<string> tags of its circuits and boards, and of those below */
    public function tags(): array
    {
        $tags = array_map(static fn (BoardMotor $motor): string => $motor->tag, $this->motors);
        foreach ($this->boards as $board) {
            $tags = [...$tags, $board->document->tag(), ...$board->tags()];
        }

        return $tags;
    }

    /** @return list<BoardMotor> */
    private function read(Tables $tables): array
    {
        $motors = [];
        foreach ($this->document->circuits($this->boards !== []) as $one) {
            $circuit = $one['document'];
            $own = is_array($circuit['supply'] ?? null) ? $circuit['supply'] : [];
            $volts = ($own['voltage'] ?? '') === '' ? null : BoardMotor::volts($own['voltage'], $this->document);
            if ($volts !== null && abs($volts - $this->volts) > 0.5) {
                $this->document->fail($one['path'].'.supply.voltage', 'This circuit has another voltage than its board.',
                    'One voltage for a board.');

                continue;
            }
            $motor = BoardMotor::read($circuit, $one['board'], $one['path'], $this->document, $tables,
                $this->feeds[$one['tag']] ?? null);
            if ($motor !== null) {
                $motors[] = $motor;
            }
        }

        return $motors;
    }

    /** @return list<self> */
    private function below(Tables $tables, int $depth): array
    {
        $boards = [];
        foreach ($this->document->boards() as $i => $typed) {
            if ($depth >= self::DEEPEST) {
                $this->document->fail("boards.$i", 'Boards lie too deep below one another.', 'No more than '.self::DEEPEST.' levels.');

                continue;
            }
            $board = new self(
                new FeederDocument([
                    ...$typed, 'rule_book' => $typed['rule_book'] ?? $this->document->ruleBook(),
                    'supply' => [...$this->document->supply(), ...array_filter(
                        is_array($typed['supply'] ?? null) ? $typed['supply'] : [], static fn (mixed $value): bool => $value !== '',
                    )],
                ], $tables), $tables, $this->feeds, $this->path."boards.$i.", $depth + 1,
            );
            if ($board->document->ruleBook() !== $this->document->ruleBook()) {
                $this->document->fail("boards.$i.rule_book", 'This board has another rule book than the one that feeds it.',
                    'One rule book.');
            }
            if (abs($board->volts - $this->volts) > 0.5) {
                $this->document->fail("boards.$i.supply.voltage", 'This board has another voltage than the one that feeds it.',
                    'One voltage.');
            }
            $boards[] = $board;
        }

        return $boards;
    }

    private function check(): void
    {
        $document = $this->document;
        if ($document->isAmerican() && $this->groups !== []) {
            $document->fail('groups', 'This rule book knows no groups.', 'Leave the groups out.', ErrorKind::Refused);
        }
        if ($document->isAmerican() && $this->simultaneity < 1 && ! $document->hasDemandEvidence()) {
            $document->fail('simultaneity', 'A demand factor needs the permission of the authority: say on what it rests.',
                'Enter it under demand_evidence.', ErrorKind::Refused);
        }
        foreach ($this->motors as $motor) {
            if ($motor->group !== '' && ! isset($this->groups[$motor->group])) {
                $document->fail($motor->path.'.board.group', '“'.$motor->group.'” is not one of the groups.',
                    'The name of a group of this board.');
            }
        }
        $tags = [$document->tag(), ...$this->tags()];
        foreach (array_count_values(array_filter($tags, static fn (string $tag): bool => $tag !== '')) as $tag => $many) {
            if ($many > 1 && $this->boards !== []) {
                $document->fail('boards', '“'.$tag.'” is there twice: a board does not feed itself, nor a circuit from two boards.',
                    'Each tag once.');
            }
        }
    }
}
