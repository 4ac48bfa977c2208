<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Cable\Candidate;
use BraveAnvil\Cable\Conductor;
use BraveAnvil\Cable\Run;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\Support;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\ConductorRules;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\ErrorKind;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Show;

/** Ib ≤ Ir ≤ Iz: ampacity by reference method, ambient and grouping; terminals for 70 °C unless the site says 90 (procedure I1). */
final readonly class IecConductors implements ConductorRules
{
    /** °C of terminals from which a cable may be used at its own temperature. */
    private const HOT_TERMINALS = 90;

    public function __construct(private IecConductorTables $tables, private IecOverload $overload)
    {
    }

    public function required(Circuit $circuit, Figure $design, Run $run): Figure
    {
        $relay = $this->overload->relayCurrent($circuit, $design);
        $work = Figure::work($run->required())->from(I: $relay)->source('IEC 60364-4-43: Ib ≤ Ir ≤ Iz');

        return $run->sixLeads()
            ? $work->labelled('Required ampacity of each lead')->as('Ir / √3', '{I} ÷ √3')->equals($relay->number() / sqrt(3))->make()
            : $work->labelled('Required ampacity')->as('Ir', '{I}')->equals($relay->number())->make();
    }

    public function candidates(Circuit $circuit, Figure $required, Run $run): array|FieldError
    {
        $pvc = $circuit->word('cable.insulation') === 'PVC';
        $method = $circuit->word('cable.method');
        $ambient = $circuit->number('supply.ambient');
        $grouped = $circuit->number('cable.grouped_circuits');
        $terminal = $circuit->number('cable.terminal_temperature') ?? $circuit->number('settings.terminal_temperature');
        if ($method === null || $ambient === null || $grouped === null || $terminal === null || $circuit->bad('cable.insulation')) {
            return [];
        }
        $ambientFactor = $this->tables->ambientFactor($ambient->number(), $pvc);
        if ($ambientFactor === null) {
            return new FieldError(
                'supply.ambient',
                'The '.($pvc ? 'PVC' : 'XLPE').' table does not reach '.$ambient->shown().'.',
                $pvc ? 'Up to 60 °C with PVC.' : 'Up to 80 °C with XLPE.',
                ErrorKind::Impossible,
            );
        }
        // The second cable of six leads lies beside the first.
        $count = (int) $grouped->number() + ($run->sixLeads() ? 1 : 0);
        $groupFactor = $this->tables->groupFactor(self::arrangement($circuit, $method), $count);
        if ($groupFactor === null) {
            return new FieldError(
                'cable.grouped_circuits',
                $count.' circuits together are beyond the grouping table.',
                'At most 20, the second motor cable of a star-delta starter counted too.', ErrorKind::Impossible,
            );
        }
        $metal = $circuit->chosen('cable.material', Metal::class) ?? Metal::Copper;
        $cool = $terminal->number() < self::HOT_TERMINALS ? $this->tables->ambientFactor($ambient->number(), true) ?? 0.0 : null;

        return $this->sized($method, $pvc, $metal, $ambientFactor, $groupFactor, $count, $cool);
    }

    /**
     * @param  float|null  $coolFactor  ambient factor of the PVC column by which 70 °C terminals are judged; null where they are hotter
     * @return list<Candidate>
     */
    private function sized(
        string $method,
        bool $pvc,
        Metal $metal,
        float $ambientFactor,
        float $groupFactor,
        int $count,
        ?float $coolFactor,
    ): array {
        $own = $this->tables->ampacities($method, $pvc);
        $cool = $this->tables->ampacities($method, true);
        $column = IecConductorTables::column($own, $method);
        if ($column === null) {
            return [];
        }
        $source = implode('; ', [
            $own->cited(), $this->tables->ambientSource(), $this->tables->groupingSource(),
            ...$coolFactor === null ? [] : ['terminals as '.$cool->source],
        ]);
        $factors = ' A × '.Show::number($ambientFactor).' ambient × '.Show::number($groupFactor).' for '.$count.' together';
        $coolShown = $coolFactor === null ? '' : Show::number($coolFactor);
        $resistivity = $this->tables->resistivity($metal);
        $reactance = $this->tables->reactance();
        $impedance = $this->tables->impedanceSource();
        $candidates = [];
        foreach ($own->keys('rows') as $size) {
            $base = $own->number('rows', $size, $column);
            $coolBase = $cool->number('rows', $size, $column);
            if ($base === null || $coolBase === null) {
                continue;
            }
            $derated = $base * $ambientFactor * $groupFactor;
            $area = (float) $size;
            $candidates[] = new Candidate(
                $this->conductor($size, $metal), $derated,
                $coolFactor === null ? $derated : $coolBase * $coolFactor,
                (1000 * $resistivity) / $area,
                $reactance,
                static fn (): string => Show::number($base).$factors.
                    ($coolFactor === null ? '' : '; 70 °C terminals: '.Show::number($coolBase).' A × '.$coolShown),
                $source, $impedance, $own->doubt('rows', $size, $column), self::corrections($own, $cool, $size, $column),
            );
        }

        return $candidates;
    }

    /** @return list<\BraveAnvil\Solution\Correction> */
    private static function corrections(Table $own, Table $cool, string $size, string $column): array
    {
        $corrections = array_filter([
            $own->correction('rows', $size, $column),
            $own === $cool ? null : $cool->correction('rows', $size, $column),
        ]);

        return array_values($corrections);
    }

    /** @return 'bunched'|'wall'|'perforated'|'ladder' */
    private static function arrangement(Circuit $circuit, string $method): string
    {
        $support =
            $circuit->chosen('cable.tray', Support::class) ?? ($circuit->chosen('settings.tray', Support::class) ?? Support::Perforated);

        return match ($method) {
            'C' => 'wall', 'E', 'F' => $support->value, default => 'bunched',
        };
    }

    private function conductor(string $size, Metal $metal): Conductor
    {
        return new Conductor($size, (float) $size, $metal, 1, $this->sizeText($size), self::value($size));
    }

    /** mm², whole where it is whole. */
    public static function value(string $size): int|float
    {
        return str_contains($size, '.') ? (float) $size : (int) $size;
    }

    public function assumedTerminals(Circuit $circuit): ?string
    {
        return $circuit->has('cable.terminal_temperature') ? null : $circuit->assumed('settings.terminal_temperature');
    }

    public function sizeText(string $size): string
    {
        return $size.Show::UNIT_SPACE.'mm²';
    }
}
