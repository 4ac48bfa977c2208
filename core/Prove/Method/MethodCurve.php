<?php

declare(strict_types=1);

namespace BraveAnvil\Prove\Method;

use BraveAnvil\Solution\Curve;
use BraveAnvil\Solution\Shape;

/** Which ways of measuring go with what is at hand, and how a scope is joined without harm. */
final readonly class MethodCurve implements Curve
{
    private const SCOPE_SAFETY = [
        'A scope’s ground is the frame of the building. Clipped to a line it is a short circuit: never float the scope by lifting its ground.',
        'Volts: a differential probe rated for the place, or an isolating transformer before the probe.',
        'Amperes: a current clamp. A shunt only in a wire that was dead while it was put in, and read by a differential probe too.',
        'Fuse the leads at the point where they are joined; switch on from a distance.',
    ];

    /** @param  list<Rated>  $ways  the best first */
    public function __construct(private array $ways, private ?Shunt $shunt)
    {
    }

    public function name(): string
    {
        return 'measuring';
    }

    public function toArray(): array
    {
        return [
            'ways' => array_map(static fn (Rated $way): array => [
                'way' => $way->way, 'label' => $way->label, 'shows' => $way->shows, 'cannot' => $way->cannot, 'lacks' => $way->lacks,
            ], $this->ways),
            'scope' => self::SCOPE_SAFETY,
            'shunt' => $this->shunt?->says() ?? '',
        ];
    }

    public static function schema(): array
    {
        $way = Shape::object([
            'way' => Shape::text(), 'label' => Shape::text(), 'shows' => Shape::text(), 'cannot' => Shape::text(), 'lacks' => Shape::text(),
        ], 'MeasuringWay');

        return Shape::object(['ways' => Shape::list($way), 'scope' => Shape::list(Shape::text()), 'shunt' => Shape::text()], 'MethodCurve');
    }
}
