<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Fault\ProtectiveCase;
use BraveAnvil\Stations\Fault\ProtectiveConductorRules;
use BraveAnvil\Tables\Table;

/** The conductor that carries an earth fault: by the device's rating, enlarged with the phases, never larger than they are. */
final readonly class GroundingConductors implements ProtectiveConductorRules
{
    /** Tables round areas, so a size that is grown is met by one that is this share smaller. */
    private const AREA_TOLERANCE = 0.002;

    /**
     * @param  Table  $byRating  with `rows` by the device's rating, columns of copper and aluminium
     * @param  Impedances  $areas  mm² by size
     */
    public function __construct(private Table $byRating, private Impedances $areas, private string $label)
    {
    }

    public function size(ProtectiveCase $case): ?Figure
    {
        if ($case->rating === null) {
            return null;
        }
        $column = $case->metal === Metal::Copper ? '0' : '1';
        [$row, $byTable] = $this->byTable($case->rating->number(), $column);
        if ($byTable === null || $this->areas->area($byTable) === null) {
            return null;
        }
        $working = $case->rating->shown().' device: '.Conductors::named($byTable).($column === '1' ? ' aluminium' : '');
        // Before the phases are enlarged it need not exceed what ampacity asks of them.
        $size = $case->needed === null || $this->area($byTable) <= $case->needed->areaMm2 ? $byTable : $case->needed->name;
        if ($case->growth > 1 + 1e-9) {
            $size = $this->sizeFrom($this->area($size) * $case->growth) ?? $size;
            $working .= ', increased with the phase conductors by '.Show::number($case->growth).' to '.Conductors::named($size);
        }
        $cap = $case->cap;
        if ($cap !== null && $this->area($size) > $cap->areaMm2) {
            $size = $cap->name;
        }
        if ($cap !== null && $size === $cap->name && $this->area($byTable) > $cap->areaMm2) {
            $working .= ', not larger than the circuit conductor '.$cap->text;
        }
        if ($case->chosen->sets > 1) {
            $working .= ', full size in each of '.$case->chosen->sets.' raceways';
        }

        return Figure::work($case->name)
            ->labelled($this->label.($case->chosen->sets > 1 ? ' in each raceway' : ''))
            ->in(Unit::None)
            ->from(device: $case->rating)
            ->as('table', $working)
            ->equals(Conductors::named($size))
            ->source($this->byRating->cited())
            ->doubted($this->byRating->doubt('rows', $row, $column))
            ->make();
    }

    /** @return array{string, string|null} row of the table, and its size */
    private function byTable(float $rating, string $column): array
    {
        foreach ($this->byRating->keys('rows') as $row) {
            if ((float) $row >= $rating) {
                return [$row, $this->byRating->text('rows', $row, $column)];
            }
        }

        return ['', null];
    }

    private function sizeFrom(float $area): ?string
    {
        foreach ($this->areas->allSizes() as $size) {
            if ($this->area($size) >= $area * (1 - self::AREA_TOLERANCE)) {
                return $size;
            }
        }

        return null;
    }

    private function area(string $size): float
    {
        return $this->areas->area($size) ?? 0.0;
    }
}
