<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Sheet;

/** Voltage drop of a run in percent of the supply's nominal voltage, running and starting. */
final readonly class VoltageDrop
{
    /**
     * @param  float  $metres  length of the run
     * @param  float  $running  A in the line at full load
     * @param  float|null  $starting  A in the line at standstill, null when unknown
     */
    private function __construct(public float $metres, public float $running, public ?float $starting, public float $volts, public float $cos, public float $startCos)
    {
    }

    /** @return self|null null when the length or a current is not known: the drop is then not checked */
    public static function of(Circuit $circuit, Sheet $sheet, Run $run): ?self
    {
        $metres = $circuit->number($run->line ? 'cable.line_length' : 'cable.length');
        $current = $sheet->get('power.design_current');
        $factor = $sheet->get('plate.power_factor');
        $supply = $circuit->number('supply.voltage');
        if ($metres === null || $current === null || $factor === null || $supply === null) {
            return null;
        }
        $star = $sheet->get('start.method')?->value === 'star_delta';
        $lrc = $sheet->get($star ? 'start.star_line_current' : 'start.locked_rotor_current');

        return new self($metres->number(), $current->number(), $lrc?->number(), $supply->number(), $factor->number(), Table::of('practice/starting')->number('locked_rotor_power_factor') ?? 0.3);
    }

    public function runningPercent(Candidate $candidate, Run $run): float
    {
        return $this->percent($candidate, $run, $this->running, $this->cos, 2 / sqrt(3));
    }

    public function startingPercent(Candidate $candidate, Run $run): ?float
    {
        return $this->starting === null ? null : $this->percent($candidate, $run, $this->starting, $this->startCos, 2 * sqrt(3));
    }

    /**
     * Three conductors drop √3 I z L between lines. With six leads every winding has two in series: 2 (I/√3) z L in
     * delta, and 2√3 (I_LR/3) z L in star, where the line current given here is already the third.
     */
    private function percent(Candidate $candidate, Run $run, float $amperes, float $cos, float $sixLeadFactor): float
    {
        $ohm = ($candidate->ohmPerKm * $cos + $candidate->reactancePerKm * sqrt(max(0.0, 1 - $cos ** 2))) * $this->metres / 1000;

        return 100 * ($run->sixLeads ? $sixLeadFactor : sqrt(3)) * $amperes * $ohm / $this->volts;
    }
}
