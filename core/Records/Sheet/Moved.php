<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Sheet;

/** What a reviewer looks at first: sizes, devices and settings of a solution as it was kept, beside those of the one before. */
final readonly class Moved
{
    /** Figures of which somebody buys, pulls or sets something. */
    private const MAIN = [
        'cable.size', 'cable.protective_size', 'cable.line_size', 'guard.scpd_rating', 'guard.instantaneous_setting',
        'guard.overload_dial',
        'guard.overload_class', 'start.timer_first', 'correct.capacitor_rating', 'feeder.scpd_rating', 'feeder.size', 'feeder.sets',
        'feeder.protective_size',
        'feeder.fault_current', 'feeder.restart_steps', 'feeder.control_transformer',
    ];

    /**
     * @param  string  $from  empty where it was not there, or nothing is compared
     * @param  string  $to  empty where it is gone
     */
    private function __construct(public string $station, public string $label, public string $from, public string $to)
    {
    }

    /**
     * @param  array<array-key, mixed>|null  $before  a solution as JSON has it; null where none is in force
     * @param  array<array-key, mixed>  $after
     * @return list<self> in the order of the stations, only what either has
     */
    public static function between(?array $before, array $after): array
    {
        $was = self::main($before ?? []);
        $is = self::main($after);
        $moved = [];
        foreach (self::MAIN as $key) {
            $figure = $is[$key] ?? $was[$key] ?? null;
            if ($figure !== null) {
                $moved[] = new self($figure['station'], $figure['label'], $was[$key]['shown'] ?? '', $is[$key]['shown'] ?? '');
            }
        }

        return $moved;
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return ['station' => $this->station, 'label' => $this->label, 'from' => $this->from, 'to' => $this->to];
    }

    /**
     * @param  array<array-key, mixed>  $solution
     * @return array<string, array{station: string, label: string, shown: string}>
     */
    private static function main(array $solution): array
    {
        $main = [];
        foreach (is_array($solution['figures'] ?? null) ? $solution['figures'] : [] as $figure) {
            if (is_array($figure) && is_string($figure['key'] ?? null) && in_array($figure['key'], self::MAIN, true)) {
                $text = static fn (string $part): string => is_string($figure[$part] ?? null) ? $figure[$part] : '';
                $main[$figure['key']] = ['station' => $text('station'), 'label' => $text('label'), 'shown' => $text('shown')];
            }
        }

        return $main;
    }
}
