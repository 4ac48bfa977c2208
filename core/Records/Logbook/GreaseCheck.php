<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Circuit\Choice\Thickener;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;

/** Whether an entry has another grease or amount than the plate, or the entry before: minded before it is kept. Common practice. */
final class GreaseCheck
{
    /** Share by which an amount may be off: a stroke of the gun is about a gram. */
    private const OFF = 0.25;

    /**
     * @param  list<LogbookEntry>  $before  oldest first
     * @return list<FieldError> at `values.grease` and `values.grams`; none where it is as it should be, or there is nothing to hold it against
     */
    public static function of(LogbookEntry $entry, GreasePlate $plate, array $before): array
    {
        if ($entry->kind !== EntryKind::Greased) {
            return [];
        }

        return [...self::grease($entry, $plate, $before), ...self::amount($entry, $plate)];
    }

    /**
     * @param  list<LogbookEntry>  $before
     * @return list<FieldError>
     */
    private static function grease(LogbookEntry $entry, GreasePlate $plate, array $before): array
    {
        $new = $entry->text('grease');
        $known = $plate->grease;
        $where = 'The nameplate says';
        if ($known === '') {
            foreach ($before as $one) {
                if ($one->kind === EntryKind::Greased && $one->text('grease') !== '') {
                    $known = $one->text('grease');
                    $where = 'Last time it was';
                }
            }
        }

        if ($new === '' || $known === '' || self::plain($new) === self::plain($known)) {
            return [];
        }
        [$old, $now] = [$plate->thickener($known), $plate->thickener($new)];
        // Another name with the same thickener is what the site says may follow.
        if ($old !== null && $old === $now) {
            return [];
        }
        $named = static fn (string $grease, ?Thickener $thickener): string => $grease.
            ($thickener === null ? '' : ' ('.lcfirst($thickener->label(Words::iec())).')');

        return [new FieldError(
            'values.grease', $where.' '.$named($known, $old).'. '.($old !== null && $now !== null
                ? $named($new, $now).' has another thickener: the two do not mix.' : 'Never mix greases.'),
            'Clean the bearing first if it must be another grease.',
        )];
    }

    /** @return list<FieldError> */
    private static function amount(LogbookEntry $entry, GreasePlate $plate): array
    {
        $grams = $entry->numbers('grams');
        $drive = $plate->gramsOf(GreasedEnd::Drive);
        $other = $plate->gramsOf(GreasedEnd::Other);
        if ($grams === [] || $drive === null || $other === null) {
            return [];
        }
        $wanted = match ($entry->greasedEnd()) {
            GreasedEnd::Both => [$drive, $other], GreasedEnd::Drive => [$drive], GreasedEnd::Other => [$other],
        };
        foreach ($wanted as $i => $stamped) {
            $given = $grams[$i] ?? $grams[0];
            if (abs($given - $stamped) > self::OFF * $stamped) {
                return [new FieldError(
                    'values.grams', 'The nameplate says '.implode(' and ', array_unique(array_map(
                        static fn (float $one): string => Show::quantity($one, Unit::Gram), $wanted,
                    ))).'. '.($given > $stamped ? 'Too much grease makes a bearing hot.' : 'Too little leaves it dry.'),
                    'Grams for each end.',
                )];
            }
        }

        return [];
    }

    /** Blanks and capitals aside. */
    private static function plain(string $grease): string
    {
        return strtolower((string) preg_replace('~[\s\-]+~u', '', $grease));
    }
}
