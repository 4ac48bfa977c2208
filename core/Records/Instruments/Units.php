<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Ground\Version;
use BraveAnvil\Physics\Modbus\ExceptionCode;
use BraveAnvil\Physics\Modbus\RegisterMap;
use BraveAnvil\Physics\Modbus\Registers;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use Closure;
use Override;

/**
 * The five stand-ins as one connection meets them. Each connection chooses its own scene and points, so that people do not turn one
 * another’s knobs.
 */
final class Units implements Registers
{
    private const WHERE = [ReadAt::Motor, ReadAt::Line, ReadAt::Lead];

    /** s that an insulation test of ten minutes takes, divided by the register that hurries it. */
    private const TEST_S = 600.0;

    /** @var array<int, array<int, int>> holding registers by unit and address */
    private array $held = [];

    /** @var array<int, float> when an insulation test began, by unit */
    private array $began = [];

    /**
     * @param  Closure(int): ?Plant  $plants  by the number of a scene
     * @param  Closure(): float  $clock  s
     */
    public function __construct(private readonly Closure $plants, private readonly Closure $clock)
    {
    }

    #[Override]
    public function hasUnit(int $unit): bool
    {
        return isset(UnitMap::units()[$unit]);
    }

    #[Override]
    public function identification(int $unit): array
    {
        return ['Brave Anvil', UnitMap::product($unit), Version::CORE];
    }

    #[Override]
    public function holding(int $unit, int $address, int $count): ?array
    {
        if ($address + $count > $this->holdingWidth($unit)) {
            return null;
        }

        return array_map(fn (int $at): int => $this->held[$unit][$at] ?? 0, range($address, $address + $count - 1));
    }

    #[Override]
    public function write(int $unit, int $address, array $values): ?ExceptionCode
    {
        if ($values === [] || $address + count($values) > $this->holdingWidth($unit)) {
            return ExceptionCode::IllegalAddress;
        }
        foreach ($values as $i => $value) {
            if ($address + $i === UnitMap::holding($unit, 'where') && $value > 2) {
                return ExceptionCode::IllegalValue;
            }
        }
        foreach ($values as $i => $value) {
            $this->held[$unit][$address + $i] = $value;
            if ($address + $i === UnitMap::holding($unit, 'started') && $value === 1) {
                $this->began[$unit] = ($this->clock)();
            }
        }

        return null;
    }

    #[Override]
    public function input(int $unit, int $address, int $count): ?array
    {
        if ($address + $count > UnitMap::width($unit)) {
            return null;
        }
        [$status, $shown] = $this->shown($unit);
        $words = [$status, 0];
        foreach (UnitMap::units()[$unit]['input'] ?? [] as $quantity) {
            $words = [...$words, ...RegisterMap::words($shown[$quantity] ?? 0.0)];
        }

        return array_slice($words, $address, $count);
    }

    private function holdingWidth(int $unit): int
    {
        return count(UnitMap::units()[$unit]['holding'] ?? []);
    }

    private function held(int $unit, string $name): int
    {
        $address = UnitMap::holding($unit, $name);

        return $address === null ? 0 : $this->held[$unit][$address] ?? 0;
    }

    /** @return array{int, array<string, float>} status, and values by quantity */
    private function shown(int $unit): array
    {
        $plant = ($this->plants)($this->held($unit, 'scene'));
        if ($plant === null) {
            return [UnitMap::NO_SCENE, []];
        }
        $meters = new StandIns($plant, $this->held($unit, 'seed'));

        return match ($unit) {
            1 => [
                UnitMap::READY,
                $meters->analyser(self::WHERE[$this->held(1, 'where')] ?? ReadAt::Motor, $this->held(1, 'coupled') !== 2),
            ],
            2 => $this->clamp($meters),
            3 => $this->insulation($meters),
            4 => [UnitMap::READY, [...$meters->windings(), 'delta' => $meters->isJoinedInDelta() ? 1.0 : 0.0]],
            default => [UnitMap::READY, $meters->testBench()],
        };
    }

    /** @return array{int, array<string, float>} the capacitor's lines, and an inrush once it was armed */
    private function clamp(StandIns $meters): array
    {
        $shown = $meters->capacitorClamp() ?? [];
        if ($this->held(2, 'armed') === 1) {
            $inrush = $meters->inrush();
            $shown = [...$shown, 'inrush_amps' => $inrush['amps'], 'inrush_volts' => $inrush['volts']];
        }

        return [UnitMap::READY, $shown];
    }

    /** @return array{int, array<string, float>} */
    private function insulation(StandIns $meters): array
    {
        $began = $this->began[3] ?? null;
        if ($began === null) {
            return [UnitMap::WORKING, ['progress' => 0.0]];
        }
        $seconds = (($this->clock)() - $began) * max(1, $this->held(3, 'hurry'));
        $shown = ['progress' => min(self::TEST_S, $seconds)];
        $all = $meters->insulation();
        foreach (['ohms_15s' => 15.0, 'ohms_1min' => 60.0, 'ohms_10min' => self::TEST_S] as $quantity => $after) {
            $shown[$quantity] = $seconds >= $after ? $all[$quantity] : 0.0;
        }

        return [$seconds >= self::TEST_S ? UnitMap::READY : UnitMap::WORKING, [...$shown, 'temperature' => $all['temperature']]];
    }
}
