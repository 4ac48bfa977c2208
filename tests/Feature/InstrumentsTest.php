<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\ModbusClient;
use App\Instruments\NoReading;
use BraveAnvil\Physics\Modbus\RegisterMap;
use BraveAnvil\Records\Instruments\FaultKind;
use BraveAnvil\Records\Instruments\UnitMap;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Support\Facades\Cache;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Instrument;

/** Stand-ins over Modbus TCP: kept readings are marked, hidden faults stay hidden, and bad answers end in a sentence. */
final class InstrumentsTest extends FeatureTestCase
{
    private static ?Instrument $instrument = null;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$instrument = Instrument::ours();
    }

    public static function tearDownAfterClass(): void
    {
        self::$instrument?->stop();
        self::$instrument = null;
        parent::tearDownAfterClass();
    }

    private static function port(): int
    {
        return self::$instrument->port ?? 0;
    }

    protected function tearDown(): void
    {
        putenv('INSTRUMENTS_PORT='.self::port());
        parent::tearDown();
    }

    public function test_a_reading_by_a_stand_in_is_kept_and_marked(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $answer = $this->postJson("/api/circuits/$circuit->id/instruments", ['kind' => 'line_current', 'where' => 'motor'])->assertOk();
        $read = $answer->json();
        self::assertIsArray($read);
        self::assertIsArray($read['comparison']);
        self::assertSame('agrees', $read['comparison']['verdict']);
        self::assertSame('Power analyser, simulated', $read['instrument']);

        $this->postJson("/api/circuits/$circuit->id/instruments/keep", $read)->assertCreated()->assertJsonPath('simulated', true);
        $kept = $this->getJson("/api/circuits/$circuit->id/readings")->assertOk()->json('readings.0');
        self::assertIsArray($kept);
        self::assertTrue($kept['simulated']);
        self::assertIsArray($kept['document']);
        self::assertTrue($kept['document']['simulated']);
    }

    public function test_a_hidden_fault_stays_hidden_until_it_is_named(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $begun = $this->postJson("/api/circuits/$circuit->id/drills", ['fault' => 'worn_bearing'])->assertCreated();
        self::assertStringNotContainsString('worn_bearing', (string) $begun->getContent());
        $id = $begun->json('id');
        self::assertIsInt($id);
        $healthy = $this->postJson("/api/drills/$id/readings", ['kind' => 'supply_voltage'])->assertOk();
        self::assertSame('agrees', $healthy->json('reading.comparison.verdict'));
        $odd = $this->postJson("/api/drills/$id/readings", ['kind' => 'vibration'])->assertOk();
        self::assertSame('differs', $odd->json('reading.comparison.verdict'));
        self::assertStringNotContainsString('worn_bearing', (string) $odd->getContent());
        self::assertSame([], $this->getJson("/api/circuits/$circuit->id/readings")->json('readings'));

        $named = $this->postJson("/api/drills/$id/name", ['fault' => 'worn_bearing'])->assertOk();
        self::assertTrue($named->json('right'));
        self::assertSame(['vibration'], $named->json('assessment.told'));
        self::assertSame(['supply_voltage'], $named->json('assessment.needless'));
        self::assertSame(['worn_bearing'], $named->json('assessment.possible'));
        $this->postJson("/api/drills/$id/name", ['fault' => 'overload'])->assertStatus(409);
        $this->getJson("/api/circuits/$circuit->id/drills");
    }

    public function test_readings_that_tell_nothing_leave_every_fault_possible(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $id = $this->postJson("/api/circuits/$circuit->id/drills", ['fault' => 'damp_winding'])->assertCreated()->json('id');
        self::assertIsInt($id);
        $this->postJson("/api/drills/$id/readings", ['kind' => 'vibration'])->assertOk();
        $named = $this->postJson("/api/drills/$id/name", ['fault' => 'low_voltage'])->assertOk();

        self::assertFalse($named->json('right'));
        self::assertSame('damp_winding', $named->json('fault.kind'));
        // Only a worn bearing would have shaken.
        self::assertNotContains('worn_bearing', $named->json('assessment.possible'));
        self::assertContains('damp_winding', $named->json('assessment.possible'));
    }

    public function test_without_an_instrument_there_is_a_sentence_and_nothing_is_kept(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        putenv('INSTRUMENTS_PORT='.Instrument::freePort());
        $from = microtime(true);
        $this->postJson("/api/circuits/$circuit->id/instruments", ['kind' => 'vibration'])->assertStatus(502)
            ->assertJsonPath('title', 'No reading');
        self::assertLessThan(2.5, microtime(true) - $from);
    }

    /** @return iterable<string, array{string, string}> what the other end does, what is said */
    public static function badAnswers(): iterable
    {
        yield 'nothing' => ['silent', 'within two seconds'];
        yield 'cut off' => ['cut', 'cut off'];
        yield 'another transaction' => ['transaction', 'another request'];
        yield 'another protocol' => ['protocol', 'does not use Modbus TCP'];
        yield 'a refusal' => ['exception', 'no such register'];
        yield 'closed' => ['closed', 'closed the connection'];
        yield 'too few registers' => ['short', 'the wrong number of registers'];
        yield 'another function' => ['function', 'another function'];
    }

    #[DataProvider('badAnswers')]
    public function test_a_bad_answer_ends_in_a_sentence(string $way, string $said): void
    {
        $instrument = Instrument::bad($way);
        $from = microtime(true);
        try {
            (new ModbusClient('127.0.0.1', $instrument->port))->read(4, 1, 0, 4);
            self::fail('an answer');
        } catch (NoReading $why) {
            self::assertStringContainsString($said, $why->getMessage());
        } finally {
            $instrument->stop();
        }
        self::assertLessThan(2.6, microtime(true) - $from);
    }

    public function test_the_stand_ins_say_who_they_are_and_refuse_what_they_do_not_have(): void
    {
        $client = new ModbusClient('127.0.0.1', self::port());
        self::assertSame('Insulation tester, simulated', $client->identification(3)['product']);
        $client->write(1, 0, 7, 9, 2);
        self::assertSame([7, 9, 2, 0], $client->read(3, 1, 0, 4));
        self::assertSame(UnitMap::NO_SCENE, $client->read(4, 1, 0, 1)[0]);
        foreach ([[1, 500], [9, 0]] as [$unit, $address]) {
            try {
                $client->read(4, $unit, $address, 2);
                self::fail('an answer');
            } catch (NoReading $why) {
                self::assertStringContainsString('refused', $why->getMessage());
            }
        }
        try {
            $client->write(1, 2, 7);
            self::fail('an answer');
        } catch (NoReading $why) {
            self::assertStringContainsString('does not accept this value', $why->getMessage());
        }
    }

    /** 64 connections that say nothing lock nobody out, and end by themselves. */
    public function test_connections_that_say_nothing_make_room_and_end(): void
    {
        $scenes = getenv('INSTRUMENTS_SCENES');
        $instrument = Instrument::ours(1);
        $idle = [];
        try {
            for ($i = 0; $i < 64; $i++) {
                $idle[] = stream_socket_client("tcp://127.0.0.1:$instrument->port") ?: self::fail('no connection');
                usleep(1000);
            }
            $client = new ModbusClient('127.0.0.1', $instrument->port);
            self::assertSame('Insulation tester, simulated', $client->identification(3)['product']);
            $ended = 0;
            for ($until = microtime(true) + 6; $ended < 64 && microtime(true) < $until; usleep(50_000)) {
                $ended = count(array_filter($idle, static function ($socket): bool {
                    stream_set_blocking($socket, false);

                    return fread($socket, 1) === '' && feof($socket);
                }));
            }
            self::assertSame(64, $ended);
        } finally {
            array_map(fclose(...), $idle);
            $instrument->stop();
            putenv('INSTRUMENTS_PORT='.self::port());
            putenv("INSTRUMENTS_SCENES=$scenes");
        }
    }

    /** Two silent analysers may keep two requests waiting; a third reader is told at once, and is served when one is free again. */
    public function test_silent_analysers_hold_up_nobody_else(): void
    {
        $this->actingAs($this->person('administrator', 'chief'));
        $map = json_encode(['volts' => ['function' => 4, 'address' => 2, 'type' => 'float32']], JSON_THROW_ON_ERROR);
        $named = ['name' => 'Board 5', 'host' => '127.0.0.1', 'port' => self::port(), 'unit' => 1, 'map' => $map];
        $id = $this->postJson('/api/analysers', $named)->assertCreated()->json('id');
        self::assertIsInt($id);
        $being = [Cache::lock('analyser-read-1', 30), Cache::lock('analyser-read-2', 30)];
        array_map(static fn (Lock $one) => self::assertTrue($one->get()), $being);
        $from = microtime(true);
        $this->postJson("/api/analysers/$id/read")->assertStatus(502)
            ->assertJsonPath('detail', 'Other instruments are being read. Try again in a moment.');
        self::assertLessThan(1.0, microtime(true) - $from);
        $being[1]->release();
        $this->postJson("/api/analysers/$id/read")->assertOk();
        self::assertTrue($being[1]->get(), 'whoever read has let go');
        $being[0]->release();
        $being[1]->release();
    }

    public function test_only_an_administrator_names_an_address(): void
    {
        $volts = ['function' => 4, 'address' => 2, 'type' => 'float32', 'order' => 'big', 'scale' => 1];
        $map = json_encode(['volts' => $volts], JSON_THROW_ON_ERROR);
        $named = ['name' => 'Board 3', 'host' => '127.0.0.1', 'port' => self::port(), 'unit' => 1, 'map' => $map];
        $this->actingAs($this->person());
        $this->postJson('/api/analysers', $named)->assertForbidden();
        $this->actingAs($this->person('administrator', 'chief'));
        $this->postJson('/api/analysers', [...$named, 'map' => '{"volts":{"address":-1}}'])->assertUnprocessable();
        $id = $this->postJson('/api/analysers', $named)->assertCreated()->json('id');
        self::assertIsInt($id);
        $this->getJson('/api/analysers');
        self::assertSame(0, (int) $this->postJson("/api/analysers/$id/read")->assertOk()->json('values.volts'));
        $this->deleteJson("/api/analysers/$id")->assertNoContent();
    }

    public function test_no_number_in_a_register_is_no_reading(): void
    {
        $instrument = Instrument::bad('nan');
        try {
            $this->actingAs($this->person('administrator', 'chief'));
            $map = json_encode(['volts_12' => ['address' => 2]], JSON_THROW_ON_ERROR);
            $named = ['name' => 'Board 4', 'host' => '127.0.0.1', 'port' => $instrument->port, 'unit' => 1, 'map' => $map];
            $id = $this->postJson('/api/analysers', $named)->assertCreated()->json('id');
            self::assertIsInt($id);
            $this->postJson("/api/analysers/$id/read")->assertStatus(502)
                ->assertJsonPath('detail', 'The instrument shows no value for voltage L1–L2.');
        } finally {
            $instrument->stop();
        }
    }

    public function test_a_map_tells_types_orders_and_scales(): void
    {
        self::assertSame(-2.0, RegisterMap::value([0xFFFE], 'int16', 'big', 1.0));
        self::assertEqualsWithDelta(230.5, RegisterMap::value([2305], 'uint16', 'big', 0.1), 1e-9);
        self::assertSame(65538.0, RegisterMap::value([2, 1], 'uint32', 'little', 1.0));
        self::assertTrue(is_nan(RegisterMap::value([0x7FC0, 0], 'float32', 'big', 1.0)));
        self::assertSame([0x4366, 0x8000], RegisterMap::words(230.5));
        self::assertIsString(RegisterMap::read(['Volts' => ['address' => 1]]));
    }

    public function test_every_fault_that_a_circuit_can_have_may_be_hidden(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $faults = $this->getJson("/api/circuits/$circuit->id/drills")->assertOk()->json('faults');
        self::assertIsArray($faults);
        self::assertCount(count(FaultKind::cases()) - 2, $faults, 'without a capacitor');
        $this->postJson("/api/circuits/$circuit->id/drills", ['fault' => 'dead_capacitor_element'])->assertStatus(502);
        $this->postJson("/api/circuits/$circuit->id/drills", [])->assertCreated();
    }
}
