<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

/**
 * The sizes of two runs that pass together with the least metal: a larger line leaves more drop for the run to the motor. Conductors in
 * parallel are looked at only where no single ones pass.
 */
final readonly class LeastMetal
{
    /** @param  FaultJudge|null  $judge  what an earth fault asks for */
    public function __construct(private Ladder $motor, private Ladder $line, private ?FaultJudge $judge)
    {
    }

    public function picks(): Picks
    {
        foreach (self::order() as $pairs) {
            $picks = $this->among($pairs);
            if ($picks !== null) {
                return $picks;
            }
        }

        return $this->none();
    }

    /**
     * In which order sets of both runs are tried: as few as can be, and in one run alone where that will do.
     *
     * @return iterable<list<array{int, int}>> of the line and of the run to the motor; those of one step are tried together
     */
    private static function order(): iterable
    {
        yield [[1, 1]];
        for ($sets = 2; $sets <= ParallelLimits::MOST_SETS; $sets++) {
            yield [[1, $sets], [$sets, 1]];
        }
        for ($sets = 4; $sets <= 2 * ParallelLimits::MOST_SETS; $sets++) {
            $pairs = [];
            for ($line = max(2, $sets - ParallelLimits::MOST_SETS); $line <= min($sets - 2, ParallelLimits::MOST_SETS); $line++) {
                $pairs[] = [$line, $sets - $line];
            }
            yield $pairs;
        }
    }

    /** @param  list<array{int, int}>  $pairs  sets of the line and of the run to the motor */
    private function among(array $pairs): ?Picks
    {
        $best = null;
        $least = INF;
        foreach ($pairs as [$ofLine, $ofMotor]) {
            $motors = $this->motor->inSets($ofMotor);
            foreach ($motors === [] ? [] : $this->line->inSets($ofLine) as $line) {
                $metal = $this->line->metal($line);
                if ($metal + $this->motor->metal($motors[0]) >= $least) {
                    break;
                }
                if (! $this->line->fixed() && ! $this->line->passes($line, new Spent(), $this->judge?->line())) {
                    continue;
                }
                $motor = $this->behind($line, $motors, $least - $metal);
                if ($motor !== null) {
                    [$best, $least] = [new Picks($motor, $line), $metal + $this->motor->metal($motor)];
                }
            }
        }

        return $best;
    }

    /**
     * The smallest run to the motor that passes behind a line.
     *
     * @param  list<int>  $motors
     * @param  float  $below  metal that it must stay under
     */
    private function behind(int $line, array $motors, float $below): ?int
    {
        $spent = $this->line->spent($line);
        $check = $this->judge?->motor($this->line->candidate($line));
        foreach ($motors as $motor) {
            if ($this->motor->metal($motor) >= $below) {
                return null;
            }
            if ($this->motor->passes($motor, $spent, $check)
                && $this->judge?->lineBears($this->line->candidate($line), $this->motor->candidate($motor)) !== false) {
                return $motor;
            }
        }

        return null;
    }

    /** No pair passes: the line stays as small as it may, and the run to the motor tells why it fails. */
    private function none(): Picks
    {
        $line = $this->line->pick(new Spent(), 0, $this->judge?->line());
        $check = $this->judge?->motor($line === null ? null : $this->line->candidate($line));

        return new Picks($this->motor->pick($this->line->spent($line), 0, $check), $line);
    }
}
