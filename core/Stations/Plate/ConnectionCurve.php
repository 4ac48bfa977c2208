<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Unit;

/** The terminal box: how the links stand now, and how they would for the plate's other voltage. */
final readonly class ConnectionCurve implements Curve
{
    private Shown $star;

    private Shown $delta;

    /**
     * @param  float  $supply  V
     * @param  Figure|null  $windingVoltage  what each winding sees now, V
     * @param  array{low: float, high: float, connection: string}|null  $other  the voltage that is not used, V
     * @param  TerminalMarks  $marks  as the rule book's world stamps them
     */
    public function __construct(
        float $supply,
        private WindingConnection $connection,
        private ?Figure $windingVoltage,
        private ?array $other,
        private TerminalMarks $marks,
    ) {
        $this->delta = Shown::of($supply, Unit::Volt);
        $this->star = Shown::of($supply / sqrt(3), Unit::Volt);
    }

    public function name(): string
    {
        return 'connection';
    }

    public function toArray(): array
    {
        return [
            'starts' => $this->marks->starts, 'ends' => $this->marks->ends,
            'supply' => $this->delta->toArray(), 'connection' => $this->connection->value,
            'leads' => $this->other === null ? 3 : ($this->connection->isStarOrDelta() ? 6 : 9),
            'star_volts' => $this->star->toArray(), 'delta_volts' => $this->delta->toArray(),
            'winding_volts' => Shown::figure($this->windingVoltage)?->toArray(),
            'other' => $this->other === null ? null : [
                'connection' => $this->other['connection'],
                'volts' => Shown::of($this->other['low'], Unit::Volt)->text
                    .($this->other['low'] === $this->other['high'] ? '' : ' to '.Shown::of($this->other['high'], Unit::Volt)->text),
                'winding_volts' => match ($this->other['connection']) {
                    'star' => $this->star->toArray(), 'delta' => $this->delta->toArray(), default => null,
                },
            ],
        ];
    }

    public static function schema(): array
    {
        $connection = Shape::oneOf(array_column(WindingConnection::cases(), 'value'));

        $row = ['type' => 'array', 'items' => Shape::text(), 'minItems' => 3, 'maxItems' => 3];

        return Shape::object(
            [
                'starts' => $row, 'ends' => $row, 'supply' => Shape::shown(), 'connection' => $connection,
                'leads' => ['enum' => [3, 6, 9]],
                'star_volts' => Shape::shown(), 'delta_volts' => Shape::shown(),
                'winding_volts' => Shape::orNull(Shape::shown()),
                'other' => Shape::orNull(
                    Shape::object([
                        'connection' => $connection, 'volts' => Shape::text(),
                        'winding_volts' => Shape::orNull(Shape::shown()),
                    ]),
                ),
            ],
            'ConnectionCurve', 'The terminal box: the links for this supply, and for the other voltage on the nameplate.',
        );
    }
}
