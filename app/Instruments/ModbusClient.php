<?php

declare(strict_types=1);

namespace App\Instruments;

use BraveAnvil\Physics\Modbus\ExceptionCode;
use BraveAnvil\Physics\Modbus\ModbusFrame;

/** Reads and writes the registers of a device on Modbus TCP. Whatever goes wrong ends within two seconds, in a sentence. */
final class ModbusClient
{
    private const TIMEOUT_S = 2.0;

    private const MOST = 125;

    /** @var resource */
    private $socket;

    private int $transaction = 0;

    private readonly float $until;

    /** @throws NoReading when nobody answers there */
    public function __construct(private readonly string $host, private readonly int $port)
    {
        $this->until = microtime(true) + self::TIMEOUT_S;
        $target = str_contains($host, ':') ? "[$host]" : $host;
        $socket = @stream_socket_client("tcp://$target:$port", $number, $message, self::TIMEOUT_S);
        if ($socket === false) {
            throw new NoReading(
                "No instrument answers at {$host} port {$port}. Check that it is switched on and that the address is right.",
            );
        }
        stream_set_blocking($socket, false);
        $this->socket = $socket;
    }

    public function __destruct()
    {
        if (is_resource($this->socket)) {
            fclose($this->socket);
        }
    }

    /**
     * @param  3|4  $function
     * @return list<int> words of 16 bits
     *
     * @throws NoReading
     */
    public function read(int $function, int $unit, int $address, int $count): array
    {
        if ($count < 1 || $count > self::MOST) {
            throw new NoReading('At most 125 registers can be read at once.');
        }
        $data = $this->ask($unit, pack('Cnn', $function, $address, $count));
        if (strlen($data) !== 1 + 2 * $count || ord($data[0]) !== 2 * $count) {
            throw new NoReading('The instrument answered with the wrong number of registers.');
        }
        $words = unpack('n*', substr($data, 1));

        return $words === false ? [] : array_values(array_map(static fn (mixed $word): int => is_int($word) ? $word : 0, $words));
    }

    /** @throws NoReading */
    public function write(int $unit, int $address, int ...$values): void
    {
        $sent = count($values) === 1
            ? pack('Cnn', 6, $address, $values[0]) : pack('CnnC', 16, $address, count($values), 2 * count($values)).pack('n*', ...$values);
        $data = $this->ask($unit, $sent);
        $echo = count($values) === 1 ? pack('nn', $address, $values[0]) : pack('nn', $address, count($values));
        if ($data !== $echo) {
            throw new NoReading('The instrument did not confirm the setting.');
        }
    }

    /**
     * @return array{maker: string, product: string, revision: string}
     *
     * @throws NoReading
     */
    public function identification(int $unit): array
    {
        $data = $this->ask($unit, pack('CCCC', 43, 14, 1, 0));
        $texts = ['', '', ''];
        $at = 6;
        for ($left = strlen($data) > 5 ? ord($data[5]) : 0; $left > 0 && $at + 1 < strlen($data); $left--) {
            $length = ord($data[$at + 1]);
            $texts[ord($data[$at])] = substr($data, $at + 2, $length);
            $at += 2 + $length;
        }

        return ['maker' => $texts[0], 'product' => $texts[1], 'revision' => $texts[2]];
    }

    /** @throws NoReading */
    private function ask(int $unit, string $body): string
    {
        $this->transaction = $this->transaction % 65535 + 1;
        $this->send((new ModbusFrame($this->transaction, $unit, $body))->bytes());
        $frame = $this->receive();
        if ($frame->transaction !== $this->transaction || $frame->unit !== $unit) {
            throw new NoReading('The answer of the instrument belongs to another request (transaction or unit number).');
        }
        $function = ord($frame->body[0]);
        if ($function === (ord($body[0]) | 0x80)) {
            $code = ExceptionCode::tryFrom(ord(substr($frame->body, 1, 1)));
            throw new NoReading('The instrument refused: '.($code?->words() ?? 'no reason given').'.');
        }
        if ($function !== ord($body[0])) {
            throw new NoReading('The instrument answered with another function than requested.');
        }

        return substr($frame->body, 1);
    }

    /** @throws NoReading */
    private function send(string $bytes): void
    {
        while ($bytes !== '') {
            $write = [$this->socket];
            $read = $except = null;
            $this->await($read, $write, $except);
            $sent = @fwrite($this->socket, $bytes);
            if ($sent === false || ($sent === 0 && feof($this->socket))) {
                throw new NoReading('The instrument closed the connection.');
            }
            $bytes = substr($bytes, $sent);
        }
    }

    /** @throws NoReading */
    private function receive(): ModbusFrame
    {
        $arrived = '';
        while (true) {
            $frame = ModbusFrame::first($arrived);
            if ($frame instanceof ModbusFrame) {
                return $frame;
            }
            if ($frame === false) {
                throw new NoReading('The device at this address does not use Modbus TCP.');
            }
            $read = [$this->socket];
            $write = $except = null;
            $this->await($read, $write, $except);
            $bytes = @fread($this->socket, 4096);
            if ($bytes === false || ($bytes === '' && feof($this->socket))) {
                throw new NoReading($arrived === ''
                    ? 'The instrument closed the connection without an answer.' : 'The answer of the instrument was cut off.');
            }
            $arrived .= $bytes;
        }
    }

    /**
     * @param  list<resource>|null  $read
     * @param  list<resource>|null  $write
     * @param  list<resource>|null  $except
     *
     * @throws NoReading
     */
    private function await(?array &$read, ?array &$write, ?array &$except): void
    {
        $left = $this->until - microtime(true);
        if ($left <= 0 || @stream_select($read, $write, $except, (int) $left, (int) (1e6 * ($left - floor($left)))) === 0) {
            throw new NoReading("The instrument at {$this->host} port {$this->port} did not answer within two seconds.");
        }
    }
}
