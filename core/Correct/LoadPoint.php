<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;

/**
 * Real and reactive power at the share of output it really runs at: losses split 0.4 constant and 0.6 with the square of
 * the load, reactive power from its no-load value with the square. Own approximation, marked away from full load.
 */
final readonly class LoadPoint
{
    public Figure $power;

    public Figure $reactive;

    public float $noLoadReactive;

    private float $outputWatts;

    private float $lossWatts;

    private float $fullReactive;

    public function __construct(Circuit $circuit, Sheet $sheet)
    {
        $input = $sheet->need('power.input');
        $output = $sheet->need('power.output');
        $reactive = $sheet->need('power.reactive');
        $this->outputWatts = $output->number();
        $this->lossWatts = $input->number() - $output->number();
        $this->fullReactive = $reactive->number();
        $this->noLoadReactive = self::noLoad($circuit, $sheet);
        $load = $circuit->number('correction.load_percent');
        $x = ($load?->number() ?? 100.0) / 100;
        if ($load === null || abs($x - 1) < 1e-9) {
            $this->power = $input;
            $this->reactive = $reactive;

            return;
        }
        $this->power = $sheet->work('correct.load_power', 'Real power at this load', $this->powerAt($x), 'W', 'x P_n + loss (0.4 + 0.6 x²)', '{x} of {P}, losses '.Show::quantity($this->lossWatts, 'W').' split 0.4 and 0.6', ['x' => $load, 'P' => $output], 'own approximation', 'losses and reactive power at part load by approximation');
        $this->reactive = $sheet->work('correct.load_reactive', 'Reactive power at this load', $this->reactiveAt($x), 'var', 'Q_0 + (Q_n − Q_0) x²', 'between no load and {Q} at {x}', ['Q' => $reactive, 'x' => $load], 'own approximation', 'losses and reactive power at part load by approximation');
    }

    public function powerAt(float $share): float
    {
        return $share * $this->outputWatts + $this->lossWatts * (0.4 + 0.6 * $share ** 2);
    }

    public function reactiveAt(float $share): float
    {
        return $this->noLoadReactive + ($this->fullReactive - $this->noLoadReactive) * $share ** 2;
    }

    private static function noLoad(Circuit $circuit, Sheet $sheet): float
    {
        $measured = $circuit->number('plate.no_load_current');
        $current = $sheet->need('power.overload_current');
        $factor = $sheet->need('plate.power_factor');
        $volts = $sheet->need('plate.rated_voltage');
        if ($measured !== null) {
            $figure = $sheet->put(new Figure('correct.no_load_current', 'No-load current', $measured->number(), 'A', '', '', 'typed'));
        } else {
            $cos = $factor->number();
            $figure = $sheet->work('correct.no_load_current', 'No-load current', min(2 * (1 - $cos), sqrt(max(0.0, 1 - $cos ** 2))) * $current->number(), 'A', 'min(2 (1 − cos φ), sin φ) · I_n',
                2 * (1 - $cos) <= sqrt(max(0.0, 1 - $cos ** 2)) ? '2 × (1 − {pf}) × {I}' : '√(1 − {pf}²) × {I}', ['pf' => $factor, 'I' => $current], 'common practice, no source', 'no-load current estimated from the power factor');
        }

        return $sheet->work('correct.no_load_reactive', 'Reactive power at no load', sqrt(3) * $volts->number() * $figure->number(), 'var', '√3 V I_0', '√3 × {V} × {I}', ['V' => $volts, 'I' => $figure])->number();
    }
}
