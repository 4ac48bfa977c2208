<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\American;

use BraveAnvil\Cable\Candidate;
use BraveAnvil\Cable\Conductor;
use BraveAnvil\Cable\Run;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\ConductorRules;
use BraveAnvil\Solution\ErrorKind;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Show;

/** Conductors in raceway: 125 % of full-load current, an ampacity table by temperature columns, ambient, count, terminals. */
final readonly class Conductors implements ConductorRules
{
    private const TOLERANCE = 1e-6;

    /** Temperature rating of insulations, °C. */
    private const INSULATION = [
        'TW' => 60, 'PVC' => 75, 'THW' => 75, 'THWN' => 75, 'XHHW' => 75, 'RW75' => 75, 'THHN' => 90, 'THWN-2' => 90, 'XHHW-2' => 90,
        'RW90' => 90, 'RHW-2' => 90, 'T90' => 90, 'XLPE' => 90,
    ];

    public function __construct(private ConductorTables $tables, private ConductorPolicy $policy)
    {
    }

    public function required(Circuit $circuit, Figure $design, Run $run): Figure
    {
        $factor = $run->sixLeads() ? $this->policy->leadFactor : $this->policy->factor;
        $shown = Show::number($factor);

        return Figure::work($run->required())
            ->labelled($run->sixLeads() ? 'Required ampacity of each lead' : 'Required ampacity')
            ->from(I: $design)
            ->as($shown.' · '.$this->policy->current, $shown.' × {I}')
            ->equals($factor * $design->number())
            ->source($run->sixLeads() ? $this->policy->leadSource : $this->policy->source)
            ->make();
    }

    public function candidates(Circuit $circuit, Figure $required, Run $run): array|FieldError
    {
        $ambient = $circuit->number('supply.ambient');
        $grouped = $circuit->number('cable.grouped_circuits');
        $name = $circuit->word('cable.insulation') ?? '';
        $insulation = self::INSULATION[$name] ?? null;
        if ($ambient === null || $grouped === null || $insulation === null) {
            return [];
        }
        if ($name === 'THHN' && $circuit->flag('cable.wet') === true) {
            return new FieldError(
                'cable.insulation', 'THHN is for dry places only.', 'THWN-2 or XHHW-2 in a wet place.', ErrorKind::Impossible,
            );
        }
        $ambientFactor = $this->tables->ambientFactor($ambient->number(), $insulation);
        if ($ambientFactor === null) {
            return new FieldError('supply.ambient', 'No '.$insulation.' °C conductor may be used at '.$ambient->shown().'.',
                'A lower ambient, or an insulation for a higher temperature.', ErrorKind::Impossible);
        }
        $count = (int) (3 * ($grouped->number() - 1)) + $run->conductors;

        return $this->sized(
            $circuit->chosen('cable.material', Metal::class) ?? Metal::Copper,
            $circuit->chosen('cable.raceway_material', RacewayMaterial::class) ?? RacewayMaterial::Steel,
            $insulation,
            min($this->terminals($circuit, $required->number()), $insulation),
            $ambientFactor, $count,
        );
    }

    /**
     * @param  int  $insulation  °C
     * @param  int  $terminals  °C
     * @param  int  $count  current-carrying conductors in the raceway
     * @return list<Candidate>
     */
    private function sized(Metal $metal, RacewayMaterial $raceway, int $insulation, int $terminals, float $ambientFactor, int $count): array
    {
        $countFactor = $this->tables->countFactor($count);
        $factors =
            ' A ('.
            $insulation.
            ' °C column) × '.
            Show::number($ambientFactor).
            ' ambient × '.
            Show::number($countFactor).
            ' for '.
            $count.
            ' conductors; terminals '.
            $terminals.
            ' °C: ';
        $source = $this->tables->ampacitySource();
        $impedance = $this->tables->impedanceSource();
        $candidates = [];
        foreach ($this->tables->sizes() as $size) {
            $base = $this->tables->ampacity($metal, $size, $insulation);
            $limit = $this->tables->ampacity($metal, $size, $terminals);
            $ohm = $this->tables->resistance($metal, $size, $raceway);
            $reactance = $this->tables->reactance($size, $raceway);
            $area = $this->tables->area($size);
            if ($base === null || $limit === null || $ohm === null || $reactance === null || $area === null) {
                continue;
            }
            $candidates[] = new Candidate(
                $this->conductor($size, $area, $metal),
                $base * $ambientFactor * $countFactor,
                $limit, $ohm, $reactance,
                static fn (): string => Show::number($base).$factors.Show::number($limit).' A',
                $source, $impedance,
                $this->tables->ampacityDoubt($metal, $size, $insulation) ?? $this->tables->ampacityDoubt($metal, $size, $terminals),
                array_values(
                    array_filter([
                        $this->tables->ampacityCorrection($metal, $size, $insulation),
                        $this->tables->ampacityCorrection($metal, $size, $terminals),
                    ]),
                ),
            );
        }

        return $candidates;
    }

    private function conductor(string $size, float $area, Metal $metal): Conductor
    {
        $text = $this->sizeText($size);

        return new Conductor($size, $area, $metal, 1, $text, $text);
    }

    /** Lowest end of the run, °C: as marked, else by the book's step; never above its largest. */
    private function terminals(Circuit $circuit, float $required): int
    {
        $marked = $circuit->number('cable.terminal_temperature');
        if ($marked !== null) {
            return (int) min($this->policy->largestTerminals, $marked->number());
        }

        return $required > $this->policy->smallTerminalsTo + self::TOLERANCE
            ? $this->policy->largestTerminals
            : $this->policy->smallTerminals;
    }

    public function assumedTerminals(Circuit $circuit): ?string
    {
        return $circuit->missing('cable.terminal_temperature')
            ? 'terminals not marked: '.
                    $this->policy->smallTerminals.
                    ' °C up to '.
                    Show::number($this->policy->smallTerminalsTo).
                    ' A, '.
                    $this->policy->largestTerminals.
                    ' °C above'
            : null;
    }

    public function sizeText(string $size): string
    {
        return self::named($size);
    }

    /** A size with its unit: gauge up to 4/0, kcmil from 250. */
    public static function named(string $size): string
    {
        return $size.(! str_contains($size, '/') && (int) $size >= 250 ? ' kcmil' : ' AWG');
    }
}
