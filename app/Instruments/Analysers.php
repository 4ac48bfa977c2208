<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Analyser;
use BraveAnvil\Modbus\RegisterMap;

/** Real instruments that speak Modbus TCP, each by the map that an administrator gave. */
final class Analysers
{
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
        $client = new ModbusClient($analyser->host, $analyser->port);
        $values = [];
        foreach ($map->quantities as $name => $at) {
            $words = $client->read($at['function'] === 3 ? 3 : 4, $analyser->unit, $at['address'], RegisterMap::width($at['type']));
            $value = RegisterMap::value($words, $at['type'], $at['order'], $at['scale']);
            if (! is_finite($value)) {
                throw new NoReading('The instrument shows no number for '.str_replace('_', ' ', $name).'.');
            }
            $values[$name] = $value;
        }

        return $values;
    }
}
