<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\TestCase;
use Tests\Core\BadInputTest;
use Tests\Core\Circuits;
use Tests\Core\Fuzz;

/** The command line as a script sees it: PHP alone, with no ini file and no extension beyond its built-in ones. */
final class CommandLineTest extends TestCase
{
    /**
     * @param  list<string>  $arguments
     * @return array{int, string, string} exit status, output, errors
     */
    private static function solveWith(array $arguments, string $input = ''): array
    {
        // From and to files: a pipe that nobody reads yet would stop both sides once it is full.
        $in = self::file($input);
        $outFile = self::file('');
        $process = proc_open(
            [PHP_BINARY, '-n', dirname(__DIR__, 2).'/bin/solve', ...$arguments],
            [['file', $in, 'r'], ['file', $outFile, 'w'], ['pipe', 'w']],
            $pipes, sys_get_temp_dir(),
        );
        self::assertIsResource($process);
        $err = (string) stream_get_contents($pipes[2]);
        $status = proc_close($process);
        $out = (string) file_get_contents($outFile);
        unlink($in);
        unlink($outFile);

        return [$status, $out, $err];
    }

    private static function file(string $contents): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'anvil');
        file_put_contents($file, $contents);

        return $file;
    }

    public function test_one_solution_a_file(): void
    {
        $file = self::file((string) json_encode(Circuits::kilnFan()));
        [$status, $out, $err] = self::solveWith([$file, $file]);
        unlink($file);
        self::assertSame([0, ''], [$status, $err]);
        $lines = explode("\n", trim($out));
        self::assertCount(2, $lines);
        self::assertSame($lines[0], $lines[1]);
        self::assertSame(Circuits::solve(Circuits::kilnFan())->toJson(), $lines[0], 'the same bytes as inside the application');
    }

    public function test_lines_in_lines_out_whatever_they_are(): void
    {
        $lines = [
            (string) json_encode(Circuits::kilnFan()),
            'not json', '[]', '',
            (string) json_encode(Circuits::conveyor()),
            '{"rule_book":"iec","plate":{"power":"x"}}', str_repeat('z', 5_000_000),
        ];
        [$status, $out, $err] = self::solveWith(['--lines'], implode("\n", $lines)."\n");
        self::assertSame('', $err);
        self::assertSame(1, $status);
        $solutions = array_map(static fn (string $line): mixed => json_decode($line, true), explode("\n", trim($out)));
        self::assertCount(7, $solutions);
        self::assertSame(['KF-204', '', '', '', 'CV-11', '', ''], array_column($solutions, 'tag'));
        foreach ([1, 3, 6] as $bad) {
            self::assertNotSame([], $solutions[$bad]['errors']);
        }
    }

    /** A choice that is none, or two bad fields at once, must not end the stream in its middle. */
    public function test_rubbish_leaves_the_stream_whole(): void
    {
        Fuzz::start();
        $lines = [];
        foreach (BadInputTest::badCircuits(Fuzz::count(20)) as $circuit) {
            $lines[] = (string) json_encode($circuit);
        }
        [, $out, $err] = self::solveWith(['--lines'], implode("\n", $lines)."\n");
        self::assertSame('', $err);
        self::assertCount(count($lines), explode("\n", trim($out)));
    }

    public function test_a_plain_table_of_figures(): void
    {
        $file = self::file((string) json_encode(Circuits::kilnFan()));
        [$status, $out] = self::solveWith(['--figures', $file]);
        unlink($file);
        self::assertSame(0, $status);
        self::assertMatchesRegularExpression("/^power\\.plate_current\t66(\\.0)?\tA$/m", $out);
        self::assertStringContainsString("cable.size\t16\tmm²", $out);
    }

    public function test_a_bank_is_solved_like_a_circuit(): void
    {
        $load = ['tag' => 'A', 'subject' => 'bench_load', 'bench' => ['power' => '30 kW', 'power_factor' => 0.78]];
        $file = self::file((string) json_encode([
            'format' => 'brave-anvil.bank/1', 'tag' => 'BK-1', 'rule_book' => 'iec', 'supply' => ['voltage' => 400, 'frequency' => 50],
            'circuits' => [$load], 'bank' => ['target_power_factor' => 0.95],
        ]));
        [$status, $out, $err] = self::solveWith([$file]);
        unlink($file);
        self::assertSame([0, ''], [$status, $err]);
        $solution = json_decode($out, true);
        self::assertIsArray($solution);
        $figures = array_column($solution['figures'], 'value', 'key');
        // 30 kW at 0.78 take 24.07 kvar; 9.86 may stay at 0.95.
        self::assertEqualsWithDelta(14208, $figures['bank.reactive_required'], 5);
        self::assertEquals(2, $figures['bank.steps'], 'two of 12.5 kvar');
    }

    public function test_misuse_and_errors_have_their_exit_status(): void
    {
        foreach ([[], ['--what'], ['--figures'], ['/nowhere.json'], ['--figures', 'a', 'b'], ['--lines', 'x']] as $arguments) {
            [$status, , $err] = self::solveWith($arguments);
            self::assertSame(2, $status, implode(' ', $arguments));
            self::assertNotSame('', $err);
        }
        $file = self::file('{"rule_book":"iec","plate":{"voltage":"1,500"}}');
        self::assertSame(1, self::solveWith([$file])[0]);
        unlink($file);
    }
}
