<?php

declare(strict_types=1);

namespace Tests\House\Mutants;

use Symfony\Component\Process\Process;

/** Changes one thing of the core at a time, and asks the core's tests whether they notice. */
final class Hunt
{
    /** Seconds of tests that one mutant is worth: the quickest, those of its own folder, and the next quickest. */
    private const QUICK_S = 2.0;

    private const NEAR_S = 25.0;

    private const REST_S = 30.0;

    /** Seconds after which a mutant that still runs counts as noticed: it goes round in circles. */
    private const LIMIT_S = 240.0;

    private const AT_ONCE = 2;

    /** @var array<string, array<string, true>> functions by folder */
    private array $near = [];

    public function __construct(private readonly string $root, private readonly string $var)
    {
    }

    /**
     * So many places of a folder, each as likely as another, by seed.
     *
     * @return list<Point>
     */
    public function draw(string $folder, int $seed, int $count): array
    {
        $points = [];
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS));
        $names = array_map(static fn (mixed $file): string => (string) $file, iterator_to_array($files, false));
        sort($names);
        foreach ($names as $file) {
            if (str_ends_with($file, '.php')) {
                $points = [...$points, ...Points::of($file)];
            }
        }
        mt_srand($seed);
        shuffle($points);

        return array_slice($points, 0, $count);
    }

    /**
     * Which functions each test walks through, and its seconds; kept until the core or its tests change.
     *
     * @return array<string, array{seconds: float, functions: array<string, true>}>
     */
    public function walks(): array
    {
        $files = explode("\n", trim((string) shell_exec('git ls-files core tests/Core')));
        $hash = hash_init('sha256');
        foreach ($files as $file) {
            hash_update($hash, is_file($file) ? (string) file_get_contents($file) : '');
        }
        $kept = "$this->var/walks-".substr(hash_final($hash), 0, 12).'.json';
        if (! is_file($kept)) {
            $instead = [];
            foreach (preg_grep('~^core/.*\.php$~', $files) ?: [] as $file) {
                $copy = "$this->var/walks/".strtr($file, '/', '-');
                file_put_contents($copy, self::standing($file, Walks::written((string) file_get_contents($file))));
                $instead[$file] = $copy;
            }
            $run = $this->run($instead, ['--extension', WalkExtension::class], $kept);
            $run->run();
            if (! $run->isSuccessful()) {
                throw new \RuntimeException("The core's tests fail as they are:\n".$run->getOutput());
            }
        }

        return json_decode((string) file_get_contents($kept), true, 512, JSON_THROW_ON_ERROR);
    }

    /**
     * Those that no test noticed.
     *
     * @param  list<Point>  $points
     * @param  callable(Point, bool): void  $told  what became of each
     * @return list<Point>
     */
    public function survivors(array $points, callable $told): array
    {
        $walks = $this->walks();
        $alive = [];
        $running = [];
        while ($points !== [] || $running !== []) {
            while ($points !== [] && count($running) < self::AT_ONCE) {
                $point = array_shift($points);
                $running[] = [$point, $this->trials($point, $walks)];
            }
            foreach ($running as $i => [$point, $trials]) {
                $noticed = $trials->valid() ? $trials->current() : $trials->getReturn();
                if ($noticed === null) {
                    $trials->next();

                    continue;
                }
                unset($running[$i]);
                $told($point, $noticed);
                if (! $noticed) {
                    $alive[] = $point;
                }
            }
            usleep(20_000);
        }

        return $alive;
    }

    /** The code of a copy, which still speaks of the folder that the file stands in. */
    private static function standing(string $file, string $code): string
    {
        return str_replace('__DIR__', var_export(dirname((string) realpath($file)), true), $code);
    }

    /**
     * Null while it still runs; returns whether a test noticed.
     *
     * @param  array<string, array{seconds: float, functions: array<string, true>}>  $walks
     * @return \Generator<int, null, void, bool>
     */
    private function trials(Point $point, array $walks): \Generator
    {
        $copy = tempnam($this->var, 'mutant').'.php';
        file_put_contents($copy, self::standing($point->file, $point->mutant()));
        try {
            foreach ($this->batches($point, $walks) as $tests) {
                $run = $this->run([$point->file => $copy], ['--stop-on-defect', '--filter', $this->filter($tests)]);
                $run->start();
                $since = microtime(true);
                while ($run->isRunning()) {
                    if (microtime(true) - $since > self::LIMIT_S) {
                        $run->stop(0);

                        return true;
                    }
                    yield null;
                }
                if (! $run->isSuccessful()) {
                    return true;
                }
            }

            return false;
        } finally {
            @unlink($copy);
            @unlink(substr($copy, 0, -4));
        }
    }

    /**
     * The tests that walk through it, in three runs: the quickest, then those that walk most of all in its folder, then the next quickest.
     *
     * @param  array<string, array{seconds: float, functions: array<string, true>}>  $walks
     * @return list<list<string>>
     */
    private function batches(Point $point, array $walks): array
    {
        $class = basename($point->file, '.php').'::';
        $walk = static fn (array $functions): bool => $point->function !== null ? isset($functions[$point->function])
            : array_filter(array_keys($functions), static fn (string $name): bool => str_starts_with($name, $class)) !== [];
        $tests = array_filter($walks, static fn (array $one): bool => $walk($one['functions']));
        $seconds = array_map(static fn (array $one): float => $one['seconds'], $tests);
        asort($seconds);
        $near = array_map(fn (array $one): float => count(array_intersect_key($one['functions'], $this->near($point))) / count($one['functions']), $tests);
        arsort($near);
        $batches = [];
        foreach ([[$seconds, self::QUICK_S], [$near, self::NEAR_S], [$seconds, self::REST_S]] as [$order, $most]) {
            $batch = [];
            foreach (array_keys($order) as $name) {
                $most -= $seconds[$name];
                if ($most < 0) {
                    break;
                }
                $batch[] = $name;
            }
            $batches[] = array_values(array_diff($batch, ...$batches));
        }

        return array_values(array_filter($batches));
    }

    /** @return array<string, true> functions of the folder that a place lies in */
    private function near(Point $point): array
    {
        $folder = dirname($point->file);
        if (! isset($this->near[$folder])) {
            $this->near[$folder] = [];
            foreach (glob("$folder/*.php") ?: [] as $file) {
                preg_match_all('~function (\w+)\(~', (string) file_get_contents($file), $names);
                foreach ($names[1] as $name) {
                    $this->near[$folder][Walks::name(basename($file, '.php'), $name)] = true;
                }
            }
        }

        return $this->near[$folder];
    }

    /** @param  list<string>  $tests */
    private function filter(array $tests): string
    {
        $methods = [];
        foreach ($tests as $test) {
            [$class, $method] = explode('::', $test);
            $methods[$class][] = $method;
        }

        return '~^('.implode('|', array_map(
            static fn (string $class): string => preg_quote($class).'::('.implode('|', $methods[$class]).')', array_keys($methods),
        )).')( with data set .*)?$~';
    }

    /**
     * @param  array<string, string>  $instead  file of the core => file to read instead
     * @param  list<string>  $more
     */
    private function run(array $instead, array $more, ?string $walks = null): Process
    {
        $list = tempnam("$this->var/lists", 'list');
        file_put_contents((string) $list, json_encode($instead, JSON_THROW_ON_ERROR));

        return new Process(
            [PHP_BINARY, '-d', 'memory_limit=2G', 'vendor/bin/phpunit', '--bootstrap', 'tests/House/Mutants/load.php', '--testsuite', 'core',
                '--no-progress', '--do-not-cache-result', ...$more],
            $this->root, ['LOADED' => $list, 'FUZZ_SEED' => '1', 'WALKS' => $walks ?? '/dev/null'], timeout: null,
        );
    }
}
