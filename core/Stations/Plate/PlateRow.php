<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** Of a plate for two frequencies, the row that fits the supply; every station after this sees only that one. */
final class PlateRow
{
    public static function choose(Circuit $circuit, Ledger $ledger): Circuit
    {
        if (! $circuit->hasSecondRow()) {
            return $circuit;
        }
        $supply = $circuit->number('supply.frequency')?->number();
        $first = $circuit->number('plate.frequency');
        $second = $circuit->number('plate.second.frequency');
        if ($second === null) {
            $ledger->missing('plate.second.frequency', 'Enter the frequency of the second nameplate row.');
        }
        if ($first === null && ! $circuit->bad('plate.frequency')) {
            $ledger->missing('plate.frequency', 'With two nameplate rows, each needs its frequency.');
        }
        $useSecond = $supply !== null && $first !== null && $second !== null
            && abs($second->number() - $supply) < abs($first->number() - $supply);
        $known = $first !== null && $second !== null && $supply !== null;
        $chosen = $circuit->withRow($useSecond, $known);
        $ledger->rename($useSecond ? self::names() : []);
        $ledger->aside(self::aside($circuit, $chosen, $useSecond));
        if ($known) {
            $used = $useSecond ? $second : $first;
            $other = $useSecond ? $first : $second;
            $ledger
                ->work(PlateFigure::Row)
                ->equals($useSecond ? 2 : 1)
                ->source(HowKnown::Nameplate)
                ->saying(
                    $used->shown().' on a '.Show::quantity($supply, Unit::Hertz).' supply; the '.$other->shown().' row is not used',
                )
                ->write();
            $ledger
                ->note(PlateFinding::RowInUse)
                ->title('Nameplate row used: '.$used->shown())
                ->because('Supply '.Show::quantity($supply, Unit::Hertz).'. The '.$other->shown().' row is not used.')
                ->source(HowKnown::Nameplate)->on(PlateFigure::Row)->about('plate.frequency');
        }

        return $chosen;
    }

    /** @return array<string, string> */
    private static function names(): array
    {
        $names = [];
        foreach (Fields::RATED as $name) {
            $names['plate.'.$name] = 'plate.second.'.$name;
        }

        return $names;
    }

    /** @return array<string, \BraveAnvil\Ground\FieldError> errors of the row that is not used */
    private static function aside(Circuit $circuit, Circuit $chosen, bool $useSecond): array
    {
        $aside = array_diff_key($circuit->errors, $chosen->errors);
        if ($useSecond) {
            foreach (Fields::RATED as $name) {
                unset($aside['plate.second.'.$name]);
                if (isset($circuit->errors['plate.'.$name])) {
                    $aside['plate.'.$name] = $circuit->errors['plate.'.$name];
                }
            }
        }

        return $aside;
    }
}
