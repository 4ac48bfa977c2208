<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Figure;

/** What was worked out of a board: its own figures, and those of each circuit on it. */
final readonly class FeederSolution
{
    /**
     * @param  array<string, list<Figure>>  $circuits  figures of the board beside each circuit, by tag
     * @param  array<string, array{pull_in_length: float, drop_out_length: float, inrush_voltage: float|null}>  $coils  m and %, by tag
     * @param  list<RestartStep>  $timetable
     */
    public function __construct(public Solution $feeder, public array $circuits = [], public array $coils = [],
        public array $timetable = [])
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $circuits = [];
        foreach ($this->circuits as $tag => $figures) {
            $circuits[] = ['tag' => $tag, 'figures' => array_map(static fn (Figure $figure): array => $figure->toArray(), $figures)];
        }
        $coils = [];
        foreach ($this->coils as $tag => $coil) {
            $coils[] = ['tag' => $tag, ...$coil];
        }

        return [
            ...$this->feeder->toArray(), 'circuits' => $circuits, 'coils' => $coils,
            'timetable' => array_map(static fn (RestartStep $step): array => $step->toArray(), $this->timetable),
        ];
    }

    public function toJson(): string
    {
        return json_encode($this->toArray(),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES);
    }
}
