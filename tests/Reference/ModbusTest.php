<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Instruments\ModbusClient;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;
use Tests\Instrument;

/** Our side of the protocol against an independent implementation, `modbus-serial` for Node, both as client and as server. */
final class ModbusTest extends TestCase
{
    public function test_an_independent_client_reads_and_sets_our_stand_ins(): void
    {
        $instrument = Instrument::ours();
        try {
            $folder = (string) getenv('INSTRUMENTS_SCENES');
            file_put_contents("$folder/1.json", json_encode(['document' => Circuits::fanWithItsLoad(), 'load' => 0.8, 'fault' => null]));
            exec('node '.escapeshellarg(__DIR__.'/modbus_peer.mjs').' client '.$instrument->port.' 2>&1', $lines, $status);
            self::assertSame(0, $status, implode("\n", $lines));
            $said = json_decode((string) end($lines), true);
        } finally {
            $instrument->stop();
        }
        self::assertIsArray($said);
        self::assertSame([1, 77, 1, 0], $said['holding']);
        self::assertSame(1, $said['status']);
        self::assertEqualsWithDelta(400.0, $said['volts'], 3.0);
        // 37 kW at 80 % load on 400 V, by our own model, with what a meter adds.
        self::assertEqualsWithDelta(55.6, $said['amps'], 0.5);
        self::assertSame(['Brave Anvil', 'Winding-resistance meter, simulated'], array_slice((array) $said['identification'], 0, 2));
        // Illegal address, function and value, and a unit that is not there: the public specification's own numbers.
        self::assertSame([2, 1, 3, 11], [$said['address'], $said['function'], $said['value'], $said['unit']]);
    }

    public function test_our_client_reads_and_sets_an_independent_device(): void
    {
        $port = Instrument::freePort();
        $process = proc_open(
            ['node', __DIR__.'/modbus_peer.mjs', 'server', (string) $port],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes,
        );
        self::assertIsResource($process);
        try {
            $socket = false;
            for ($i = 0; $i < 200 && $socket === false; $i++) {
                usleep(25_000);
                $socket = @stream_socket_client("tcp://127.0.0.1:$port", $number, $message, 0.2);
            }
            self::assertNotFalse($socket, 'it listens');
            fclose($socket);
            $client = new ModbusClient('127.0.0.1', $port);
            self::assertSame([1005, 1006, 1007], $client->read(4, 7, 5, 3));
            $client->write(7, 10, 4242);
            $client->write(7, 11, 1, 2, 65535);
            self::assertSame([4242, 1, 2, 65535], $client->read(3, 7, 10, 4));
        } finally {
            proc_terminate($process);
            proc_close($process);
        }
    }
}
