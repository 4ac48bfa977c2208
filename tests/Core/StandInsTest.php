<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Records\Instruments\FaultKind;
use BraveAnvil\Records\Instruments\HiddenFault;
use BraveAnvil\Records\Instruments\Plant;
use BraveAnvil\Records\Instruments\SimulatedReading;
use BraveAnvil\Records\Instruments\StandIns;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\ReadingKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Stand-ins of instruments: a healthy circuit reads as computed, and each fault shows where it should and nowhere else. */
final class StandInsTest extends CoreTestCase
{
    private const LOADS = [0.4, 0.6, 0.8, 1.0];

    /** @return array<string, mixed> */
    private static function fan(): array
    {
        return Circuits::changed(Circuits::fanWithItsLoad(), [
            'correction.place' => 'board', 'correction.rated_kvar' => '12.5', 'correction.rated_voltage' => '400',
        ]);
    }

    /** @param  array<string, mixed>  $circuit */
    private static function plant(array $circuit, float $load, ?HiddenFault $fault): Plant
    {
        $plant = Plant::ofDocument($circuit, $load, $fault);
        self::assertNotNull($plant);

        return $plant;
    }

    /** @return list<array<string, mixed>> every kind that a stand-in gives, as readings of the format */
    private static function readings(Plant $plant, float $load, int $seed): array
    {
        $meters = new StandIns($plant, $seed);
        $shown = [
            'winding_resistance' => $meters->windings(), 'insulation_resistance' => $meters->insulation(),
            'supply_voltage' => $meters->analyser(ReadAt::Motor), 'line_current' => $meters->analyser(ReadAt::Motor),
            'no_load_current' => $meters->analyser(ReadAt::Motor, false), 'power' => $meters->analyser(ReadAt::Motor),
            'capacitor' => $meters->capacitorClamp() ?? [], 'inrush' => $meters->inrush(),
            'speed' => [...$meters->analyser(ReadAt::Motor), ...$meters->testBench()], 'vibration' => $meters->testBench(),
            'temperature' => $meters->testBench(),
        ];
        $readings = [];
        foreach ($shown as $kind => $registers) {
            if ($registers === []) {
                continue;
            }
            $where = in_array($kind, ['line_current', 'power'], true) ? ReadAt::Motor : null;
            $readings[] = [
                'kind' => $kind, 'at' => '2026-04-20', 'load_percent' => 100 * $load, 'simulated' => true,
                'values' => SimulatedReading::values(ReadingKind::from($kind), $registers, $where, $meters->isJoinedInDelta()),
            ];
        }

        return $readings;
    }

    /**
     * @param  array<string, mixed>  $circuit
     * @return list<string> kinds that differ
     */
    private static function differing(array $circuit, float $load, ?HiddenFault $fault, int $seed): array
    {
        $solution = Bench::solve([...$circuit, 'readings' => self::readings(self::plant($circuit, $load, $fault), $load, $seed)]);
        $kinds = [];
        foreach ($solution->comparisons as $comparison) {
            $said = json_encode($comparison->toArray(), JSON_THROW_ON_ERROR);
            self::assertNotSame('cannot_be_compared', $comparison->judgement->verdict->value, $said);
            if ($comparison->judgement->verdict->value === 'differs') {
                $kinds[] = $comparison->kind->value ?? '';
            }
        }

        return $kinds;
    }

    public function test_two_thousand_readings_of_healthy_circuits_agree(): void
    {
        $differ = 0;
        $all = 0;
        for ($seed = 1; $all < 2000; $seed++) {
            $circuit = $seed % 2 === 0 ? self::fan() : Circuits::twentyFiveHorsepower();
            $load = self::LOADS[$seed % 4];
            $readings = self::readings(self::plant($circuit, $load, null), $load, $seed);
            $all += count($readings);
            foreach (Bench::solve([...$circuit, 'readings' => $readings])->comparisons as $comparison) {
                $differ += $comparison->judgement->verdict->value === 'differs' ? 1 : 0;
            }
        }

        self::assertLessThanOrEqual($all / 200, $differ);
    }

