<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Stations\Guard\DeviceDuty;

/** What the American books decide differently for the protective device of a motor. */
interface DevicePercents
{
    /** @return non-empty-list<Scpd> */
    public function known(): array;

    /** What the book calls the current, `FLC`. */
    public function current(): string;

    /** Percent of full-load current without exception. */
    public function percent(Scpd $scpd, DeviceDuty $duty): TableEntry;

    /**
     * Largest that the exception for starting allows.
     *
     * @return array{float, string} A, and how it came about, `225 % × {I}`
     */
    public function ceiling(Scpd $scpd, float $fullLoad): array;

    /** @return list<float> standard ratings, A, ascending */
    public function ratings(Scpd $scpd, Circuit $circuit): array;

    /** Why a rating (A) is not sure to be standard, or null. */
    public function ratingDoubt(float $rating): ?Doubt;

    /** Whether a percentage between two standard ratings allows the larger one. */
    public function roundsUp(): bool;

    /** Rating that is allowed to every motor, A; null where there is none. */
    public function always(): ?float;

    public function ratingSource(): string;

    public function exceptionSource(): Source|string;

    /** Its rules for fire pumps. */
    public function firePumps(): string;

    /** Its rules for hoists and cranes. */
    public function hoists(): string;

    /** Largest setting of an instantaneous trip without exception, A. */
    public function instantaneous(Scpd $scpd, DeviceDuty $duty): Figure;

    /** Largest setting of an instantaneous trip with evidence that the motor did not start, A; null where the book has none. */
    public function instantaneousCeiling(DeviceDuty $duty): ?Figure;

    /** @return list<FindingBuilder> what its rule asks of a kind of device beside the figures */
    public function notes(Scpd $scpd, Circuit $circuit): array;
}
