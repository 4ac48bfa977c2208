<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Of a plate for two frequencies, the row that fits the supply; every station after this sees only that one. */
final class PlateRow
{
    public static function choose(Circuit $circuit, Sheet $sheet): Circuit
    {
        if (! $circuit->hasSecondRow()) {
            return $circuit;
        }
        $supply = $circuit->number('supply.frequency')?->number();
        $first = $circuit->number('plate.frequency');
        $second = $circuit->number('plate.second.frequency');
        if ($second === null) {
            $sheet->missing('plate.second.frequency', 'The second row of the plate wants its frequency.');
        }
        if ($first === null && ! $circuit->bad('plate.frequency')) {
            $sheet->missing('plate.frequency', 'With two rows each wants its frequency.');
        }
        $useSecond = $supply !== null && $first !== null && $second !== null && abs($second->number() - $supply) < abs($first->number() - $supply);
        $used = $useSecond ? $second : $first;
        $chosen = $circuit->withRow($useSecond);
        $sheet->rename($useSecond ? array_combine(array_map(static fn (string $name): string => 'plate.'.$name, Fields::RATED), array_map(static fn (string $name): string => 'plate.second.'.$name, Fields::RATED)) : []);
        $aside = array_diff_key($circuit->errors, $chosen->errors);
        if ($useSecond) {
            foreach (Fields::RATED as $name) {
                unset($aside['plate.second.'.$name]);
                if (isset($circuit->errors['plate.'.$name])) {
                    $aside['plate.'.$name] = $circuit->errors['plate.'.$name];
                }
            }
        }
        $sheet->aside($aside);
        if ($used !== null && $first !== null && $second !== null && $supply !== null) {
            $other = $useSecond ? $first : $second;
            $sheet->put(new Figure('plate.row', 'Row of the plate in use', $useSecond ? 2 : 1, '', '', $used->shown().' on a supply of '.Show::quantity($supply, 'Hz').'; not the '.$other->shown().' row', 'plate'));
            $sheet->find(Grade::Note, Station::Plate, 'row_in_use', 'The '.$used->shown().' row of the plate is used', 'The supply has '.Show::quantity($supply, 'Hz').'. The '.$other->shown().' row is not.', '', 'plate', ['plate.row'], ['plate.frequency']);
        }

        return $chosen;
    }
}
