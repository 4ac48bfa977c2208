<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;
use BraveAnvil\Ground\Show;

/** Duty type as stamped: `S1`, `CONT`, `S2 30 min`, `S3 40 %`. Bare minutes are those of S2, as American plates stamp them. */
final class Duty
{
    private const PERCENT = ['S3', 'S4', 'S5', 'S6'];

    public static function parse(string $text): TypedValue|Refusal
    {
        if (preg_match('~^(s ?1[\s,:-]*)?(cont|continuous|mcr)\.?( duty)?([\s,:-]*s ?1)?$~i', $text) === 1) {
            return new TypedValue(new DutyStamp('S1'), 'S1, continuous');
        }
        if (preg_match('~^(\d{1,3}) ?min(?:utes)?\.?$~i', $text, $m) === 1) {
            return self::parse('S2 '.$m[1].' min');
        }
        if (preg_match('~^s\s*(10|[1-9])(?![0-9])[\s,:-]*(.*)$~i', $text, $m) !== 1) {
            return new Refusal(Typed::quoted($text).' is not a duty type.');
        }
        $type = 'S'.$m[1];
        $detail = strtolower(trim($m[2]));
        if ($detail === '' || ($type === 'S1' && $detail === 'continuous')) {
            return new TypedValue(new DutyStamp($type), $type === 'S1' ? 'S1, continuous' : $type);
        }
        if (preg_match('~^(\d{1,3}(?:[.,]\d+)?)\s*(%|min)~', $detail, $part) !== 1) {
            // S4 to S10 are stamped with inertias and load diagrams too: kept, not read.
            return preg_match('~^[a-z0-9]~', $detail) === 1 && ! in_array($type, ['S1', 'S2', 'S3'], true)
                ? new TypedValue(new DutyStamp($type), $type) : new Refusal(Typed::quoted($detail).' after '.$type.' cannot be read.');
        }
        $number = (float) str_replace(',', '.', $part[1]);
        if ($part[2] === 'min') {
            return $type === 'S2' && $number >= 1 && $number <= 240
                ? new TypedValue(new DutyStamp($type, $number), $type.', '.Show::number($number).' min, then rest until cold')
                : new Refusal($type === 'S2' ? 'S2 is from 1 to 240 minutes.' : 'Minutes are given with S2 only.');
        }

        return in_array($type, self::PERCENT, true) && $number > 0 && $number <= 100
            ? new TypedValue(new DutyStamp($type), $type.', '.Show::number($number).' % of each cycle')
            : new Refusal(
                in_array($type, self::PERCENT, true) ? 'The share of the cycle is from 0 to 100 %.'
                : 'A percentage is given with S3 to S6 only.',
            );
    }
}
