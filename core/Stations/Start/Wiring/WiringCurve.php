<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Physics\Machine\WindingNetwork;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Plate\WindingConnection;
use BraveAnvil\Stations\Start\Method\StarterDrawing;
use BraveAnvil\Stations\Start\Starting;

/** How motor and starter are wired: the links in the box, the circuits of the starter, and what wrong ones do. */
final readonly class WiringCurve implements Curve
{
    /**
     * @param  float  $volts  of the supply, between lines
     * @param  WindingConnection|null  $connection  that this supply asks for; null while it is not known
     * @param  int|null  $leads  of the motor; null while they are not typed
     */
    public function __construct(
        private float $volts,
        private ?WindingConnection $connection,
        private ?int $leads,
        private TerminalMarks $marks,
        private PhaseMarks $phases,
        private Symbols $symbols,
        private Words $words,
        private Starting $starting,
    ) {
    }

    public function name(): string
    {
        return 'wiring';
    }

    public function toArray(): array
    {
        $names = $this->phases->names;

        return [
            'symbols' => $this->symbols->value, 'drawing' => $this->starting->drawing()->value,
            'phases' => array_map(
                static fn (string $name, WireColour $colour): array => ['name' => $name, 'colour' => $colour->value], $names,
                $this->phases->colours,
            ),
            'starts' => $this->marks->starts, 'ends' => $this->marks->endsOfWindings(),
            'boxes' => array_map($this->box(...), TerminalBox::all($this->marks)),
            'crossed' => array_map($this->crossed(...), CrossedLeads::all()),
            'exchanged' => ['says' => CrossedOutcome::Reversed->says(), 'shown_by' => CrossedOutcome::Reversed->shownBy()],
            'found' => $this->found(),
            'reversed' => [$this->marks->starts[1], $this->marks->starts[0], $this->marks->starts[2]],
            'sequence' => $this->sequence(),
            'ohms' => $this->ohms(),
        ];
    }

    /** @return array<string, mixed> */
    private function box(TerminalBox $box): array
    {
        $joined = $box->joined === 'star' ? $this->words->star : 'delta';

        return [
            'key' => $box->key, 'leads' => $box->leads,
            'title' => ucfirst($joined).', '.$box->leads.' leads'.match ($box->halves) {
                'series' => ', halves in series (higher voltage)', 'parallel' => ', halves in parallel (lower voltage)', default => '',
            },
            'now' => $this->isNow($box), 'rows' => $box->rows,
            'joins' => array_map(static fn (Join $join): array => ['terminals' => $join->terminals, 'line' => $join->line], $box->joins),
        ];
    }

    private function isNow(TerminalBox $box): bool
    {
        $connection = $this->connection?->value;

        return $box->leads === ($this->leads ?? ($box->halves === null ? 6 : 9))
            && ($box->halves === null ? $box->joined === $connection : $box->halves === $connection && $box->joined === 'star');
    }

    /** @return array<string, mixed> */
    private function crossed(CrossedLeads $crossed): array
    {
        $names = $this->phases->names;
        $outcome = $crossed->does();

        return [
            'lines' => array_map(static fn (int $line): string => $names[$line], $crossed->lines), 'does' => $outcome->value,
            'says' => $outcome->says(), 'shown_by' => $outcome->shownBy(),
            'volts' => array_map(
                fn (bool $live): string => Show::quantity($live ? $this->volts : 0.0, Unit::Volt, 3), $crossed->live,
            ),
        ];
    }

    /** @return list<array<string, mixed>> links as somebody finds them, and what they would do here */
    private function found(): array
    {
        $wanted = $this->connection?->value;
        if (! in_array($wanted, ['star', 'delta'], true)) {
            return [];
        }
        $star = Show::quantity($this->volts / sqrt(3), Unit::Volt, 3);
        $delta = Show::quantity($this->volts, Unit::Volt, 3);
        $right = static fn (string $as): bool => $as === $wanted;

        return [
            [
                'found' => 'star', 'name' => ucfirst($this->words->star), 'right' => $right('star'), 'winding' => $star,
                'says' => $right('star') ? 'Correct.'
                    : 'The windings are made for delta here. In '.$this->words->star.
                    ' the motor has one third of its torque, runs slow and overheats under load.',
            ],
            [
                'found' => 'delta', 'name' => 'Delta', 'right' => $right('delta'), 'winding' => $delta,
                'says' => $right('delta') ? 'Correct. With a star-delta starter all links must be removed.'
                    : 'Each winding gets 1.73 times its rated voltage: it saturates, takes many times its current and burns out. Do '.
                    'not switch on.',
            ],
            [
                'found' => 'none', 'name' => 'No links', 'right' => false, 'winding' => Show::quantity(0.0, Unit::Volt),
                'says' => 'Correct only with a star-delta starter, which makes both connections itself. Without one the motor '.
                'does not run.',
            ],
        ];
    }

    /**
     * What an ohmmeter shows, dead, between the motor terminals of a starter that joins the windings itself: pairs that read alike.
     *
     * @return list<array{pairs: list<string>, none: string, star: string, delta: string}>
     */
    private function ohms(): array
    {
        if ($this->starting->method?->leads() !== 6) {
            return [];
        }
        $terminals = [...$this->marks->starts, ...$this->marks->endsOfWindings()];
        $states = array_map(
            static fn (array $joined): WindingNetwork => new WindingNetwork([1.0, 1.0, 1.0], [0, 1, 2, 3, 4, 5], $joined),
            ['none' => [], 'star' => [[3, 4, 5]], 'delta' => CrossedLeads::all()[0]->joins()],
        );
        $rows = [];
        foreach ($terminals as $one => $mark) {
            foreach (array_slice($terminals, $one + 1, null, true) as $other => $then) {
                $reads = array_map(static fn (WindingNetwork $state): string => self::windings($state->between($one, $other)), $states);
                $rows[implode(' ', $reads)] ??= ['pairs' => [], ...$reads];
                $rows[implode(' ', $reads)]['pairs'][] = $mark.'–'.$then;
            }
        }

        return array_values($rows);
    }

    /** In resistances of one winding, as a person writes it. */
    private static function windings(float $times): string
    {
        return match (true) {
            is_infinite($times) => 'OL',
            $times <= 0 => 'near 0',
            abs($times - 1) < 1e-9 => 'R',
            abs($times - 2 / 3) < 1e-9 => '⅔ R',
            default => Show::number($times, 3).' R',
        };
    }

    /** @return list<array{name: string, from: float, to: float, shown: string}> when each contactor is closed, s */
    private function sequence(): array
    {
        $course = $this->starting->runUp?->course;
        $method = $this->starting->method;
        if ($course === null || $method === null || $course->runUpTime === null) {
            return [];
        }
        $end = 1.15 * $course->runUpTime;
        $stage = $course->changeover->time ?? $course->runUpTime;
        $steps = [];
        foreach ($method->sequence($stage, $end) as [$name, $from, $to]) {
            $steps[] = [
                'name' => $name, 'from' => round($from, 3), 'to' => round($to, 3),
                'shown' => $from <= 0 && $to >= $end ? 'closed throughout'
                    : ($from <= 0
                        ? 'closed until '.Show::quantity($to, Unit::Second, 3)
                        : 'closed from '.Show::quantity($from, Unit::Second, 3)),
            ];
        }

        return $steps;
    }

    public static function schema(): array
    {
        $three = ['type' => 'array', 'items' => Shape::text(), 'minItems' => 3, 'maxItems' => 3];

        return Shape::object([
            'symbols' => Shape::oneOf(array_column(Symbols::cases(), 'value')),
            'drawing' => Shape::oneOf(array_column(StarterDrawing::cases(), 'value')),
            'phases' => Shape::list(Shape::object([
                'name' => Shape::text(), 'colour' => Shape::oneOf(array_column(WireColour::cases(), 'value')),
            ], 'PhaseMark')),
            'starts' => $three, 'ends' => $three,
            'boxes' => Shape::list(Shape::object([
                'key' => Shape::text(), 'leads' => Shape::number(), 'title' => Shape::text(), 'now' => Shape::flag(),
                'rows' => Shape::list(Shape::list(Shape::text())),
                'joins' => Shape::list(Shape::object([
                    'terminals' => Shape::list(Shape::text()), 'line' => Shape::orNull(Shape::number()),
                ], 'TerminalJoin')),
            ], 'TerminalBox')),
            'crossed' => Shape::list(Shape::object([
                'lines' => $three, 'does' => Shape::oneOf(array_column(CrossedOutcome::cases(), 'value')), 'says' => Shape::text(),
                'shown_by' => Shape::text(), 'volts' => $three,
            ], 'CrossedLeads')),
            'exchanged' => Shape::object(['says' => Shape::text(), 'shown_by' => Shape::text()]),
            'found' => Shape::list(Shape::object([
                'found' => Shape::oneOf(['star', 'delta', 'none']), 'name' => Shape::text(), 'right' => Shape::flag(),
                'winding' => Shape::text(), 'says' => Shape::text(),
            ], 'FoundLinks')),
            'reversed' => $three,
            'sequence' => Shape::list(Shape::object([
                'name' => Shape::text(), 'from' => Shape::number(), 'to' => Shape::number(), 'shown' => Shape::text(),
            ], 'ContactorTime')),
            'ohms' => Shape::list(Shape::object([
                'pairs' => Shape::list(Shape::text()), 'none' => Shape::text(), 'star' => Shape::text(), 'delta' => Shape::text(),
            ], 'TerminalOhms')),
        ], 'WiringCurve', 'How motor and starter are wired.');
    }
}
