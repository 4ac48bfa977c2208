<?php

declare(strict_types=1);

namespace BraveAnvil\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\RuleBooks;
use BraveAnvil\Solution\Sheet;

/** Which full-load current each rule book would size this motor by: the same motor, three answers. */
final class Schools
{
    public static function compare(Circuit $circuit, RuleBook $own, Sheet $sheet): void
    {
        if ($circuit->power() === null || ! $sheet->has('plate.rated_voltage')) {
            return;
        }
        $rows = [];
        foreach (RuleBooks::all() as $book) {
            $scratch = $sheet->without('power.table_current', 'power.design_current');
            $table = $book->tableCurrent($circuit, $scratch);
            if ($table !== null) {
                $scratch->put($table);
            }
            $design = $book->designCurrent($circuit, $scratch);
            $rows[] = [
                'name' => $book->words()['name'], 'used' => $book->id() === $own->id(),
                'table' => $table?->number(), 'table_from' => $table?->working,
                'design' => $design?->number(), 'design_from' => $design === null ? 'the plate current is wanted' : $design->source,
            ];
        }
        $sheet->curve('schools', $rows);
    }
}
