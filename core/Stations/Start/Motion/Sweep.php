<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Physics\Machine\Crossing;
use BraveAnvil\Physics\Machine\MotorPoint;

use function abs;
use function array_filter;
use function array_map;
use function array_reverse;
use function count;
use function exp;
use function log;
use function max;
use function min;

/** One stage of a start over all speeds. */
final class Sweep
{
    private const RADIANS = 2 * M_PI / 60;

    /** @var list<Node>|null */
    private ?array $nodes = null;

    private ?float $steady = null;

    /** @var array<array-key, self> with other shares of torque */
    private array $others = [];

    /** @param  float  $share  of the air gap's torque that is there: 1, or less in the worst case */
    public function __construct(private readonly Train $train, public readonly Stage $stage, private readonly float $share = 1.0)
    {
    }

    /** The same with another share of the air gap's torque. */
    public function with(float $share): self
    {
        return $share === $this->share ? $this : $this->others[(string) $share] ??= $this->sharing($share);
    }

    private function sharing(float $share): self
    {
        $other = new self($this->train, $this->stage, $share);
        $other->nodes = array_map(
            static fn (Node $node, float $friction): Node => new Node(
                $node->speed, $node->flow, $share * $node->flow->torque - $friction, $node->load,
            ),
            $this->nodes(), $this->train->frictions(),
        );

        return $other;
    }

    /** @param  float  $speed  rpm */
    public function at(float $speed): Node
    {
        $flow = $this->stage->flow($this->train->point($speed));

        return new Node(
            $speed, $flow, $this->share * $flow->torque - $this->train->motor->frictionAt($speed), $this->train->load->torque($speed),
        );
    }

    /** @return list<Node> from standstill to synchronous speed */
    public function nodes(): array
    {
        return $this->nodes ??= array_map(function (float $speed, MotorPoint $point, float $friction, float $load): Node {
            $flow = $this->stage->flow($point);

            return new Node($speed, $flow, $this->share * $flow->torque - $friction, $load);
        }, $this->train->speeds(), $this->train->points(), $this->train->frictions(), $this->train->loads());
    }

    /** The first speed from `$from` on at which nothing is left to speed it up, rpm. It is `$from` itself where it does not start. */
    public function equilibrium(float $from): float
    {
        $before = $this->at($from);
        if ($before->surplus <= 0) {
            return $from;
        }
        foreach ($this->nodes() as $node) {
            if ($node->speed <= $from) {
                continue;
            }
            if ($node->surplus <= 0) {
                return $this->crossing($before, $node);
            }
            $before = $node;
        }

        return $before->speed;
    }

    /** Where motor and load agree in normal running, rpm; 0 where the motor cannot carry this load above its breakdown. */
    public function steadySpeed(): float
    {
        return $this->steady ??= $this->settled();
    }

    private function settled(): float
    {
        $above = null;
        foreach (array_reverse($this->nodes()) as $node) {
            if ($node->surplus > 0) {
                $speed = $above === null ? $node->speed : $this->crossing($node, $above);

                return $this->train->isBehind($speed) ? 0.0 : $speed;
            }
            $above = $node;
        }

        return 0.0;
    }

    private function crossing(Node $gains, Node $loses): float
    {
        return Crossing::of(
            fn (float $speed): float => $this->at($speed)->surplus, $gains->speed, $gains->surplus, $loses->speed, $loses->surplus,
            1e-9 * max(1.0, abs($gains->load)),
        );
    }

    /**
     * From one speed to another, the times since the first.
     *
     * @return Leg|null null where it stays behind
     */
    public function leg(float $from, float $to): ?Leg
    {
        $path = [$this->at($from)];
        foreach ($this->nodes() as $node) {
            if ($node->speed > $from + 1e-9 && $node->speed < $to - 1e-9) {
                $path[] = $node;
            }
        }
        if ($to > $from) {
            $path[] = $this->at($to);
        }
        $times = [0.0];
        foreach ($path as $i => $node) {
            if ($node->surplus <= 0) {
                return null;
            }
            if ($i > 0) {
                $times[] = $times[$i - 1] + $this->seconds($path[$i - 1], $node);
            }
        }

        return new Leg($path, $times);
    }

    /**
     * What a time brings from a speed on.
     *
     * @return Leg up to the speed that it reaches; it rests there where it has reached all that this stage can
     */
    public function legFor(float $from, float $seconds): Leg
    {
        $end = $this->equilibrium($from);
        $path = [$this->at($from)];
        $times = [0.0];
        // Just below where it settles: to settle altogether takes for ever.
        $last = $from + ($end - $from) * 0.9999;
        $between = static fn (Node $node): bool => $node->speed > $from + 1e-9 && $node->speed < $last;
        $nodes = $last > $from + 1e-9 ? [...array_filter($this->nodes(), $between), $this->at($last)] : [];
        foreach ($nodes as $node) {
            $before = $path[count($path) - 1];
            $takes = $this->seconds($before, $node);
            $time = $times[count($times) - 1];
            if ($time + $takes >= $seconds) {
                $path[] = $this->at($this->speedAfter($before, $node, $seconds - $time));
                $times[] = $seconds;

                return new Leg($path, $times);
            }
            $path[] = $node;
            $times[] = $time + $takes;
        }
        $path[] = $path[count($path) - 1];
        $times[] = $seconds;

        return new Leg($path, $times);
    }

    /** From one node to the next, with the surplus in a straight line between them. */
    private function seconds(Node $from, Node $to): float
    {
        [$a, $b] = [$from->surplus, $to->surplus];
        $speedUp = $this->train->inertia * self::RADIANS * ($to->speed - $from->speed);

        return abs($b / $a - 1) < 1e-6 ? $speedUp / (($a + $b) / 2) : $speedUp * log($b / $a) / ($b - $a);
    }

    private function speedAfter(Node $from, Node $to, float $seconds): float
    {
        [$a, $b] = [$from->surplus, $to->surplus];
        $span = $this->train->inertia * self::RADIANS * ($to->speed - $from->speed);
        $gained = abs($b / $a - 1) < 1e-6 ? $seconds * $a / $span : $a * (exp($seconds * ($b - $a) / $span) - 1) / ($b - $a);

        return $from->speed + ($to->speed - $from->speed) * min(1.0, $gained);
    }
}
