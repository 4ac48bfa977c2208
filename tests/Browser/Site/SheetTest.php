<?php

declare(strict_types=1);

namespace Tests\Browser\Site;

use Tests\Browser\BrowserTestCase;
use Tests\Browser\Hand;

/** What is handed over: a sheet signed by two people, files in and out, a round with a phone, a calendar address. */
final class SheetTest extends BrowserTestCase
{
    /** What stands on the paper, which is a document of its own inside the page. */
    private static function paper(Hand $hand): string
    {
        $text = $hand->driver->executeScript(
            'return [...document.querySelectorAll("*")].map((e) => e.shadowRoot?.textContent ?? "").join(" ")',
        );

        return (string) preg_replace('/\s+/u', ' ', is_string($text) ? $text : '');
    }

    public function test_from_a_bench_to_a_signed_sheet_with_two_people(): void
    {
        $preparer = $this->hand();
        $preparer->signIn('electrician-b');
        $this->openCircuit($preparer, 'KF-203', 'sheet');
        $preparer->until(static fn (): bool => str_contains(self::paper($preparer), 'Overload relay setting'));
        self::assertStringContainsString('DRAFT', self::paper($preparer));
        $preparer->press('Review and sign');
        $preparer->see('No sheet of this circuit is in force.');
        $preparer->fill('What changed', 'as commissioned');
        $preparer->fill('Note to the reviewer', 'Length measured, 62 m.');
        $preparer->press('Save revision and send for review');
        $preparer->see('is in review');

        $reviewer = $this->hand();
        $reviewer->signIn('supervisor');
        // Beside the document that is reviewed stands what to look at, and the signature.
        $this->openCircuit($reviewer, 'KF-203', 'sheet');
        $reviewer->see('sent by Shift electrician B: “Length measured, 62 m.”');
        $reviewer->until(static fn (): bool => str_contains(self::paper($reviewer), 'IN REVIEW'));
        $reviewer->fill('Your password, to sign', 'not this one');
        $reviewer->press('Sign and issue');
        $reviewer->see('This is not your password.');
        $reviewer->fill('Your password, to sign', 'larkrigg');
        $reviewer->press('Sign and issue');
        $reviewer->see('See the marked items.');
        $reviewer->see('Accept it, or write why it is acceptable.');
        $boxes = $reviewer->driver->executeScript(
            'return [...document.querySelectorAll("label")].filter((e) => e.querySelector("input[type=checkbox]")).map((e) => '.
            'e.innerText.replace("✓", "").trim())',
        );
        self::assertIsArray($boxes);
        self::assertNotSame([], $boxes);
        foreach ($boxes as $box) {
            $reviewer->tick((string) $box);
        }
        $reviewer->fill('Your password, to sign', 'larkrigg');
        $reviewer->press('Sign and issue');
        $reviewer->see('issued, in force. Nothing has changed since.');
        $reviewer->until(static fn (): bool => ! str_contains(self::paper($reviewer), 'not in force'));
        self::assertStringNotContainsString('DRAFT', self::paper($reviewer));
        $this->assertAccessible($reviewer, 'review');

        $preparer->driver->navigate()->refresh();
        $preparer->press('Revisions');
        $preparer->see('signed and issued by Licensed supervisor');
        $this->assertAccessible($preparer, 'revisions');
        $preparer->press('Create the file sheet (PDF) of revision 1');
        $preparer->see('Open the file sheet (PDF)', 30);
        $preparer->press('Door card');
        $preparer->until(static fn (): bool => str_contains(self::paper($preparer), 'reviewed and issued by Licensed supervisor'));
        self::assertStringNotContainsString('not in force', self::paper($preparer));
        $this->assertAccessible($preparer, 'a paper');
    }

    public function test_a_stop_is_refused_for_use_and_goes_as_found(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'CV-115', 'sheet?view=review');
        $hand->see('Stop: ');
        $hand->press('For use');
        $hand->see('It cannot be issued for use until these are fixed.');
        self::assertNotNull($hand->driver->executeScript(
            'return [...document.querySelectorAll("button")].find((e) => e.innerText === "Save revision and send for review" && '.
            'e.disabled) ?? null',
        ));
        $hand->press('Sensitivity');
        $hand->see('No effect on the result');
        $this->assertAccessible($hand, 'what would change it');
        $hand->press('Revisions');
        $hand->see('as found in the round');
    }

    public function test_a_file_is_looked_at_before_it_is_written(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $hand->open('/register?site=2');
        $hand->see('or a CSV table with a head for each field');
        $file = sys_get_temp_dir().'/brave-anvil-import.csv';
        file_put_contents($file, "Motors;;\ntag;plate.power;drives\nDX-590;30 hp;Fan 90\nDX-591;much;Fan 91\n");
        $hand->upload($file);
        $hand->see('1 new, 0 changed, 0 unchanged, 1 rejected.');
        $hand->see('B plate.power');
        $hand->see('No current yet: tag, output, voltage, power factor and efficiency are needed.');
        $hand->see('Rejected rows, to correct (CSV)');
        $this->assertAccessible($hand, 'register');
        $hand->press('Write 1 row');
        $hand->see('1 written.');
        unlink($file);
        $hand->open('/?search=DX-590');
        $hand->see('1 circuit found');
        $hand->open('/?search=DX-591');
        $hand->see('0 circuits found');
    }

    public function test_a_round_with_a_phone(): void
    {
        $hand = $this->hand(390, 844);
        $hand->signIn('electrician-a');
        $hand->open('/round?site=3');
        $hand->choose('Area', 'Dryer');
        $hand->press('Start a round');
        $hand->see('Started by Shift electrician A');
        $first = (string) $hand->driver->executeScript('return document.querySelector("main ol button b").innerText');
        $hand->driver->executeScript('document.querySelector("main ol button").click()');
        $hand->see('1 of ');
        $hand->see('Overload relay setting');
        $hand->driver->executeScript(
            '[...document.querySelectorAll("li[aria-label=\'Overload relay setting\'] button")].find((e) => e.innerText === "Different").click()',
        );
        $hand->fill('Found', 'high');
        $hand->press('Check');
        $hand->see('cannot be read');
        $hand->fill('Found', '900 A');
        $hand->press('Check');
        $hand->see('900 A found');
        $this->assertAccessible($hand, 'a motor of a round');
        self::assertLessThanOrEqual(390, (int) $hand->driver->executeScript('return document.documentElement.scrollWidth'));
        $hand->press('All motors');
        $hand->see('Defects');
        $hand->see($first.' Overload relay setting: found 900 A');
        $hand->press('End the round');
        $hand->see(', ended.');
    }

    public function test_the_address_of_a_calendar_is_renewed(): void
    {
        $hand = $this->hand();
        $hand->signIn('administrator');
        $hand->open('/due');
        $hand->see('Sheet in review');
        $address = static function () use ($hand): string {
            $href = $hand->driver->executeScript('return document.querySelector("a[href*=\'/calendar/\']")?.href ?? ""');

            return is_string($href) ? $href : '';
        };
        $hand->press($hand->has('Make a calendar address', 1) ? 'Make a calendar address' : 'Make a new address');
        $hand->see('/calendar/');
        $old = $address();
        $hand->press('Make a new address');
        $hand->until(static fn (): bool => $address() !== $old);
        $status = static fn (string $url): mixed => $hand->driver->executeAsyncScript(
            'const done = arguments[1]; fetch(arguments[0]).then((r) => done(r.status))', [$url],
        );
        self::assertSame([404, 200], [$status($old), $status($address())]);
    }
}
