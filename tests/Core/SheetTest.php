<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Ground\Canonical;
use BraveAnvil\Records\Sheet\Change;
use BraveAnvil\Records\Sheet\Changes;
use BraveAnvil\Records\Sheet\Moved;
use BraveAnvil\Records\Sheet\SealedSheet;
use BraveAnvil\Records\Sheet\Verification;

/** The record of a sheet: what stands against signing, what is taken on, the seal, and what differs from one to the next. */
final class SheetTest extends CoreTestCase
{
    /** @return array<array-key, mixed> */
    private static function decoded(Solution $solution): array
    {
        $decoded = json_decode($solution->toJson(), true, 64, JSON_THROW_ON_ERROR);

        return is_array($decoded) ? $decoded : [];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array{hindrances: list<array{text: string, station: string|null}>, acknowledgements: list<array{key: string, says: string, entry: string, sizes: list<string>}>}
     */
    private static function readiness(array $changes = []): array
    {
        /** @var array{hindrances: list<array{text: string, station: string|null}>, acknowledgements: list<array{key: string, says: string, entry: string, sizes: list<string>}>} $readiness */
        $readiness = Circuits::solve(Circuits::kilnFan(), $changes)->curves['readiness']->toArray();

        return $readiness;
    }

    /** @param  array<string, mixed>  $changes */
    private static function sealed(array $changes = []): SealedSheet
    {
        $circuit = Circuits::changed(Circuits::kilnFan(), $changes);
        $solution = self::decoded(Bench::solve($circuit));

        return SealedSheet::of([
            'tag' => 'KF-204', 'revision' => ['number' => 3, 'name' => 'as built', 'kind' => 'for_use'], 'core' => $solution['core'],
            'circuit' => $circuit, 'settings' => [], 'readings' => [], 'figures' => $solution['figures'],
            'findings' => $solution['findings'],
            'decisions' => [['key' => 'assumed: copper conductors', 'says' => 'copper conductors', 'decided' => 'accepted']],
        ]);
    }

    public function test_nothing_stands_against_a_circuit_without_stops(): void
    {
        self::assertSame([], self::readiness()['hindrances']);
    }

    /** IEC 60034 practice: a 230/400 V motor runs in star on 400 V, so that star-delta starting is a stop; a sheet for use is refused. */
    public function test_a_stop_stands_against_a_sheet_for_use(): void
    {
        $readiness = self::readiness(['plate.voltage' => '230/400', 'plate.current' => '114/66', 'starter.method' => 'star_delta']);
        self::assertNotSame([], $readiness['hindrances']);
        self::assertStringStartsWith('Stop: ', $readiness['hindrances'][0]['text']);
    }

    public function test_an_unreadable_field_stands_against_it_and_is_named(): void
    {
        $texts = array_column(self::readiness(['cable.length' => 'sixty'])['hindrances'], 'text');
        self::assertNotSame([], array_filter($texts, static fn (string $text): bool => str_starts_with($text,
            'Length, starter to motor: ')));
    }

    public function test_a_station_that_waits_stands_against_it(): void
    {
        $readiness = self::readiness(['supply.voltage' => null]);
        $stations = array_column($readiness['hindrances'], 'station');
        self::assertContains('cable', $stations);
    }

    public function test_what_sizes_something_and_is_assumed_is_taken_on_once(): void
    {
        $taken = self::readiness()['acknowledgements'];
        $keys = array_column($taken, 'key');
        self::assertContains('assumed: 70 °C terminals', $keys);
        self::assertSame($keys, array_unique($keys));
        self::assertNotContains('assumed: 70 °C terminals',
            array_column(self::readiness(['cable.terminal_temperature' => '90'])['acknowledgements'], 'key'));
    }

    public function test_a_doubted_entry_is_taken_on_by_its_name(): void
    {
        $entries = [];
        foreach (Circuits::demo() as $document) {
            /** @var array{acknowledgements: list<array{key: string, entry: string}>} $readiness */
            $readiness = Bench::solve($document)->curves['readiness']->toArray();
            foreach ($readiness['acknowledgements'] as $one) {
                if ($one['entry'] !== '') {
                    self::assertSame('doubt: '.$one['entry'], $one['key']);
                    $entries[] = $one['entry'];
                }
            }
        }
        self::assertNotSame([], $entries);
    }

    /** RFC 8785 asks for keys in their order and no blanks; the digest is that of the text, as any SHA-256 gives it. */
    public function test_one_content_has_one_text(): void
    {
        self::assertSame('{"a":[1,2.5,"é"],"b":{"c":null,"d":true}}',
            Canonical::text(['b' => ['d' => true, 'c' => null], 'a' => [1, 2.5, 'é']]));
        self::assertSame(Canonical::text(['x' => 15000.0]), Canonical::text(['x' => 15000]));
        self::assertSame(hash('sha256', '{"a":1}'), Canonical::digest(['a' => 1]));
        // FIPS 180-2, appendix B.1.
        self::assertSame('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad', hash('sha256', 'abc'));
    }

    public function test_a_sheet_that_was_handed_out_is_whole(): void
    {
        $sheet = self::sealed();
        $json = $sheet->toJson();
        self::assertSame([], SealedSheet::mismatches($json));
        self::assertSame($sheet->seal(), SealedSheet::read($json)->seal());
        $verification = Verification::of($json);
        self::assertTrue($verification->holds, implode(' ', $verification->sentences));
        self::assertStringContainsString(substr($sheet->seal(), 0, 12), $verification->sentences[0]);
        // However it is laid out: a program may have written it anew.
        self::assertSame([], SealedSheet::mismatches(json_encode(json_decode($json, true), JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)));
    }

    public function test_each_change_of_it_is_told_where_it_is(): void
    {
        $whole = json_decode(self::sealed()->toJson(), true, 64, JSON_THROW_ON_ERROR);
        self::assertIsArray($whole);
        $figures = $whole['figures'];
        self::assertIsArray($figures);
        $at = array_search('cable.size', array_column($figures, 'key'), true);
        self::assertIsInt($at);
        $changed = $whole;
        $changed['figures'][$at]['value'] = 6;
        self::assertSame(['figures cable.size was changed after it was issued.'], SealedSheet::mismatches((string) json_encode($changed)));
        $changed = $whole;
        $changed['circuit']['plate']['power'] = '30 kW';
        self::assertSame(['circuit.plate was changed after it was issued.'], SealedSheet::mismatches((string) json_encode($changed)));
        $changed = $whole;
        $changed['decisions'][] = ['key' => 'another', 'says' => 'another', 'decided' => 'accepted'];
        self::assertSame(['decisions another was added after it was issued.'], SealedSheet::mismatches((string) json_encode($changed)));
        $changed = $whole;
        unset($changed['figures'][$at]);
        $changed['figures'] = array_values($changed['figures']);
        self::assertSame(['figures cable.size was removed after it was issued.'],
            SealedSheet::mismatches((string) json_encode($changed)));
        self::assertNotSame([], SealedSheet::mismatches('{"format":"brave-anvil.circuit/1"}'));
        self::assertNotSame([], SealedSheet::mismatches('no JSON'));
        self::assertFalse(Verification::of((string) json_encode($changed))->holds);
    }

    /** Whoever seals it anew changes the seal on paper, and a figure that does not follow is found by computing it. */
    public function test_a_forged_figure_under_a_new_seal_does_not_follow(): void
    {
        $record = self::sealed()->record;
        $figures = $record['figures'];
        self::assertIsArray($figures);
        foreach ($figures as $i => $figure) {
            if (is_array($figure) && $figure['key'] === 'guard.overload_dial') {
                $figures[$i]['value'] = 80;
            }
        }
        $forged = SealedSheet::of([...$record, 'figures' => $figures]);
        self::assertNotSame(self::sealed()->seal(), $forged->seal());
        $verification = Verification::of($forged->toJson());
        self::assertFalse($verification->holds);
        self::assertSame('guard.overload_dial is 80 in the record and 66 when calculated.', $verification->sentences[0]);
        $other = SealedSheet::of([...$record, 'core' => '0.0.1']);
        self::assertTrue(Verification::of($other->toJson())->holds);
        self::assertStringContainsString('not recalculated', Verification::of($other->toJson())->sentences[1]);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<Change>
     */
    private static function between(array $changes): array
    {
        $before = Circuits::kilnFan();
        $after = Circuits::changed($before, $changes);

        return Changes::between($before, $after, self::decoded(Bench::solve($before)), self::decoded(Bench::solve($after)));
    }

    public function test_nothing_differs_from_itself(): void
    {
        self::assertSame([], self::between([]));
    }

    public function test_a_longer_cable_changes_the_drop_and_says_why(): void
    {
        $changes = self::between(['cable.length' => '90 m']);
        self::assertSame(['field', 'cable', 'Length, starter to motor', '60 m', '90 m'], [
            $changes[0]->kind, $changes[0]->station, $changes[0]->label, $changes[0]->from, $changes[0]->to,
        ]);
        $drop = array_values(array_filter($changes, static fn (Change $one): bool => $one->label === 'Voltage drop, starter to motor'))[0];
        self::assertSame('cable', $drop->station);
        self::assertSame(['Length, starter to motor'], $drop->because);
        $labels = array_map(static fn (Change $one): string => $one->label, $changes);
        self::assertNotContains('Rated output', $labels);
    }

    public function test_a_new_stop_is_among_the_changes(): void
    {
        $changes = self::between(['plate.voltage' => '230/400', 'plate.current' => '114/66', 'starter.method' => 'star_delta']);
        $stops = array_filter($changes, static fn (Change $one): bool => $one->kind === 'finding' && $one->to === 'stop');
        self::assertNotSame([], $stops);
    }

    public function test_a_choice_is_told_by_its_words(): void
    {
        $changes = self::between(['cable.material' => 'aluminium']);
        self::assertSame(['field', 'aluminium'], [$changes[0]->kind, mb_strtolower($changes[0]->to)]);
        $method = array_values(array_filter(self::between(['starter.method' => 'star_delta']),
            static fn (Change $one): bool => $one->kind === 'field'))[0];
        self::assertStringNotContainsString('_', $method->from.$method->to);
    }

    public function test_main_figures_stand_beside_those_before(): void
    {
        $before = self::decoded(Circuits::solve(Circuits::kilnFan()));
        $after = self::decoded(Circuits::solve(Circuits::kilnFan(), ['cable.length' => '400 m']));
        $moved = array_filter(Moved::between($before, $after), static fn (Moved $one): bool => $one->from !== $one->to);
        self::assertContains('Conductor size, starter to motor', array_map(static fn (Moved $one): string => $one->label, $moved));
        self::assertNotContains('Overload relay setting', array_map(static fn (Moved $one): string => $one->label, $moved));
        foreach (Moved::between(null, $after) as $one) {
            self::assertSame('', $one->from, 'nothing is made up where nothing was in force');
        }
    }

    public function test_the_tables_that_were_asked_are_named_with_their_digest(): void
    {
        /** @var array{rows: list<array{name: string, sha256: string, corrected: bool}>} $tables */
        $tables = Bench::solve(Circuits::kilnFan(), null, Extra::Tables)->curves['tables']->toArray();
        $names = array_column($tables['rows'], 'name');
        self::assertContains('iec/ampacity_air_xlpe_copper', $names);
        self::assertNotContains('nec/ampacity', $names);
        foreach ($tables['rows'] as $row) {
            self::assertMatchesRegularExpression('~^[0-9a-f]{64}$~', $row['sha256']);
        }
    }
}
