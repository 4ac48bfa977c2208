<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use Closure;

/** One reading beside what the circuit, as it is solved now, lets expect. */
final readonly class Comparison
{
    public function __construct(public int $index, public ?ReadingKind $kind, public Judgement $judgement)
    {
    }

    /**
     * The same in other words.
     *
     * @param  Closure(string): string  $say
     */
    public function spoken(Closure $say): self
    {
        $judgement = clone $this->judgement;
        $judgement->says = $say($judgement->says);
        $judgement->next = $say($judgement->next);
        $judgement->pointsTo = array_map($say, $judgement->pointsTo);

        return new self($this->index, $this->kind, $judgement);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'reading' => $this->index, 'kind' => $this->kind->value ?? '', 'verdict' => $this->judgement->verdict->value,
            'grade' => $this->judgement->grade?->value, 'pattern' => $this->judgement->pattern?->value,
            'wanted' => $this->judgement->wanted,
            'missing' => $this->kind === null ? [] : array_map(
                fn (string $one): string => ReadingFields::named($this->kind, $one), $this->judgement->wanted,
            ),
            'points_to' => $this->judgement->pointsTo, 'next' => $this->judgement->next,
            'says' => $this->judgement->says,
            'quantities' => array_map($this->quantity(...), $this->judgement->quantities),
        ];
    }

    /** @return array<string, mixed> */
    private function quantity(JudgedQuantity $quantity): array
    {
        [$label, $unit] = $this->kind?->quantities()[$quantity->name] ?? ['', Unit::None];

        return [
            'name' => $quantity->name, 'measured' => $quantity->measured, 'expected' => $quantity->expected, 'low' => $quantity->low,
            'high' => $quantity->high, 'unit' => $unit->value, 'label' => $label,
            'shown' => is_string($quantity->measured) ? $quantity->measured : self::shown($quantity->measured, $unit),
            'expected_shown' => self::shown($quantity->expected, $unit), 'band_shown' => self::band($quantity, $unit),
        ];
    }

    private static function shown(?float $value, Unit $unit): string
    {
        return $value === null ? '' : Show::quantity($value, $unit, 3);
    }

    /** ' 59.8 to 74.2 A', 'at most 2 %', or nothing. */
    public static function band(JudgedQuantity $quantity, Unit $unit): string
    {
        return match (true) {
            $quantity->low !== null && $quantity->high !== null => self::shown(
                $quantity->low, $unit,
            ).' to '.self::shown($quantity->high, $unit),
            $quantity->high !== null => self::shown($quantity->high, $unit).' or less',
            $quantity->low !== null => self::shown($quantity->low, $unit).' or more',
            default => '',
        };
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        $value = Shape::orNull(Shape::number());
        $quantity = Shape::object([
            'name' => Shape::text(), 'measured' => ['type' => ['number', 'string', 'null']], 'expected' => $value, 'low' => $value,
            'high' => $value, 'unit' => Shape::oneOf(array_column(Unit::cases(), 'value')), 'label' => Shape::text(),
            'shown' => Shape::text(), 'expected_shown' => Shape::text(), 'band_shown' => Shape::text(),
        ], 'ComparedQuantity');

        return Shape::object([
            'reading' => Shape::number(), 'kind' => Shape::oneOf([...array_column(ReadingKind::cases(), 'value'), '']),
            'verdict' => Shape::oneOf(array_column(Verdict::cases(), 'value')),
            'grade' => ['enum' => [...array_column(Grade::cases(), 'value'), null]],
            'pattern' => ['enum' => [...array_column(Pattern::cases(), 'value'), null]],
            'wanted' => Shape::list(Shape::text()), 'missing' => Shape::list(Shape::text()), 'points_to' => Shape::list(Shape::text()),
            'next' => Shape::text(), 'says' => Shape::text(),
            'quantities' => Shape::list($quantity),
        ], 'ReadingComparison', 'One reading compared with the circuit as it is calculated now.');
    }
}
