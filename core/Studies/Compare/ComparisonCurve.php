<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Method\Contactor;
use BraveAnvil\Stations\Start\Motion\Dip;
use BraveAnvil\Stations\Start\Motion\Moment;

/** Every starting method beside the others, in a table and in one picture, with what speaks for one and against each other. */
final readonly class ComparisonCurve implements Curve
{
    /** About as many moments of a start as are drawn. */
    private const POINTS = 30;

    /** @param  list<MethodRow>  $rows */
    public function __construct(private array $rows, private ?MethodRow $recommended, private Circuit $circuit, private Words $words)
    {
    }

    public function name(): string
    {
        return 'comparison';
    }

    public function toArray(): array
    {
        return [
            'sentence' => $this->sentence(),
            'rows' => array_map($this->row(...), $this->rows),
        ];
    }

    private function sentence(): string
    {
        if ($this->recommended === null) {
            return 'No starting method is suitable. '.ucfirst($this->rows[0]->reason).' Reduce the load, or use another motor.';
        }
        $name = $this->recommended->method->name($this->words);

        return 'Recommended: '.Show::inside($name).', the simplest starter that works here. '.$this->recommended->reason;
    }

    /** @return array<string, mixed> */
    private function row(MethodRow $row): array
    {
        $runUp = $row->attempt->runUp;
        $course = $runUp?->course;
        $after = $course?->changeover?->after->flow->bus;
        $later = $runUp === null || $after === null ? null : Dip::ofBus($runUp->feed->feed, $after);
        $dip = $row->value(ComparedQuantity::VoltageDip);
        $shown = static fn (?float $value, Unit $unit, int $digits = 3): ?array => Shown::maybe($value, $unit, $digits)?->toArray();

        return [
            'key' => $row->method->key, 'name' => $row->method->name($this->words),
            'chosen' => $row->method->isOf($this->circuit), 'recommended' => $row === $this->recommended,
            'verdict' => $row->verdict->value, 'verdict_word' => $row->verdict->label(),
            'reason' => $row->reason.($row->verdict === MethodVerdict::RunsUp && $row !== $this->recommended ? ' A simpler starter also works.'
            : ''),
            'line' => $shown($course?->peakLine(), Unit::Ampere), 'peak' => $shown($row->value(ComparedQuantity::Peak), Unit::Ampere),
            'torque' => $shown($row->value(ComparedQuantity::Torque), Unit::NewtonMetre),
            'margin' => $shown($row->value(ComparedQuantity::TorqueMargin), Unit::Times, 2),
            'time' => $shown($course?->runUpTime, Unit::Second, 2), 'worst' => $shown($runUp?->worst->runUpTime, Unit::Second, 2),
            'dip' => $shown($dip === null ? null : max($dip, $later ?? 0.0), Unit::Percent, 2),
            'dip_at_motor' => $shown($row->value(ComparedQuantity::DipAtMotor), Unit::Percent, 2),
            'heat' => $shown($row->value(ComparedQuantity::StartEnergy), Unit::Joule, 2),
            'step' => $shown($row->value(ComparedQuantity::TorqueStep), Unit::TimesRated, 2),
            'generator' => $shown($row->value(ComparedQuantity::GeneratorKva), Unit::VoltAmpere),
            'parts' => $this->parts($row->attempt),
            'sets' => [
                'method' => $row->method->method->value,
                'tap_percent' => $row->method->tapPercent === null ? null : Show::number($row->method->tapPercent),
                'transition' => $row->method->transition?->value,
            ],
            'course' => $course === null ? [] : self::drawn($course->moments),
        ];
    }

    /** @return list<string> what it is built of, with the cable that it wants */
    private function parts(MethodAttempt $attempt): array
    {
        $method = $attempt->method;
        $cable = $attempt->cabling?->motor?->size;

        return [
            ...array_map(
                static fn (Contactor $contactor): string => $contactor->role->label().
                    ($attempt->rated === null ? '' : ' '.Show::quantity($contactor->share * $attempt->rated, Unit::Ampere, 3)),
                $method->contactors(),
            ),
            ...$method->parts($this->words), ...$cable === null ? [] : [$method->leads().' × '.$cable->shown()],
        ];
    }

    /**
     * @param  list<Moment>  $moments
     * @return list<array{time: float, line: float, speed: float}>
     */
    private static function drawn(array $moments): array
    {
        $every = intdiv(count($moments), self::POINTS) + 1;
        $last = count($moments) - 1;
        $drawn = [];
        foreach ($moments as $i => $moment) {
            $corner = $i === 0 || $i === $last || $moment->phase !== $moments[$i - 1]->phase || $moment->phase !== $moments[$i + 1]->phase;
            if ($corner || $i % $every === 0) {
                $drawn[] = [
                    'time' => round($moment->time, 3), 'line' => round($moment->node->flow->line, 1),
                    'speed' => round($moment->node->speed, 1),
                ];
            }
        }

        return $drawn;
    }

    public static function schema(): array
    {
        $shown = Shape::orNull(Shape::shown());

        return Shape::object([
            'sentence' => Shape::text(),
            'rows' => Shape::list(Shape::object([
                'key' => Shape::oneOf(array_map(static fn (ComparedMethod $method): string => $method->key, ComparedMethod::all())),
                'name' => Shape::text(), 'chosen' => Shape::flag(), 'recommended' => Shape::flag(),
                'verdict' => Shape::oneOf(array_column(MethodVerdict::cases(), 'value')), 'verdict_word' => Shape::text(),
                'reason' => Shape::text(),
                'line' => $shown, 'peak' => $shown, 'torque' => $shown, 'margin' => $shown, 'time' => $shown, 'worst' => $shown,
                'dip' => $shown, 'dip_at_motor' => $shown, 'heat' => $shown, 'step' => $shown, 'generator' => $shown,
                'parts' => Shape::list(Shape::text()),
                'sets' => Shape::object([
                    'method' => Shape::text(), 'tap_percent' => Shape::orNull(Shape::text()), 'transition' => Shape::orNull(Shape::text()),
                ]),
                'course' => Shape::list(Shape::object([
                    'time' => Shape::number(), 'line' => Shape::number(), 'speed' => Shape::number(),
                ])),
            ], 'ComparedRow')),
        ], 'Comparison', 'Every starting method for this motor and load.');
    }
}
