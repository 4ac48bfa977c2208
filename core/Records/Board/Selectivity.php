<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Stations\Guard\AdjustableBreaker;
use BraveAnvil\Stations\Guard\Device;
use BraveAnvil\Stations\Guard\DeviceRules;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** Whether the device of a circuit clears a fault before that of the feeder acts, and up to which current. IEC 60269, 60898, 60947-2. */
final readonly class Selectivity
{
    private const SHORT_SECONDS = 0.1;

    /** Half a cycle, in which a breaker clears at the earliest what a fuse may have melted by. Common practice. */
    private const HALF_CYCLE = 0.01;

    /** Smallest fuse of which the gates are remembered, A. */
    private const LEAST_FUSE = 16.0;

    /** Conventional currents: fuse, miniature breaker, and what the feeder's device holds for as long. IEC 60269-1, 60898-1, 60947-2. */
    private const FUSE_ACTS = 1.6;

    private const BREAKER_ACTS = 1.45;

    private const FUSE_HOLDS = 1.25;

    private const BREAKER_HOLDS = 1.05;

    /** Share of a setting at which a release may act already. */
    private const TOLERANCE = 0.8;

    /** Times its highest setting up to which a motor breaker may let pass for 0.1 s. IEC 60947-4-1. */
    private const MOTOR_BREAKER = 15.6;

    /** Multiples of an aM fuse with the times in which it clears them. IEC 60269-2. */
    private const AM = [[12.5, 0.5], [19.0, 0.1]];

    private const THERMAL_TEST = 2.55;

    private const SMALL = 32.0;

    /**
     * @param  float|null  $fuse  rating of a gG fuse of the feeder, A; null where it is a breaker
     * @param  AdjustableBreaker|null  $breaker  null where it is a fuse
     */
    public function __construct(
        private ?float $fuse,
        private ?AdjustableBreaker $breaker,
        private DeviceRules $devices,
        private Tables $tables,
        private ?float $prospective,
    ) {
    }

    /** @return array{SelectivityVerdict, float|null} and the limit, A, where there is one */
    public function of(BoardMotor $motor): array
    {
        return $this->ofDevice(Scpd::tryFrom((string) $motor->solution->figure('guard.scpd')?->value), $motor->deviceRating);
    }

    /**
     * @param  Scpd|null  $scpd  of the circuit, or of the feeder of a board; null where it is not known
     * @param  float|null  $rating  A
     * @return array{SelectivityVerdict, float|null} and the limit, A, where there is one
     */
    public function ofDevice(?Scpd $scpd, ?float $rating): array
    {
        if ($scpd === null || $rating === null || ! $this->isKnown() || ($scpd === Scpd::FuseGg && $rating < self::LEAST_FUSE)) {
            return [SelectivityVerdict::NotChecked, null];
        }
        $device = $this->devices->device($scpd, $rating, $rating);
        foreach ($this->points($scpd, $rating, $device) as [$amperes, $seconds]) {
            if (! $this->holds($amperes, $seconds)) {
                return [SelectivityVerdict::NotSelective, null];
            }
        }
        if (! $this->holdsLong($scpd, $rating) || ! $this->clearsInDelay($device)) {
            return [SelectivityVerdict::NotSelective, null];
        }
        $limit = $this->limit($scpd);

        return $limit >= ($this->prospective ?? INF) ? [SelectivityVerdict::Selective, null] : [SelectivityVerdict::SelectiveUpTo,
            $limit];
    }

    private function isKnown(): bool
    {
        if ($this->prospective === null) {
            return false;
        }

        return $this->breaker === null ? $this->fuse !== null && $this->fuse >= self::LEAST_FUSE
            : $this->breaker->longTimeDelay !== null && $this->breaker->instantaneous !== null
                && ($this->breaker->shortTime === null || is_infinite($this->breaker->shortTime)
                    || $this->breaker->shortTimeDelay !== null);
    }

    /** @return list<array{float, float}> A and s that the device of the circuit may let pass at most */
    private function points(Scpd $scpd, float $rating, ?Device $device): array
    {
        return match ($scpd) {
            Scpd::FuseGg => $device === null ? [] : [
                ...$this->breaker === null ? [] : [[$device->clearsFrom(5.0), 5.0]],
                [$device->clearsFrom(self::SHORT_SECONDS), self::SHORT_SECONDS],
            ],
            Scpd::FuseAm => array_map(static fn (array $point): array => [$point[0] * $rating, $point[1]], self::AM),
            Scpd::BreakerB, Scpd::BreakerC, Scpd::BreakerD => $this->miniature($scpd, $rating),
            Scpd::MotorBreaker => [[self::MOTOR_BREAKER * $rating, self::SHORT_SECONDS]],
            Scpd::FuseDualElement, Scpd::FuseNonTimeDelay, Scpd::BreakerInverseTime, Scpd::BreakerInstantaneous => [],
        };
    }

    /** @return list<array{float, float}> */
    private function miniature(Scpd $scpd, float $rating): array
    {
        $table = $this->tables->named(TableName::IecBreaker);
        $letter = strtoupper(substr($scpd->value, -1));
        $large = $rating > self::SMALL;

        return [
            [self::THERMAL_TEST * $rating, $large ? 120.0 : 60.0],
            [$table->must('instantaneous', $letter, '0') * $rating, $table->must('upper_time_at_lower_multiple_s', $letter,
                $large ? '1' : '0')],
            [$table->must('instantaneous', $letter, '1') * $rating, self::SHORT_SECONDS],
        ];
    }

    private function holds(float $amperes, float $seconds): bool
    {
        if ($this->breaker !== null) {
            return $this->breaker->holds($seconds) >= $amperes * (1 - 1e-6);
        }

        return $this->devices->device(Scpd::FuseGg, $this->fuse ?? 0.0, 0.0)?->carries($amperes, $seconds) === true;
    }

    /** Whether an overload is cleared by the circuit alone. */
    private function holdsLong(Scpd $scpd, float $rating): bool
    {
        $acts = match ($scpd) {
            Scpd::FuseGg => self::FUSE_ACTS * $rating,
            Scpd::BreakerB, Scpd::BreakerC, Scpd::BreakerD => self::BREAKER_ACTS * $rating,
            Scpd::FuseAm, Scpd::MotorBreaker, Scpd::FuseDualElement, Scpd::FuseNonTimeDelay, Scpd::BreakerInverseTime,
            Scpd::BreakerInstantaneous => 0.0,
        };
        $holds = $this->breaker !== null ? self::BREAKER_HOLDS * $this->breaker->longTime : self::FUSE_HOLDS * ($this->fuse ?? 0.0);

        return $acts <= $holds * (1 + 1e-6);
    }

    /** Whether the circuit clears, within the delay of the short-time release, what that may act on. */
    private function clearsInDelay(?Device $device): bool
    {
        $short = $this->breaker?->shortTime;
        $delay = $this->breaker?->shortTimeDelay;
        if ($short === null || $delay === null || is_infinite($short)) {
            return true;
        }
        $clears = $device?->clears(self::TOLERANCE * $short);

        return $clears !== null && $clears <= $delay * (1 + 1e-6);
    }

    /** Up to which fault current, A; INF where it always is. */
    private function limit(Scpd $scpd): float
    {
        if ($this->breaker !== null) {
            return self::TOLERANCE * ($this->breaker->instantaneous ?? 0.0);
        }
        $table = $this->tables->named(TableName::IecFuseGg);
        $name = (string) (int) ($this->fuse ?? 0.0);

        return match ($scpd) {
            Scpd::FuseGg => INF,
            Scpd::FuseAm => $table->must('gates', $name, 'min_0_1s'),
            Scpd::BreakerB, Scpd::BreakerC, Scpd::BreakerD, Scpd::MotorBreaker => sqrt(
                $table->must('least_prearcing', $name) / self::HALF_CYCLE,
            ),
            Scpd::FuseDualElement, Scpd::FuseNonTimeDelay, Scpd::BreakerInverseTime, Scpd::BreakerInstantaneous => 0.0,
        };
    }
}
