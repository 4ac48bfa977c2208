<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

/** One value that could be otherwise, with all that was tried in its place. */
final readonly class Swept
{
    /** @param  list<TriedValue>  $attempts */
    public function __construct(public DoubtfulValue $candidate, public array $attempts)
    {
    }

    /** How decisive it is: the most that any one value in its place changes. */
    public function weight(): float
    {
        $most = 0.0;
        foreach ($this->attempts as $attempt) {
            $weight = 0.0;
            foreach ($attempt->flips as $flip) {
                $weight += $flip->weight;
            }
            $most = max($most, $weight);
        }

        return $most;
    }
}
