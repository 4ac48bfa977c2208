<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Show;
use BraveAnvil\Tables\Practice\Interpolation;
use BraveAnvil\Tables\Table;

/** A table of amperes by horsepower and voltage, as both American books print them. */
final readonly class HorsepowerTable
{
    /** By how much a kilowatt plate may differ from a listed horsepower and still be that one. */
    private const KILOWATT_TOLERANCE = 0.02;

    /** The same of horsepower, and of a fraction of one, which the table rounds: a third is 0.333. */
    private const HORSEPOWER_TOLERANCE = 1e-6;

    private const FRACTION_TOLERANCE = 0.002;

    /** @param  Table  $table  with `columns` of volts and `rows` by horsepower */
    public function __construct(private Table $table)
    {
    }

    /**
     * Amperes in one voltage column, or null where the table has none. A motor stamped in horsepower may lie between rows; one
     * stamped in kilowatts only on one.
     *
     * @param  bool  $between  whether values between rows are taken
     * @param  float  $times  what the column is scaled by
     */
    public function current(FigureName $name, Power $power, int $volts, bool $between, float $times = 1.0): ?Figure
    {
        $at = array_search($volts, array_map(intval(...), $this->table->numbers('columns')), true);
        if ($at === false) {
            return null;
        }
        $column = (string) $at;
        $typed = $power->unit === 'hp' || $power->horsepowerWatts !== null;
        $hp = ($between ? $power->horsepowerWatts ?? $power->watts : $power->watts) / Power::HORSEPOWER;
        $tolerance = match (true) {
            ! $typed || ! $between => self::KILOWATT_TOLERANCE, $hp < 1 => self::FRACTION_TOLERANCE, default => self::HORSEPOWER_TOLERANCE,
        };
        $rows = [];
        foreach ($this->table->keys('rows') as $row) {
            $amperes = $this->table->number('rows', $row, $column);
            if ($amperes !== null) {
                $rows[$row] = $amperes;
            }
            if (abs((float) $row - $hp) <= $tolerance * $hp) {
                return $amperes === null
                    ? null
                    : Figure::work($name)
                        ->as(
                            'table',
                            Show::number((float) $row).
                                ' hp in the '.
                                $volts.
                                ' V column'.
                                ($times > 1 ? ': '.Show::number($amperes).' A × '.Show::number($times) : ''),
                        )
                        ->equals($amperes * $times)
                        ->source($this->table->cited())
                        ->doubted($this->table->doubt('rows', $row, $column))
                        ->corrected($this->table->correction('rows', $row, $column))
                        ->make();
            }
        }
        $amperes = $between && $typed ? Interpolation::straight($rows, $hp) : null;

        return $amperes === null ? null : Figure::work($name)->as('interpolated', Show::number($hp).' hp between rows, '.$volts.' V column')
            ->equals($amperes)->source($this->table->cited())->assuming('interpolated between table rows')->make();
    }
}
