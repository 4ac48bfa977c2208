<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Tables\Table;

/** Miniature circuit-breakers. IEC 60898-1. */
final readonly class BreakerTable
{
    /** A, up to which the shorter of two times at the lower magnetic edge holds; up to the second, for type D, a longer one again. */
    private const SMALL = 32;

    private const SMALLEST = 10;

    public function __construct(private Table $table)
    {
    }

    /** @return list<MiniatureBreaker> every rating of one type, ascending */
    public function breakers(Scpd $scpd): array
    {
        $type = self::type($scpd);

        return array_map(
            fn (float $rating): MiniatureBreaker => new MiniatureBreaker(
                $scpd, $rating, $this->table->must('instantaneous', $type, '0'), $this->table->must('instantaneous', $type, '1'),
                $this->thermalTime(), $this->clearsAtLowerEdge($type, $rating), $this->largestVoltage(), $this->largestBreakingCapacity(),
            ),
            $this->table->numbers('ratings'),
        );
    }

    /** s times the square of the multiple: a typical thermal release. */
    public function thermalTime(): float
    {
        return $this->table->must('thermal_time_s_times_multiple_squared');
    }

    /** V between lines */
    public function largestVoltage(): float
    {
        return $this->table->must('largest_voltage');
    }

    /** A */
    public function largestBreakingCapacity(): float
    {
        return max([0.0, ...$this->table->numbers('breaking_capacity_ka')]) * 1000;
    }

    /** Why the limits of a rating (A) are not sure, or null. */
    public function doubt(float $rating): ?Doubt
    {
        return $this->table->doubt('ratings', (string) array_search($rating, $this->table->numbers('ratings'), true));
    }

    public function cited(): string
    {
        return $this->table->cited();
    }

    /**
     * `D` of a breaker of type D.
     *
     * @throws Defect when it is no miniature breaker
     */
    public static function type(Scpd $scpd): string
    {
        return match ($scpd) {
            Scpd::BreakerB => 'B', Scpd::BreakerC => 'C', Scpd::BreakerD => 'D',
            default => throw Defect::noEntry('iec/breaker', $scpd->value),
        };
    }

    /** s */
    private function clearsAtLowerEdge(string $type, float $rating): float
    {
        $long = $rating > self::SMALL || ($type === 'D' && $rating <= self::SMALLEST);

        return $this->table->must('upper_time_at_lower_multiple_s', $type, $long ? '1' : '0');
    }
}
