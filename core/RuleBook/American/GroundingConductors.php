<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\American;

use BraveAnvil\Cable\CableFigure;
use BraveAnvil\Cable\Conductor;
use BraveAnvil\RuleBook\ProtectiveConductorRules;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** The conductor that carries an earth fault: by the device's rating, enlarged with the phases, never larger than they are. */
final readonly class GroundingConductors implements ProtectiveConductorRules
{
    /** Tables round areas, so a size that is grown is met by one that is this share smaller. */
    private const AREA_TOLERANCE = 0.002;

    /** Column of copper. */
    private const COPPER = '0';

    /**
     * @param  Table  $byRating  with `rows` by the device's rating
     * @param  Table  $areas  mm² by size
     */
    public function __construct(private Table $byRating, private Table $areas, private string $label)
    {
    }

    public function size(CableFigure $name, Conductor $chosen, Conductor $needed, ?Conductor $largest, ?Figure $rating): ?Figure
    {
        if ($rating === null) {
            return null;
        }
        [$row, $byTable] = $this->byTable($rating->number());
        if ($byTable === null) {
            return null;
        }
        $working = $rating->shown().' device: '.Conductors::named($byTable);
        // Before the phases are enlarged it need not exceed what ampacity asks of them.
        $bound = $largest?->name === $chosen->name ? $needed : $largest;
        $size = $bound === null || $this->area($byTable) <= $bound->areaMm2 ? $byTable : $bound->name;
        if ($chosen->areaMm2 > $needed->areaMm2) {
            $growth = $chosen->areaMm2 / $needed->areaMm2;
            $size = $this->sizeFrom($this->area($size) * $growth) ?? $size;
            $working .= ', enlarged with the phases by '.Show::number($growth).' to '.Conductors::named($size);
        }
        if ($largest !== null && $this->area($size) > $largest->areaMm2) {
            $size = $largest->name;
        }
        if ($largest !== null && $size === $largest->name && $this->area($byTable) > $largest->areaMm2) {
            $working .= ', not larger than the circuit conductor '.$largest->text;
        }

        return Figure::work($name)
            ->labelled($this->label)
            ->in(Unit::None)
            ->from(device: $rating)
            ->as('table', $working)
            ->equals(Conductors::named($size))
            ->source($this->byRating->cited())
            ->doubted($this->byRating->doubt('rows', $row, self::COPPER))
            ->make();
    }

    /** @return array{string, string|null} row of the table, and its size */
    private function byTable(float $rating): array
    {
        foreach ($this->byRating->keys('rows') as $row) {
            if ((float) $row >= $rating) {
                return [$row, $this->byRating->text('rows', $row, self::COPPER)];
            }
        }

        return ['', null];
    }

    private function sizeFrom(float $area): ?string
    {
        foreach ($this->areas->keys() as $size) {
            if ($this->area($size) >= $area * (1 - self::AREA_TOLERANCE)) {
                return $size;
            }
        }

        return null;
    }

    private function area(string $size): float
    {
        return $this->areas->must($size, 'mm2');
    }
}
