<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Start\Motion\Impedance;

/** The supply as an earth fault sees it. */
final readonly class EarthSupply
{
    /**
     * @param  float  $lineVolts  between lines, V
     * @param  float  $earthVolts  from line to earth, V
     * @param  Impedance|null  $source  Ω; null where only its size is known
     * @param  float  $sourceOhm  its size, which is added to that of the conductors where the angle is not known
     * @param  bool  $ownElectrode  whether exposed parts are earthed at an electrode of their own, through earth
     * @param  float|null  $resistorOhm  between star point and earth
     * @param  float|null  $resistorAmperes  that a resistor lets flow at most
     * @param  float  $voltageFactor  of the smallest fault current. IEC 60909-0
     * @param  list<string>  $assumptions
     * @param  float|null  $mostAmperes  that a generator or an inverter keeps up until a device has cleared; null on the mains
     */
    public function __construct(
        public Earthing $earthing,
        public float $lineVolts,
        public float $earthVolts,
        public ?Impedance $source,
        public float $sourceOhm,
        public bool $ownElectrode,
        public ?float $resistorOhm,
        public ?float $resistorAmperes,
        public float $voltageFactor,
        public array $assumptions,
        private ?float $mostAmperes = null,
    ) {
    }

    /** The same at the end of conductors that lie before: as a board below sees it. */
    public function behind(Impedance $conductors): self
    {
        return new self(
            $this->earthing, $this->lineVolts, $this->earthVolts, $this->source?->plus($conductors), $this->loop($conductors),
            $this->ownElectrode, $this->resistorOhm, $this->resistorAmperes, $this->voltageFactor, $this->assumptions, $this->mostAmperes,
        );
    }

    /** Impedance of the loop, Ω, with the conductors of both ways. */
    public function loop(Impedance $conductors): float
    {
        return $this->source === null
            ? $this->sourceOhm + $conductors->magnitude()
            : $this->source->plus($conductors)->magnitude();
    }

    /**
     * Smallest current of a fault, A.
     *
     * @param  float  $loopOhm  what `loop` answered
     */
    public function faultCurrent(float $loopOhm): float
    {
        return min($this->mostAmperes ?? INF, $this->drivenCurrent($loopOhm));
    }

    private function drivenCurrent(float $loopOhm): float
    {
        if ($this->earthing === Earthing::Resistance) {
            return $this->resistorAmperes ?? $this->earthVolts / (($this->resistorOhm ?? 0.0) + $loopOhm);
        }
        if ($this->earthing === Earthing::It && ! $this->ownElectrode) {
            // The second fault stands in another circuit with no longer a loop, and the full voltage drives both.
            return $this->voltageFactor * $this->lineVolts / (2 * $loopOhm);
        }

        return $this->voltageFactor * $this->earthVolts / $loopOhm;
    }

    /**
     * How the smallest current is found; `{V}` stands for the line voltage.
     *
     * @param  float  $loopOhm  what `loop` answered
     * @return array{string, string} formula and working
     */
    public function currentWorking(float $loopOhm): array
    {
        $ohm = Show::number($loopOhm, 4).' Ω';
        $volts = Show::number($this->earthVolts, 4).' V';
        $c = Show::number($this->voltageFactor);

        return match (true) {
            $this->mostAmperes !== null && $this->mostAmperes < $this->drivenCurrent($loopOhm) => [
                'what the source keeps up', Show::quantity($this->mostAmperes, Unit::Ampere, 4).', less than through the loop of '.$ohm,
            ],
            $this->earthing === Earthing::Resistance && $this->resistorAmperes !== null => ['limited by the resistor', 'entered'],
            $this->earthing === Earthing::Resistance => [
                'U0 / (R + Z)', $volts.' ÷ ('.Show::number($this->resistorOhm ?? 0.0).' Ω + '.$ohm.')',
            ],
            $this->earthing === Earthing::It && ! $this->ownElectrode => ['c V / (2 Z)', $c.' × {V} ÷ (2 × '.$ohm.')'],
            default => ['c U0 / Z', $c.' × '.$volts.' ÷ '.$ohm],
        };
    }

    /**
     * The parts of the loop, with the conductors of both ways.
     *
     * @param  Impedance|null  $toStarter  null where there is one run only
     */
    public function loopWorking(?Impedance $toStarter, Impedance $toMotor): string
    {
        $part = static fn (Impedance $one): string => Show::number(1000 * $one->resistance, 4).' + j'.
            Show::number(1000 * $one->reactance, 4).' mΩ';
        $source = $this->source === null ? Show::number(1000 * $this->sourceOhm, 4).' mΩ, added arithmetically' : $part($this->source);

        return 'source '.$source.($toStarter === null ? '' : ', to the starter '.$part($toStarter)).', to the motor '.$part($toMotor);
    }

    /** Largest loop impedance, Ω, at which a current still flows; 0 where the source does not keep it up. */
    public function loopLimit(float $amperes): float
    {
        if ($amperes > ($this->mostAmperes ?? INF)) {
            return 0.0;
        }

        return $this->earthing === Earthing::It && ! $this->ownElectrode
            ? $this->voltageFactor * $this->lineVolts / (2 * $amperes)
            : $this->voltageFactor * $this->earthVolts / $amperes;
    }

    /** Whether the protective device itself must clear an earth fault. */
    public function clearsByDevice(): bool
    {
        return ! $this->ownElectrode && $this->earthing !== Earthing::Resistance;
    }
}
