<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\FieldError;
use BraveAnvil\Records\Logbook\EntryFields;
use BraveAnvil\Records\Logbook\EntryKind;
use BraveAnvil\Records\Logbook\GreasedEnd;
use BraveAnvil\Records\Logbook\Greasing;
use BraveAnvil\Records\Logbook\Logbook;
use PHPUnit\Framework\Attributes\DataProvider;

/** A motor's logbook: hours, greasing, trips. Common practice. */
final class LogbookTest extends CoreTestCase
{
    private const NOW = '2026-04-20T08:00:00Z';

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $changes
     */
    private static function book(array $entries, array $changes = []): Logbook
    {
        return Logbook::of(
            Circuits::changed(Circuits::kilnFan(), ['plate.grease_interval' => '4000 h', 'plate.grease_amount' => '30/20 g', ...$changes]),
            $entries, (int) strtotime(self::NOW),
        );
    }

    /** @return array<string, mixed> */
    private static function hours(string $at, int|string $meter, bool $replaced = false): array
    {
        return ['kind' => 'hours', 'at' => $at, 'values' => ['meter' => $meter, 'replaced' => $replaced]];
    }

    /** @return array<string, mixed> */
    private static function greased(string $at): array
    {
        return ['kind' => 'greased', 'at' => $at, 'values' => ['grams' => '30/20']];
    }

    /** @return array<string, mixed> */
    private static function warm(int $celsius): array
    {
        return ['readings' => [['kind' => 'temperature', 'at' => '2026-04-10', 'values' => ['bearing_de' => $celsius]]]];
    }

    public function test_a_warm_bearing_halves_the_interval(): void
    {
        // 4000 h at 85 °C are 2000; greased at 12 400, meter 13 900 six days ago, 20 h a day: 380 h, 19 days. Own computation.
        $book = self::book(
            [self::hours('2026-02-01T08:00:00Z', 12400), self::greased('2026-02-01T08:00:00Z'), self::hours('2026-04-14T08:00:00Z', 13900)],
            ['logbook.hours_a_day' => 20, ...self::warm(85)],
        );

        self::assertSame([], $book->errors);
        self::assertEqualsWithDelta(380.0, $book->greasing->hoursLeft, 1e-6);
        self::assertSame(Greasing::OK, $book->greasing->state);
        self::assertSame('Greasing due in 19 days.', $book->greasing->says);
        self::assertSame((int) strtotime('2026-05-09T08:00:00Z'), $book->greasing->dueAt);
        self::assertStringContainsString('halved for each 15 K', implode("\n", $book->greasing->working));
        self::assertStringContainsString('30', $book->greasing->task[0]);
    }

