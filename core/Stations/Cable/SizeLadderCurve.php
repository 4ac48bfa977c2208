<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Unit;
use Closure;

/** Every size of one run against every constraint. */
final readonly class SizeLadderCurve implements Curve
{
    /**
     * @param  bool  $installed  whether a size is there already
     * @param  bool  $faults  whether the sizes are held against a fault as well
     * @param  Closure(): list<SizeRung>  $rungs  worked out once it is really drawn: of what is only tried, nobody looks at it
     */
    public function __construct(
        private CableRun $run,
        private Figure $required,
        private DropLimits $limits,
        private bool $installed,
        private bool $faults,
        private Closure $rungs,
    ) {
    }

    public function name(): string
    {
        return $this->run->line ? 'line_ladder' : 'ladder';
    }

    public function toArray(): array
    {
        return [
            'required' => Shown::of($this->required->number(), Unit::Ampere)->toArray(),
            'drop_limit' => Shown::of($this->limits->running, Unit::Percent)->toArray(),
            'starting_drop_limit' => Shown::of($this->limits->starting, Unit::Percent)->toArray(),
            'installed' => $this->installed,
            'faults' => $this->faults,
            'rows' => array_map(static fn (SizeRung $rung): array => [
                'size' => $rung->candidate->conductor->text,
                'ampacity' => Shown::of($rung->candidate->ampacity(), Unit::Ampere)->toArray(),
                'drop' => Shown::maybe($rung->runningDrop, Unit::Percent)?->toArray(),
                'starting_drop' => Shown::maybe($rung->startingDrop, Unit::Percent)?->toArray(),
                'fails' => array_map(static fn (Rejection $fail): string => $fail->value, $rung->fails),
                'rejected_by' => Rejection::list($rung->fails), 'chosen' => $rung->chosen,
            ], ($this->rungs)()),
        ];
    }

    public static function schema(): array
    {
        return Shape::object(
            [
                'required' => Shape::shown(), 'drop_limit' => Shape::shown(), 'starting_drop_limit' => Shape::shown(),
                'installed' => Shape::flag(),
                'faults' => Shape::flag(),
                'rows' => Shape::list(
                    Shape::object(
                        [
                            'size' => Shape::text(), 'ampacity' => Shape::shown(),
                            'drop' => Shape::orNull(Shape::shown()),
                            'starting_drop' => Shape::orNull(Shape::shown()),
                            'fails' => Shape::list(Shape::oneOf(array_column(Rejection::cases(), 'value'))),
                            'rejected_by' => Shape::text(),
                            'chosen' => Shape::flag(),
                        ],
                        'SizeRow',
                    ),
                ),
            ],
            'SizeLadder',
        );
    }
}
