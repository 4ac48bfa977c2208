<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Records\Instruments\Assessment;
use BraveAnvil\Records\Instruments\FaultKind;
use BraveAnvil\Records\Instruments\HiddenFault;
use BraveAnvil\Records\Instruments\Plant;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * No figure, finding or sentence moves unnoticed. What stands in `standing` is no source and proves nothing right: it shows in the
 * difference of a change what else the change moved, for whoever reads it to say whether it should have.
 *
 * Where a change is meant: `WRITE_STANDING=1 vendor/bin/phpunit tests/Core/StandingTest.php`, read the difference, commit it with
 * the change.
 */
final class StandingTest extends TestCase
{
    private const SITES = ['1-larkrigg-mill', '2-cold-brook-yard', '3-otter-narrows-mill'];

    /** Rated powers of the ladders, kW and hp: from the smallest motors to where conductors run in parallel. */
    private const POWERS = [
        'kW' => [0.37, 0.75, 1.1, 1.5, 2.2, 3, 4, 5.5, 7.5, 11, 15, 18.5, 22, 30, 37, 45, 55, 75, 90, 110, 132, 160, 200, 250, 315],
        'hp' => [0.5, 0.75, 1, 1.5, 2, 3, 5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 75, 100, 125, 150, 200, 250, 300, 400],
    ];

    /** @return iterable<string, array{string}> */
    public static function sites(): iterable
    {
        foreach (self::SITES as $site) {
            yield $site => [$site];
        }
    }

    /** Every figure with its working and every finding of the demo, of one circuit of each kind. */
    #[DataProvider('sites')]
    public function test_the_demo_stands(string $site): void
    {
        $text = '';
        $seen = [];
        foreach (Circuits::demo($site) as $tag => $document) {
            $kind = self::kind($document);
            if (! isset($seen[$kind])) {
                $seen[$kind] = true;
                $text .= self::told($tag, StandingLines::of(Bench::solve($document)));
            }
        }
        self::assertStands($site, $text);
    }

    /** @return iterable<string, array{RuleBookName}> */
    public static function books(): iterable
    {
        foreach (RuleBookName::cases() as $book) {
            yield $book->value => [$book];
        }
    }

    /** What each choice of each field changes. */
    #[DataProvider('books')]
    public function test_what_each_choice_changes_stands(RuleBookName $book): void
    {
        $document = self::fan($book);
        $base = StandingLines::of(Bench::solve($document));
        $text = '';
        foreach (Fields::all() as $path => $field) {
            $values = match (true) {
                $path === 'rule_book' || str_starts_with($path, 'log') => [],
                $field->kind === FieldKind::Flag => ['true', 'false'],
                $field->choices === null || $field->kind === FieldKind::Anything => [],
                default => array_column($field->cases(), 'value'),
            };
            foreach ($values as $value) {
                $lines = StandingLines::of(Circuits::solve($document, [$path => $value]));
                $text .= self::told("$path $value", StandingLines::differing($lines, $base));
            }
        }
        self::assertStands("choices-{$book->value}", $text);
    }

    /** Motors from the smallest to the largest: current, conductors, device and overload. */
    #[DataProvider('books')]
    public function test_the_ladder_of_motors_stands(RuleBookName $book): void
    {
        $unit = RuleBookName::isAmerican($book->value) ? 'hp' : 'kW';
        $text = '';
        foreach (self::POWERS[$unit] as $power) {
            $plate = ['power' => "$power $unit", 'voltage' => $unit === 'hp' ? 460 : 400, 'speed' => $unit === 'hp' ? 1760 : 1460];
            $solution = Bench::solve([
                ...self::fan($book), 'plate' => $plate, 'load' => ['kind' => 'quadratic', 'torque_percent' => 90],
                'cable' => ['length' => '80 m'], 'correction' => ['place' => 'at_motor', 'target_power_factor' => 0.95],
            ]);
            $shown = [];
            foreach ($solution->figures as $figure) {
                $shown[$figure->key()] = $figure->shown();
            }
            $text .= "$power $unit: ".StandingLines::text($shown).' | '.implode(' ', Circuits::codes($solution))."\n";
        }
        self::assertStands("ladder-{$book->value}", $text);
    }

