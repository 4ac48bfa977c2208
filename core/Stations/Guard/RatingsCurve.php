<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Start\Method\Inrush;

/** Standard ratings against what the start needs and what the rule allows. */
final readonly class RatingsCurve implements Curve
{
    /** @param  string  $device  its name as a person reads it */
    public function __construct(
        private string $device,
        private Figure $current,
        private ScpdChoice $choice,
        private ?Figure $chosen,
        private Inrush $inrush,
    ) {
    }

    public function name(): string
    {
        return 'ratings';
    }

    public function toArray(): array
    {
        return [
            'device' => $this->device,
            'start' => 'the start takes '.$this->inrush->current->shown(3).' for '.$this->inrush->shownTime().
            ($this->inrush->moment->number() > $this->inrush->current->number() * (1 + 1e-9) ? ', worst moment '.
            $this->inrush->moment->shown(3) : '').', first peak '.$this->inrush->peak->shown(3),
            'current' => Shown::of($this->current->number(), Unit::Ampere)->toArray(),
            'limit' => Shown::figure($this->choice->limit, 4)?->toArray(),
            'maximum' => $this->choice->maximum?->number(),
            'chosen' => $this->chosen?->number(),
            'rows' => array_map(
                static fn (Rung $rung): array => [
                    'rating' => Shown::of($rung->rating, Unit::Ampere)->toArray(),
                    'carries' => $rung->carries, 'allowed' => $rung->allowed, 'reason' => $rung->reason,
                ],
                $this->choice->ladder,
            ),
        ];
    }

    public static function schema(): array
    {
        return Shape::object(
            [
                'device' => Shape::text(), 'start' => Shape::text(), 'current' => Shape::shown(),
                'limit' => Shape::orNull(Shape::shown()),
                'maximum' => Shape::orNull(Shape::number()),
                'chosen' => Shape::orNull(Shape::number()),
                'rows' => Shape::list(
                    Shape::object(
                        [
                            'rating' => Shape::shown(), 'carries' => Shape::flag(), 'allowed' => Shape::flag(), 'reason' => Shape::text(),
                        ],
                        'RatingRow',
                    ),
                ),
            ],
            'RatingsCurve',
        );
    }
}
