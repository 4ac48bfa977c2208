<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Choice\Subject;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Section;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Plate\PlateFinding;

/**
 * A field that is taken is used, or says that it is not. What no station asked for is found by having watched them, so that no
 * list can be forgotten.
 */
final class Unused
{
    /** What a list of a site goes by, or its tariff, not the figures of every circuit. */
    private const ELSEWHERE = ['settings.reading_months', 'settings.site_load.power', 'settings.site_load.reactive'];

    /** Most that are named; of more the number is told. */
    private const NAMED = 8;

    public static function tell(Circuit $circuit, RuleBook $book, Ledger $ledger): void
    {
        $onBench = $circuit->chosen('subject', Subject::class) === Subject::BenchLoad;
        $labels = [];
        $paths = [];
        foreach ($circuit->unread() as $path) {
            $section = Section::of($path);
            $station = $section?->station();
            if (in_array($path, self::ELSEWHERE, true)
                // What the board has of its supply is used there.
                || ($section === Section::Supply && $circuit->has('supply.board.tag'))
                || $section === null || ! $section->isComputedWith() || ($onBench && ! $section->servesBenchLoad())
                || ($station !== null && ! $ledger->isOpen($station))
                || ($section === Section::Settings && in_array($path, $book->unused($circuit), true))) {
                continue;
            }
            $labels[] = '“'.Fields::named($path)->label.'”';
            $paths[] = $path;
        }
        if ($labels === []) {
            return;
        }
        $more = count($labels) - self::NAMED;
        $ledger
            ->note(PlateFinding::UnusedFields)
            ->title('Entered but not used')
            ->because(
                (count($labels) === 1 ? 'This field does not affect this circuit with the present choices: '
                : 'These fields do not affect this circuit with the present choices: ').
                implode(', ', array_slice($labels, 0, self::NAMED)).($more > 0 ? ' and '.$more.' more' : '').
                (count($labels) === 1 ? '. It stays saved.' : '. They stay saved.'),
            )
            ->about(...$paths);
    }
}
