<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Method\Inrush;

/** What a protective device must carry, let pass and break. */
final readonly class DeviceDuty
{
    /**
     * @param  Figure  $design  full-load current that sizes the circuit, A
     * @param  Figure|null  $prospective  largest fault current, A; null where it is not known
     * @param  Figure|null  $lockedRotor  direct on line, A
     * @param  bool  $reduced  whether it starts at reduced voltage, by a transformer or by its own windings in star
     */
    public function __construct(
        public Circuit $circuit,
        public Figure $design,
        public Inrush $inrush,
        public ?Figure $prospective,
        public ?Figure $lockedRotor,
        public bool $reduced,
        public Words $words,
    ) {
    }

    /** The same with another start. */
    public function starting(Inrush $inrush): self
    {
        return new self($this->circuit, $this->design, $inrush, $this->prospective, $this->lockedRotor, $this->reduced, $this->words);
    }

    /** What somebody says did not start, or null. */
    public function evidence(): ?string
    {
        return $this->circuit->stamped('guard.start_exception.evidence');
    }

    /** Share of what a device is sure to carry that the whole start uses up; it must not pass 1. */
    public function share(Device $device): float
    {
        $start = $this->inrush;
        if ($start->course !== null) {
            $sum = 0.0;
            foreach ($start->course->steps as $step) {
                $holds = $device->holdsFor($step['line']);
                $sum += $holds > 0 ? $step['seconds'] / $holds : INF;
            }

            return $sum;
        }
        $share = self::part($start->time, $device->holdsFor($start->current->number()));

        return $start->fullTime === null ? $share : $share + self::part($start->fullTime, $device->holdsFor($start->moment->number()));
    }

    /** Whether the start is worked out from moment to moment, or taken as long as it lasts at its first current. */
    public function isSimulated(): bool
    {
        return $this->inrush->course !== null;
    }

    /** @param  float  $seconds  for which the device is sure to hold; 0 where it may act at once */
    private static function part(Figure $time, float $seconds): float
    {
        return $seconds > 0 ? $time->number() / $seconds : INF;
    }

    /** Rating of the device that is there already, A, or null. */
    public function installed(): ?Figure
    {
        return $this->circuit->number('guard.rating');
    }

    /** Largest rating marked on the starter, A, or null. */
    public function marked(): ?Figure
    {
        return $this->circuit->number('guard.marked_maximum');
    }

    /** Whether the starter's marking lets a rating be used. */
    public function markedAllows(float $rating): bool
    {
        return $this->marked() === null || $rating <= $this->marked()->number() * (1 + 1e-6);
    }

    /** Whether a rating is drawn on the ladder whatever its size: it is the one that is there. */
    public function isInstalled(float $rating): bool
    {
        return $this->installed() !== null && abs($this->installed()->number() - $rating) < 1e-9;
    }

    /** What the starter's marking sets as the largest rating, or null. */
    public function markedMaximum(): ?Figure
    {
        return $this->marked()?->named(GuardFigure::ScpdMaximumRating, 'the maximum marked on the starter');
    }

    /**
     * Where the starter's marking leaves no rating that carries this motor: a stop, or null.
     *
     * @param  float|null  $wanted  smallest rating that would do, A; null where none would
     */
    public function markingStops(?float $wanted): ?FindingBuilder
    {
        if ($this->marked() === null || $wanted === null) {
            return null;
        }

        return Finding::stop(GuardFinding::MarkedMaximumTooSmall)
            ->title('Starter too small for this motor')
            ->because(
                'Its label allows a device of '.$this->marked()->shown().' at most; this motor needs at least '.Show::number($wanted).' A.',
            )
            ->do('Read the label again, or choose a starter for this motor.')
            ->source(Standard::Iec60947_4_1->at()->and(Standard::Nec->at('430.52(C)(2)'))->and(Standard::CeCode->at('28-202'))
                ->adding(': the marking governs'))
            ->on(GuardFigure::ScpdMaximumRating)
            ->about('guard.marked_maximum');
    }
}
