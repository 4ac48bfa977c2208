<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Nec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Tables\Table;

/** Standard ratings of fuses and inverse-time breakers. NEC 240.6(A). */
final readonly class StandardRatings
{
    /** The one that older editions list for fuses only. */
    private const TEN_AMPERES = 10.0;

    public function __construct(private Table $table)
    {
    }

    /**
     * @param  bool  $tenAmperes  whether 10 A is in the main list
     * @return list<float> A, ascending
     */
    public function of(Scpd $scpd, bool $tenAmperes): array
    {
        $ratings = $this->table->numbers('ratings');
        if (! $tenAmperes) {
            $ratings = array_values(array_filter($ratings, static fn (float $rating): bool => $rating > self::TEN_AMPERES));
        }
        if ($scpd !== Scpd::BreakerInverseTime) {
            $ratings = array_values(array_unique([...$this->table->numbers('fuse_only'), ...$ratings, self::TEN_AMPERES]));
            sort($ratings);
        }

        return $ratings;
    }

    /** Why a rating (A) is not sure to be standard, or null. */
    public function doubt(float $rating): ?Doubt
    {
        return $rating === self::TEN_AMPERES ? $this->table->doubt('ratings', '0') : null;
    }
}
