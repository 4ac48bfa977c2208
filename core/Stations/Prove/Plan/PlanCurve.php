<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Plan;

use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Stations\Prove\Comparison;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Stations\Prove\Readings;
use BraveAnvil\Stations\Prove\Verdict;

/** The commissioning plan of a circuit: what is read in which order, what is done, and what comes next. */
final readonly class PlanCurve implements Curve
{
    private const OPEN = 'open';

    private const SIMULATED = 'simulated';

    /**
     * @param  list<Step>  $steps
     * @param  list<Comparison>  $comparisons  of all readings
     */
    public function __construct(private array $steps, private Readings $readings, private array $comparisons)
    {
    }

    public function name(): string
    {
        return 'plan';
    }

    public function toArray(): array
    {
        $latest = $this->readings->latest();
        $next = null;
        $phases = [];
        foreach (PlanPhase::cases() as $phase) {
            $steps = [];
            foreach ($this->steps as $step) {
                if (PlanPhase::of($step->kind) !== $phase) {
                    continue;
                }
                $reading = $latest[$step->kind->value] ?? null;
                $state = match (true) {
                    $reading === null => self::OPEN,
                    $reading->simulated => self::SIMULATED,
                    default => $this->comparisons[$reading->index]->judgement->verdict->value,
                };
                if ($next === null && $step->needed && in_array($state, [self::OPEN, self::SIMULATED], true)) {
                    $next = $step->kind->value;
                }
                $steps[] = [
                    'kind' => $step->kind->value, 'label' => $step->kind->label(), 'needed' => $step->needed, 'proves' => $step->proves,
                    'expects' => $step->expects, 'before' => $step->before, 'state' => $state, 'reading' => $reading?->index,
                ];
            }
            if ($steps !== []) {
                $phases[] = ['phase' => $phase->value, 'label' => $phase->label(), 'caution' => $phase->caution(), 'steps' => $steps];
            }
        }

        return ['next' => $next, 'phases' => $phases];
    }

    public static function schema(): array
    {
        $states = [self::OPEN, self::SIMULATED, ...array_column(Verdict::cases(), 'value')];
        $kinds = array_column(ReadingKind::cases(), 'value');
        $step = Shape::object([
            'kind' => Shape::oneOf($kinds), 'label' => Shape::text(), 'needed' => Shape::flag(), 'proves' => Shape::text(),
            'expects' => Shape::text(), 'before' => Shape::list(Shape::text()), 'state' => Shape::oneOf($states),
            'reading' => Shape::orNull(Shape::number()),
        ], 'PlanStep');
        $phase = Shape::object([
            'phase' => Shape::oneOf(array_column(PlanPhase::cases(), 'value')), 'label' => Shape::text(), 'caution' => Shape::text(),
            'steps' => Shape::list($step),
        ], 'PlanPhase');

        return Shape::object(['next' => ['enum' => [...$kinds, null]], 'phases' => Shape::list($phase)], 'PlanCurve');
    }
}
