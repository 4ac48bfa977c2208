<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What people read is said as the trade says it, and in the terms of the rule book in use. The style is in docs/words.md. */
final class TradeWordsTest extends TestCase
{
    /** What is not said any more, and where it may stand all the same. */
    private const NOT_SAID = '~\b(?:is|are) wanted\b|\bNot said\b|\bworked out\b|\bmaker(?:’s)?\b|\bjoined\b|\banew\b'
        .'|\bnought\b|\bfor ever\b|\bcalled off\b|\bCall it off\b|What to mind|service does not answer|\bno source\b'
        .'|own computation|\bDirect on line\b|Prospective fault current|\bat worst\b|\bgentler\b|\bwhoever\b|licensed people'
        .'|trips at once|\bto mend\b|\bis typed\b|\bnot typed\b|\bType (?:it|the|a|your|both|two)\b|\bbears? (?:it|that|this)\b'
        .'|\ba (?:phase|kWh|kvarh)\b(?!-)|Somebody|\bWorking\b~';

    /** Messages to whoever works on the program, and words that sheets sealed long ago hold. */
    private const MAY = '~^core/Ground/Defect\.php|^app/Sheet/DoorCard\.php~';

    private static function everything(): string
    {
        static $words = null;

        return $words ??= (string) shell_exec('php '.escapeshellarg(dirname(__DIR__, 2).'/bin/words').' 2>&1');
    }

    public function test_nothing_is_said_in_words_that_no_electrician_uses(): void
    {
        $lines = explode("\n", trim(self::everything()));
        self::assertGreaterThan(10_000, count($lines));
        $wrong = array_values(array_filter($lines, static function (string $line): bool {
            [, $text] = explode("\t", $line, 2) + ['', ''];

            return preg_match(self::NOT_SAID, $text) === 1 && preg_match(self::MAY, $line) !== 1;
        }));
        self::assertSame([], $wrong);
    }

    /** Slips of what is put together: a capital lost in a sentence, a word twice, an article that the next word does not take. */
    public function test_what_is_put_together_reads_as_if_it_was_written(): void
    {
        $slips = '~\b(?:mCB|nEC|iEC|l[123]\b|t(?:st|max|u)/)|full full-|No result[.:] No result|\ba (?:8\d*|11|18)\b|\ban (?:star|wye)'
            .'|(?:^|\t)it\b|\s[,.;:](?:\s|$)|\b(\w{3,}) \1\b|\( ?\)|\.\.$~';
        self::assertSame([], array_values(preg_grep($slips, self::composed()) ?: []));
    }

    /** Names of the format are for programs. Where the name is what was mistyped it is quoted. */
    public function test_no_name_of_the_format_is_said_to_a_person(): void
    {
        $named = preg_grep('~\t(?!Not used: )(?!.*[“”]).*[a-z]{3,}_[a-z]{2,}~', self::composed());
        self::assertSame([], array_values($named === false ? [] : $named));
        $paths = preg_grep('~\b(?:plate|supply|cable|guard|starter|load|settings)\.[a-z]~', self::composed());
        self::assertSame([], array_values($paths === false ? [] : $paths));
    }

    /** @return list<string> what the demo circuits say under each book, with its place */
    private static function composed(): array
    {
        return array_values(preg_grep('~^(?:iec|nec|cec) ~', explode("\n", self::everything())) ?: []);
    }

    /** @return iterable<string, array{string, string}> words of the other world */
    public static function books(): iterable
    {
        $american = '\bwye\b|\bground(?:ed|ing)?\b|\bampacity\b|\binterrupting rating\b|\baluminum\b|\bfull-voltage start'
            .'|\bequipment grounding|\bbonding conductor';
        $metric = '\bstar\b|\bstar-delta\b|\bearth(?:ed|ing)?\b|\bunearthed\b|\baluminium\b|\bbreaking capacity\b|\bprospective\b'
            .'|\bcurrent-carrying capacity\b|\bdirect-on-line\b|\binsulation monitoring\b|\bprotective conductor\b|\bclass 10A\b'
            .'|\bprove dead\b';
        yield 'IEC 60364' => ['iec', $american];
        yield 'NEC' => ['nec', $metric];
        yield 'CE Code' => ['cec', $metric];
    }

    #[DataProvider('books')]
    public function test_a_book_speaks_its_own_language(string $book, string $others): void
    {
        $said = [];
        foreach (explode("\n", self::everything()) as $line) {
            [$place, $text] = explode("\t", $line, 2) + ['', ''];
            if (str_starts_with($place, "$book ")) {
                $said[] = $text;
            }
        }
        self::assertGreaterThan(1000, count($said));
        // A scope's ground is the building's under every book.
        $wrong = preg_grep("~$others~i", $said);
        self::assertSame([], array_values(preg_grep('~oscilloscope~', $wrong === false ? [] : $wrong, PREG_GREP_INVERT) ?: []));
    }

    /** NEMA ICS 2 (from memory): 10, 20 and 30; 10A is a class of IEC 60947-4-1 alone. */
    public function test_a_relay_of_the_american_world_has_no_class_10a(): void
    {
        $typed = ['guard.overload_class' => '10A', 'starter.run_up_time' => 2];
        $nec = Circuits::solve(Circuits::twentyFiveHorsepower(), $typed);
        self::assertSame('10', $nec->figure('guard.overload_class')?->value);
        $values = array_column($nec->fields['guard.overload_class']->choices ?? [], 'value');
        self::assertSame(['5', '10', '20', '30'], $values);
        self::assertSame('10A', Circuits::solve(Circuits::kilnFan(), $typed)->figure('guard.overload_class')?->value);
    }
}
