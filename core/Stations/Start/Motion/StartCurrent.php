<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use function abs;
use function array_map;
use function count;
use function sqrt;

/** The current of a start over time, in steps, as devices and relays see it. */
final readonly class StartCurrent
{
    /** Steps are merged while their current stays within this share. */
    private const ALIKE = 0.04;

    /** @param  list<array{seconds: float, line: float, lead: float, phase: Phase}>  $steps  rms before and behind the starter, A */
    private function __construct(public array $steps)
    {
    }

    public static function of(Course $course): self
    {
        $steps = [];
        foreach ($course->moments as $i => $moment) {
            if ($i === 0) {
                continue;
            }
            $before = $course->moments[$i - 1];
            $seconds = $moment->time - $before->time;
            if ($seconds <= 0 || $moment->phase !== $before->phase) {
                continue;
            }
            $line = self::rms($before->node->flow->line, $moment->node->flow->line);
            $lead = self::rms($before->node->flow->lead, $moment->node->flow->lead);
            $last = count($steps) - 1;
            if ($last >= 0 && $steps[$last]['phase'] === $moment->phase && abs($line - $steps[$last]['line']) <= self::ALIKE * $line) {
                $whole = $steps[$last]['seconds'] + $seconds;
                $steps[$last]['line'] = self::mean($steps[$last]['line'], $whole - $seconds, $line, $seconds);
                $steps[$last]['lead'] = self::mean($steps[$last]['lead'], $whole - $seconds, $lead, $seconds);
                $steps[$last]['seconds'] = $whole;
            } else {
                $steps[] = ['seconds' => $seconds, 'line' => $line, 'lead' => $lead, 'phase' => $moment->phase];
            }
        }

        return new self($steps);
    }

    /** Of a first stage that is held on to. */
    public static function ofLeg(Leg $leg): self
    {
        return self::of(new Course(
            array_map(static fn (Node $node, float $time): Moment => new Moment($time, $node, Phase::First), $leg->nodes, $leg->times),
            null, 0.0,
        ));
    }

    private static function rms(float $from, float $to): float
    {
        return sqrt(($from * $from + $from * $to + $to * $to) / 3);
    }

    /** rms of two currents that flow for two times. */
    private static function mean(float $a, float $aSeconds, float $b, float $bSeconds): float
    {
        return sqrt(($a ** 2 * $aSeconds + $b ** 2 * $bSeconds) / ($aSeconds + $bSeconds));
    }

    /** The same with all currents so many times as large. */
    public function times(float $factor): self
    {
        return new self(array_map(static fn (array $step): array => [
            'seconds' => $step['seconds'], 'line' => $factor * $step['line'], 'lead' => $factor * $step['lead'], 'phase' => $step['phase'],
        ], $this->steps));
    }

    /** The same course with each moment so many times as long: a start that was timed to take longer than it should. */
    public function stretched(float $factor): self
    {
        return new self(array_map(static fn (array $step): array => [...$step, 'seconds' => $factor * $step['seconds']], $this->steps));
    }

    /**
     * What flows through a relay behind the starter.
     *
     * @param  float  $share  of the line current that flows there once the motor runs
     * @return list<array{float, float}> [s, A]
     */
    public function at(float $share): array
    {
        return array_map(
            static fn (array $step): array => [$step['seconds'], $step['phase'] === Phase::Full ? $share * $step['lead'] : $step['lead']],
            $this->steps,
        );
    }
}
