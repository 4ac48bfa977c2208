<?php

declare(strict_types=1);

namespace Tests\Feature;

use BraveAnvil\Bench\Bench;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;

/** What the server reads ahead is what lies in the files: the same tables, the same figures. */
final class PreloadTest extends TestCase
{
    /**
     * What a program works out in a process that read everything ahead. It leaves its answer in a file: on the command line PHP closes
     * its own output at the end of reading ahead, unless it does that as another user.
     *
     * @param  string  $program  sets `$answer`
     */
    private static function ahead(string $program): string
    {
        $root = dirname(__DIR__, 2);
        $file = (string) tempnam(sys_get_temp_dir(), 'brave-anvil-ahead');
        $command = ['php', '-d', 'opcache.enable_cli=1', '-d', 'opcache.preload='.$root.'/bootstrap/preload.php'];
        if (posix_getuid() === 0) {
            $command = [...$command, '-d', 'opcache.preload_user=root'];
        }
        $program .= ' file_put_contents('.var_export($file, true).', $answer);';
        $process = proc_open([...$command, '-r', $program], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $root);
        self::assertIsResource($process);
        self::assertSame('', stream_get_contents($pipes[1]).stream_get_contents($pipes[2]));
        self::assertSame(0, proc_close($process));
        $answer = (string) file_get_contents($file);
        unlink($file);

        return $answer;
    }

    public function test_the_tables_at_hand_are_those_of_the_files(): void
    {
        $said = self::ahead(<<<'PHP'
            use BraveAnvil\Tables\{Table, TableName};
            $differ = [];
            foreach (TableName::cases() as $name) {
                if ((constant(Table::AT_HAND)[$name->value] ?? null) !== Table::decoded($name)) {
                    $differ[] = $name->value;
                }
            }
            $answer = json_encode($differ).(count(TableName::cases()) - count(constant(Table::AT_HAND)));
            PHP);
        self::assertSame('[]0', $said);
    }

    public function test_a_circuit_solved_by_them_has_the_same_figures_to_the_last_digit(): void
    {
        $circuit = Circuits::changed(Circuits::fiftyHorsepower(), ['cable.length' => '180 ft', 'correction.target_power_factor' => 0.95]);
        $said = self::ahead('$answer = BraveAnvil\Bench\Bench::solve('.var_export($circuit, true).')->toJson();');
        self::assertSame(Bench::solve($circuit)->toJson(), $said);
    }

    public function test_core_application_and_framework_are_there_before_the_first_request(): void
    {
        $said = self::ahead(<<<'PHP'
            $answer = json_encode(array_map(static fn (string $class): bool => class_exists($class, false), [
                BraveAnvil\Bench\Bench::class, App\Models\Circuit::class, App\Http\Controllers\SolveController::class,
                Illuminate\Foundation\Http\Kernel::class, Illuminate\Session\Store::class, Illuminate\Database\Eloquent\Model::class,
            ]));
            PHP);
        self::assertSame('[true,true,true,true,true,true]', $said);
    }

    /** PHP 8.2 dies at the first view where classes read ahead and its compiler to machine code come together. */
    public function test_the_server_does_without_the_compiler(): void
    {
        $serve = (string) file_get_contents(dirname(__DIR__, 2).'/bin/serve');
        $start = strstr((string) strstr($serve, 'launch fpm php-fpm8.2'), 'realpath_cache_size', true);
        self::assertIsString($start);
        self::assertStringContainsString('"${AHEAD[@]}"', $start);
        self::assertStringContainsString(' -d opcache.jit=disable ', $start);
    }
}
