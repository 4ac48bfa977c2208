<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Records\Instruments\FaultKind;
use BraveAnvil\Records\Instruments\HiddenFault;
use BraveAnvil\Records\Instruments\Plant;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;

/** Currents that a circuit simulator finds in a capacitor are told apart as readings, and are what the stand-ins show. */
final class ReadingsTest extends TestCase
{
    private const VOLTS = 402.5;

    /** @return iterable<string, array{list<string>, string|null}> elements of a capacitor of {C}, pattern */
    public static function capacitors(): iterable
    {
        yield 'whole' => [['c1 l1 l2 {C}', 'c2 l2 l3 {C}', 'c3 l3 l1 {C}'], null];
        yield 'one element dead' => [['c1 l1 l2 {C}', 'c2 l2 l3 {C}'], 'one_element_dead'];
        yield 'two elements dead' => [['c1 l1 l2 {C}', 'rx l3 0 1e9'], 'two_elements_dead'];
        yield 'a blown fuse' => [['c1 l1 x {C}', 'c2 x l3 {C}', 'c3 l3 l1 {C}', 'rx x 0 1e9'], 'blown_fuse'];
        yield 'joined in star' => [['c1 l1 x {C}', 'c2 l2 x {C}', 'c3 l3 x {C}', 'rx x 0 1e9'], 'wrong_size'];
        yield 'not connected' => [['rx l1 0 1e9'], 'not_connected'];
    }

    /** @param  list<string>  $elements */
    #[DataProvider('capacitors')]
    public function test_currents_at_a_capacitor_tell_what_is_wrong(array $elements, ?string $pattern): void
    {
        $amps = self::amperes($elements);
        $solution = Bench::solve([...self::circuit(), 'readings' => [[
            'kind' => 'capacitor', 'at' => '2026-04-20',
            'values' => ['amps_1' => $amps[0], 'amps_2' => $amps[1], 'amps_3' => $amps[2], 'volts' => self::VOLTS],
        ]]]);
        $judged = $solution->comparisons[0]->judgement;

        self::assertSame($pattern, $judged->pattern?->value);
        self::assertSame($pattern === null ? 'agrees' : 'differs', $judged->verdict->value);
    }

    public function test_stand_ins_show_what_the_simulator_finds(): void
    {
        foreach ([1 => ['c1 l1 l2 {C}', 'c2 l1 l3 {C}'], 2 => ['c2 l2 l3 {C}', 'rx l1 0 1e9']] as $dead => $elements) {
            $fault = new HiddenFault(FaultKind::DeadCapacitorElement, $dead, 0);
            $shown = Plant::ofDocument(self::circuit(), 0.8, $fault)?->capacitor()?->amps();
            self::assertNotNull($shown);

            self::assertEqualsWithDelta(self::amperes($elements, 400.0), $shown, 1e-3, "$dead dead");
        }
    }

    /** @return array<string, mixed> */
    private static function circuit(): array
    {
        return Circuits::changed(Circuits::fanWithItsLoad(), [
            'correction.place' => 'board', 'correction.rated_kvar' => '15', 'correction.rated_voltage' => '400',
        ]);
    }

    /**
     * @param  list<string>  $elements
     * @return list<float> A in three lines, of 15 kvar for 400 V
     */
    private static function amperes(array $elements, float $volts = self::VOLTS): array
    {
        $farad = 15000 / (3 * 2 * M_PI * 50 * 400 ** 2);

        return CircuitSimulator::magnitudes(
            CircuitSimulator::supply($volts)."\n".str_replace('{C}', (string) $farad, implode("\n", $elements)), 50,
            ['i(vl1)', 'i(vl2)', 'i(vl3)'],
        );
    }
}
