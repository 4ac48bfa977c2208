<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Stations\Guard\Device;

/** An aM fuse: it protects against short circuits only. Straight on logarithmic scales between its gates. IEC 60269-2. */
final readonly class AmFuse implements Device
{
    /** Multiple of the rating that it carries for as long as one likes. */
    private const NEVER = 1.0;

    /**
     * @param  float  $rating  A
     * @param  non-empty-list<array{float, float}>  $carries  multiples of the rating with the seconds that it does not melt for
     * @param  non-empty-list<array{float, float}>  $operates  multiples with the seconds within which it has acted
     */
    public function __construct(private float $rating, private array $carries, private array $operates)
    {
    }

    public function scpd(): Scpd
    {
        return Scpd::FuseAm;
    }

    public function rating(): float
    {
        return $this->rating;
    }

    public function holdsFor(float $amperes): float
    {
        $multiple = $amperes / $this->rating;

        return match (true) {
            $multiple <= self::NEVER => INF,
            $multiple <= $this->carries[0][0] => $this->carries[0][1],
            default => self::between($this->carries, $multiple) ?? 0.0,
        };
    }

    public function carries(float $amperes, float $seconds): bool
    {
        return $seconds <= $this->holdsFor($amperes) * (1 + 1e-6);
    }

    public function clears(float $amperes): ?float
    {
        $multiple = $amperes / $this->rating;
        $last = $this->operates[count($this->operates) - 1];

        return match (true) {
            $multiple < $this->operates[0][0] => null,
            $multiple >= $last[0] => $last[1],
            default => self::between($this->operates, $multiple),
        };
    }

    public function clearsFrom(float $seconds): float
    {
        $last = $this->operates[count($this->operates) - 1];
        if ($seconds >= $this->operates[0][1]) {
            return $this->operates[0][0] * $this->rating;
        }
        if ($seconds <= $last[1]) {
            return $last[0] * $this->rating;
        }
        $times = array_map(static fn (array $gate): array => [1 / $gate[1], $gate[0]], $this->operates);

        return (self::between($times, 1 / $seconds) ?? $last[0]) * $this->rating;
    }

    public function letsThrough(float $amperes): ?float
    {
        $seconds = $this->clears($amperes);
        $last = $this->operates[count($this->operates) - 1];

        return $seconds === null ? null : min($amperes, $last[0] * $this->rating) ** 2 * $seconds;
    }

    public function limitsEnergy(): bool
    {
        return true;
    }

    public function band(): Band
    {
        return new Band($this->scaled($this->carries), $this->scaled($this->operates));
    }

    /**
     * @param  non-empty-list<array{float, float}>  $gates  multiples of the rating with seconds
     * @return list<array{float, float}> A with seconds
     */
    private function scaled(array $gates): array
    {
        return array_map(fn (array $gate): array => [$gate[0] * $this->rating, $gate[1]], $gates);
    }

    public function largestVoltage(): null
    {
        return null;
    }

    public function largestBreakingCapacity(): null
    {
        return null;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $gates  ascending
     * @return float|null null outside of them
     */
    private static function between(array $gates, float $at): ?float
    {
        for ($i = 1; $i < count($gates); $i++) {
            if ($at <= $gates[$i][0] && $at >= $gates[$i - 1][0]) {
                $share = log($at / $gates[$i - 1][0]) / log($gates[$i][0] / $gates[$i - 1][0]);

                return $gates[$i - 1][1] * ($gates[$i][1] / $gates[$i - 1][1]) ** $share;
            }
        }

        return null;
    }
}
