<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

/** What a file of samples holds: columns of numbers, their headings, and what the head of the file says of their rate. */
final readonly class CapturedTrace
{
    /**
     * @param  list<string>  $names  one a column; '' where the file has none
     * @param  list<list<float>>  $columns  as many samples in each
     * @param  int  $firstLine  line of the file with the first sample, from 1
     * @param  float|null  $rate  samples a second, where the file says so
     */
    public function __construct(public array $names, public array $columns, public int $firstLine, public ?float $rate)
    {
    }

    public function samples(): int
    {
        return count($this->columns[0] ?? []);
    }
}
