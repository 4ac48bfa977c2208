<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Analyser;
use BraveAnvil\Physics\Modbus\RegisterMap;
use BraveAnvil\Stations\Prove\ReadingFields;
use BraveAnvil\Stations\Prove\ReadingKind;
use Illuminate\Support\Facades\Cache;

/** Real instruments that speak Modbus TCP, each by the map that an administrator gave. */
final class Analysers
{
    /** Reads at one time, of the six requests that PHP answers at once. */
    private const AT_ONCE = 2;

    private const LONGEST_SECONDS = 30;

    /**
     * @return array<string, float> by quantity of its map
     *
     * @throws NoReading
     */
    public function read(Analyser $analyser): array
    {
        $map = RegisterMap::read(json_decode($analyser->map, true, 6));
        if (is_string($map)) {
            throw new NoReading('Its register map cannot be used: '.$map);
        }
        // One that is silent keeps whoever reads it for seconds: as many as may wait like this leave room for everybody else.
        foreach (range(1, self::AT_ONCE) as $place) {
            $lock = Cache::lock("analyser-read-$place", self::LONGEST_SECONDS);
            if ($lock->get()) {
                try {
                    return self::values(new ModbusClient($analyser->host, $analyser->port), $map, $analyser->unit);
                } finally {
                    $lock->release();
                }
            }
        }
        throw new NoReading('Other instruments are being read. Try again in a moment.');
    }

    /**
     * @return array<string, float> by quantity of its map
     *
     * @throws NoReading
     */
    private static function values(ModbusClient $client, RegisterMap $map, int $unit): array
    {
        $values = [];
        foreach ($map->quantities as $name => $at) {
            $words = $client->read($at['function'] === 3 ? 3 : 4, $unit, $at['address'], RegisterMap::width($at['type']));
            $value = RegisterMap::value($words, $at['type'], $at['order'], $at['scale']);
            if (! is_finite($value)) {
                throw new NoReading('The instrument shows no value for '.ReadingFields::named(ReadingKind::Power, $name).'.');
            }
            $values[$name] = $value;
        }

        return $values;
    }
}
