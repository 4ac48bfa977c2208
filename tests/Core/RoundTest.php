<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Records\Round\Found;
use BraveAnvil\Records\Round\RoundItem;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is found at a panel otherwise than the sheet says, judged on the spot. */
final class RoundTest extends CoreTestCase
{
    /** @return array<string, mixed> a fan in delta, started direct, 66 A */
    private static function fan(): array
    {
        return Circuits::fanWithItsLoad();
    }

    public function test_each_thing_that_is_worked_out_is_looked_at(): void
    {
        $solution = Circuits::solve(self::fan());
        self::assertSame("66\u{00A0}A", RoundItem::Dial->expected($solution));
        self::assertSame('delta', RoundItem::Links->expected($solution));
        self::assertNull(RoundItem::Timer->expected($solution), 'a direct start has no timer');
        self::assertNull(RoundItem::Cable->expected(Circuits::solve(self::fan(), ['supply.voltage' => null])));
        self::assertSame('11 s', str_replace("\u{00A0}", ' ', (string) RoundItem::Timer->expected(Circuits::solve(self::fan(), [
            'starter.method' => 'star_delta', 'starter.changeover.value' => '11',
        ]))));
    }

    /** IEC 60947-4-1: a relay set above the motor's rated current does not protect it. */
    public function test_a_dial_above_the_motor_current_is_grave(): void
    {
        $found = Found::judge(self::fan(), RoundItem::Dial, '80 A');
        self::assertSame(Grade::Stop, $found->grade);
        self::assertNotSame('', $found->says);
    }

    /** IEC 60364-4-43: the conductor carries at least what the relay is set to; 6 mm² in free air does not carry 66 A. */
    public function test_a_thinner_cable_than_the_sheet_says_is_grave(): void
    {
        self::assertSame(Grade::Stop, Found::judge(self::fan(), RoundItem::Cable, '6 mm2')->grade);
    }

    public function test_a_thicker_cable_is_only_put_on_record(): void
    {
        self::assertSame(Grade::Note, Found::judge(self::fan(), RoundItem::Cable, '35 mm2')->grade);
    }

    public function test_what_cannot_be_read_says_so_at_its_field(): void
    {
        $found = Found::judge(self::fan(), RoundItem::Dial, 'about sixty');
        self::assertNull($found->grade);
        self::assertSame('guard.dial', $found->error?->path);
    }

    /** @return iterable<string, array{string, Grade|null}> what is found where delta is right */
    public static function links(): iterable
    {
        yield 'right' => ['delta', null];
        yield 'starved' => ['star', Grade::Stop];
        yield 'neither' => ['other', Grade::Caution];
    }

    #[DataProvider('links')]
    public function test_links_are_judged_by_the_voltage_of_a_winding(string $typed, ?Grade $grade): void
    {
        self::assertSame($grade, Found::judge(self::fan(), RoundItem::Links, $typed)->grade);
    }

    /** A winding for 230 V in delta on 400 V gets √3 of its voltage (230/400 V motor, star is right). */
    public function test_delta_where_star_is_right_burns_it(): void
    {
        $fan = Circuits::changed(self::fan(), ['plate.voltage' => '230/400', 'plate.current' => '114/66']);
        self::assertSame('star', RoundItem::Links->expected(Circuits::solve($fan)));
        $found = Found::judge($fan, RoundItem::Links, 'delta');
        self::assertSame(Grade::Stop, $found->grade);
        self::assertStringContainsString('1.73 times', $found->says);
    }

    /** On every demo circuit: what should be there, found there, is no defect. */
    public function test_what_is_as_it_should_be_speaks_against_nothing(): void
    {
        foreach (Circuits::demo() as $tag => $document) {
            $solution = Circuits::solve($document);
            foreach ([RoundItem::Dial, RoundItem::Links] as $item) {
                $expected = $item->expected($solution);
                if ($expected === null || $solution->worst() === Grade::Stop) {
                    continue;
                }
                $value = $item === RoundItem::Links ? $expected : (string) $solution->figure('guard.overload_dial')?->number();
                $found = Found::judge($document, $item, $value);
                self::assertNotSame(Grade::Stop, $found->grade, "$tag $item->value: $found->says");
            }
        }
    }
}
