<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Choice\VoltageFactor;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Source\Generator;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Tables\Practice\RunUpPractice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** What supplies a board: mains with or without a transformer, a generator set, or the board above. */
final readonly class BoardSource
{
    private RunUpPractice $practice;

    /** @param  float  $volts  between lines */
    public function __construct(private FeederDocument $document, private float $volts, Tables $tables)
    {
        $this->practice = new RunUpPractice($tables->named(TableName::PracticeRunUp));
    }

    /**
     * @param  Impedance  $feeder  warm
     * @param  BoardNetwork|null  $above  of the board that feeds this one
     * @param  float|null  $noLoad  between lines there with all else running, V
     * @param  float|null  $transformerVa  another rating of the transformer, VA
     */
    public function network(Impedance $feeder, ?BoardNetwork $above, ?float $noLoad, ?float $transformerVa = null): BoardNetwork
    {
        $circuit = $this->document->feeder;
        $generator = $circuit->source() === SupplySource::Generator ? Generator::of($circuit) : null;
        $isWide = $circuit->chosen('supply.voltage_factor', VoltageFactor::class) === VoltageFactor::Wide;
        $volts = $noLoad ?? $this->document->noLoadVoltage() ?? $this->volts;
        if ($circuit->source() !== SupplySource::Mains && $above === null) {
            $transient = $generator?->transientOhm($this->volts);
            $subtransient = $generator?->subtransientOhm($this->volts);

            return new BoardNetwork(
                $this->volts, $volts, null, $transient === null ? null : new Impedance(0.0, $transient), $feeder, $isWide, null,
                $subtransient === null ? null : new Impedance(0.0, $subtransient),
            );
        }
        $size = $transformerVa ?? $circuit->number('supply.transformer_kva')?->number();
        $percent = $circuit->number('supply.transformer_impedance_percent')?->number();
        $level = $circuit->number('supply.fault_level_kva')?->number();
        $typed = $circuit->number('supply.x_over_r')?->number();
        $hasTransformer = $size !== null && $percent !== null;

        return new BoardNetwork(
            $this->volts, $volts,
            $level === null ? null : Impedance::ofRatio($this->volts ** 2 / $level, $hasTransformer
                ? $this->practice->upstreamReactance() : $typed ?? $this->practice->busReactance()),
            $hasTransformer ? Impedance::ofRatio($this->volts ** 2 * $percent / 100 / $size,
                $typed ?? $this->practice->transformerReactance()) : null,
            $feeder, $isWide, $above,
        );
    }

    /** @return list<string> what source impedance and fault level rest on that nobody typed */
    public function assumptions(): array
    {
        $circuit = $this->document->feeder;
        if ($circuit->source() === SupplySource::Generator) {
            return array_values(array_filter([
                $circuit->assumed('supply.subtransient_percent'), $circuit->assumed('supply.transient_percent'),
            ], is_string(...)));
        }
        $hasTransformer = $circuit->number('supply.transformer_kva') !== null
            && $circuit->number('supply.transformer_impedance_percent') !== null;
        $level = $circuit->number('supply.fault_level_kva') !== null;
        if ((! $hasTransformer && ! $level) || $circuit->number('supply.x_over_r') !== null) {
            return [];
        }

        return ['X/R of '.Show::number($hasTransformer ? $this->practice->transformerReactance() : $this->practice->busReactance()).
            ($hasTransformer ? ' of the transformer' : ' at the bus')];
    }
}