    /** What takes longer to work out. */
    #[DataProvider('books')]
    public function test_what_takes_longer_stands(RuleBookName $book): void
    {
        $text = '';
        foreach ([Extra::Methods, Extra::Margins, Extra::TimeCurrent, Extra::Wiring, Extra::Sensitivity] as $extra) {
            $curve = Bench::solve(self::fan($book), null, $extra)->curves[$extra->curves()[0]] ?? null;
            $told = [];
            foreach ($curve?->toArray() ?? [] as $name => $one) {
                $told[(string) $name] = self::withoutPoints(is_array($one) ? $one : [$one]);
            }
            $text .= self::told($extra->value, $told);
        }
        self::assertStands("longer-{$book->value}", $text);
    }

    /** What the readings of a motor with a hidden fault are judged to say. */
    public function test_the_readings_of_every_fault_stand(): void
    {
        $text = '';
        foreach ([self::fan(RuleBookName::Iec), Circuits::twentyFiveHorsepower(), Circuits::conveyor()] as $document) {
            $document['correction'] = ['place' => 'at_motor', 'target_power_factor' => 0.95];
            foreach ([null, ...FaultKind::cases()] as $fault) {
                $plant = Plant::ofDocument($document, 0.9, $fault === null ? null : HiddenFault::usual($fault));
                self::assertNotNull($plant);
                $readings = [];
                foreach (Assessment::readings($plant, 1) as $kind => $values) {
                    $readings[] = ['kind' => $kind, 'at' => '2026-03-04', 'values' => $values, 'load_percent' => '90'];
                }
                $lines = StandingLines::of(Bench::solve([...$document, 'readings' => $readings]));
                $lines = array_filter($lines, static fn (string $name): bool => str_starts_with($name, 'reading '), ARRAY_FILTER_USE_KEY);
                $text .= self::told((is_string($document['tag']) ? $document['tag'] : '').' '.($fault?->label() ?? 'healthy'), $lines);
            }
        }
        self::assertStands('faults', $text);
    }

    /** @param  array<string, mixed>  $document */
    private static function kind(array $document): string
    {
        $kind = [];
        $tells = ['subject' => '', 'starter' => 'method', 'guard' => 'scpd', 'supply' => 'earthing', 'correction' => 'place'];
        foreach ($tells as $section => $field) {
            $typed = $document[$section] ?? null;
            $kind[] = is_array($typed) ? $typed[$field] ?? null : $typed;
        }

        return json_encode($kind, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> the fan with its load under a book */
    private static function fan(RuleBookName $book): array
    {
        $fan = Circuits::fanWithItsLoad();

        return RuleBookName::isAmerican($book->value) ? [
            ...Circuits::twentyFiveHorsepower($book->value), 'load' => ['kind' => 'quadratic', 'torque_percent' => 85, 'inertia' => '1.2'],
        ] : [...$fan, 'rule_book' => $book->value];
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return string its texts and single numbers; of a row of points how many there are
     */
    private static function withoutPoints(array $value): string
    {
        $isPoints = array_is_list($value) && count($value) > 8 && (is_float($value[0]) || is_array($value[0]) && array_is_list($value[0]));
        if ($isPoints) {
            return count($value).' points';
        }

        return StandingLines::text(array_map(static fn (mixed $one): mixed => is_array($one) ? self::withoutPoints($one) : $one, $value));
    }

    /** @param  array<string, string>  $lines */
    private static function told(string $title, array $lines): string
    {
        $text = "== $title\n";
        foreach ($lines as $name => $line) {
            $text .= "$name: $line\n";
        }

        return $text;
    }

    private static function assertStands(string $name, string $text): void
    {
        $file = __DIR__."/standing/$name.txt";
        if (getenv('WRITE_STANDING') === '1') {
            file_put_contents($file, $text);
        }
        $stood = (string) @file_get_contents($file);
        $moved = [];
        $now = explode("\n", $text);
        foreach (explode("\n", $stood) as $number => $line) {
            if ($line !== ($now[$number] ?? '')) {
                $moved[] = "- $line\n+ ".($now[$number] ?? '');
            }
        }
        self::assertSame('', implode("\n", array_slice($moved, 0, 5)), "standing/$name.txt");
        self::assertSame(substr_count($stood, "\n"), substr_count($text, "\n"), "lines of standing/$name.txt");
    }
}
