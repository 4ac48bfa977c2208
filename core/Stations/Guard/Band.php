<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

/**
 * Lower and upper edge of a device: straight on logarithmic scales between points of amperes and seconds. An edge that no
 * standard tells has no points.
 */
final readonly class Band
{
    /**
     * @param  list<array{float, float}>  $lower  A, s: left of it the device does not act
     * @param  list<array{float, float}>  $upper  A, s: right of it the device has acted
     * @param  string  $asks  what only its maker can tell; empty where the standard tells all
     */
    public function __construct(public array $lower, public array $upper, public string $asks = '')
    {
    }

    /** The same with all currents so many times as large. */
    public function times(float $factor): self
    {
        return new self(self::grown($this->lower, $factor), self::grown($this->upper, $factor), $this->asks);
    }

    /**
     * @param  list<array{float, float}>  $edge
     * @return list<array{float, float}>
     */
    private static function grown(array $edge, float $factor): array
    {
        return array_map(static fn (array $point): array => [$factor * $point[0], $point[1]], $edge);
    }

    /**
     * For how long a current is sure to flow before the device acts, s. Left of the edge that is at least its first time; right of
     * it nothing is sure. Null where no standard tells.
     *
     * @param  float  $amperes  A
     */
    public function holds(float $amperes): ?float
    {
        return match (true) {
            $this->lower === [] => null,
            $amperes <= $this->lower[0][0] => $this->lower[0][1],
            default => self::between($this->lower, $amperes) ?? 0.0,
        };
    }

    /**
     * Within which time the device is sure to have acted, s; null where it need not act, or no standard tells.
     *
     * @param  float  $amperes  A
     */
    public function acts(float $amperes): ?float
    {
        return match (true) {
            $this->upper === [] || $amperes < $this->upper[0][0] => null,
            default => self::between($this->upper, $amperes) ?? $this->upper[count($this->upper) - 1][1],
        };
    }

    /**
     * @param  list<array{float, float}>  $edge
     * @return float|null null right of its last point
     */
    private static function between(array $edge, float $amperes): ?float
    {
        for ($i = 1; $i < count($edge); $i++) {
            [$from, $fromSeconds] = $edge[$i - 1];
            [$to, $seconds] = $edge[$i];
            if ($amperes <= $to) {
                return $to <= $from ? $seconds : $fromSeconds * ($seconds / $fromSeconds) ** (log($amperes / $from) / log($to / $from));
            }
        }

        return null;
    }
}
