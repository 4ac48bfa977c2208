<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Modbus;

/**
 * Answers requests: functions 3, 4, 6, 16 and 43/14, everything else with an exception. It knows no socket.
 *
 * Modbus Application Protocol Specification V1.1b3.
 */
final readonly class Server
{
    private const READ_HOLDING = 3;

    private const READ_INPUT = 4;

    private const WRITE_ONE = 6;

    private const WRITE_MANY = 16;

    private const ENCAPSULATED = 43;

    private const IDENTIFICATION = 14;

    private const MOST_READ = 125;

    private const MOST_WRITTEN = 123;

    public function __construct(private Registers $registers)
    {
    }

    public function answer(ModbusFrame $request): ModbusFrame
    {
        $function = ord($request->body[0]);
        $answer = $this->registers->hasUnit($request->unit)
            ? $this->done($function, $request->unit, substr($request->body, 1)) : ExceptionCode::NoSuchUnit;

        return new ModbusFrame(
            $request->transaction, $request->unit,
            $answer instanceof ExceptionCode ? chr($function | 0x80).chr($answer->value) : chr($function).$answer,
        );
    }

    private function done(int $function, int $unit, string $data): string|ExceptionCode
    {
        return match ($function) {
            self::READ_HOLDING, self::READ_INPUT => $this->read($function === self::READ_INPUT, $unit, $data),
            self::WRITE_ONE => $this->writeOne($unit, $data),
            self::WRITE_MANY => $this->writeMany($unit, $data),
            self::ENCAPSULATED => $this->identify($unit, $data),
            default => ExceptionCode::IllegalFunction,
        };
    }

    private function read(bool $input, int $unit, string $data): string|ExceptionCode
    {
        if (strlen($data) !== 4) {
            return ExceptionCode::IllegalValue;
        }
        [$address, $count] = self::words($data);
        if ($count < 1 || $count > self::MOST_READ) {
            return ExceptionCode::IllegalValue;
        }
        $values = $input ? $this->registers->input($unit, $address, $count) : $this->registers->holding($unit, $address, $count);

        return $values === null ? ExceptionCode::IllegalAddress : chr(2 * $count).pack('n*', ...$values);
    }

    private function writeOne(int $unit, string $data): string|ExceptionCode
    {
        if (strlen($data) !== 4) {
            return ExceptionCode::IllegalValue;
        }
        [$address, $value] = self::words($data);

        return $this->registers->write($unit, $address, [$value]) ?? $data;
    }

    private function writeMany(int $unit, string $data): string|ExceptionCode
    {
        if (strlen($data) < 5) {
            return ExceptionCode::IllegalValue;
        }
        [$address, $count] = self::words($data);
        if ($count < 1 || $count > self::MOST_WRITTEN || ord($data[4]) !== 2 * $count || strlen($data) !== 5 + 2 * $count) {
            return ExceptionCode::IllegalValue;
        }

        return $this->registers->write($unit, $address, self::words(substr($data, 5))) ?? pack('nn', $address, $count);
    }

    /** Basic identification, all three objects or one of them. */
    private function identify(int $unit, string $data): string|ExceptionCode
    {
        if (strlen($data) !== 3 || ord($data[0]) !== self::IDENTIFICATION) {
            return ExceptionCode::IllegalFunction;
        }
        [$code, $object] = [ord($data[1]), ord($data[2])];
        if (! in_array($code, [1, 2, 3, 4], true)) {
            return ExceptionCode::IllegalValue;
        }
        $objects = $this->registers->identification($unit);
        if ($code === 4) {
            if ($object > 2) {
                return ExceptionCode::IllegalAddress;
            }
            $objects = [$object => $objects[$object]];
        } else {
            // An object that is not there means: from the beginning.
            $objects = array_slice($objects, $object > 2 ? 0 : $object, null, true);
        }
        $list = '';
        foreach ($objects as $id => $text) {
            $list .= chr($id).chr(strlen($text)).$text;
        }

        return chr(self::IDENTIFICATION).chr($code).chr(0x81).chr(0).chr(0).chr(count($objects)).$list;
    }

    /** @return list<int> */
    private static function words(string $bytes): array
    {
        $words = unpack('n*', $bytes);

        return $words === false ? [] : array_values(array_map(static fn (mixed $word): int => is_int($word) ? $word : 0, $words));
    }
}
