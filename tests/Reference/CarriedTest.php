<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Away\Answers;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\Circuits;
use Tests\Core\Fuzz;
use Tests\Core\RandomConductorsTest;

/** The core as a page carries it, in PHP built for the web, against the one that answers in the service: the same figures and the same words. */
final class CarriedTest extends TestCase
{
    /** Other functions for sines and logarithms: what is searched for may end a step earlier. */
    private const NEAR = 1e-8;

    /** A tablet with 2 GB has room for this beside its browser. */
    private const MOST_BYTES = 200e6;

    /** @return list<string> questions, JSON */
    private static function questions(): array
    {
        $asked = [];
        foreach (Circuits::demo() as $circuit) {
            $asked[] = ['ask' => 'solve', 'circuit' => $circuit];
        }
        Fuzz::start();
        for ($i = 0; $i < 200; $i++) {
            $asked[] = ['ask' => 'solve', 'circuit' => RandomConductorsTest::circuit()];
        }
        $fan = Circuits::fanWithItsLoad();
        foreach (['methods', 'margins', 'time_current', 'wiring', 'sensitivity', 'tables'] as $extra) {
            $asked[] = ['ask' => 'extra', 'circuit' => $fan, 'with' => $extra];
        }
        $asked[] = ['ask' => 'replacement', 'circuit' => $fan, 'plate' => [...$fan['plate'], 'power' => '45 kW']];
        $asked[] = ['ask' => 'reading_check', 'rule_book' => 'iec', 'kind' => 'speed', 'values' => ['rpm' => 'fast']];
        $asked[] = ['ask' => 'leads', 'rule_book' => 'iec', 'pairs' => [['1', '4'], ['2', '5'], ['3', '6']], 'second_forward' => true];
        $asked[] = ['ask' => 'faults', 'circuit' => $fan];
        $asked[] = ['ask' => 'hide', 'circuit' => $fan, 'fault' => '', 'seed' => '42'];
        $hidden = ['kind' => 'shorted_turns', 'size' => 0.08, 'place' => 1, 'load_percent' => '90'];
        foreach (['line_current', 'winding_resistance', 'vibration'] as $kind) {
            $asked[] = ['ask' => 'simulated', 'circuit' => $fan, 'hidden' => $hidden, 'kind' => $kind, 'where' => 'motor', 'seed' => '7'];
        }
        $taken = [['kind' => 'speed', 'values' => ['rpm' => '1486', 'volts' => '398']]];
        $asked[] = ['ask' => 'drill', 'circuit' => $fan, 'hidden' => $hidden, 'taken' => $taken, 'named' => 'overload'];
        $samples = '';
        for ($k = 0; $k <= 2000; $k++) {
            $samples .= sprintf("%.5f,%.4f,%.4f\n", $k / 10000, 325 * sin(M_PI * $k / 100), 14 * sin(M_PI * $k / 100 - 0.6));
        }
        $asked[] = ['ask' => 'waveform', 'text' => "t,v,i\n$samples", 'options' => ['system' => 'single']];

        return array_map(static fn (array $one): string => json_encode($one, JSON_THROW_ON_ERROR), $asked);
    }

    public function test_it_answers_as_the_service_does(): void
    {
        $questions = self::questions();
        $run = new Process(['node', __DIR__.'/carried.mjs'], dirname(__DIR__, 2), input: implode("\n", $questions)."\n", timeout: 1200);
        $run->mustRun();
        $lines = explode("\n", trim($run->getOutput()));
        self::assertCount(count($questions) + 1, $lines);
        /** @var array{said: string, memory_bytes: int} $took */
        $took = json_decode((string) array_pop($lines), true, 8, JSON_THROW_ON_ERROR);
        self::assertSame('', trim($took['said']), 'PHP has nothing to complain of');
        self::assertLessThanOrEqual(self::MOST_BYTES, $took['memory_bytes']);
        foreach ($lines as $i => $line) {
            $carried = json_decode($line, true, 64, JSON_THROW_ON_ERROR);
            $ours = json_decode(Answers::to($questions[$i]), true, 64, JSON_THROW_ON_ERROR);
            if (str_contains($questions[$i], '"waveform"')) {
                [$ours, $carried] = [self::measured($ours), self::measured($carried)];
            }
            self::assertSame([], self::differences($ours, $carried), mb_substr($questions[$i], 0, 200));
        }
    }

    /** What is drawn is rounded, and may fall to either side: one of its last decimal. */
    private static function rounding(string $path, float|int $one, float|int $other): float
    {
        $decimals = max(array_map(static fn (float|int $value): int => strlen((string) strrchr((string) $value, '.')) - 1, [$one, $other]));

        return str_starts_with($path, '.curves.') && $decimals >= 1 && $decimals <= 4 ? 1.001 * 10 ** -$decimals : 0.0;
    }

    /**
     * Of a captured waveform what is more than the noise of its sums: a clean sine has harmonics of nothing, and they differ.
     *
     * @return array<string, float> figures by key
     */
    private static function measured(mixed $answer): array
    {
        self::assertIsArray($answer);
        $figures = [];
        foreach ((array) $answer['figures'] as $figure) {
            self::assertIsArray($figure);
            if (is_numeric($figure['value']) && abs((float) $figure['value']) > 0.01 && is_string($figure['key'])) {
                $figures[$figure['key']] = round((float) $figure['value'], 6);
            }
        }
        self::assertGreaterThan(10, count($figures));

        return $figures;
    }

    /** @return list<string> where they differ, five at most */
    private static function differences(mixed $ours, mixed $carried, string $path = ''): array
    {
        if (is_array($ours) && is_array($carried)) {
            $found = array_keys($ours) === array_keys($carried) ? [] : ["$path: other keys"];
            foreach ($ours as $key => $value) {
                $found = [...$found, ...count($found) > 5 ? [] : self::differences($value, $carried[$key] ?? null, "$path.$key")];
            }

            return $found;
        }
        $same = (is_float($ours) || is_int($ours)) && (is_float($carried) || is_int($carried))
            ? abs($ours - $carried) <= max(self::NEAR * max(abs($ours), abs($carried)), self::rounding($path, $ours, $carried))
            : $ours === $carried;

        return $same ? [] : ["$path: ".json_encode($ours).' and '.json_encode($carried)];
    }
}
