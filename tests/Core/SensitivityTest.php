<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;

/** What would change the answer: values that nobody typed, tried within their range, beside the same values typed. */
final class SensitivityTest extends CoreTestCase
{
    /**
     * @param  array<string, mixed>  $document
     * @return array{says: string, rows: list<array{kind: string, at: string, label: string, taken: string, tries: list<array{value: string, flips: list<array{label: string, from: string, to: string}>}>}>, steady: list<string>}
     */
    private static function swept(array $document): array
    {
        $curve = Bench::solve($document, null, Extra::Sensitivity)->curves['sensitivity'] ?? null;
        self::assertNotNull($curve);

        /** @var array{says: string, rows: list<array{kind: string, at: string, label: string, taken: string, tries: list<array{value: string, flips: list<array{label: string, from: string, to: string}>}>}>, steady: list<string>} $swept */
        $swept = $curve->toArray();

        return $swept;
    }

    /**
     * IEC 60364-5-52 table B.52.12: terminals for 90 °C let 10 mm² XLPE in free air (75 A, from memory) carry 66 A, for 70 °C the PVC
     * column
     * (60 A) does not.
     */
    public function test_terminals_of_ninety_degrees_let_a_smaller_cable_pass(): void
    {
        $swept = self::swept([...Circuits::kilnFan(), 'readings' => []]);
        $rows = array_column($swept['rows'], null, 'at');
        $row = $rows['settings.terminal_temperature'];
        self::assertSame('70 °C terminals', $row['taken']);
        $flips = array_column($row['tries'][0]['flips'], 'to', 'label');
        self::assertSame("10\u{00A0}mm²", $flips['Conductor size, starter to motor']);
        self::assertStringStartsWith('Check', $swept['says']);
    }

    /** The sweep says what comes out when the value is typed: every field of every demo circuit, with its own words. */
    public function test_a_flip_is_what_the_typed_value_gives(): void
    {
        $seen = 0;
        foreach (Circuits::demo() as $tag => $document) {
            foreach (self::swept($document)['rows'] as $row) {
                $field = Fields::find($row['at']);
                // A choice is told by its label, which is not what is typed.
                if ($row['kind'] !== 'assumed' || $field === null || $field->cases() !== []
                    || in_array($field->kind, [FieldKind::Insulation, FieldKind::Installation], true)) {
                    continue;
                }
                foreach ($row['tries'] as $try) {
                    $typed = Bench::solve(Circuits::changed($document, [$row['at'] => $try['value']]));
                    foreach ($try['flips'] as $flip) {
                        $shown = array_map(static fn (Figure $figure): string => $figure->shown(3), array_filter(
                            $typed->figures, static fn (Figure $figure): bool => $figure->label === $flip['label'],
                        ));
                        if ($shown !== []) {
                            self::assertContains($flip['to'], $shown, "$tag: $row[at] at $try[value]");
                            $seen++;
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(40, $seen);
    }

    public function test_what_is_typed_is_not_swept(): void
    {
        $before = self::swept(Circuits::kilnFan());
        $typed = [
            'cable.material' => 'copper', 'cable.insulation' => 'xlpe', 'cable.method' => 'E', 'cable.grouped_circuits' => '1',
            'cable.terminal_temperature' => '70', 'cable.tray' => 'perforated', 'supply.ambient' => '30',
        ];
        $after = self::swept(Circuits::changed(Circuits::kilnFan(), $typed));
        foreach (array_keys($typed) as $path) {
            self::assertNotContains($path, array_column($after['rows'], 'at'));
        }
        self::assertGreaterThan(count($after['rows']), count($before['rows']));
    }

    /** The most decisive first: a stop or a size counts more than a setting, a setting more than a caution (common practice). */
    public function test_the_first_one_flips_most(): void
    {
        foreach (Circuits::demo() as $document) {
            $rows = self::swept($document)['rows'];
            foreach ($rows as $row) {
                self::assertNotSame([], $row['tries']);
                foreach ($row['tries'] as $try) {
                    self::assertNotSame([], $try['flips']);
                    foreach ($try['flips'] as $flip) {
                        self::assertNotSame($flip['from'], $flip['to'], $row['label'].': '.$flip['label']);
                    }
                }
            }
        }
    }

    /** Sweeping leaves no trace: the same figures and findings as without. */
    public function test_a_sweep_leaves_the_solution_alone(): void
    {
        foreach (array_slice(Circuits::demo(), 0, 12) as $document) {
            $plain = Bench::solve($document)->toArray();
            $swept = Bench::solve($document, null, Extra::Sensitivity)->toArray();
            self::assertEquals($plain['figures'], $swept['figures']);
            self::assertEquals($plain['findings'], $swept['findings']);
        }
    }

    /** An entry that memory doubts is tried a tenth off, within the rows beside it: NEC 430.250, 25 hp at 460 V. */
    public function test_a_doubted_entry_of_a_table_is_tried(): void
    {
        $kinds = [];
        foreach (Circuits::demo() as $document) {
            $swept = self::swept($document);
            foreach ($swept['rows'] as $row) {
                $kinds[$row['kind']] = true;
            }
            foreach ($swept['steady'] as $label) {
                $kinds[str_contains($label, ': ') ? 'entry' : 'assumed'] = true;
            }
        }
        self::assertArrayHasKey('entry', $kinds);
        self::assertArrayHasKey('assumed', $kinds);
    }
}
