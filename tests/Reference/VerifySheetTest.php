<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Records\Sheet\SealedSheet;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;

/** The seal of a sheet as `sha256sum` of the core utilities has it, and the command that checks one, with PHP alone. */
final class VerifySheetTest extends TestCase
{
    private string $file = '';

    protected function setUp(): void
    {
        $solution = json_decode(Bench::solve(Circuits::kilnFan())->toJson(), true, 64, JSON_THROW_ON_ERROR);
        self::assertIsArray($solution);
        $sheet = SealedSheet::of([
            'tag' => 'KF-204', 'revision' => ['number' => 2, 'name' => 'as built – φ', 'kind' => 'for_use'], 'core' => $solution['core'],
            'circuit' => Circuits::kilnFan(), 'settings' => [], 'readings' => [], 'figures' => $solution['figures'],
        ]);
        $this->file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($this->file, $sheet->toJson());
    }

    protected function tearDown(): void
    {
        unlink($this->file);
    }

    /** @return array{int, string} exit status and output */
    private function checked(string $arguments): array
    {
        exec(PHP_BINARY.' -n '.escapeshellarg(dirname(__DIR__, 2).'/bin/verify-sheet').' '.$arguments.' 2>&1', $lines, $status);

        return [$status, implode("\n", $lines)];
    }

    public function test_the_seal_is_what_sha256sum_says_of_the_canonical_text(): void
    {
        $command = PHP_BINARY.' -n '.escapeshellarg(dirname(__DIR__, 2).'/bin/verify-sheet').' --canonical '.escapeshellarg($this->file);
        $sum = substr((string) shell_exec($command.' | sha256sum'), 0, 64);
        self::assertSame(SealedSheet::sealOf((string) file_get_contents($this->file)), $sum);
    }

    public function test_a_whole_sheet_is_told_whole_with_the_digits_that_are_on_paper(): void
    {
        [$status, $output] = $this->checked(escapeshellarg($this->file));
        self::assertSame(0, $status, $output);
        self::assertStringContainsString('KF-204, revision 2: the record is unchanged. Its seal begins with '.substr(
            SealedSheet::sealOf((string) file_get_contents($this->file)), 0, 12,
        ), $output);
        self::assertStringContainsString('The figures follow from the entered values.', $output);
    }

    public function test_a_tampered_sheet_fails_and_says_where(): void
    {
        file_put_contents($this->file, str_replace('"60 m"', '"20 m"', (string) file_get_contents($this->file)));
        [$status, $output] = $this->checked(escapeshellarg($this->file));
        self::assertSame(1, $status);
        self::assertStringContainsString('circuit.cable was changed after it was issued.', $output);
    }

    public function test_misuse_is_told(): void
    {
        self::assertSame(2, $this->checked('')[0]);
        self::assertSame(2, $this->checked('/nowhere.json')[0]);
        file_put_contents($this->file, 'no JSON');
        self::assertSame(1, $this->checked(escapeshellarg($this->file))[0]);
        self::assertSame(2, $this->checked('--canonical '.escapeshellarg($this->file))[0]);
    }
}
