<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Modbus;

/** Where the quantities of a device stand: function, address, type, order of words, scale. Maps are data; this reads one. */
final readonly class RegisterMap
{
    private const TYPES = ['uint16' => 1, 'int16' => 1, 'uint32' => 2, 'int32' => 2, 'float32' => 2];

    private const MOST = 200;

    /** @param  array<string, array{function: int, address: int, type: string, order: string, scale: float}>  $quantities  by name */
    private function __construct(public array $quantities)
    {
    }

    /**
     * @param  mixed  $typed  decoded: `{quantity: {function, address, type, order, scale}}`
     * @return self|string what is wrong with it
     */
    public static function read(mixed $typed): self|string
    {
        if (! is_array($typed) || $typed === [] || count($typed) > self::MOST) {
            return 'A register map has from 1 to '.self::MOST.' quantities.';
        }
        $quantities = [];
        foreach ($typed as $name => $one) {
            if (! is_string($name) || preg_match('~^[a-z][a-z0-9_]{0,39}$~', $name) !== 1 || ! is_array($one)) {
                return 'Name each quantity in small letters, with an object of settings.';
            }
            $function = $one['function'] ?? 4;
            $address = $one['address'] ?? null;
            $type = $one['type'] ?? 'float32';
            $order = $one['order'] ?? 'big';
            $scale = $one['scale'] ?? 1;
            if (! in_array($function, [3, 4], true)) {
                return "$name: the function must be 3 or 4.";
            }
            if (! is_int($address) || $address < 0 || $address > 65534) {
                return "$name: enter an address from 0 to 65534.";
            }
            if (! is_string($type) || ! isset(self::TYPES[$type])) {
                return "$name: the type must be one of ".implode(', ', array_keys(self::TYPES)).'.';
            }
            if (! in_array($order, ['big', 'little'], true)) {
                return "$name: the word order must be big or little.";
            }
            if ((! is_int($scale) && ! is_float($scale)) || ! is_finite((float) $scale) || abs((float) $scale) < 1e-30) {
                return "$name: the scale must be a number other than zero.";
            }
            $quantities[$name] = [
                'function' => $function, 'address' => $address, 'type' => $type, 'order' => $order, 'scale' => (float) $scale,
            ];
        }

        return new self($quantities);
    }

    public static function width(string $type): int
    {
        return self::TYPES[$type] ?? 1;
    }

    /**
     * A quantity from its registers, in the unit of its map; may be no number where a device says so.
     *
     * @param  list<int>  $words  of 16 bits
     */
    public static function value(array $words, string $type, string $order, float $scale): float
    {
        if ($order === 'little') {
            $words = array_reverse($words);
        }
        $bytes = pack('n*', ...$words);
        $read = unpack(match ($type) {
            'float32' => 'G', 'uint32', 'int32' => 'N', default => 'n',
        }, $bytes);
        $value = $read === false ? NAN : $read[1];
        $value = is_int($value) || is_float($value) ? $value : NAN;
        if ($type === 'int16' && $value >= 0x8000) {
            $value -= 0x10000;
        }
        if ($type === 'int32' && $value >= 0x80000000) {
            $value -= 0x100000000;
        }

        return $scale * $value;
    }

    /** @return array{int, int} both words of a float, the high one first */
    public static function words(float $value): array
    {
        /** @var array{1: int, 2: int} $words */
        $words = unpack('n2', pack('G', $value));

        return [$words[1], $words[2]];
    }
}
