<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Nec;

use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\Conductor;
use BraveAnvil\Stations\Fault\RacewayRules;
use BraveAnvil\Tables\Table;

/** Raceways filled to 40 % by three and more conductors. NEC Chapter 9. */
final readonly class NecRaceways implements RacewayRules
{
    /** Share of a raceway that three and more conductors may fill. */
    private const MOST = 0.4;

    public function __construct(private Table $table)
    {
    }

    public function choose(
        Circuit $circuit,
        CableFigure $tradeSize,
        CableFigure $fill,
        Conductor $conductor,
        int $conductors,
        string $grounding,
    ): array|string {
        $areas = match ($circuit->chosen('cable.insulation', Insulation::class)) {
            Insulation::Thhn, Insulation::Thwn, Insulation::Thwn2 => 'thwn',
            Insulation::Xhhw, Insulation::Xhhw2 => 'xhhw',
            null, Insulation::Pvc, Insulation::Xlpe, Insulation::Tw, Insulation::Thw, Insulation::Rhw2, Insulation::Rw75, Insulation::Rw90,
            Insulation::T90 => null,
        };
        $raceway = ($circuit->chosen('cable.raceway_material', RacewayMaterial::class) ?? RacewayMaterial::Steel)->value;
        if ($areas === null) {
            return 'The areas of conductors with this insulation are not available here.';
        }
        if (! $this->table->has('raceways', $raceway)) {
            return 'The areas of raceways of this material are not available here.';
        }
        $line = $this->table->number('conductors', $areas, $conductor->name);
        $ground = $this->table->number('conductors', $areas, $grounding);
        if ($line === null || $ground === null) {
            return 'The area of a conductor of this size is not available here.';
        }
        $sum = $conductors * $line + $ground;
        foreach ($this->table->keys('raceways', $raceway) as $size) {
            $filled = $this->table->must('raceways', $raceway, $size);
            if ($filled >= $sum * (1 - 1e-9)) {
                $area = $filled / self::MOST;
                $doubt = $this->table->doubt('raceways', $raceway, $size);
                $work = $conductors.' × '.Show::number($line).' in² and '.Show::number($ground).' in² for the grounding conductor';

                return [
                    Figure::work($tradeSize)->as('smallest with 40 % fill or less', $work)->equals($size.' in')
                        ->source($this->table->cited())->doubted($doubt)->make(),
                    Figure::work($fill)->as('conductor areas / raceway area', $work.' in '.Show::number($area).' in²')
                        ->equals(100 * $sum / $area)->source($this->table->cited())->doubted($doubt)->make(),
                ];
            }
        }

        return 'No raceway in the table is large enough: use two.';
    }
}
