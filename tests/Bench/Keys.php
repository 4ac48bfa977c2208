<?php

declare(strict_types=1);

namespace Tests\Bench;

use BraveAnvil\Away\SolutionParts;
use BraveAnvil\Away\Wanted;
use BraveAnvil\Bench\Bench;
use BraveAnvil\Ground\Station;
use RuntimeException;
use Tests\Core\Circuits;

/** What travels for a key: somebody types into fields of every station, and the page asks for what it shows there and does not hold. */
final class Keys
{
    /** @var list<array{Station, string, list<string>}> station, field, and how its text grows */
    private const TYPED = [
        [Station::Plate, 'plate.current', ['6', '66', '66/', '66/3', '66/38']],
        [Station::Plate, 'plate.power_factor', ['0.8', '0.86', '0.87']],
        [Station::Plate, 'plate.efficiency', ['9', '94', '94.1']],
        [Station::Plate, 'plate.serial', ['L', 'LT', 'LT-9']],
        [Station::Power, 'load.output_percent', ['8', '80', '85']],
        [Station::Power, 'measure.watts', ['3', '30', '30 k', '30 kW']],
        [Station::Start, 'starter.run_up_time', ['4', '4.5']],
        [Station::Start, 'load.torque_percent', ['8', '80', '85']],
        [Station::Start, 'load.inertia', ['5', '5.5', '7']],
        [Station::Cable, 'cable.length', ['6', '61', '75 m']],
        [Station::Cable, 'cable.grouped_circuits', ['2', '3', '4']],
        [Station::Cable, 'supply.ambient', ['3', '35', '40']],
        [Station::Guard, 'guard.rating', ['8', '80', '125']],
        [Station::Guard, 'supply.x_over_r', ['7', '7.5', '6']],
        [Station::Correct, 'correction.target_power_factor', ['0.9', '0.95', '0.97']],
        [Station::Correct, 'correction.kvar', ['1', '10', '12.5']],
        [Station::Prove, 'drives', ['Kiln', 'Kiln f', 'Kiln fan']],
    ];

    /**
     * @param  array<string, mixed>  $circuit
     * @return list<float> bytes of each answer, before they are compressed
     */
    public static function bytes(array $circuit): array
    {
        $drawn = self::drawn();
        $bytes = [];
        foreach (self::TYPED as [$station, $path, $texts]) {
            // Whole on the page, as it is a moment after the last key.
            $held = self::fingerprints(SolutionParts::json(Bench::solve($circuit), new Wanted()));
            foreach ($texts as $text) {
                $solution = Bench::solve(Circuits::changed($circuit, [$path => $text]));
                $answer = SolutionParts::json($solution, new Wanted($station, $drawn[$station->value] ?? [], $held));
                $bytes[] = (float) strlen($answer);
                $held = [...$held, ...self::fingerprints($answer)];
            }
        }

        return $bytes;
    }

    /** @return array<string, string> by part */
    private static function fingerprints(string $json): array
    {
        /** @var array{parts: array<string, array{is: string}>} $answer */
        $answer = json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        return array_map(static fn (array $part): string => $part['is'], $answer['parts']);
    }

    /** @return array<string, list<string>> the pictures that each station of the page draws */
    private static function drawn(): array
    {
        preg_match_all('/^    (\w+): \[(.*)\],$/m', (string) file_get_contents(dirname(__DIR__, 2).'/web/bench/parts.ts'), $lines, PREG_SET_ORDER);
        $drawn = [];
        foreach ($lines as [, $station, $names]) {
            $drawn[$station] = array_map(static fn (string $name): string => trim($name, " '"), explode(',', $names));
        }
        if (count($drawn) !== count(Station::cases())) {
            throw new RuntimeException('The pictures of the stations are not where they were');
        }

        return $drawn;
    }
}
