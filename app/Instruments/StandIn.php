<?php

declare(strict_types=1);

namespace App\Instruments;

use BraveAnvil\Physics\Modbus\RegisterMap;
use BraveAnvil\Records\Instruments\SimulatedCircuit;
use BraveAnvil\Records\Instruments\SimulatedReading;
use BraveAnvil\Records\Instruments\UnitMap;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\ReadingKind;

/** Takes one reading of a scene with the stand-in that gives it, over the protocol that a real one would speak. */
final class StandIn
{
    private const HOST = '127.0.0.1';

    /** How much quicker than a clock an insulation test runs here. */
    private const HURRY = 1800;

    private const LOOK_AGAIN_US = 60_000;

    private const LOOKS = 25;

    /**
     * @return array{unit: int, product: string, values: array<string, mixed>}
     *
     * @throws NoReading
     */
    public function read(ReadingKind $kind, int $scene, int $seed, ?ReadAt $where): array
    {
        $client = new ModbusClient(self::HOST, Scenes::port());
        $seed = 1 + $seed % 65535;
        $shown = match ($kind) {
            ReadingKind::WindingResistance => $this->shown($client, 4, $scene, $seed),
            ReadingKind::InsulationResistance => $this->shown($client, 3, $scene, $seed, ['started' => 1, 'hurry' => self::HURRY]),
            ReadingKind::Capacitor => $this->shown($client, 2, $scene, $seed),
            ReadingKind::Inrush => $this->shown($client, 2, $scene, $seed, ['armed' => 1]),
            ReadingKind::NoLoadCurrent => $this->shown($client, 1, $scene, $seed, ['coupled' => 2]),
            ReadingKind::Speed => [...$this->shown($client, 1, $scene, $seed), ...$this->shown($client, 5, $scene, $seed)],
            ReadingKind::Vibration, ReadingKind::Temperature => $this->shown($client, 5, $scene, $seed),
            ReadingKind::SupplyVoltage, ReadingKind::LineCurrent, ReadingKind::Power => $this->shown($client, 1, $scene, $seed, [
                'where' => match ($where) {
                    ReadAt::Line => 1, ReadAt::Lead => 2, default => 0,
                },
            ]),
            default => throw new NoReading(SimulatedReading::NO_INSTRUMENT),
        };
        if ($kind === ReadingKind::Inrush) {
            $shown = ['amps' => $shown['inrush_amps'] ?? 0.0, 'volts' => $shown['inrush_volts'] ?? 0.0];
        }
        if ($kind === ReadingKind::Capacitor && ($shown['volts'] ?? 0.0) <= 0) {
            throw new NoReading(SimulatedReading::NO_CAPACITOR);
        }
        $at = in_array($kind, [ReadingKind::LineCurrent, ReadingKind::Power], true) ? $where ?? ReadAt::Motor : null;
        $values = SimulatedReading::values($kind, $shown, $at, ($shown['delta'] ?? 0.0) > 0.5);
        $unit = UnitMap::unitOf($kind);

        return ['unit' => $unit, 'product' => $client->identification($unit)['product'], 'values' => $values ?? []];
    }

    /**
     * @param  array<string, int>  $turned  knobs by name
     * @return array<string, float> by quantity
     *
     * @throws NoReading
     */
    private function shown(ModbusClient $client, int $unit, int $scene, int $seed, array $turned = []): array
    {
        $client->write($unit, 0, $scene, $seed);
        foreach ($turned as $name => $value) {
            $address = UnitMap::holding($unit, $name);
            if ($address !== null) {
                $client->write($unit, $address, $value);
            }
        }
        for ($look = 0; $look < self::LOOKS; $look++) {
            $words = $client->read(4, $unit, UnitMap::STATUS, UnitMap::width($unit));
            if ($words[0] === UnitMap::NO_SCENE) {
                throw new NoReading(SimulatedCircuit::CANNOT_BE_SIMULATED);
            }
            if ($words[0] === UnitMap::READY) {
                return $this->values($unit, $words);
            }
            usleep(self::LOOK_AGAIN_US);
        }
        throw new NoReading('The instrument did not settle.');
    }

    /**
     * @param  list<int>  $words
     * @return array<string, float>
     *
     * @throws NoReading
     */
    private function values(int $unit, array $words): array
    {
        $values = [];
        foreach (UnitMap::units()[$unit]['input'] ?? [] as $quantity) {
            $address = UnitMap::input($unit, $quantity) ?? 0;
            $value = RegisterMap::value(array_slice($words, $address, 2), 'float32', 'big', 1.0);
            if (! is_finite($value)) {
                throw new NoReading('The instrument shows no value for '.self::named($quantity).'.');
            }
            $values[$quantity] = $value;
        }

        return $values;
    }

    /** A quantity of a stand-in as people know it. */
    private static function named(string $quantity): string
    {
        return match ($quantity) {
            'ohms_15s' => 'the insulation resistance after 15 s', 'ohms_1min' => 'the insulation resistance after 1 minute',
            'ohms_10min' => 'the insulation resistance after 10 minutes', 'test_volts' => 'the test voltage',
            'ohms_uv' => 'the resistance U–V', 'ohms_vw' => 'the resistance V–W', 'ohms_wu' => 'the resistance W–U',
            default => str_replace('_', ' ', $quantity),
        };
    }
}
