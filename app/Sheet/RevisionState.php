<?php

declare(strict_types=1);

namespace App\Sheet;

/** Where a revision stands on its way. */
enum RevisionState: string
{
    case Draft = 'draft';
    case InReview = 'in_review';
    case Returned = 'returned';
    case Issued = 'issued';
    case Superseded = 'superseded';
    case Withdrawn = 'withdrawn';

    /** In the middle of a sentence. */
    public function label(): string
    {
        return match ($this) {
            self::Draft => 'a draft', self::InReview => 'in review', self::Returned => 'returned', self::Issued => 'issued',
            self::Superseded => 'superseded', self::Withdrawn => 'withdrawn',
        };
    }

    /** @param  string|null  $step  the last one; null where there is none */
    public static function after(?string $step): self
    {
        return match ($step) {
            'sent' => self::InReview, 'returned' => self::Returned, 'issued' => self::Issued, 'superseded' => self::Superseded,
            'withdrawn' => self::Withdrawn,
            default => self::Draft,
        };
    }

    /** What is printed across a copy that is not in force; empty on one that is. */
    public function mark(): string
    {
        return match ($this) {
            self::Draft => 'DRAFT', self::InReview => 'IN REVIEW', self::Returned => 'RETURNED', self::Issued => '',
            self::Superseded => 'SUPERSEDED', self::Withdrawn => 'WITHDRAWN',
        };
    }
}
