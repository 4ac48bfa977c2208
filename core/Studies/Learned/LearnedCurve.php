<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Learned;

use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;

/** What people have learnt by heart, with what it gives in this circuit and how far off it is. */
final readonly class LearnedCurve implements Curve
{
    /** Percent up to which a rule of thumb is as good as right. */
    private const NEAR = 5.0;

    public function __construct(private Here $here)
    {
    }

    public function name(): string
    {
        return 'learned';
    }

    public function toArray(): array
    {
        $rows = [];
        foreach (RulesOfThumb::all() as $rule) {
            $figure = $this->here->figure($rule->figure);
            $real = $this->here->number($rule->figure);
            $value = $rule->gives($this->here);
            if ($figure === null || $value === null || ! is_finite($real)) {
                continue;
            }
            $off = $rule->isLimit || abs($real) < 1e-12 ? null : 100 * ($value / $real - 1);
            $rows[] = [
                'figure' => $rule->figure->key(), 'says' => $rule->says, 'gives' => Show::quantity($value, $figure->unit, 3),
                'off' => self::off($off), 'near' => $off !== null && abs($off) <= self::NEAR,
                'holds' => $rule->holds, 'fails' => $rule->fails,
            ];
        }

        return ['rows' => $rows];
    }

    /** In words. */
    private static function off(?float $percent): string
    {
        return match (true) {
            $percent === null => '',
            abs($percent) < 0.5 => 'as calculated',
            default => Show::number(abs($percent), abs($percent) < 10 ? 2 : 3).' % '.($percent > 0 ? 'more' : 'less').' than calculated',
        };
    }

    public static function schema(): array
    {
        return Shape::object(['rows' => Shape::list(Shape::object([
            'figure' => Shape::text(), 'says' => Shape::text(), 'gives' => Shape::text(), 'off' => Shape::text(), 'near' => Shape::flag(),
            'holds' => Shape::text(), 'fails' => Shape::text(),
        ], 'LearnedRow'))], 'LearnedCurve', 'Only if requested.');
    }
}
