<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;

/** Every size of one run against every constraint. */
final readonly class Ladder
{
    public const TOLERANCE = 1e-6;

    /**
     * @param  VoltageDrop|null  $drop  null where it is not checked
     * @param  int|null  $installed  which of the sizes is there already
     */
    private function __construct(
        public Circuit $circuit,
        public ConductorRules $rules,
        public CableRun $run,
        private DropLimits $limits,
        public Figure $required,
        public SizeList $sizes,
        public ?VoltageDrop $drop,
        private ?int $installed,
    ) {
    }

    /** @return self|FieldError|null the error of a field that cannot be used; null while one waits */
    public static function of(
        Circuit $circuit,
        ConductorRules $rules,
        CableRun $run,
        DropLimits $limits,
        Demand $demand,
        ?VoltageDrop $drop,
    ): self|FieldError|null {
        $required = $rules->required($circuit, $demand, $run);
        if ($required instanceof FieldError) {
            return $required;
        }
        $sizes = SizeList::of($circuit, $rules, $run, $required);
        if ($sizes === null || $sizes instanceof FieldError) {
            return $sizes;
        }
        $typed = $circuit->word($run->sizeField());
        $installed = null;
        foreach ($sizes->made() as $i => $candidate) {
            if ($candidate->conductor->name === $typed) {
                $installed = $i;
            }
        }
        if ($typed !== null && $installed === null) {
            return new FieldError(
                $run->sizeField(),
                $rules->sizeText($typed).' is not in the conductor table.',
                'Enter a size from '.$sizes->made()[0]->conductor->text.' to '.$sizes->last()->conductor->text.'.',
                ErrorKind::Impossible,
            );
        }

        return new self($circuit, $rules, $run, $limits, $required, $sizes, $drop, $installed);
    }

    /** Whether a size is there already and is checked, not chosen. */
    public function fixed(): bool
    {
        return $this->installed !== null;
    }

    public function candidate(int $at): SizeCandidate
    {
        return $this->sizes->at($at) ?? throw Defect::noCandidate($this->run->name(), $at);
    }

    /** Ω/km times km of one line, all its parallel conductors together; null where the length is not known. */
    public function kilometres(): ?float
    {
        return $this->drop === null ? null : $this->drop->metres / 1000;
    }

    public function run(): CableRun
    {
        return $this->run;
    }

    /** Metal of a candidate's whole run, mm²·m; mm² of one metre where the length is not known. */
    public function metal(int $at): float
    {
        $conductor = $this->candidate($at)->conductor;

        return $conductor->areaMm2 * $conductor->sets * $this->run->conductors * ($this->drop->metres ?? 1.0);
    }

    /**
     * Places of the conductors that lie in so many sets, from small to large; of the one that is there alone.
     *
     * @return list<int>
     */
    public function inSets(int $sets): array
    {
        if ($this->installed !== null) {
            return $this->candidate($this->installed)->conductor->sets === $sets ? [$this->installed] : [];
        }
        $places = [];
        for ($at = 0; ($candidate = $this->sizes->within($at, $sets)) !== null; $at++) {
            if ($candidate->conductor->sets === $sets) {
                $places[] = $at;
            }
        }

        return $places;
    }

    /** The voltage drop of a candidate of this run. */
    public function spent(?int $at): Spent
    {
        return $at === null || $this->drop === null
            ? new Spent()
            : new Spent(
                $this->drop->runningPercent($this->candidate($at)),
                $this->drop->startingPercent($this->candidate($at)) ?? 0.0,
            );
    }

    /** The installed size, or the smallest from $first on that passes with the drop already spent upstream. */
    public function pick(Spent $before, int $first, ?SizeCheck $check): ?int
    {
        if ($this->installed !== null) {
            return $this->installed;
        }
        for ($i = $first; ($candidate = $this->sizes->at($i)) !== null; $i++) {
            if ($this->fails($candidate, $before) === [] && $check?->rejects($candidate) === null) {
                return $i;
            }
        }

        return null;
    }

    /** Whether a candidate passes every constraint with the drop already spent upstream. */
    public function passes(?int $at, Spent $before, ?SizeCheck $check): bool
    {
        return $at !== null && $this->fails($this->candidate($at), $before) === []
            && $check?->rejects($this->candidate($at)) === null;
    }

    /** @return list<Rejection> the constraints that reject the largest candidate */
    public function whyNone(Spent $before, ?SizeCheck $check): array
    {
        $largest = $this->sizes->last();
        $rejected = $check?->rejects($largest);

        return [...$this->fails($largest, $before), ...$rejected === null ? [] : [$rejected]];
    }

    /** @return list<Rejection> the constraints that reject a candidate */
    public function fails(SizeCandidate $candidate, Spent $before): array
    {
        $fails = [];
        $need = $this->required->number() * (1 - self::TOLERANCE);
        if ($candidate->derated < $need) {
            $fails[] = Rejection::Ampacity;
        }
        if ($candidate->terminal < $need) {
            $fails[] = Rejection::Terminals;
        }
        if ($this->drop !== null) {
            if ($before->running + $this->drop->runningPercent($candidate) > $this->limits->running * (1 + self::TOLERANCE)) {
                $fails[] = Rejection::RunningDrop;
            }
            $starting = $this->drop->startingPercent($candidate);
            if ($starting !== null && $before->starting + $starting > $this->limits->starting * (1 + self::TOLERANCE)) {
                $fails[] = Rejection::StartingDrop;
            }
        }

        return $fails;
    }

    /**
     * Smallest size by ampacity and terminals alone.
     *
     * @param  int  $sets  in parallel
     */
    public function byAmpacity(int $sets): ?SizeCandidate
    {
        foreach ($this->sizes->made() as $candidate) {
            if ($candidate->conductor->sets === $sets
                && $candidate->ampacity() >= $this->required->number() * (1 - self::TOLERANCE)) {
                return $candidate;
            }
        }

        return null;
    }

    /** Draws every size with what rejects it. */
    public function draw(?int $at, Spent $before, ?SizeCheck $check, Ledger $ledger): void
    {
        $ledger->curve(new SizeLadderCurve(
            $this->run, $this->required, $this->limits, $this->installed !== null, $check !== null,
            fn (): array => $this->rungs($at, $before, $check),
        ));
    }

    /** @return list<SizeRung> */
    private function rungs(?int $at, Spent $before, ?SizeCheck $check): array
    {
        $rungs = [];
        foreach ($this->sizes->made() as $i => $candidate) {
            $starting = $this->drop?->startingPercent($candidate);
            $fails = $this->fails($candidate, $before);
            // Whether a fault is borne is asked of what carries the load, as in the choice.
            $rejected = $fails === [] ? $check?->rejects($candidate) : null;
            $rungs[] = new SizeRung(
                $candidate,
                $this->drop === null ? null : $before->running + $this->drop->runningPercent($candidate),
                $starting === null ? null : $before->starting + $starting,
                $rejected === null ? $fails : [$rejected],
                $i === $at,
            );
        }

        return $rungs;
    }

    /** The smallest size that would pass in place of the one that is there. */
    public function wouldPass(Spent $before): ?SizeCandidate
    {
        foreach ($this->sizes->made() as $candidate) {
            if ($this->fails($candidate, $before) === []) {
                return $candidate;
            }
        }

        return null;
    }

    /** Writes the required ampacity, and the figures of the candidate that is taken. */
    public function write(?int $at, Spent $before, Ledger $ledger): ?SizedRun
    {
        return (new SizeFigures($this))->write($at, $before, $ledger);
    }
}
