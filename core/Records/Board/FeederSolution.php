<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;

/** What was worked out of a board: its own figures, and those of each circuit on it. */
final readonly class FeederSolution
{
    /**
     * @param  array<string, list<Figure>>  $circuits  figures of the board beside each circuit, by tag
     * @param  array<string, array{pull_in_length: float, drop_out_length: float, inrush_voltage: float|null}>  $coils  m and %, by tag
     * @param  list<RestartStep>  $timetable
     * @param  list<self>  $boards  that this one feeds
     * @param  array<string, array{supply: array<array-key, mixed>, board: array<string, float|string>}>  $feeds  what each circuit is
     *     given, by tag
     * @param  array<string, Solution>  $behind  each circuit as it is solved behind this board, by tag
     * @param  list<OtherLoad>  $others  that hang on it besides
     * @param  list<string>  $counted  tags of the circuits that count: of one interlock the largest
     * @param  list<FeederRung>  $ladder  sizes around the chosen one
     * @param  array<string, list<BoardShare>>  $shares  what takes most of each figure, by its key
     * @param  list<StartPair>  $pairs  who may start with whom
     * @param  array<array-key, list<SelectivityCell>>  $matrix  how each device stands to the feeders before it, the nearest first, by tag
     */
    public function __construct(
        public Solution $feeder,
        public array $circuits = [],
        public array $coils = [],
        public array $timetable = [],
        public array $boards = [],
        public array $feeds = [],
        public array $behind = [],
        public array $others = [],
        public array $counted = [],
        public array $ladder = [],
        public array $shares = [],
        public array $pairs = [],
        public array $matrix = [],
    ) {
    }

    /** @return array<string, array{supply: array<array-key, mixed>, board: array<string, float|string>}> of this board and those below */
    public function allFeeds(): array
    {
        $feeds = $this->feeds;
        foreach ($this->boards as $board) {
            $feeds += $board->allFeeds();
        }

        return $feeds;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $circuits = [];
        foreach ($this->circuits as $tag => $figures) {
            $own = $this->behind[$tag] ?? null;
            $circuits[] = [
                'tag' => $tag,
                'figures' => array_map(static fn (Figure $figure): array => $figure->toArray(), [...$figures, ...$own->figures ?? []]),
                'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $own->findings ?? []),
            ];
        }
        $coils = [];
        foreach ($this->coils as $tag => $coil) {
            $coils[] = ['tag' => $tag, ...$coil];
        }

        return [
            ...$this->feeder->toArray(), 'circuits' => $circuits, 'coils' => $coils,
            'timetable' => array_map(static fn (RestartStep $step): array => $step->toArray(), $this->timetable),
            ...$this->boards === [] ? [] : ['boards' => array_map(static fn (self $board): array => $board->toArray(), $this->boards)],
        ];
    }

    public function toJson(): string
    {
        return json_encode($this->toArray(),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES);
    }
}
