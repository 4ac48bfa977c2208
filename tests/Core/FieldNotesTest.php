<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Fields;
use PHPUnit\Framework\Attributes\DataProvider;

/** What the page shows in an empty field, and which choices it offers: the core says so, the page has no list. */
final class FieldNotesTest extends CoreTestCase
{
    private static function empty(Solution $solution, string $path): string
    {
        return str_replace("\u{00A0}", ' ', $solution->fields[$path]->empty ?? '');
    }

    /** @return list<string> */
    private static function labels(Solution $solution, string $path): array
    {
        return array_column($solution->fields[$path]->choices ?? [], 'label');
    }

    public function test_an_empty_field_says_who_decided(): void
    {
        $circuit = Circuits::kilnFan();
        unset($circuit['supply']['frequency'], $circuit['supply']['ambient'], $circuit['cable']['insulation']);
        $solution = Circuits::solve($circuit);
        self::assertSame('50 Hz (assumed)', self::empty($solution, 'supply.frequency'));
        self::assertSame('30 °C (assumed)', self::empty($solution, 'supply.ambient'));
        self::assertSame('XLPE, 90 °C (assumed)', self::empty($solution, 'cable.insulation'));
        self::assertSame('70 °C (assumed)', self::empty($solution, 'cable.terminal_temperature'));
        self::assertSame('gG fuse (usual)', self::empty($solution, 'guard.scpd'));
        self::assertSame('60 Hz (assumed)', self::empty(Circuits::solve(['rule_book' => 'nec']), 'supply.frequency'));
    }

