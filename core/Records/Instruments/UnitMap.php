<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Stations\Prove\ReadingKind;
use RuntimeException;

/**
 * The registers of the five stand-ins, as they are published. Input register 0 is the status; the quantities follow from register 2 on, as
 * floats of two registers each, the high word first.
 */
final class UnitMap
{
    public const STATUS = 0;

    private const FIRST = 2;

    /** No scene is chosen, the values stand, or the device is still at work. */
    public const NO_SCENE = 0;

    public const READY = 1;

    public const WORKING = 2;

    /** @var array<int, array{product: string, holding: array<string, int>, input: list<string>}>|null */
    private static ?array $units = null;

    /** The stand-in that gives a reading. */
    public static function unitOf(ReadingKind $kind): int
    {
        return match ($kind) {
            ReadingKind::WindingResistance => 4,
            ReadingKind::InsulationResistance => 3,
            ReadingKind::Capacitor, ReadingKind::Inrush => 2,
            ReadingKind::Speed, ReadingKind::Vibration, ReadingKind::Temperature => 5,
            ReadingKind::SupplyVoltage, ReadingKind::LineCurrent, ReadingKind::NoLoadCurrent, ReadingKind::Power, ReadingKind::RelayTrip,
            ReadingKind::LoopImpedance, ReadingKind::Rotation, ReadingKind::RunUpTime, ReadingKind::Correction,
            ReadingKind::TemperatureRise, ReadingKind::MotorCapacitor, ReadingKind::PanelOhms => 1,
        };
    }

    /** How a stand-in calls itself. */
    public static function product(int $unit): string
    {
        return (self::units()[$unit]['product'] ?? '').', simulated';
    }

    /** @return array<int, array{product: string, holding: array<string, int>, input: list<string>}> by unit */
    public static function units(): array
    {
        if (self::$units === null) {
            /** @var array<int, array{product: string, holding: array<string, int>, input: list<string>}>|null $read */
            $read = json_decode((string) file_get_contents(__DIR__.'/data/units.json'), true);
            self::$units = $read ?? throw new RuntimeException('core/Instruments/data/units.json cannot be read');
        }

        return self::$units;
    }

    /** The address of a quantity of a unit. */
    public static function input(int $unit, string $quantity): ?int
    {
        $place = array_search($quantity, self::units()[$unit]['input'] ?? [], true);

        return $place === false ? null : self::FIRST + 2 * $place;
    }

    /** The address of a holding register by its name. */
    public static function holding(int $unit, string $name): ?int
    {
        return self::units()[$unit]['holding'][$name] ?? null;
    }

    /** How many input registers a unit has. */
    public static function width(int $unit): int
    {
        return self::FIRST + 2 * count(self::units()[$unit]['input'] ?? []);
    }
}
