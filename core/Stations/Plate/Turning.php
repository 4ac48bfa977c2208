<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;

/** How it turns: poles, synchronous speed in rpm, rated speed in rpm, slip in percent. */
final readonly class Turning
{
    public function __construct(
        public ?Figure $poles = null,
        public ?Figure $synchronousSpeed = null,
        public ?Figure $speed = null,
        public ?Figure $slip = null,
    ) {
    }

    /** With a slip for a plate that prints a synchronous speed; efficiency must be known for it. Common practice. */
    public function withSlip(?Figure $efficiency, Ledger $ledger): self
    {
        if ($this->synchronousSpeed === null || $this->slip !== null || $efficiency === null) {
            return $this;
        }
        $slip = min(0.2, 0.2 * (1 / $efficiency->number() - 1));
        $figure = $ledger
            ->work(PlateFigure::Slip)
            ->from(eta: $efficiency)
            ->as('0.2 · (1 / η − 1)', '0.2 × (1 ÷ {eta} − 1)')
            ->equals(100 * $slip)
            ->source(HowKnown::CommonPractice)
            ->assuming('slip, because the nameplate gives the synchronous speed')
            ->write();
        $speed = $ledger
            ->work(PlateFigure::Speed)
            ->from(ns: $this->synchronousSpeed, s: $figure)
            ->as('n_s · (1 − s)', '{ns} × (1 − {s})')
            ->equals($this->synchronousSpeed->number() * (1 - $slip))
            ->write();

        return new self($this->poles, $this->synchronousSpeed, $speed, $figure);
    }

    /** Rated torque, N·m. */
    public function torque(?Figure $output, Ledger $ledger): ?Figure
    {
        if ($this->speed === null || $output === null) {
            return null;
        }

        return $ledger->work(PlateFigure::RatedTorque)->from(P: $output, n: $this->speed)->as('P / (2π n / 60)', '{P} ÷ (2π × {n} ÷ 60)')
            ->equals($output->number() / (2 * M_PI * $this->speed->number() / 60))->write();
    }
}
