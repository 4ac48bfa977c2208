<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Physics\Machine\Phasor;
use BraveAnvil\Stations\Start\Motion\Impedance;

/** Source, transformer and feeder in series, and the voltage that they leave at the board. Impedances of one phase, Ω. */
final readonly class BoardNetwork
{
    /**
     * Voltage factors of the largest and of the smallest fault current. IEC 60909-0; handbook 1.10 and 0.90 where the supply
     * may stand so high.
     */
    private const FACTORS = [[1.05, 0.95], [1.10, 0.90]];

    /** Resistance of a cold conductor over that of a warm one: 20 °C against 75 to 90 °C. Common practice. */
    private const COLD = 0.8;

    private const TURNS = 200;

    private const SAME = 1e-12;

    /**
     * @param  float  $volts  between lines
     * @param  float  $noLoad  between lines, behind everything
     * @param  Impedance|null  $upstream  of the mains; null where nobody knows
     * @param  Impedance|null  $transformer  null without one
     * @param  Impedance  $feeder  warm
     * @param  self|null  $above  of the board that feeds this one; null where none does
     * @param  Impedance|null  $subtransient  of a generator, in the first cycles of a fault; its transient one is the transformer's
     */
    public function __construct(
        public float $volts,
        private float $noLoad,
        public ?Impedance $upstream,
        public ?Impedance $transformer,
        public Impedance $feeder,
        private bool $wide = false,
        private ?self $above = null,
        private ?Impedance $subtransient = null,
    ) {
    }

    /** Whether the source is known at all. */
    public function isKnown(): bool
    {
        return $this->above?->isKnown() ?? ($this->upstream !== null || $this->transformer !== null);
    }

    /** Mains and transformer, or all that lies before the board above. */
    public function source(): Impedance
    {
        return $this->above?->warm() ?? ($this->upstream ?? Impedance::none())->plus($this->transformer ?? Impedance::none());
    }

    public function warm(): Impedance
    {
        return $this->source()->plus($this->feeder);
    }

    /** The same in the first cycles of a fault, with conductors at 20 °C. */
    public function coldSource(): Impedance
    {
        return $this->above?->cold() ?? $this->subtransient ?? $this->source();
    }

    public function cold(): Impedance
    {
        return $this->coldSource()->plus(new Impedance(self::COLD * $this->feeder->resistance, $this->feeder->reactance));
    }

    /** With warm conductors, in the first cycles of a fault. */
    public function warmInFault(): Impedance
    {
        return $this->subtransient?->plus($this->feeder) ?? $this->warm();
    }

    /** @return array{float, float} voltage factors of the largest and of the smallest fault current */
    public function factors(): array
    {
        return self::FACTORS[(int) $this->wide];
    }

    /** Before the feeder, A. */
    public function supplyFault(): float
    {
        return $this->factors()[0] * $this->volts / (sqrt(3) * $this->coldSource()->magnitude());
    }

    /** At the board, without the motors, A. */
    public function prospective(): float
    {
        return $this->factors()[0] * $this->volts / (sqrt(3) * $this->cold()->magnitude());
    }

    /** The smallest between two lines at the board, A. */
    public function twoPhase(): float
    {
        return $this->factors()[1] * $this->volts / (2 * $this->warmInFault()->magnitude());
    }

    /** First peak over √2 times the current. IEC 60909-0. */
    public function kappa(): float
    {
        $cold = $this->cold();

        return 1.02 + 0.98 * exp(-3 * $cold->resistance / max(1e-12, $cold->reactance));
    }

    /**
     * Voltages between lines at the board and at the transformer, V; null where the load pulls the supply down.
     *
     * @param  Phasor  $power  P + jQ that all keep at any voltage, VA of three phases
     * @param  Phasor  $admittance  of one phase, of loads that follow the voltage and of motors at standstill, S
     * @return array{float, float}|null
     */
    public function voltages(Phasor $power, Phasor $admittance): ?array
    {
        $impedance = new Phasor($this->warm()->resistance, $this->warm()->reactance);
        $source = new Phasor($this->noLoad / sqrt(3), 0.0);
        $divided = (new Phasor(1.0, 0.0))->plus($impedance->times($admittance));
        $behind = $source->over($divided);
        $series = $impedance->over($divided);
        $board = $behind;
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            $current = $power->scaled(1 / 3)->over($board)->conjugate();
            $next = $behind->minus($series->times($current));
            if ($next->size() < 0.5 * $behind->size()) {
                return null;
            }
            $moved = $next->minus($board)->size();
            $board = $next;
            if ($moved < self::SAME * $source->size()) {
                $taken = $power->scaled(1 / 3)->over($board)->conjugate()->plus($board->times($admittance));
                $before = new Phasor($this->source()->resistance, $this->source()->reactance);

                return [sqrt(3) * $board->size(), sqrt(3) * $source->minus($before->times($taken))->size()];
            }
        }

        return null;
    }
}
