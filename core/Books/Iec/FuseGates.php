<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Tables\Practice\GuardPractice;
use BraveAnvil\Tables\Table;

/** Time-current gates of gG fuses. IEC 60269-1. */
final readonly class FuseGates
{
    public function __construct(private Table $table, private GuardPractice $practice)
    {
    }

    /** @return list<GgFuse> every rating that has gates, ascending */
    public function fuses(): array
    {
        return array_map($this->made(...), $this->table->keys('gates'));
    }

    /** @return list<float> the ratings of these, A */
    public function gated(): array
    {
        return array_map(floatval(...), $this->table->keys('gates'));
    }

    /** The fuse of a rating (A), or null where it has no gates. */
    public function fuse(float $rating): ?GgFuse
    {
        $key = (string) $rating;

        return $this->table->has('gates', $key) ? $this->made($key) : null;
    }

    /** @return list<float> every standard rating, those without gates too, A */
    public function ratings(): array
    {
        return $this->table->numbers('ratings');
    }

    public function cited(): string
    {
        return $this->table->cited();
    }

    private function made(string $rating): GgFuse
    {
        return new GgFuse(
            (float) $rating,
            $this->table->must('gates', $rating, 'min_10s'), $this->table->must('gates', $rating, 'max_5s'),
            $this->table->must('gates', $rating, 'min_0_1s'), $this->table->must('gates', $rating, 'max_0_1s'),
            $this->practice->fuseLongTimeTimes(),
        );
    }
}
