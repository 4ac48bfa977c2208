<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Ground\FieldError;

/** The readings of a circuit as they were read, and what could not be. */
final readonly class Readings
{
    /** @var list<Reading> those that are not withdrawn and whose time is known, oldest first */
    public array $byTime;

    /**
     * @param  array<int, Reading>  $readings  by their place in the list
     * @param  int  $count  of all in the list, those that cannot be read too
     * @param  list<FieldError>  $errors
     * @param  list<string>  $unknown  paths that the format does not know
     */
    public function __construct(public array $readings, public int $count, public array $errors, public array $unknown)
    {
        $timed = array_values(array_filter($readings, static fn (Reading $one): bool => ! $one->withdrawn && $one->at !== null));
        usort($timed, static fn (Reading $a, Reading $b): int => $a->at <=> $b->at);
        $this->byTime = $timed;
    }

    /** @return array<string, Reading> the one of each kind that counts: the latest, of an instrument before that of a stand-in */
    public function latest(): array
    {
        $latest = [];
        foreach ($this->readings as $reading) {
            $before = $latest[$reading->kind->value] ?? null;
            if (! $reading->withdrawn && ($before === null || self::counts($reading, $before))) {
                $latest[$reading->kind->value] = $reading;
            }
        }

        return $latest;
    }

    private static function counts(Reading $reading, Reading $before): bool
    {
        return $reading->simulated === $before->simulated
            ? ($reading->at ?? 0) >= ($before->at ?? 0)
            : $before->simulated;
    }
}
