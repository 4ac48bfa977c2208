<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use ReflectionClass;
use ReflectionMethod;

/** The direction of the house: web → contract ← app → core. Who may import whom inside the core stands in tests/House. */
final class HouseTest extends TestCase
{
    /** @return list<string> */
    private static function files(string $folder, string $pattern = '/\.php$/'): array
    {
        $found = [];
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/'.$folder, \FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
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
            // `Random` is PHP’s own.
            self::assertSame([], array_diff(array_unique($m[1]), ['BraveAnvil', 'Random']), $file);
        }
    }

    /** Folders that must work the same under every rule book and starting method. */
    private const STATIONS = [
        'Physics', 'Stations/Plate', 'Stations/Power', 'Stations/Measure', 'Stations/Cable', 'Stations/Correct', 'Stations/Guard',
        'Stations/Fault', 'Stations/CapacitorLeads', 'Studies/Money',
    ];

    /** @return iterable<string, string> code without comments by file */
    private static function stations(): iterable
    {
        foreach (self::STATIONS as $station) {
            foreach (self::files("core/$station") as $file) {
                yield $file => self::withoutComments($file);
            }
        }
    }

    /** @return list<string> */
    private static function startAndStations(): array
    {
        return [...self::files('core/Stations/Start'), ...array_keys(iterator_to_array(self::stations()))];
    }

    private static function withoutComments(string $file): string
    {
        $code = '';
        foreach (token_get_all((string) file_get_contents($file)) as $token) {
            $code .= is_string($token) ? $token : (in_array($token[0], [T_COMMENT, T_DOC_COMMENT], true) ? '' : $token[1]);
        }

        return $code;
    }

    /**
     * A number without its unit is how wrong ones are made: every public function that takes or gives one says what it is, or its
     * interface does.
     */
    public function test_public_functions_say_what_their_numbers_are(): void
    {
        $silent = [];
        foreach (self::classes() as $class) {
            foreach ($class->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
                $own = $method->getDeclaringClass()->getName() === $class->getName() && $method->getFileName() === $class->getFileName();
                if ($own && ! $method->isConstructor() && self::hasFloat($method) && ! self::documented($method)) {
                    $silent[] = $class->getName().'::'.$method->getName();
                }
            }
        }
        self::assertSame([], $silent);
    }

    /** @return iterable<ReflectionClass<object>> */
    private static function classes(): iterable
    {
        $root = dirname(__DIR__, 2).'/core/';
        foreach (self::files('core') as $file) {
            $name = 'BraveAnvil\\'.str_replace('/', '\\', substr($file, strlen($root), -4));
            if (basename($file) !== 'autoload.php' && (class_exists($name) || interface_exists($name))) {
                yield new ReflectionClass($name);
            }
        }
    }

    private static function hasFloat(ReflectionMethod $method): bool
    {
        $types = [(string) $method->getReturnType()];
        foreach ($method->getParameters() as $parameter) {
            $types[] = (string) $parameter->getType();
        }

        return str_contains(implode(' ', $types), 'float');
    }

    private static function documented(ReflectionMethod $method): bool
    {
        if ($method->getDocComment() !== false) {
            return true;
        }

        return $method->hasPrototype() && $method->getPrototype()->getDocComment() !== false;
    }

    public function test_no_station_asks_which_rule_book_it_has(): void
    {
        foreach (self::stations() as $file => $code) {
            self::assertDoesNotMatchRegularExpression('/\'(iec|nec|cec)\'|ruleBook\b|instanceof \w*RuleBook|RuleBookName::/', $code,
                $file);
        }
    }

    public function test_no_station_names_a_table(): void
    {
        foreach (self::startAndStations() as $file) {
            $code = self::withoutComments($file);
            self::assertDoesNotMatchRegularExpression('/TableName::|\bTables?::|\'(iec|nec|cec|practice)\//', $code, $file);
        }
    }

    public function test_no_station_asks_how_the_motor_is_started(): void
    {
        foreach (self::startAndStations() as $file) {
            if (! str_contains($file, '/Start/Method/')) {
                self::assertDoesNotMatchRegularExpression(
                    '/\'star_delta\'|MethodName::(Direct|StarDelta)|instanceof (Direct|StarDelta)\b/',
                    self::withoutComments($file),
                    $file,
                );
            }
        }
    }

    /** What a station needs of another comes as a typed result; only what makes JSON, and tests, look a figure up by its key. */
    public function test_no_station_reads_a_figure_back_by_its_key(): void
    {
        foreach (self::startAndStations() as $file) {
            $code = self::withoutComments($file);
            self::assertDoesNotMatchRegularExpression('/ledger->(get|need|figure|figures|findings)\(/', $code, $file);
        }
    }

    public function test_the_page_has_no_formula_and_no_number_parser(): void
    {
        foreach (self::files('web', '/\.tsx?$/') as $file) {
            self::assertDoesNotMatchRegularExpression('/parseFloat|parseInt|Number\(/', (string) file_get_contents($file), $file);
        }
    }

    /** Geometry may: it draws equilateral triangles and round bars, not amperes. */
    private const GEOMETRY = '/(const (HEIGHT|SIDE) =|\.toFixed\(1\)\})/';

    public function test_the_page_rounds_nothing_and_divides_by_no_root_of_three(): void
    {
        foreach (self::files('web', '/(?<!\.test)\.tsx?$/') as $file) {
            foreach (explode("\n", (string) file_get_contents($file)) as $line) {
                if (preg_match(self::GEOMETRY, $line) !== 1) {
                    self::assertDoesNotMatchRegularExpression('/Math\.sqrt|toPrecision|toFixed\((?!1\))|Math\.SQRT/', $line, $file);
                }
            }
        }
    }

    public function test_the_page_knows_no_rule_book_and_no_starting_method(): void
    {
        foreach (self::files('web', '/(?<!\.test)\.tsx?$/') as $file) {
            if (preg_match('~/(api/contract|testing)\.tsx?$~', $file) === 1) {
                continue;
            }
            self::assertDoesNotMatchRegularExpression(
                '/rule_book\s*(===|!==)|\'(nec|cec)\'|(===|!==|\?) ?\'star_delta\'|\'(autotransformer|soft_starter|fuse_gg|breaker_\w)\'/',
                (string) file_get_contents($file),
                $file,
            );
        }
    }

    private const LONGEST = 140;

    /**
     * Programs for other languages in tests and migrations keep their own lines. A sentence that stands alone on its line, and the
     * type in a docblock, may be longer: neither reads better in pieces.
     */
    private const MAY_BE_LONGER = '~^\s*((\'.*\'|".*")( => \'.*\')?[.,;)]*|/?\*\*? @.*|\*.*|\.? ?\'.*\'[.,]*|return \'.*\';|private '.
        'const \w+ = \'.*\';)$~u';

    public function test_no_line_is_longer_than_a_reader_can_follow(): void
    {
        $long = [];
        foreach (['core', 'app', 'tests/Core', 'tests/Feature', 'tests/Browser', 'config', 'routes'] as $folder) {
            foreach (self::files($folder) as $file) {
                foreach (explode("\n", (string) file_get_contents($file)) as $number => $line) {
                    if (mb_strlen($line) > self::LONGEST && preg_match(self::MAY_BE_LONGER, $line) !== 1) {
                        $long[] = $file.':'.($number + 1);
                    }
                }
            }
        }
        self::assertSame([], $long);
    }

    public function test_what_the_missing_packages_would_break_is_not_used(): void
    {
        foreach ([...self::files('app'), ...self::files('routes'), ...self::files('resources')] as $file) {
            self::assertDoesNotMatchRegularExpression('/Str::(inlineM|m)arkdown|Fruitcake/', (string) file_get_contents($file), $file);
        }
    }

    /** The core needs PHP alone, as it runs on the command line and on a device: no function of an extension that may be missing. */
    public function test_the_core_asks_for_no_extension(): void
    {
        foreach (self::files('core') as $file) {
            self::assertDoesNotMatchRegularExpression('/(?<![\w>:$])(?:mb|iconv|intl|bc|gmp|ctype|curl)_\w+\(/',
                (string) file_get_contents($file), $file);
        }
    }

    /** What the bench may find is met by a test; offsets of six channels are one. */
    public function test_every_finding_is_met_by_a_test(): void
    {
        $tests = '';
        foreach (self::files('tests') as $file) {
            $tests .= (string) file_get_contents($file);
        }
        $unmet = [];
        $known = 0;
        foreach (self::files('core', '/Finding\.php$/') as $file) {
            preg_match_all("/^    case \w+ = '([a-z0-9_]+)';/m", (string) file_get_contents($file), $codes);
            $known += count($codes[1]);
            foreach ($codes[1] as $code) {
                if (! str_contains($tests, "'$code'") && ! str_starts_with($code, 'offset_')) {
                    $unmet[] = $code;
                }
            }
        }
        self::assertGreaterThan(100, $known);
        self::assertSame([], $unmet);
    }
}
