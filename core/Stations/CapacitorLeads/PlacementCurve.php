<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\CapacitorLeads;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;

/** What the place of the capacitor asks for and changes. */
final readonly class PlacementCurve implements Curve
{
    /** @param  list<string>  $schools  what others hold to be right */
    public function __construct(
        private CapacitorPlace $place,
        private string $name,
        private string $overload,
        private bool $fuse,
        private bool $disconnect,
        private array $schools,
    ) {
    }

    public function name(): string
    {
        return 'placement';
    }

    public function toArray(): array
    {
        return [
            'place' => $this->place->value, 'name' => $this->name, 'overload' => $this->overload, 'fuse' => $this->fuse,
            'disconnect' => $this->disconnect,
            'discharge' => $this->fuse ? 'own resistors, because it has its own fuses' : 'own resistors as well',
            'schools' => $this->schools,
        ];
    }

    public static function schema(): array
    {
        return Shape::object(
            [
                'place' => Shape::text(), 'name' => Shape::text(), 'overload' => Shape::text(), 'fuse' => Shape::flag(),
                'disconnect' => Shape::flag(), 'discharge' => Shape::text(), 'schools' => Shape::list(Shape::text()),
            ],
            'PlacementCurve',
        );
    }
}
