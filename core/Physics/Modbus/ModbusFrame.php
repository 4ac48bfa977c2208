<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Modbus;

/** One message with its head on TCP: transaction, unit, and what is asked or answered. Modbus Messaging on TCP/IP V1.0b. */
final readonly class ModbusFrame
{
    /** Bytes of the head, and the most of a whole message. */
    public const HEAD = 7;

    public const MOST = 260;

    public function __construct(public int $transaction, public int $unit, public string $body)
    {
    }

    public function bytes(): string
    {
        return pack('nnnC', $this->transaction, 0, strlen($this->body) + 1, $this->unit).$this->body;
    }

    /**
     * The first whole message in what has arrived so far.
     *
     * @return self|false|null null while bytes are missing; false where this is not Modbus
     */
    public static function first(string $arrived): self|false|null
    {
        if (strlen($arrived) < self::HEAD) {
            return null;
        }
        /** @var array{transaction: int, protocol: int, length: int, unit: int} $head */
        $head = unpack('ntransaction/nprotocol/nlength/Cunit', $arrived);
        if ($head['protocol'] !== 0 || $head['length'] < 2 || $head['length'] > self::MOST - 6) {
            return false;
        }
        if (strlen($arrived) < 6 + $head['length']) {
            return null;
        }

        return new self($head['transaction'], $head['unit'], substr($arrived, self::HEAD, $head['length'] - 1));
    }

    public function length(): int
    {
        return self::HEAD + strlen($this->body);
    }
}