    /** A site whose terminals are marked for 90 °C must not read “70 °C (assumed)” in an empty field. */
    public function test_a_setting_of_the_site_is_told_as_the_sites(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['settings.terminal_temperature' => '90', 'settings.tray' => 'ladder']);
        self::assertSame('90 °C (site)', self::empty($solution, 'cable.terminal_temperature'));
        self::assertSame('Ladder (site)', self::empty($solution, 'cable.tray'));
        self::assertNotContains('70 °C terminals', $solution->figure('cable.size')->assumptions ?? []);
    }

    public function test_what_is_typed_elsewhere_is_repeated_where_it_counts(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['load.output_percent' => '60', 'correction.load_percent' => null]);
        self::assertSame('60 % (as under Power)', self::empty($solution, 'correction.load_percent'));
        self::assertSame('400 V (assumed)', self::empty($solution, 'correction.rated_voltage'));
    }

    public function test_choices_are_those_of_the_rule_book_in_its_words(): void
    {
        $iec = Circuits::solve(['rule_book' => 'iec']);
        $nec = Circuits::solve(['rule_book' => 'nec']);
        self::assertContains('Star-delta', self::labels($iec, 'starter.method'));
        self::assertContains('Wye-delta', self::labels($nec, 'starter.method'));
        self::assertContains('gG fuse', self::labels($iec, 'guard.scpd'));
        self::assertNotContains('gG fuse', self::labels($nec, 'guard.scpd'));
        self::assertContains('Dual-element (time-delay) fuse', self::labels($nec, 'guard.scpd'));
        self::assertTrue($iec->fields['cable.tray']->used);
        self::assertFalse($nec->fields['cable.tray']->used, 'the NEC has no use for the support of a cable');
        self::assertFalse($iec->fields['cable.raceway_material']->used);
    }

    /** What is offered is computed, in every book. */
    #[DataProvider('choices')]
    public function test_what_is_offered_is_computed(string $book, string $path, string $value): void
    {
        $circuit = $book === 'iec' ? Circuits::kilnFan() : Circuits::twentyFiveHorsepower($book);
        $solution = Circuits::solve($circuit, [$path => $value]);
        self::assertArrayNotHasKey($path, Circuits::errors($solution), Circuits::errors($solution)[$path] ?? '');
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function choices(): iterable
    {
        $american = array_map(Circuits::twentyFiveHorsepower(...), ['nec' => 'nec', 'cec' => 'cec']);
        foreach (['iec' => Circuits::kilnFan(), ...$american] as $book => $circuit) {
            foreach (['starter.method', 'guard.scpd', 'cable.method', 'cable.material', 'supply.earthing', 'load.kind'] as $path) {
                foreach (Circuits::solve($circuit)->fields[$path]->choices ?? [] as $choice) {
                    yield "$book, $path ".$choice['value'] => [$book, $path, $choice['value']];
                }
            }
        }
    }

    public function test_a_starter_asks_only_for_what_it_has(): void
    {
        $direct = Circuits::solve(Circuits::kilnFan());
        $starDelta = Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta']);
        foreach (['starter.changeover.by', 'starter.changeover.value', 'guard.overload_place'] as $path) {
            self::assertFalse($direct->fields[$path]->used, $path);
            self::assertTrue($starDelta->fields[$path]->used ?? true, $path);
        }
    }

    public function test_a_capacitor_asks_only_for_what_its_place_has(): void
    {
        $used = static fn (array $changes, string $path): bool => Circuits::solve(Circuits::kilnFan(), $changes)
            ->fields[$path]->used ?? true;
        self::assertTrue($used(['correction.place' => 'board'], 'correction.own_contactor'));
        self::assertFalse($used(['correction.place' => 'at_motor'], 'correction.own_contactor'), 'it drops out with the motor');
        self::assertTrue($used(['correction.place' => 'at_motor'], 'correction.tap_length'));
        self::assertFalse($used(['correction.place' => 'board'], 'correction.tap_length'));
        self::assertFalse($used([], 'correction.capacitance'), 'with three phases it is told in kvar');
        self::assertTrue($used(['supply.phases' => 1], 'correction.capacitance'));
        self::assertFalse($used(['subject' => 'bench_load'], 'correction.place'));
    }

    public function test_notes_are_of_fields_that_there_are(): void
    {
        foreach (Circuits::solve(Circuits::kilnFan())->fields as $path => $note) {
            self::assertNotNull(Fields::find($path), $path);
            self::assertFalse($note->saysNothing(), $path);
        }
    }

    /** Plain stamps are not looked at one by one; none that has choices, a word for being empty or a default may be left out by that. */
    public function test_no_field_that_has_something_to_say_is_left_out(): void
    {
        $circuits = [
            ...Circuits::demo(), 'IEC' => ['rule_book' => 'iec'], 'NEC' => ['rule_book' => 'nec'], 'CE Code' => ['rule_book' => 'cec'],
        ];
        foreach ($circuits as $tag => $circuit) {
            $notes = Circuits::solve($circuit)->fields;
            foreach (Fields::all() as $path => $field) {
                $speaks = $field->empty !== '' || ($field->choices !== null && $field->cases() !== []);
                if ($speaks && ! isset($notes[$path])) {
                    // A list that this starter or this book leaves empty is the only reason.
                    self::assertContains($path, ['guard.overload_place'], "$tag: $path");
                }
            }
            foreach ($notes as $path => $note) {
                self::assertFalse($note->saysNothing(), "$tag: $path");
            }
        }
    }

    public function test_notes_stand_in_the_order_of_the_fields(): void
    {
        $order = array_flip(Fields::paths());
        foreach (['iec', 'nec', 'cec'] as $book) {
            $noted = array_keys(Circuits::solve(['rule_book' => $book])->fields);
            $places = array_map(static fn (string $path): int => $order[$path], $noted);
            $sorted = $places;
            sort($sorted);
            self::assertSame($sorted, $places, $book);
        }
    }

    /** The words of one book are not kept for the next. */
    public function test_lists_that_are_kept_are_those_of_their_book(): void
    {
        $words = static fn (string $book): array => array_map(
            static fn ($note): array => array_column($note->choices, 'label'), Circuits::solve(['rule_book' => $book])->fields,
        );
        $first = ['nec' => $words('nec'), 'iec' => $words('iec'), 'cec' => $words('cec')];
        foreach (['cec', 'iec', 'nec', 'iec'] as $book) {
            self::assertSame($first[$book], $words($book), $book);
        }
        self::assertNotSame($first['iec']['cable.insulation'], $first['nec']['cable.insulation']);
        self::assertNotSame($first['nec']['cable.insulation'], $first['cec']['cable.insulation']);
    }
}
