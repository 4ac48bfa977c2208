<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;

/**
 * The conductors that a run may have, in the order in which they are tried: one in each line from small to large, then two in
 * parallel, then three. Those of more sets are worked out only when nothing smaller passes.
 */
final class SizeList
{
    /**
     * @param  list<SizeCandidate>  $made
     * @param  int  $sets  of the last ones made
     * @param  int  $most  sets
     */
    private function __construct(
        private readonly Circuit $circuit,
        private readonly ConductorRules $rules,
        private readonly CableRun $run,
        private readonly Figure $required,
        private array $made,
        private int $sets,
        private readonly int $most,
    ) {
    }

    /** @return self|FieldError|null the error of a field that cannot be used; null while one waits */
    public static function of(Circuit $circuit, ConductorRules $rules, CableRun $run, Figure $required): self|FieldError|null
    {
        $typedSets = $circuit->number('cable.sets');
        $installed = $circuit->has($run->sizeField());
        $sets = $typedSets === null ? 1 : (int) $typedSets->number();
        $made = $rules->candidates($circuit, $required, $run, $sets);
        if ($made instanceof FieldError || $made === []) {
            return $made === [] ? null : $made;
        }
        $list = new self(
            $circuit, $rules, $run, $required, [], $sets,
            $typedSets === null && ! $installed ? ParallelLimits::MOST_SETS : $sets,
        );
        // A size that is there already may be any; sets that somebody chose too, but no smaller than the book lets lie parallel.
        $kept = $sets > 1 ? $list->notSmaller($made) : ($installed ? $made : $list->notLarger($made));
        if ($kept instanceof FieldError) {
            return $kept;
        }
        $list->made = $kept;

        return $list;
    }

    /** @return self|FieldError|null the same as if nothing of the conductors were typed: for leads beside those of the motor */
    public static function untyped(Circuit $circuit, ConductorRules $rules, CableRun $run, Figure $required): self|FieldError|null
    {
        return self::of($circuit->choosing(['cable.sets' => null, $run->sizeField() => null]), $rules, $run, $required);
    }

    /** The candidate at a place of the order; null beyond the last. */
    public function at(int $place): ?SizeCandidate
    {
        while (! isset($this->made[$place]) && $this->sets < $this->most) {
            $this->sets++;
            $more = $this->rules->candidates($this->circuit, $this->required, $this->run, $this->sets);
            if ($more instanceof FieldError) {
                // So many cables together are beyond the tables.
                $this->sets = $this->most;

                return null;
            }
            $more = $this->notLarger($more);
            $this->made = [...$this->made, ...$more instanceof FieldError ? [] : $this->notSmaller($more)];
        }

        return $this->made[$place] ?? null;
    }

    /** The same, null beyond the last of so many sets too: those of more are not worked out for it. */
    public function within(int $place, int $sets): ?SizeCandidate
    {
        return isset($this->made[$place]) || $this->sets < $sets ? $this->at($place) : null;
    }

    /** @return list<SizeCandidate> those that were looked at */
    public function made(): array
    {
        return $this->made;
    }

    /** The largest that was looked at. */
    public function last(): SizeCandidate
    {
        return $this->made[count($this->made) - 1];
    }

    /**
     * @param  list<SizeCandidate>  $candidates
     * @return list<SizeCandidate>
     */
    private function notSmaller(array $candidates): array
    {
        $metal = $this->circuit->chosen('cable.material', Metal::class) ?? Metal::Copper;
        $from = self::placeOf($this->rules->parallel()->smallest($metal), $candidates) ?? 0;

        return array_slice($candidates, $from);
    }

    /**
     * @param  list<SizeCandidate>  $candidates
     * @return list<SizeCandidate>|FieldError
     */
    private function notLarger(array $candidates): array|FieldError
    {
        $typed = $this->circuit->word('settings.largest_single_size');
        $to = self::placeOf($typed ?? $this->rules->parallel()->largestSingle, $candidates);
        if ($to === null && $typed !== null) {
            return new FieldError(
                'settings.largest_single_size', $this->rules->sizeText($typed).' is not in the conductor table.',
                'Enter a size from '.$this->rules->sizeText($candidates[0]->conductor->name).' to '.
                $this->rules->sizeText($candidates[count($candidates) - 1]->conductor->name).'.',
                ErrorKind::Impossible,
            );
        }

        return $to === null ? $candidates : array_slice($candidates, 0, $to + 1);
    }

    /** @param  list<SizeCandidate>  $candidates */
    private static function placeOf(string $size, array $candidates): ?int
    {
        foreach ($candidates as $place => $candidate) {
            if ($candidate->conductor->name === $size) {
                return $place;
            }
        }

        return null;
    }
}
