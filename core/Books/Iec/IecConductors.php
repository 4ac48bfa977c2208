<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\Support;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Parse\DutyStamp;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Cable\AluminiumNote;
use BraveAnvil\Stations\Cable\CableFinding;
use BraveAnvil\Stations\Cable\CableRun;
use BraveAnvil\Stations\Cable\Conductor;
use BraveAnvil\Stations\Cable\ConductorRules;
use BraveAnvil\Stations\Cable\Demand;
use BraveAnvil\Stations\Cable\ParallelLimits;
use BraveAnvil\Stations\Cable\SizeCandidate;
use BraveAnvil\Tables\Table;

/** Ib ≤ Ir ≤ Iz: ampacity by reference method, ambient and grouping; terminals for 70 °C unless the site says 90 (procedure I1). */
final readonly class IecConductors implements ConductorRules
{
    /** °C of terminals from which a cable may be used at its own temperature. */
    private const HOT_TERMINALS = 90;

    /** mm² below which aluminium is not used in fixed wiring here. */
    private const SMALLEST_ALUMINIUM_MM2 = 16;

    /** °C of the air above which soil that nobody measured is worth a caution. */
    private const WARM_AIR = 30;

    public function __construct(private IecConductorTables $tables, private IecOverload $overload)
    {
    }

    public function required(Circuit $circuit, Demand $demand, CableRun $run): Figure
    {
        $relay = $this->overload->relayCurrent($circuit, $demand->design);
        $work = Figure::work($run->required())->from(I: $relay)->source('IEC 60364-4-43: Ib ≤ Ir ≤ Iz');

        return $run->sixLeads()
            ? $work->labelled('Required current-carrying capacity of each lead')->as('Ir / √3', '{I} ÷ √3')
                ->equals($relay->number() / sqrt(3))->make()
            : $work->labelled('Required current-carrying capacity')->as('Ir', '{I}')->equals($relay->number())->make();
    }

    public function candidates(Circuit $circuit, Figure $required, CableRun $run, int $sets = 1): array|FieldError
    {
        $pvc = $circuit->chosen('cable.insulation', Insulation::class) === Insulation::Pvc;
        $way = $circuit->chosen('cable.method', Installation::class);
        $ambient = $circuit->number('supply.ambient');
        $grouped = $run->grouped($circuit);
        $terminal = $circuit->number('cable.terminal_temperature') ?? $circuit->number('settings.terminal_temperature');
        if ($way === null || $ambient === null || $grouped === null || $terminal === null || $circuit->bad('cable.insulation')) {
            return [];
        }
        $surrounding = $this->surrounding($circuit, $way, $pvc, $ambient);
        if ($surrounding instanceof FieldError) {
            return $surrounding;
        }
        // Every cable counts: the second of six leads lies beside the first, and so does each further set.
        $count = (int) $grouped->number() - 1 + $sets * ($run->sixLeads() ? 2 : 1);
        $arrangement = self::arrangement($circuit, $way);
        $groupFactor = $this->tables->groupFactor($arrangement, $count);
        if ($groupFactor === null) {
            return new FieldError(
                'cable.grouped_circuits',
                $count.' cables together are beyond the grouping table.',
                'Enter at most '.($way->isBuried() ? '9' : '20').', counting both cables of a star-delta starter and every parallel set.',
                ErrorKind::Impossible,
            );
        }
        $cool = $terminal->number() < self::HOT_TERMINALS ? $this->tables->ambientFactor($ambient->number(), true) ?? 0.0 : null;

        return $this->sized(
            new IecFactors(
                $way, $pvc, $circuit->chosen('cable.material', Metal::class) ?? Metal::Copper, $surrounding[0], $surrounding[1],
                $groupFactor, $count, $cool, $count > 1 ? $this->tables->groupDoubt($arrangement, $count) : null,
                $this->tables->factorCorrections($way, $pvc, $ambient->number(), $arrangement, $count),
            ),
            $sets,
        );
    }

    /** @return array{float, string}|FieldError factor of the air, or of soil and its resistivity, and how it reads */
    private function surrounding(Circuit $circuit, Installation $way, bool $pvc, Figure $ambient): array|FieldError
    {
        if (! $way->isBuried()) {
            $factor = $this->tables->ambientFactor($ambient->number(), $pvc);

            return $factor === null
                ? new FieldError(
                    'supply.ambient',
                    'The '.($pvc ? 'PVC' : 'XLPE').' table does not include '.$ambient->shown().'.',
                    $pvc ? 'Up to 60 °C for PVC.' : 'Up to 80 °C for XLPE.',
                    ErrorKind::Impossible,
                )
                : [$factor, Show::number($factor).' ambient'];
        }
        $soil = $circuit->number('cable.soil_temperature');
        $resistivity = $circuit->number('cable.soil_resistivity');
        $warm = $soil === null ? null : $this->tables->soilFactor($soil->number(), $pvc);
        $dry = $resistivity === null ? null : $this->tables->resistivityFactor($resistivity->number(), $way);
        if ($warm === null) {
            return new FieldError(
                'cable.soil_temperature', 'The '.($pvc ? 'PVC' : 'XLPE').' table does not include this soil temperature.',
                $pvc ? 'Up to 60 °C for PVC.' : 'Up to 80 °C for XLPE.', ErrorKind::Impossible,
            );
        }

        return $dry === null
            ? new FieldError('cable.soil_resistivity', 'The table does not include this soil resistivity.', 'Up to 3 K·m/W.',
                ErrorKind::Impossible)
            : [$warm * $dry, Show::number($warm).' soil temperature × '.Show::number($dry).' soil resistivity'];
    }

    /** @return list<SizeCandidate> */
    private function sized(IecFactors $factors, int $sets): array
    {
        $aluminium = $factors->metal === Metal::Aluminium;
        // No table of aluminium in free air is remembered: on a wall it carries less everywhere. Terminals stand in air.
        $way = $aluminium && $factors->way->inFreeAir() ? Installation::C : $factors->way;
        $own = $this->tables->ampacities($way, $factors->pvc, $factors->metal);
        $coolWay = $way->isBuried() ? Installation::C : $way;
        $cool = $this->tables->ampacities($coolWay, true, $factors->metal);
        $column = IecConductorTables::column($own, $way);
        $coolColumn = IecConductorTables::column($cool, $coolWay);
        if ($column === null || $coolColumn === null) {
            return [];
        }
        $source = implode('; ', [
            $own->cited(), $way->isBuried() ? $this->tables->soilSource() : $this->tables->ambientSource(), $this->tables->groupingSource(),
            ...$factors->cool === null ? [] : ['terminals by '.$cool->source],
        ]);
        $resistivity = $this->tables->resistivity($factors->metal);
        $reactance = $this->tables->reactance();
        $impedance = $this->tables->impedanceSource();
        $candidates = [];
        foreach ($own->keys('rows') as $size) {
            $base = $own->number('rows', $size, $column);
            $coolBase = $cool->number('rows', $size, $coolColumn);
            $area = (float) $size;
            if ($base === null || $coolBase === null || ($aluminium && $area < self::SMALLEST_ALUMINIUM_MM2)) {
                continue;
            }
            $derated = $sets * $base * $factors->surrounding * $factors->group;
            $candidates[] = new SizeCandidate(
                $this->conductor($size, $factors->metal, $sets), $derated,
                $factors->cool === null ? $derated : $sets * $coolBase * $factors->cool,
                (1000 * $resistivity) / $area / $sets,
                $reactance / $sets,
                static fn (): string => $factors->working($sets, $base, $coolBase),
                $source, $impedance, static fn (): ?Doubt => $factors->groupDoubt ?? $own->doubt('rows', $size, $column),
                [...self::corrections($own, $cool, $size, $column, $coolColumn), ...$factors->corrections],
                $this->tables->impedanceCorrections($factors->metal),
            );
        }

        return $candidates;
    }

    /** @return list<EntryCorrection> */
    private static function corrections(Table $own, Table $cool, string $size, string $column, string $coolColumn): array
    {
        return array_values(array_filter([
            $own->isCorrected() ? $own->correction('rows', $size, $column) : null,
            $cool->isCorrected() ? $cool->correction('rows', $size, $coolColumn) : null,
        ]));
    }

    /** @return 'bunched'|'wall'|'perforated'|'ladder'|'D1'|'D2' */
    private static function arrangement(Circuit $circuit, Installation $way): string
    {
        $support =
            $circuit->chosen('cable.tray', Support::class) ?? ($circuit->chosen('settings.tray', Support::class) ?? Support::Perforated);

        return match ($way) {
            Installation::C => 'wall',
            Installation::E, Installation::F => $support->value,
            Installation::D1, Installation::D2 => $way->value,
            Installation::A1, Installation::A2, Installation::B1, Installation::B2, Installation::Raceway,
            Installation::FreeAir => 'bunched',
        };
    }

    private function conductor(string $size, Metal $metal, int $sets): Conductor
    {
        $text = $this->sizeText($size);

        return new Conductor($size, (float) $size, $metal, $sets, $sets > 1 ? $sets.' × '.$text : $text, self::value($size));
    }

    /** mm², whole where it is whole. */
    public static function value(string $size): int|float
    {
        return str_contains($size, '.') ? (float) $size : (int) $size;
    }

    public function parallel(): ParallelLimits
    {
        return new ParallelLimits('300', '50', '70', Standard::Iec60364_5_52->at('523.7'));
    }

    public function assumedTerminals(Circuit $circuit): ?string
    {
        return $circuit->has('cable.terminal_temperature') ? null : $circuit->assumed('settings.terminal_temperature');
    }

    public function sizeText(string $size): string
    {
        return $size.Show::UNIT_SPACE.'mm²';
    }

    public function restsOn(Circuit $circuit): array
    {
        $way = $circuit->chosen('cable.method', Installation::class);

        return $way?->isBuried() === true
            ? ['cable.soil_temperature', 'cable.soil_resistivity', 'cable.grouped_circuits']
            : ['supply.ambient', 'cable.grouped_circuits'];
    }

    public function notes(Circuit $circuit, Figure $required, CableRun $run, SizeCandidate $chosen): array
    {
        $findings = AluminiumNote::of($chosen, $run);
        $way = $circuit->chosen('cable.method', Installation::class);
        if ($run->line) {
            return $findings;
        }
        if ($chosen->conductor->metal === Metal::Aluminium && $way?->inFreeAir() === true) {
            $findings[] = Finding::note(CableFinding::AluminiumAsOnWall)
                ->title('Aluminium in free air: table for a cable on a wall used')
                ->because('The free-air table for aluminium is not available here. On a wall every size carries less.')
                ->do('With the printed table a smaller size may be enough.')
                ->source($chosen->source)
                ->on($run->ampacity());
        }
        if ($way?->isBuried() === true && $circuit->missing('cable.soil_temperature')
            && ($circuit->number('supply.ambient')?->number() ?? 0.0) > self::WARM_AIR) {
            $findings[] = Finding::caution(CableFinding::SoilAssumed)
                ->title('Soil temperature not entered')
                ->because('20 °C is assumed, but the ambient temperature here is above 30 °C.')
                ->do('Enter the soil temperature at the depth of the cable.')
                ->source(Standard::Iec60364_5_52->at())
                ->on($run->ampacity())
                ->about('cable.soil_temperature');
        }
        $duty = $circuit->stamp('plate.duty', DutyStamp::class);
        if ($duty?->isContinuous() === false) {
            $findings[] = Finding::note(CableFinding::DutyAsContinuous)
                ->title('Sized for continuous duty')
                ->because('Nameplate duty '.$duty->type.'. No reduction is calculated for it.')
                ->do('No action if the size is acceptable.')
                ->source(Standard::Iec60364_4_43->at())
                ->on($run->required());
        }

        return $findings;
    }
}
