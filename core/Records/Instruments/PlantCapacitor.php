<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

/** The capacitor of a plant, whole or with dead elements. */
final readonly class PlantCapacitor
{
    /**
     * @param  float  $vars  at the volts of the healthy supply, var
     * @param  float  $volts  of that supply, V
     * @param  float  $voltShare  of those volts that stand now
     */
    public function __construct(private float $vars, private float $volts, private float $voltShare, private ?HiddenFault $fault)
    {
    }

    /**
     * In its three lines.
     *
     * @return array{float, float, float} A
     */
    public function amps(): array
    {
        $amps = $this->vars / (sqrt(3) * $this->volts) * $this->voltShare * ($this->fault?->of(FaultKind::WrongCapacitor) ?? 1.0);
        $dead = (int) ($this->fault?->of(FaultKind::DeadCapacitorElement) ?? 0.0);
        $shares = match ($dead) {
            0 => [1.0, 1.0, 1.0],
            1 => [1.0, 1 / sqrt(3), 1 / sqrt(3)],
            default => [0.0, 1 / sqrt(3), 1 / sqrt(3)],
        };
        $turned = [];
        foreach ([0, 1, 2] as $k) {
            $turned[] = $amps * $shares[($k + 3 - ($this->fault->place ?? 0)) % 3];
        }

        return [$turned[0], $turned[1], $turned[2]];
    }

    /** What it gives, var. */
    public function gives(): float
    {
        $dead = (int) ($this->fault?->of(FaultKind::DeadCapacitorElement) ?? 0.0);

        return $this->vars * $this->voltShare ** 2 * ($this->fault?->of(FaultKind::WrongCapacitor) ?? 1.0)
            * (1 - $dead / 3);
    }
}