    /** @return iterable<string, array{FaultKind, list<string>, list<string>}> fault, kinds that must differ, kinds that may besides */
    public static function faults(): iterable
    {
        yield 'a lost line' => [FaultKind::LostPhase, ['line_current'], ['speed', 'power']];
        yield 'low voltage' => [FaultKind::LowVoltage, ['supply_voltage'], []];
        yield 'unequal voltages' => [FaultKind::UnbalancedVoltage, ['supply_voltage'], []];
        yield 'shorted turns' => [FaultKind::ShortedTurns, ['winding_resistance', 'line_current'], ['no_load_current', 'power']];
        yield 'a loose joint' => [FaultKind::LooseLink, ['winding_resistance', 'line_current'], []];
        yield 'the other connection' => [FaultKind::WrongConnection, ['no_load_current', 'inrush'], ['speed', 'line_current', 'power']];
        yield 'a damp winding' => [FaultKind::DampWinding, ['insulation_resistance'], []];
        yield 'a failed element' => [FaultKind::DeadCapacitorElement, ['capacitor'], []];
        yield 'another capacitor' => [FaultKind::WrongCapacitor, ['capacitor'], []];
        yield 'too much load' => [FaultKind::Overload, ['line_current', 'power', 'speed'], []];
        yield 'broken bars' => [FaultKind::BrokenBar, ['speed'], ['line_current', 'inrush']];
        yield 'a worn bearing' => [FaultKind::WornBearing, ['vibration'], ['temperature']];
    }

    /**
     * @param  list<string>  $must
     * @param  list<string>  $may
     */
    #[DataProvider('faults')]
    public function test_a_fault_shows_where_it_should_and_nowhere_else(FaultKind $fault, array $must, array $may): void
    {
        foreach ([0, 1, 2] as $place) {
            $kinds = self::differing(self::fan(), 0.8, HiddenFault::usual($fault, $place), 100 + $place);

            self::assertSame([], array_values(array_diff($must, $kinds)), 'place '.$place.': '.implode(', ', $kinds));
            self::assertSame([], array_values(array_diff($kinds, $must, $may)), 'place '.$place);
        }
    }

    public function test_on_two_lines_a_motor_takes_far_more_than_its_share(): void
    {
        // Own computation with symmetrical components: 37 kW at 40, 60 and 100 % of rated torque.
        foreach ([[0.4, 0.96], [0.6, 1.25], [1.0, 2.02]] as [$load, $times]) {
            $running = self::plant(self::fan(), $load, HiddenFault::usual(FaultKind::LostPhase, 2))->running();

            self::assertEqualsWithDelta($times, $running->amps[0] / 66, 0.006, "at $load");
            self::assertEqualsWithDelta(0.0, $running->amps[2], 1e-12);
        }
    }

    public function test_a_capacitor_with_a_fault_has_the_shares_of_its_circuit(): void
    {
        $healthy = self::plant(self::fan(), 0.8, null)->capacitor()?->amps();
        $dead = self::plant(self::fan(), 0.8, HiddenFault::usual(FaultKind::DeadCapacitorElement, 1))->capacitor()?->amps();
        self::assertNotNull($healthy);
        self::assertNotNull($dead);

        // The line that feeds two whole elements keeps its current; the two beside the dead one have one element each.
        $shares = array_map(static fn (float $a, float $b): float => $a / $b, $dead, $healthy);
        self::assertEqualsWithDelta([1 / sqrt(3), 1.0, 1 / sqrt(3)], $shares, 1e-9);
    }

    public function test_the_same_seed_gives_the_same_readings(): void
    {
        $plant = self::plant(self::fan(), 0.8, null);

        self::assertSame(self::readings($plant, 0.8, 42), self::readings($plant, 0.8, 42));
        self::assertNotSame(self::readings($plant, 0.8, 42), self::readings($plant, 0.8, 43));
    }

    public function test_what_cannot_be_simulated_gives_no_plant(): void
    {
        self::assertNull(Plant::ofDocument(['rule_book' => 'iec'], 1.0, null));
        self::assertNull(Plant::ofDocument(['rule_book' => 'none'], 1.0, null));
    }

    public function test_every_size_of_every_fault_gives_numbers(): void
    {
        foreach (FaultKind::cases() as $kind) {
            foreach ([$kind->sizes()[0], $kind->usualSize(), $kind->sizes()[1]] as $size) {
                foreach ([0.2, 1.0, 1.4] as $load) {
                    $plant = self::plant(self::fan(), $load, new HiddenFault($kind, $size, 1));
                    foreach (self::readings($plant, $load, 5) as $reading) {
                        self::assertStringNotContainsString('nan', strtolower(json_encode($reading, JSON_THROW_ON_ERROR)), $kind->value);
                    }
                }
            }
            self::assertNotSame('', $kind->label());
        }
    }
}
