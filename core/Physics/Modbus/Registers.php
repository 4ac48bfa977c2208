<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Modbus;

/** What a device offers: registers of 16 bits to read and to write, and who it is. */
interface Registers
{
    public function hasUnit(int $unit): bool;

    /** @return list<int>|null values from an address on; null where one of them is not there */
    public function input(int $unit, int $address, int $count): ?array;

    /** @return list<int>|null values from an address on; null where one of them is not there */
    public function holding(int $unit, int $address, int $count): ?array;

    /**
     * @param  list<int>  $values
     * @return ExceptionCode|null why not; null where they are taken
     */
    public function write(int $unit, int $address, array $values): ?ExceptionCode;

    /** @return array{string, string, string} maker, product, revision */
    public function identification(int $unit): array;
}