    /** @return iterable<string, array{list<array<string, mixed>>, array<string, mixed>, string}> */
    public static function states(): iterable
    {
        $greased = [self::hours('2026-01-01', 10000), self::greased('2026-01-01')];
        yield 'in time' => [$greased, [], Greasing::OK];
        yield 'within a tenth of the interval' => [$greased, ['plate.grease_interval' => '1850 h'], Greasing::IS_DUE];
        yield 'past it' => [$greased, ['plate.grease_interval' => '1000 h'], Greasing::OVERDUE];
        yield 'a typed interval wins' => [$greased, ['logbook.grease_interval' => '900 h'], Greasing::OVERDUE];
        yield 'a vertical shaft halves it' => [$greased, ['plate.mounting' => 'IM V1', 'plate.grease_interval' => '3000 h'],
            Greasing::OVERDUE];
        yield 'closed bearings' => [$greased, ['plate.bearings' => '6313-2RS, 6213 2Z'], Greasing::NONE];
        yield 'one of them open' => [$greased, ['plate.bearings' => '6313, 6213-2Z'], Greasing::OK];
        yield 'never written down' => [[], [], Greasing::UNKNOWN];
        yield 'no interval' => [$greased, ['plate.grease_interval' => null], Greasing::UNKNOWN];
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $changes
     */
    #[DataProvider('states')]
    public function test_states_of_greasing(array $entries, array $changes, string $state): void
    {
        self::assertSame($state, self::book($entries, $changes)->greasing->state);
    }

    /** IEC 60034-7 (from memory): of four digits the third tells the shaft; flanges alone do not make it stand upright. */
    public function test_only_an_upright_shaft_halves_the_interval(): void
    {
        $upright = static fn (string $mounting): bool => str_contains(
            implode(' ', self::book([self::greased('2026-01-01')], ['plate.mounting' => $mounting])->greasing->working), 'vertical shaft',
        );
        foreach (['IM V1', 'IMV1', 'V3', 'V18', 'IM 1011', '1031', 'IM2011', 'IM 2031', 'IM 3011', 'IM 3611', 'vertical'] as $mounting) {
            self::assertTrue($upright($mounting), $mounting);
        }
        foreach (['IM B3', 'IM 1001', 'IM 3001', 'IM 3601', 'IM 2101', 'IM 1051', 'B35', 'B3/V5', ''] as $mounting) {
            self::assertFalse($upright($mounting), $mounting);
        }
    }

    public function test_greasing_one_end_leaves_the_clock_of_the_other(): void
    {
        $end = static fn (string $at, string $end): array => [
            'kind' => 'greased', 'at' => $at, 'values' => ['grams' => '30', 'end' => $end],
        ];
        // Both on 1 January, the drive end again on 1 April: the other end is due first, 4000 h less 109 days of 16 h. Own computation.
        $greasing = self::book([self::greased('2026-01-01T08:00:00Z'), $end('2026-04-01T08:00:00Z', 'de')])->greasing;
        self::assertEqualsWithDelta(4000 - 109 * 16, $greasing->hoursLeft, 1e-6);
        self::assertStringContainsString('non-drive end', $greasing->says);
        $both = self::book([$end('2026-04-01T08:00:00Z', 'de'), $end('2026-04-01T08:00:00Z', 'nde')])->greasing;
        self::assertStringNotContainsString('end', $both->says);
        $one = self::book([$end('2026-04-01T08:00:00Z', 'de')])->greasing;
        self::assertStringContainsString('drive end. No greasing of the non-drive end in the logbook.', $one->says);
    }

    public function test_a_closed_bearing_stays_closed_behind_its_clearance(): void
    {
        $state = static fn (string $bearings): string => self::book(
            [self::greased('2026-04-01')], ['plate.bearings' => $bearings],
        )->greasing->state;
        foreach (['6205-2Z/C3', '6205-2RS1/C3, 6204 ZZ', '6206 2Z C3 / 6205 2Z C3', '6205DDU/6204LLU'] as $closed) {
            self::assertSame(Greasing::NONE, $state($closed), $closed);
        }
        foreach (['6205/C3', '6205-Z', '6313-2Z/C3 / 6213/C3', 'NU 313 / 6213-2Z'] as $open) {
            self::assertNotSame(Greasing::NONE, $state($open), $open);
        }
    }

    public function test_a_meter_does_not_run_backwards_unless_it_is_another(): void
    {
        $book = self::book([self::hours('2026-01-01', 5000), self::hours('2026-02-01', 4000)]);
        self::assertSame('entries[1].values.meter', $book->errors[0]->path);

        // Sixteen hours a day are taken over the change; the new meter counts on from there.
        $book = self::book([
            self::greased('2026-01-01'), self::hours('2026-01-01', 5000), self::hours('2026-01-11', 10, true), self::hours('2026-01-21',
                110),
            self::hours('2026-04-20T08:00:00Z', 110),
        ]);
        self::assertSame([], $book->errors);
        self::assertEqualsWithDelta(4000 - 160 - 100, $book->greasing->hoursLeft, 1e-6);
    }

    public function test_between_two_readings_hours_run_straight(): void
    {
        $book = self::book([
            self::hours('2026-01-01T00:00:00Z', 1000), self::greased('2026-01-11T00:00:00Z'), self::hours('2026-01-21T00:00:00Z', 1400),
            self::hours(self::NOW, 1400),
        ]);

        self::assertEqualsWithDelta(4000 - 200, $book->greasing->hoursLeft, 1e-6);
    }

    public function test_trips_that_come_again_are_minded(): void
    {
        $trip = static fn (string $at, string $cause): array => [
            'kind' => 'trip', 'at' => $at, 'values' => ['device' => 'overload relay', 'cause' => $cause],
        ];

        self::assertSame('', self::book([$trip('2026-04-01', 'bark in the fan')])->trips->says);
        self::assertStringContainsString(
            'without a known cause', self::book([$trip('2026-02-01', ''), $trip('2026-04-01', '')])->trips->says,
        );
        self::assertStringContainsString('3 trips in 30 days', self::book([
            $trip('2026-04-01', 'bark'), $trip('2026-04-09', 'bark'), $trip('2026-04-18', 'bark'),
        ])->trips->says);
        self::assertSame(
            '', self::book([$trip('2025-12-01', 'bark'), $trip('2026-01-09', 'bark'), $trip('2026-04-18', 'bark')])->trips->says,
        );
    }

    public function test_an_entry_that_says_nothing_is_refused_at_its_field(): void
    {
        foreach (EntryKind::cases() as $kind) {
            $book = self::book([['kind' => $kind->value, 'at' => '2026-04-01', 'values' => []]]);
            self::assertSame('entries[0].values.'.EntryFields::wanted($kind), $book->errors[0]->path);
            self::assertNotSame('', $kind->label());
        }
        self::assertSame('entries[0].kind', self::book([['kind' => 'danced', 'at' => '2026-04-01']])->errors[0]->path);
        self::assertSame('entries[0].at', self::book([['kind' => 'note', 'at' => 'soon', 'values' => ['what' => 'x']]])->errors[0]->path);
        self::assertSame('entries[0].values.meter', self::book([self::hours('2026-04-01', 'many')])->errors[0]->path);
    }

    public function test_a_warranty_that_ends_is_told(): void
    {
        self::assertSame('The warranty ends in 10 days.', self::book([], ['logbook.warranty_until' => '2026-04-30'])->warranty);
        self::assertSame('', self::book([], ['logbook.warranty_until' => '2027-04-30'])->warranty);
        self::assertStringContainsString('cannot be read', self::book([], ['logbook.warranty_until' => 'spring'])->warranty);
    }

    /** @param  list<array<string, mixed>>  $entries */
    private static function bookAt(array $entries, string $now): Logbook
    {
        $changes = ['plate.grease_interval' => '4000 h', 'plate.grease_amount' => '30/20 g', 'logbook.hours_a_day' => 20];

        return Logbook::of(Circuits::changed(Circuits::kilnFan(), $changes), $entries, (int) strtotime($now));
    }

    /**
     * A year by hand, 20 h a day, 4000 h between greasings: 200 days each. Greased on 1 January, so due on 20 July; greased two days late,
     * on 22 July, so due on 7 February.
     */
    public function test_a_year_of_greasing_as_a_calendar_has_it(): void
    {
        $entries = [self::hours('2026-01-01T06:00:00Z', 8000), self::greased('2026-01-01T06:00:00Z')];
        $days = [
            '2026-01-02T06:00:00Z' => Greasing::OK, '2026-06-29T06:00:00Z' => Greasing::OK, '2026-07-01T06:00:00Z' => Greasing::IS_DUE,
            '2026-07-19T06:00:00Z' => Greasing::IS_DUE, '2026-07-21T06:00:00Z' => Greasing::OVERDUE,
        ];
        foreach ($days as $now => $state) {
            $greasing = self::bookAt($entries, $now)->greasing;
            self::assertSame([$state, '2026-07-20'], [$greasing->state, gmdate('Y-m-d', (int) $greasing->dueAt)], $now);
        }
        $entries = [...$entries, self::hours('2026-07-22T06:00:00Z', 12040), self::greased('2026-07-22T06:00:00Z')];
        $greasing = self::bookAt($entries, '2026-12-31T06:00:00Z')->greasing;
        self::assertSame([Greasing::OK, '2027-02-07'], [$greasing->state, gmdate('Y-m-d', (int) $greasing->dueAt)]);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function greasings(): iterable
    {
        yield 'as stamped' => [['grams' => '30/20', 'grease' => 'Lithium-complex'], []];
        yield 'a stroke more' => [['grams' => '32/21'], []];
        yield 'nothing said of the grease' => [['grams' => '30/20'], []];
        yield 'another grease' => [['grams' => '30/20', 'grease' => 'polyurea'], ['values.grease']];
        yield 'twice as much' => [['grams' => '60/40'], ['values.grams']];
        yield 'the amount of the other end' => [['grams' => '30', 'end' => 'nde'], ['values.grams']];
        yield 'one end, its own amount' => [['grams' => '20', 'end' => 'nde'], []];
        yield 'both wrong' => [['grams' => '5', 'grease' => 'polyurea'], ['values.grease', 'values.grams']];
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  list<string>  $paths
     */
    #[DataProvider('greasings')]
    public function test_another_grease_or_amount_is_minded(array $values, array $paths): void
    {
        $circuit = Circuits::changed(Circuits::kilnFan(), ['plate.grease_amount' => '30/20 g', 'plate.grease' => 'lithium complex']);
        $minded = Logbook::minded($circuit, [self::greased('2026-01-01'), ['kind' => 'greased', 'at' => self::NOW, 'values' => $values]]);
        self::assertSame($paths, array_map(static fn (FieldError $one): string => $one->path, $minded));
    }

    public function test_where_nothing_is_stamped_the_grease_of_last_time_counts(): void
    {
        $circuit = Circuits::changed(Circuits::kilnFan(), ['plate.grease_amount' => null, 'plate.grease' => null]);
        $was = ['kind' => 'greased', 'at' => '2026-01-01', 'values' => ['grams' => '30', 'grease' => 'polyurea']];
        $now = static fn (string $grease): array => [
            'kind' => 'greased', 'at' => self::NOW, 'values' => ['grams' => '30', 'grease' => $grease],
        ];
        self::assertSame([], Logbook::minded($circuit, [$was, $now('Polyurea')]));
        self::assertStringStartsWith('Last time it was polyurea.', Logbook::minded($circuit, [$was, $now('lithium')])[0]->text);
        self::assertSame([], Logbook::minded($circuit, [$now('lithium')]), 'nothing to hold it against');
    }

    public function test_the_setting_that_was_found_at_the_last_trip_is_known(): void
    {
        $trip = static fn (string $at, string $dial): array => [
            'kind' => 'trip', 'at' => $at, 'values' => ['device' => 'F2', 'dial' => $dial],
        ];
        $trips = self::book([$trip('2026-02-01', '66'), $trip('2026-04-01', '72 A'), $trip('2024-04-01', '50')])->trips;
        self::assertSame([2, 72.0], [$trips->inAYear, $trips->dialFound], 'what is older than a year counts no more');
        self::assertSame(0, self::book([])->trips->inAYear);
    }

    public function test_each_end_has_its_amount(): void
    {
        self::assertSame(["30\u{00A0}g", "20\u{00A0}g", '30/20'], [
            self::book([])->plate->shownOf(GreasedEnd::Drive), self::book([])->plate->shownOf(GreasedEnd::Other),
            self::book([])->plate->typed(),
        ]);
        $alike = self::book([], ['plate.grease_amount' => '25 g'])->plate;
        self::assertSame(["25\u{00A0}g", "25\u{00A0}g"], [$alike->shownOf(GreasedEnd::Drive), $alike->shownOf(GreasedEnd::Other)]);
    }
}
