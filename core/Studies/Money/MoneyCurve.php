<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Money;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** The year row by row, and what is paid for before and after. */
final readonly class MoneyCurve implements Curve
{
    /**
     * @param  list<YearRow>  $rows
     * @param  Figure  $energy  of the year, Wh
     * @param  list<array{string, float, float}>  $bill  what is paid for, before and after
     */
    public function __construct(private array $rows, private Figure $energy, private Tariff $tariff, private array $bill)
    {
    }

    public function name(): string
    {
        return 'money';
    }

    public function toArray(): array
    {
        $price = $this->tariff->energy;

        return [
            'rows' => array_map(static fn (YearRow $row): array => [
                'load' => $row->percent === null ? 'as measured' : Show::quantity($row->percent, Unit::Percent),
                'hours' => Show::quantity($row->hours, Unit::Hour),
                'power' => Show::quantity($row->power, Unit::Watt, 3),
                'energy' => Show::quantity($row->hours * $row->power, Unit::WattHour, 3),
                'cost' => $price === null ? '' : Show::number($row->hours * $row->power / 1000 * $price, 4),
            ], $this->rows),
            'energy' => $this->energy->shown(3),
            'form' => $this->tariff->form(),
            'bill' => array_map(static fn (array $line): array => [
                'label' => $line[0], 'before' => Show::number($line[1], 4), 'after' => Show::number($line[2], 4),
                'saved' => Show::number($line[1] - $line[2], 4),
            ], $this->bill),
        ];
    }

    public static function schema(): array
    {
        return Shape::object([
            'rows' => Shape::list(Shape::object([
                'load' => Shape::text(), 'hours' => Shape::text(), 'power' => Shape::text(), 'energy' => Shape::text(),
                'cost' => Shape::text(),
            ], 'MoneyRow')),
            'energy' => Shape::text(), 'form' => Shape::text(),
            'bill' => Shape::list(Shape::object([
                'label' => Shape::text(), 'before' => Shape::text(), 'after' => Shape::text(), 'saved' => Shape::text(),
            ], 'MoneyBill')),
        ], 'MoneyCurve');
    }
}
