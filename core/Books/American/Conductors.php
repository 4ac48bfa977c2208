<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Circuit\Choice\Service;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\DutyStamp;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Cable\CableRun;
use BraveAnvil\Stations\Cable\Conductor;
use BraveAnvil\Stations\Cable\ConductorRules;
use BraveAnvil\Stations\Cable\Demand;
use BraveAnvil\Stations\Cable\ParallelLimits;
use BraveAnvil\Stations\Cable\SizeCandidate;

/** 125 % of full-load current or what the duty says, an ampacity table by temperature columns, ambient, count, terminals. */
final readonly class Conductors implements ConductorRules
{
    private const TOLERANCE = 1e-6;

    /** For dry and damp places only. */
    private const DRY = [Insulation::Thhn, Insulation::T90];

    public function __construct(private ConductorTables $tables, private ConductorPolicy $policy, private DutyFactors $duties)
    {
    }

    public function required(Circuit $circuit, Demand $demand, CableRun $run): Figure|FieldError
    {
        $service = $circuit->chosen('load.service', Service::class);
        $six = $run->sixLeads();
        $work = Figure::work($run->required())->labelled($six ? 'Required ampacity of each lead' : 'Required ampacity');
        if ($service !== null && $service !== Service::Continuous) {
            return $this->byDuty($circuit, $service, $demand->plate ?? $demand->design, $run);
        }
        $factor = $six ? $this->policy->leadFactor : $this->policy->factor;
        $shown = Show::number($factor);
        // A duty that nobody names as the service makes no conductor smaller: the larger current counts.
        $raised = $circuit->stamp('plate.duty', DutyStamp::class)?->isContinuous() === false && $demand->plate !== null
            && $demand->plate->number() > $demand->design->number();
        $current = $raised ? $demand->plate : $demand->design;

        return $work
            ->from(I: $current)
            ->as($shown.' · '.($raised ? 'nameplate current' : $this->policy->current), $shown.' × {I}')
            ->equals($factor * $current->number())
            ->source($six ? $this->policy->leadSource : $this->policy->source)
            ->doubted($six ? $this->policy->leadDoubt : null)
            ->make();
    }

    private function byDuty(Circuit $circuit, Service $service, Figure $plate, CableRun $run): Figure|FieldError
    {
        $percent = $this->duties->percent($service, $circuit->stamp('plate.duty', DutyStamp::class));
        if ($percent === null) {
            return new FieldError(
                'load.service',
                'The table has no entry for this operating duty with a motor of this duty rating.',
                'Enter a short-time rating from the nameplate, such as S2 30 min, or another operating duty.',
                ErrorKind::Impossible,
            );
        }
        $six = $run->sixLeads();

        return Figure::work($run->required())
            ->labelled($six ? 'Required ampacity of each lead' : 'Required ampacity')
            ->by($percent)
            ->from(p: $percent, I: $plate)
            ->as('duty percentage · nameplate current'.($six ? ' / √3' : ''), '{p} % × {I}'.($six ? ' ÷ √3' : ''))
            ->equals($percent->value / 100 * $plate->number() / ($six ? sqrt(3) : 1))
            ->make();
    }

    public function candidates(Circuit $circuit, Figure $required, CableRun $run, int $sets = 1): array|FieldError
    {
        $ambient = $this->surrounding($circuit);
        $grouped = $run->grouped($circuit);
        $around = $circuit->chosen('cable.insulation', Insulation::class);
        $insulation = $around?->celsius();
        $way = $circuit->chosen('cable.method', Installation::class);
        if ($ambient instanceof FieldError) {
            return $ambient;
        }
        if ($ambient === null || $grouped === null || $insulation === null || $way === null) {
            return [];
        }
        $metal = $circuit->chosen('cable.material', Metal::class) ?? Metal::Copper;
        $refused = $this->tables->refusal($way, $metal);
        if ($refused !== null) {
            return new FieldError('cable.method', $refused.' Not calculated.', 'raceway.', ErrorKind::Refused);
        }
        if (in_array($around, self::DRY, true) && $circuit->flag('cable.wet') === true) {
            return new FieldError(
                'cable.insulation', $around->value.' is not for wet locations.', 'Use THWN-2, XHHW-2 or RW90 in a wet location.',
                ErrorKind::Impossible,
            );
        }
        $count = (int) (3 * ($grouped->number() - 1)) + ($run->sixLeads() ? self::leadsTogether($circuit) : $run->conductors);
        $countFactor = $this->tables->countFactor($way, $count);
        if ($countFactor === null) {
            return new FieldError(
                'cable.grouped_circuits', $count.' conductors together in free air are beyond the table, which ends at four.',
                'Enter one circuit of three conductors by itself, or conductors in raceway.', ErrorKind::Impossible,
            );
        }
        $ambientFactor = $this->factor($circuit, $ambient->number(), $insulation);
        $terminals = min($this->terminals($circuit, $required->number()), $insulation);
        $corrected = $this->policy->correctsTerminals && ($circuit->flag('settings.four_006_corrections') ?? true);
        $terminalFactor = $corrected ? $this->factor($circuit, $ambient->number(), $terminals) : 1.0;
        if ($ambientFactor === null) {
            return new FieldError('supply.ambient', 'No '.$insulation.' °C conductor may be used at '.$ambient->shown().'.',
                'Lower the ambient, or choose insulation for a higher temperature.', ErrorKind::Impossible);
        }
        if ($terminalFactor === null) {
            return new FieldError('supply.ambient', 'No '.$terminals.' °C terminal may be used at '.$ambient->shown().'.',
                'Lower the ambient, or use terminals for a higher temperature.', ErrorKind::Impossible);
        }

        return $this->sized(
            $way, $metal, $circuit->chosen('cable.raceway_material', RacewayMaterial::class) ?? RacewayMaterial::Steel, $sets,
            $ambient->number(),
            new ConductorFactors($insulation, $terminals, $ambientFactor, $countFactor, $count, $corrected, $terminalFactor),
        );
    }

    /** How many of the six leads lie in one raceway. */
    private static function leadsTogether(Circuit $circuit): int
    {
        return $circuit->number('cable.raceways')?->number() === 2.0 ? 3 : 6;
    }

    /** What is around the conductors: the soil where they lie in wet earth, else the air. */
    private function surrounding(Circuit $circuit): Figure|FieldError|null
    {
        $soil = $circuit->number('cable.soil_temperature');
        if ($soil === null) {
            return $circuit->number('supply.ambient');
        }
        $refused = $this->tables->buriedRefusal();
        if ($refused !== null) {
            return new FieldError('cable.soil_temperature', $refused, 'Leave empty for conductors above ground.', ErrorKind::Refused);
        }
        if ($circuit->flag('cable.wet') !== true) {
            return new FieldError(
                'cable.soil_temperature', 'Underground conductors are in a wet location.', 'Set “Wet location” to Yes too.',
                ErrorKind::Impossible,
            );
        }

        return $soil;
    }

    /** Of the ambient, never above 1 in the earth; null where such a conductor may not be used. */
    private function factor(Circuit $circuit, float $celsius, int $column): ?float
    {
        $factor = $this->tables->ambientFactor($celsius, $column);

        return $factor !== null && $circuit->has('cable.soil_temperature') ? min(1.0, $factor) : $factor;
    }

    /**
     * @param  float  $ambient  °C
     * @return list<SizeCandidate>
     */
    private function sized(
        Installation $way,
        Metal $metal,
        RacewayMaterial $raceway,
        int $sets,
        float $ambient,
        ConductorFactors $factors,
    ): array {
        $source = $this->tables->ampacitySource($way);
        $impedance = $this->tables->impedanceSource();
        $derating = $factors->ambient * $factors->count;
        $terminalDerating = $factors->correctsTerminals ? $factors->terminalAmbient * $factors->count : 1.0;
        $candidates = [];
        foreach ($this->tables->sizes() as $size) {
            $base = $this->tables->ampacity($way, $metal, $size, $factors->insulation);
            $limit = $this->tables->ampacity($way, $metal, $size, $factors->terminals);
            $ohm = $this->tables->resistance($metal, $size, $raceway);
            $reactance = $this->tables->reactance($size, $raceway);
            $area = $this->tables->area($size);
            if ($base === null || $limit === null || $ohm === null || $reactance === null || $area === null) {
                continue;
            }
            $candidates[] = new SizeCandidate(
                $this->conductor($size, $area, $metal, $sets),
                $sets * $base * $derating,
                $sets * $limit * $terminalDerating,
                $ohm / $sets, $reactance / $sets,
                static fn (): string => $factors->working($sets, $base, $limit),
                $source, $impedance,
                fn (): ?Doubt => $this->tables->ampacityDoubt($way, $metal, $size, $factors->insulation)
                    ?? $this->tables->ampacityDoubt($way, $metal, $size, $factors->terminals),
                $this->tables->corrections($way, $metal, $size, $ambient, $factors),
                $this->tables->impedanceCorrections($metal, $size, $raceway),
            );
        }

        return $candidates;
    }

    private function conductor(string $size, float $area, Metal $metal, int $sets): Conductor
    {
        $text = $this->sizeText($size);

        return new Conductor($size, $area, $metal, $sets, $sets > 1 ? $sets.' × '.$text : $text, $text);
    }

    public function parallel(): ParallelLimits
    {
        return new ParallelLimits('500', '1/0', '1/0', $this->policy->parallelSource);
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
            ? 'terminals not marked: '.$this->policy->smallTerminals.' °C up to '.Show::number($this->policy->smallTerminalsTo).' A, '.
            $this->policy->largestTerminals.' °C above'
            : null;
    }

    public function restsOn(Circuit $circuit): array
    {
        return $circuit->has('cable.soil_temperature') ? ['cable.grouped_circuits'] : ['supply.ambient', 'cable.grouped_circuits'];
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

    public function notes(Circuit $circuit, Figure $required, CableRun $run, SizeCandidate $chosen): array
    {
        return (new ConductorNotes($this->policy))->of($circuit, $required, $run, $chosen);
    }
}
