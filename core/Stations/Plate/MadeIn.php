<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

/** When a motor was made, as its serial number says, and until when its maker answers for it. */
final readonly class MadeIn
{
    private const MONTHS = [
        'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December',
    ];

    /**
     * @param  int|null  $week  of the year, 1 to 53
     * @param  int|null  $month  1 to 12
     * @param  int|null  $warranty  months
     */
    public function __construct(public int $year, private ?int $week, private ?int $month, private ?int $warranty)
    {
    }

    /** As sentences: `Made in week 23 of 2014. Warranty of 24 months: until June 2016.` */
    public function says(): string
    {
        $when = match (true) {
            $this->week !== null => 'week '.$this->week.' of '.$this->year,
            $this->month !== null => self::MONTHS[$this->month - 1].' '.$this->year,
            default => (string) $this->year,
        };

        return 'Made in '.$when.', by the pattern of this site.'.($this->warranty === null ? '' : ' Warranty of '.$this->warranty.
            ' months: until '.$this->until($this->warranty).', if it began then.');
    }

    /** The last day of the warranty, as `2016-06-30`; null without one. */
    public function warrantyEnd(): ?string
    {
        if ($this->warranty === null) {
            return null;
        }
        $last = $this->last($this->warranty);

        return sprintf('%04d-%02d-%02d', intdiv($last, 12), $last % 12 + 1, 28 + [3, 0, 3, 2, 3, 2, 3, 3, 2, 3, 2, 3][$last % 12]);
    }

    private function until(int $months): string
    {
        $last = $this->last($months);

        return self::MONTHS[$last % 12].' '.intdiv($last, 12);
    }

    /** The last month, counted from the year 0; of a year alone, from its end. */
    private function last(int $months): int
    {
        // A week lies in the month of its Thursday, near enough for a warranty.
        $made = $this->month ?? ($this->week === null ? 12 : min(12, 1 + intdiv(7 * ($this->week - 1) + 3, 31)));

        return 12 * $this->year + $made - 1 + $months;
    }
}
