<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Power\Load;

/** Before and after: real and reactive power at the load it runs at and at full load, current and power factor over the load. */
final readonly class CorrectionCurve implements Curve
{
    /** % of rated output between which the load is drawn, and how far apart. */
    private const FROM = 10;

    private const TO = 120;

    private const STEP = 5;

    /**
     * @param  float  $supply  V
     * @param  list<CapacitorStep>  $steps
     */
    public function __construct(
        private LoadToCorrect $subject,
        private Load $load,
        private Correction $correction,
        private float $supply,
        private array $steps,
    ) {
    }

    public function name(): string
    {
        return 'correction';
    }

    public function toArray(): array
    {
        $given = $this->correction->unit->givenAt($this->subject->measured ? $this->subject->volts->number() : $this->supply);

        return [
            'load' => $this->subject->said(),
            'power' => Shown::of($this->subject->power->number(), Unit::Watt)->toArray(),
            'reactive' => Shown::of($this->subject->reactive->number(), Unit::Var)->toArray(),
            'chosen' => Shown::of($given, Unit::Var)->toArray(),
            'left' => self::left($this->subject->reactive->number() - $given),
            'full_load_left' => self::left(($this->load->reactive?->number() ?? $this->subject->reactive->number()) - $given),
            'current_before' => Shown::of($this->subject->current->number(), Unit::Ampere)->toArray(),
            'current_after' => Shown::of($this->correction->atLoad->current->number(), Unit::Ampere)->toArray(),
            'over_load' => $this->overLoad(),
            'steps' => array_map(static fn (CapacitorStep $step): array => [
                'kvar' => Shown::of($step->kvar)->text, 'chosen' => $step->chosen, 'refused' => $step->refused, 'reason' => $step->reason,
            ], $this->steps),
        ];
    }

    /**
     * What the line still carries, and what it leads by where the capacitor gives more.
     *
     * @return array{value: float, shown: string}
     */
    private static function left(float $var): array
    {
        return Shown::said($var, Show::quantity(abs($var), Unit::Var, 3).($var < 0 ? ' leading' : ' left'))->toArray();
    }

    /** @return list<array<string, mixed>> at every load that the motor can carry; empty where it is no motor */
    private function overLoad(): array
    {
        $points = [];
        $root = $this->subject->root();
        $volts = $this->subject->volts->number();
        $given = $this->correction->unit->givenAt($this->supply);
        for ($percent = self::FROM; $percent <= self::TO; $percent += self::STEP) {
            $point = $this->subject->at($percent / 100);
            if ($point === null) {
                continue;
            }
            $left = $point->reactive - $given;
            $after = hypot($point->input, $left);
            $points[] = [
                'load' => Shown::of($percent, Unit::Percent)->toArray(),
                'before' => Shown::of(hypot($point->input, $point->reactive) / ($root * $volts), Unit::Ampere)->toArray(),
                'after' => Shown::of($after / ($root * $volts), Unit::Ampere)->toArray(),
                'factor_before' => Shown::of($point->powerFactor())->toArray(),
                'factor_after' => Shown::of($point->input / $after)->followedBy($left < 0 ? ' leading' : '')->toArray(),
                'leads' => $left < 0,
            ];
        }

        return $points;
    }

    public static function schema(): array
    {
        return Shape::object(
            [
                'load' => Shape::text(),
                'power' => Shape::shown(), 'reactive' => Shape::shown(), 'chosen' => Shape::shown(), 'left' => Shape::shown(),
                'full_load_left' => Shape::shown(), 'current_before' => Shape::shown(), 'current_after' => Shape::shown(),
                'over_load' => Shape::list(
                    Shape::object([
                        'load' => Shape::shown(), 'before' => Shape::shown(), 'after' => Shape::shown(), 'factor_before' => Shape::shown(),
                        'factor_after' => Shape::shown(), 'leads' => Shape::flag(),
                    ], 'CorrectedPoint'),
                ),
                'steps' => Shape::list(
                    Shape::object(
                        ['kvar' => Shape::text(), 'chosen' => Shape::flag(), 'refused' => Shape::flag(), 'reason' => Shape::text()],
                        'CapacitorStep',
                    ),
                ),
            ],
            'CorrectionCurve',
        );
    }
}
