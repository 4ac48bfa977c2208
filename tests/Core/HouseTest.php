<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/** The direction of the house: web → contract ← app → core, and a station uses only stations before it. */
final class HouseTest extends TestCase
{
    /** @return list<string> */
    private static function files(string $folder, string $pattern = '/\.php$/'): array
    {
        $found = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/'.$folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && preg_match($pattern, $file->getFilename()) === 1) {
                $found[] = $file->getPathname();
            }
        }

        return $found;
    }

    public function test_the_core_knows_neither_framework_nor_packages(): void
    {
        foreach (self::files('core') as $file) {
            preg_match_all('/^use ([A-Za-z]+)\\\\/m', (string) file_get_contents($file), $m);
            self::assertSame([], array_diff(array_unique($m[1]), ['BraveAnvil']), $file);
        }
    }

    public function test_a_station_uses_only_stations_before_it(): void
    {
        $order = ['Machine', 'Plate', 'Power', 'Measure', 'Start', 'Cable', 'Correct', 'Guard', 'Fault'];
        foreach ($order as $i => $station) {
            foreach (self::files("core/$station") as $file) {
                preg_match_all('/^use BraveAnvil\\\\('.implode('|', $order).')\\\\/m', (string) file_get_contents($file), $m);
                foreach (array_unique($m[1]) as $used) {
                    self::assertLessThanOrEqual($i, array_search($used, $order, true), "$file uses $used");
                }
            }
        }
    }

    public function test_no_station_asks_which_rule_book_it_has(): void
    {
        foreach (['Machine', 'Plate', 'Power', 'Measure', 'Start', 'Cable', 'Correct', 'Guard', 'Fault'] as $station) {
            foreach (self::files("core/$station") as $file) {
                self::assertSame(0, preg_match('/\'(iec|nec|cec)\'|ruleBook\b|instanceof \w*RuleBook/', (string) file_get_contents($file)), $file);
            }
        }
    }

    public function test_the_page_has_no_formula_and_no_number_parser(): void
    {
        foreach (self::files('web', '/\.tsx?$/') as $file) {
            self::assertDoesNotMatchRegularExpression('/parseFloat|parseInt|Number\(/', (string) file_get_contents($file), $file);
        }
    }

    public function test_what_the_missing_packages_would_break_is_not_used(): void
    {
        foreach ([...self::files('app'), ...self::files('routes'), ...self::files('resources')] as $file) {
            self::assertDoesNotMatchRegularExpression('/Str::(inlineM|m)arkdown|Fruitcake/', (string) file_get_contents($file), $file);
        }
    }
}
