<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Bench\Spoken;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;

/** A book is spoken in its own words from the first sentence to the last source. */
final class WordsTest extends CoreTestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function american(): iterable
    {
        $delta = ['plate.voltage' => 'D 460', 'plate.current' => 61, 'plate.leads' => 6, 'starter.method' => 'star_delta'];
        yield 'direct' => [[]];
        yield 'wye-delta' => [$delta];
        yield 'relay in the line' => [[...$delta, 'guard.overload_place' => 'line', 'starter.run_up_time' => '8 s']];
        yield 'slow class' => [[...$delta, 'guard.overload_class' => '30', 'starter.run_up_time' => '8 s']];
        yield 'refused' => [['starter.method' => 'star_delta']];
        yield 'fits nothing' => [['starter.method' => 'star_delta', 'supply.voltage' => 208]];
        yield 'capacitor at the motor' => [['correction.place' => 'at_motor', 'correction.target_power_factor' => 0.95]];
        yield 'capacitor at a wye-delta motor' => [
            [...$delta, 'correction.place' => 'before_controller', 'correction.target_power_factor' => 0.95],
        ];
        yield 'long cable' => [['cable.length' => '900 ft', 'cable.line_length' => '40 ft']];
        yield 'no size' => [['cable.length' => '9000 ft']];
        yield 'high leg' => [['supply.voltage' => '240/120']];
        yield 'fault level' => [
            ['supply.transformer_kva' => 750, 'supply.transformer_impedance_percent' => 5.75, 'guard.breaking_capacity_ka' => 5],
        ];
        yield 'readings' => [[
            'correction.place' => 'board', 'correction.rated_kvar' => 10, 'correction.rated_voltage' => 480, 'readings' => [
                ['kind' => 'rotation', 'at' => '2026-04-20', 'values' => ['seen' => 'wrong']],
                ['kind' => 'correction', 'at' => '2026-04-20', 'values' => [
                    'before' => ['watts' => 30000, 'amps' => 50, 'volts' => 480],
                    'after' => ['watts' => 30000, 'amps' => 47.4, 'volts' => 480],
                ]],
            ],
        ]];
        yield 'nothing stamped' => [
            ['plate.current' => null, 'plate.efficiency' => null, 'plate.power_factor' => null, 'plate.code_letter' => null],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('american')]
    public function test_an_nec_circuit_reads_in_words_of_the_nec(array $changes): void
    {
        foreach (self::said(Circuits::solve(Circuits::fiftyHorsepower(), ['cable.length' => '180 ft', ...$changes])) as $where => $text) {
            self::assertDoesNotMatchRegularExpression('/\bstar\b|star-delta|\bearth(ed|ing)?\b|mm²/iu', $text, $where);
            self::assertDoesNotMatchRegularExpression('/\b[UVW][12]\b/u', $text, $where);
        }
    }

    public function test_an_iec_circuit_reads_in_words_of_the_iec(): void
    {
        foreach ([[], ['starter.method' => 'star_delta', 'cable.line_length' => '10 m']] as $changes) {
            foreach (self::said(Circuits::solve(Circuits::kilnFan(), $changes)) as $where => $text) {
                self::assertDoesNotMatchRegularExpression('/\bwye\b|\bAWG\b|\bkcmil\b|\braceway\b/iu', $text, $where);
            }
        }
    }

    /** @return iterable<string, string> every sentence, finding and error of a solution */
    private static function said(Solution $solution): iterable
    {
        foreach ($solution->comparisons as $comparison) {
            $judged = $comparison->judgement;
            yield from ['says' => $judged->says, 'next' => $judged->next, 'points to' => implode('; ', $judged->pointsTo)];
        }
        foreach ($solution->sentences as $station => $sentence) {
            yield "sentence of $station" => $sentence;
        }
        foreach ($solution->findings as $finding) {
            yield $finding->code->code() => "$finding->title. $finding->text $finding->action";
        }
        foreach ($solution->errors as $error) {
            yield $error->path => "$error->text $error->accepted";
        }
        foreach ([...$solution->read, ...array_column($solution->meanings, 'text')] as $path => $text) {
            yield "read $path" => $text;
        }
        foreach ($solution->figures as $figure) {
            yield $figure->key() => $figure->label.': '.$figure->working.'; '.$figure->source.'; '.implode('; ', $figure->assumptions);
        }
    }

    /** @return iterable<string, array{string, string}> as the stations write it, as the NEC says it */
    public static function spoken(): iterable
    {
        yield 'a word' => ['in star', 'in wye'];
        yield 'with a capital' => ['Star-delta takes 154 A', 'Wye-delta takes 154 A'];
        yield 'inside another word' => ['the start takes 462 A; starve, restart', 'the start takes 462 A; starve, restart'];
        yield 'earth in all its forms' => ['Earth it: earthed, earthing, an earth fault', 'Ground it: grounded, grounding, a ground fault'];
        yield 'nothing to say' => ['40.65 A', '40.65 A'];
    }

    #[DataProvider('spoken')]
    public function test_words_are_put_whole_and_keep_their_capitals(string $written, string $said): void
    {
        $books = new RuleBooks(Tables::shipped());
        $american = $books->named('nec')?->words();
        $metric = $books->named('iec')?->words();
        self::assertNotNull($american);
        self::assertNotNull($metric);
        self::assertSame($said, Spoken::by($american)->text($written));
        self::assertSame($written, Spoken::by($metric)->text($written), 'what is in its own words stays');
    }

    /** What a person typed is quoted as it was typed. */
    public function test_a_quotation_is_never_put_into_other_words(): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.speed' => 'star']);
        self::assertStringContainsString('“star”', Circuits::errors($solution)['plate.speed']);
    }
}
