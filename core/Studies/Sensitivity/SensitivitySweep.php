<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Tables\EntryPath;
use BraveAnvil\Tables\Tables;
use Closure;

/** What would change the answer: each value that could be otherwise is put in otherwise, one at a time, and the outcomes are compared. */
final readonly class SensitivitySweep
{
    /** @param  Closure(Circuit, Tables): Ledger  $solve  all stations, without judging stops by what is assumed */
    public function __construct(private Closure $solve)
    {
    }

    /**
     * @param  list<DoubtfulValue>  $candidates
     * @return list<Swept> the most decisive first; those that change nothing last
     */
    public function of(array $candidates, Circuit $circuit, Tables $tables): array
    {
        $base = Outcome::of(($this->solve)($circuit, $tables));
        $rows = [];
        foreach ($candidates as $candidate) {
            $tries = [];
            foreach ($candidate->tried as [$value, $said]) {
                $other = $candidate->kind === Doubted::Assumed
                    ? ($this->solve)($circuit->supposing($candidate->at, Assumed::practice($value, 'another value')),
                        $tables)
                    : ($this->solve)($circuit, self::entered($tables, $candidate->at, is_float($value) ? $value : 0.0));
                $tries[] = new TriedValue($said, $base->against(Outcome::of($other)));
            }
            $rows[] = new Swept($candidate, $tries);
        }
        usort($rows, static fn (Swept $a, Swept $b): int => $b->weight() <=> $a->weight());

        return $rows;
    }

    private static function entered(Tables $tables, string $at, float $value): Tables
    {
        $entry = EntryPath::find($tables, $at);

        return $entry === null
            ? $tables
            : $tables->withCorrections([
                new EntryCorrection($entry->table->value, $entry->pointer, $value, 'a trial', '', 'another value'),
            ]);
    }
}
