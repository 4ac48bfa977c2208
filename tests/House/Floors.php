<?php

declare(strict_types=1);

namespace Tests\House;

use BraveAnvil\Books\RuleBooks;
use Illuminate\Support\Facades\DB;
use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Who may import whom: every room only what lies below it, held by the static analysis. The picture with its reasons is
 * docs/decisions/house.md.
 */
final class Floors
{
    private const CORE = 'BraveAnvil\\';

    /** The rooms of the core, the lowest first. A room imports earlier ones alone. */
    public const ROOMS = [
        // Ground: words, numbers, units, grades. Nothing of a circuit.
        'Ground',
        // Circuit: the open format, how typed text is read, and the ledger in which each figure names the field it comes from.
        'Circuit',
        // Physics: true without any rule book.
        'Physics\Modbus', 'Physics\Machine', 'Physics\Waveform',
        // Tables: what is printed in books, and what is common practice.
        'Tables',
        // Stations in the order of the work, each with the rules that it asks of a book.
        'Stations\Source', 'Stations\Plate', 'Stations\Power', 'Stations\Measure', 'Stations\Start', 'Stations\Cable', 'Stations\RunUp',
        'Stations\Guard', 'Stations\Fault', 'Stations\Correct', 'Stations\CapacitorLeads', 'Stations\Prove',
        // Rules: all that is asked of one book, together. Then the books, which nobody imports but their list.
        'Rules', 'Books\American', 'Books\Iec', 'Books\Nec', 'Books\Cec', 'Books',
        // Studies: one circuit looked at as a whole.
        'Studies\TimeCurrent', 'Studies\Margin', 'Studies\Compare', 'Studies\Money', 'Studies\Sensitivity', 'Studies\Readiness',
        'Studies\Learned',
        // Bench: the one page that runs the stations.
        'Bench',
        // Records: what a plant keeps of its circuits, each solved by the bench.
        'Records\Bank', 'Records\Board', 'Records\Sheet', 'Records\Logbook', 'Records\Round', 'Records\Register', 'Records\Replace',
        'Records\Instruments',
        // Away: what the core answers to a page, in the service or carried with it.
        'Away',
        // Contract: the schemas of all of it.
        'Contract',
    ];

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function a_room_imports_only_what_lies_below_it(): iterable
    {
        foreach (self::ROOMS as $i => $room) {
            $above = array_slice(self::ROOMS, $i + 1);
            if ($above !== []) {
                yield $room => PHPat::rule()
                    ->classes(self::room($room))
                    ->shouldNotDependOn()
                    ->classes(...array_map(self::room(...), $above))
                    ->because("$room stands below it");
            }
        }
    }

    /** The list of books is the only one that knows them. */
    #[TestRule]
    public function a_book_is_known_by_the_list_alone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('BraveAnvil'), Selector::inNamespace('App'))
            ->excluding(Selector::inNamespace('BraveAnvil\Books'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('BraveAnvil\Books'))
            ->excluding(Selector::classname(RuleBooks::class))
            ->because('what differs from book to book is asked through Rules');
    }

    #[TestRule]
    public function the_core_knows_no_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('BraveAnvil'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('Illuminate'))
            ->because('the core is tested and used without it');
    }

    /** What controllers ask of the database they ask of a model or a store. */
    #[TestRule]
    public function a_controller_knows_no_database(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Controllers'))
            ->shouldNotDependOn()
            ->classes(Selector::classname(DB::class), Selector::inNamespace('Illuminate\Database\Query'))
            ->because('tables and columns are a matter of models and stores');
    }

    private static function room(string $room): SelectorInterface
    {
        // The list of books stands in the folder of the books.
        return $room === 'Books' ? Selector::classname(RuleBooks::class) : Selector::inNamespace(self::CORE.$room);
    }
}
