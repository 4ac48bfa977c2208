<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Method;

use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;

/** Which ways of measuring go with what is at hand, and how a scope is joined without harm. */
final readonly class MethodCurve implements Curve
{
    private const SCOPE_SAFETY = [
        'The ground of an oscilloscope is connected to building earth. Clipped to a line it is a short circuit: never float the '.
        'oscilloscope by lifting its ground.',
        'Voltage: use a differential probe rated for the location, or an isolating transformer before the probe.',
        'Current: use a current clamp. Insert a shunt only with the conductor dead, and read it with a differential probe as well.',
        'Fuse the leads at the point of connection; switch on from a distance.',
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
