<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;

/** How much larger than the supply's own the impedance is that a harmonic current meets at the bus, over its order. */
final readonly class ResonanceCurve implements Curve
{
    private const HIGHEST = 25;

    private const STEPS_AN_ORDER = 5;

    /** Reactance over resistance of the supply, which damps the resonance. Common practice. */
    private const DAMPING = 10.0;

    /**
     * @param  float  $shortCircuit  VA
     * @param  float  $given  by the capacitors that are alike, var at the fundamental
     * @param  float  $detuning  of them, per unit
     * @param  float  $plain  by others without reactors, var
     * @param  float  $order  of the resonance
     */
    public function __construct(
        private float $shortCircuit,
        private float $given,
        private float $detuning,
        private float $plain,
        private float $order,
    ) {
    }

    public function name(): string
    {
        return 'resonance';
    }

    public function toArray(): array
    {
        $points = [];
        for ($i = self::STEPS_AN_ORDER; $i <= self::HIGHEST * self::STEPS_AN_ORDER; $i++) {
            $order = $i / self::STEPS_AN_ORDER;
            $points[] = ['order' => $order, 'times' => round($this->times($order), 4)];
        }

        return ['points' => $points, 'order' => Shown::of($this->order)->toArray(), 'detuned' => $this->detuning > 0];
    }

    /** Times the impedance of the supply alone: with all in parallel, each as it is at this order. */
    public function times(float $order): float
    {
        $source = self::admittance($order / self::DAMPING / $this->shortCircuit, $order / $this->shortCircuit);
        $units = self::series($order, $this->given, $this->detuning);
        $others = self::series($order, $this->plain, 0.0);
        $all = hypot($source[0] + $units[0] + $others[0], $source[1] + $units[1] + $others[1]);

        return hypot(...$source) / $all;
    }

    /**
     * Capacitors behind their reactors, for one volt.
     *
     * @param  float  $given  var at the fundamental
     * @return array{float, float} conductance and susceptance
     */
    private static function series(float $order, float $given, float $detuning): array
    {
        if ($given <= 0) {
            return [0.0, 0.0];
        }
        $capacitor = 1 / ($given * (1 - $detuning));

        return self::admittance($capacitor * 1e-3, $order * $detuning * $capacitor - $capacitor / $order);
    }

    /** @return array{float, float} conductance and susceptance of resistance and reactance */
    private static function admittance(float $resistance, float $reactance): array
    {
        $square = $resistance ** 2 + $reactance ** 2;

        return [$resistance / $square, -$reactance / $square];
    }

    public static function schema(): array
    {
        return Shape::object([
            'points' => Shape::list(Shape::object(['order' => Shape::number(), 'times' => Shape::number()], 'ResonancePoint')),
            'order' => Shape::shown(), 'detuned' => Shape::flag(),
        ], 'ResonanceCurve');
    }
}
