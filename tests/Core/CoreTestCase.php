<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\TestCase;

/** Assertions on solutions. */
abstract class CoreTestCase extends TestCase
{
    /** @param  array<string, int|float|string>  $expected figure values by key; numbers to the digits given */
    protected static function assertFigures(array $expected, Solution $solution): void
    {
        foreach ($expected as $key => $value) {
            $figure = $solution->figure($key);
            self::assertNotNull($figure, "$key is not in the solution: ".json_encode(Circuits::errors($solution)));
            if (is_string($value)) {
                self::assertSame($value, $figure->value, $key);
            } else {
                self::assertIsNumeric($figure->value, $key);
                self::assertEqualsWithDelta($value, $figure->value, max(1e-9, abs($value) * 6e-4), $key);
            }
        }
    }

    protected static function assertFinds(string $code, Solution $solution, ?string $grade = null): void
    {
        foreach ($solution->findings as $finding) {
            if ($finding->code->code() === $code) {
                if ($grade !== null) {
                    self::assertSame($grade, $finding->grade->value, $code);
                }
                self::assertNotSame('', $finding->text);

                return;
            }
        }
        self::fail("$code is not among ".implode(', ', Circuits::codes($solution)));
    }

    /** The number of a figure that must be there. */
    protected static function number(Solution $solution, string $key): float
    {
        $figure = $solution->figure($key);
        self::assertNotNull($figure, "$key is not in the solution: ".json_encode(Circuits::errors($solution)));

        return $figure->number();
    }

    protected static function finding(Solution $solution, string $code): Finding
    {
        foreach ($solution->findings as $finding) {
            if ($finding->code->code() === $code) {
                return $finding;
            }
        }
        self::fail("$code is not among ".implode(', ', Circuits::codes($solution)));
    }

    /** Grade of a finding, or null where there is none. */
    protected static function grade(Solution $solution, string $code): ?string
    {
        foreach ($solution->findings as $finding) {
            if ($finding->code->code() === $code) {
                return $finding->grade->value;
            }
        }

        return null;
    }

    protected static function assertDoesNotFind(string $code, Solution $solution): void
    {
        self::assertNotContains($code, Circuits::codes($solution));
    }

    protected static function assertErrorAt(string $path, Solution $solution, ErrorKind $kind): void
    {
        foreach ($solution->errors as $error) {
            if ($error->path === $path) {
                self::assertSame($kind, $error->kind, $error->text);
                self::assertNotSame('', $error->accepted, $path);

                return;
            }
        }
        self::fail("no error at $path: ".json_encode(Circuits::errors($solution)));
    }
}
