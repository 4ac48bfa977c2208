<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Readiness;

use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Station;

/** What stands against a sheet for use, and what is taken on by signing it. */
final readonly class ReadinessCurve implements Curve
{
    public function __construct(private Readiness $readiness)
    {
    }

    public function name(): string
    {
        return 'readiness';
    }

    public function toArray(): array
    {
        return [
            'hindrances' => array_map(static fn (Hindrance $one): array => [
                'text' => $one->text, 'station' => $one->station?->value,
            ], $this->readiness->hindrances),
            'acknowledgements' => array_map(static fn (Acknowledgement $one): array => [
                'key' => $one->key, 'says' => $one->says, 'entry' => $one->entry, 'sizes' => $one->sizes,
            ], $this->readiness->acknowledgements),
        ];
    }

    public static function schema(): array
    {
        return Shape::object([
            'hindrances' => Shape::list(Shape::object([
                'text' => Shape::text(), 'station' => Shape::orNull(Shape::oneOf(array_column(Station::cases(), 'value'))),
            ], 'Hindrance')),
            'acknowledgements' => Shape::list(Shape::object([
                'key' => Shape::text(), 'says' => Shape::text(), 'entry' => Shape::text(), 'sizes' => Shape::list(Shape::text()),
            ], 'Acknowledgement')),
        ], 'ReadinessCurve');
    }
}
