<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Tables\Table;

/** What the product standards of this world say of a device’s time: a few limits, no curve. */
final readonly class DeviceLimits
{
    private const SECONDS = 60.0;

    public function __construct(private Table $table)
    {
    }

    /**
     * Limits only, with what its maker must be asked; null for a device without a rating, or above what the standard lists.
     *
     * @param  float  $rating  A
     */
    public function band(Scpd $scpd, float $rating): ?Band
    {
        if ($scpd->isInstantaneous()) {
            return null;
        }
        $kind = $scpd->isFuse() ? 'fuse' : 'breaker';
        $upper = [];
        foreach (['conventional' => 'conventional_times', 'double' => 'double_times'] as $test => $times) {
            $minutes = self::upTo($this->table->series($kind, $test), $rating);
            if ($minutes !== null) {
                $upper[] = [$this->table->must($times) * $rating, self::SECONDS * $minutes];
            }
        }
        $lower = $scpd === Scpd::FuseDualElement
            ? [[$this->table->must('time_delay', 'holds_times') * $rating, self::SECONDS * $this->table->must('time_delay', 'holds')]]
            : [];

        return $upper === [] ? null : new Band($lower, $upper, 'The standard gives limits only: use the manufacturer’s curve.');
    }

    /** @param  array<array-key, float>  $series  by the largest rating that each holds for, ascending */
    private static function upTo(array $series, float $rating): ?float
    {
        foreach ($series as $largest => $minutes) {
            if ($rating <= (float) $largest) {
                return $minutes;
            }
        }

        return null;
    }
}
