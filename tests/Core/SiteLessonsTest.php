<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Choice\Thickener;
use BraveAnvil\Records\Logbook\Logbook;
use BraveAnvil\Stations\Plate\SiteLessons;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a site teaches of its motors' stamps: dates in serial numbers, order numbers, thickeners of greases. All invented. */
final class SiteLessonsTest extends CoreTestCase
{
    private const LESSONS = [
        ['kind' => 'date', 'pattern' => 'LM-YYWW-*', 'months' => '24'], ['kind' => 'date', 'pattern' => '@@YYYYMM#'],
        ['kind' => 'date', 'pattern' => 'YY/####'],
        ['kind' => 'order', 'pattern' => 'KD#-160*', 'says' => 'Frame 160, cast iron, with feet.'],
        ['kind' => 'grease', 'pattern' => 'Millgrease Blue', 'thickener' => 'polyurea'],
        ['kind' => 'grease', 'pattern' => 'Millgrease Red', 'thickener' => 'lithium_complex'],
        ['kind' => 'grease', 'pattern' => 'Yard Grease 2', 'thickener' => 'polyurea'],
    ];

    private const WEEK_23 = 'Made in week 23 of 2014, by the pattern of this site. '.
        'Warranty of 24 months: until June 2016, if it began then.';

    /** @return iterable<string, array{string, string|null}> */
    public static function serials(): iterable
    {
        yield 'year and week with a warranty' => ['LM-1423-00771', self::WEEK_23];
        yield 'blanks and capitals aside' => ['lm - 1423 - 9', self::WEEK_23];
        yield 'year and month' => ['AB2019077', 'Made in July 2019, by the pattern of this site.'];
        yield 'last century' => ['87/4410', 'Made in 1987, by the pattern of this site.'];
        yield 'no such week' => ['LM-1460-1', null];
        yield 'no such month' => ['AB2019137', null];
        yield 'another number' => ['XX-99', null];
    }

    #[DataProvider('serials')]
    public function test_a_serial_number_tells_when_a_motor_was_made(string $serial, ?string $says): void
    {
        self::assertSame($says, SiteLessons::read(self::LESSONS)->madeIn($serial)?->says());
    }

    public function test_what_a_site_knows_stands_beside_the_stamp(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'settings.lessons' => self::LESSONS, 'plate.serial' => 'LM-1423-00771', 'plate.order_number' => 'KD4-160L-4',
            'plate.grease' => 'MILLGREASE BLUE', 'plate.year' => '2012',
        ]);
        self::assertSame([], $solution->errors);
        self::assertStringContainsString('week 23 of 2014', $solution->meanings['plate.serial']['text']);
        self::assertStringContainsString('Frame 160, cast iron', $solution->meanings['plate.order_number']['text']);
        self::assertStringContainsString('Polyurea', $solution->meanings['plate.grease']['text']);
        self::assertFinds('year_disagrees', $solution, 'note');
        self::assertDoesNotFind('year_disagrees', Circuits::solve(Circuits::kilnFan(), [
            'settings.lessons' => self::LESSONS, 'plate.serial' => 'LM-1423-00771', 'plate.year' => '2014',
        ]));
    }

    /** Another name may follow with the same thickener; another thickener is objected to; who knows neither is told as before. */
    public function test_greases_are_held_against_each_other_by_their_thickener(): void
    {
        $document = ['rule_book' => 'iec', 'plate' => ['grease' => 'Millgrease Blue'], 'settings' => ['lessons' => self::LESSONS]];
        $said = static fn (string $grease): string => (Logbook::minded($document, [
            ['kind' => 'greased', 'at' => '2026-05-02T08:00:00Z', 'values' => ['grease' => $grease, 'grams' => '30']],
        ])[0] ?? null)->text ?? '';
        self::assertSame('', $said('millgrease blue'));
        self::assertSame('', $said('Yard Grease 2'));
        self::assertSame(
            'The nameplate says Millgrease Blue (polyurea). Millgrease Red (lithium complex) has another thickener: the two do not mix.',
            $said('Millgrease Red'),
        );
        self::assertSame('The nameplate says Millgrease Blue (polyurea). Never mix greases.', $said('Shed tin'));
        self::assertSame(Thickener::Polyurea, SiteLessons::read(self::LESSONS)->thickener('YARD GREASE 2'));
    }

    /** Made in June 2014 with 24 months: ends on 30 June 2016, and is told in its last sixty days; a typed end comes first. */
    public function test_a_warranty_follows_from_the_date(): void
    {
        $document = ['rule_book' => 'iec', 'plate' => ['serial' => 'LM-1423-1'], 'settings' => ['lessons' => self::LESSONS]];
        $told = static fn (array $document, string $now): string => Logbook::of($document, [], (int) strtotime($now))->warranty;
        self::assertSame('The warranty ends in 29 days.', $told($document, '2016-06-01T12:00:00Z'));
        self::assertSame('', $told($document, '2016-02-01T12:00:00Z'));
        self::assertSame('', $told($document, '2016-07-01T12:00:00Z'));
        self::assertSame('', $told([...$document, 'logbook' => ['warranty_until' => '2019-01-01']], '2016-06-01T12:00:00Z'));
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function bad(): iterable
    {
        yield 'no list' => ['LM-YYWW', 'settings.lessons'];
        yield 'no row' => [['LM-YYWW'], 'settings.lessons[0].kind'];
        yield 'no such kind' => [[['kind' => 'maker', 'pattern' => 'A']], 'settings.lessons[0].kind'];
        yield 'no pattern' => [[['kind' => 'date', 'pattern' => ' ']], 'settings.lessons[0].pattern'];
        yield 'no year' => [[['kind' => 'date', 'pattern' => 'LM-WW*']], 'settings.lessons[0].pattern'];
        yield 'two years' => [[['kind' => 'date', 'pattern' => 'YY-YYYY']], 'settings.lessons[0].pattern'];
        yield 'week and month' => [[['kind' => 'date', 'pattern' => 'YYWWMM']], 'settings.lessons[0].pattern'];
        yield 'a warranty for ever' => [[['kind' => 'date', 'pattern' => 'YY*', 'months' => '9999']], 'settings.lessons[0].months'];
        yield 'an order that says nothing' => [[['kind' => 'order', 'pattern' => 'KD*']], 'settings.lessons[0].says'];
        yield 'no thickener' => [[['kind' => 'grease', 'pattern' => 'Red', 'thickener' => 'honey']], 'settings.lessons[0].thickener'];
        yield 'too many' => [array_fill(0, 201, ['kind' => 'date', 'pattern' => 'YY*']), 'settings.lessons'];
    }

    #[DataProvider('bad')]
    public function test_a_row_that_cannot_be_used_is_told_at_its_place(mixed $lessons, string $path): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['settings.lessons' => $lessons]);
        self::assertArrayHasKey($path, Circuits::errors($solution));
        self::assertNotNull($solution->figure('power.design_current'), 'the circuit is solved all the same');
    }

    /** Signs of a pattern that mean something elsewhere are signs; bytes that are no text match nothing. */
    public function test_a_pattern_is_no_expression(): void
    {
        $lessons = SiteLessons::read([['kind' => 'date', 'pattern' => '(a.+)~YY$'], ['kind' => 'order', 'pattern' => '[x',
            'says' => 'one']]);
        self::assertSame([], $lessons->errors);
        self::assertSame(2018, $lessons->madeIn('(A.+)~18$')?->year);
        self::assertNull($lessons->madeIn('(abc)~18$'));
        self::assertSame('one', $lessons->ofOrder('[X'));
        self::assertNull($lessons->madeIn("\xFF\xFE18"));
    }
}
