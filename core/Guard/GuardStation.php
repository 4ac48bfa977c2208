<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Station;

/** Protective device, overload relay with its place and class, disconnect, contactors. */
final class GuardStation
{
    /** @var list<string> */
    private const NEEDS = ['guard.scpd', 'guard.overload_place', 'guard.overload_class', 'guard.rating', 'guard.dial', 'guard.marked_maximum', 'plate.service_factor', 'plate.temperature_rise', 'starter.changeover.value', 'starter.run_up_time'];

    public static function solve(Circuit $circuit, RuleBook $book, Sizing $sizing, Sheet $sheet): void
    {
        if ($sheet->blocked(Station::Guard)) {
            return;
        }
        if ($sheet->bad(...self::NEEDS)) {
            $sheet->block(Station::Guard, 'Waits for a field that cannot be used yet.');

            return;
        }
        if (! $sheet->has('power.design_current', 'power.overload_current', 'start.locked_rotor_current', 'start.run_up_time', 'start.method')) {
            $sheet->block(Station::Guard, 'Waits for the motor’s current and its starting current.');

            return;
        }
        $device = $circuit->choice('guard.scpd') ?? $sizing->usualScpd();
        if (! in_array($device, $sizing->scpds(), true)) {
            $sheet->find(Grade::Stop, Station::Guard, 'not_a_branch_device', 'Not a device of this rule book', 'This is not a branch-circuit protective device under '.$book->words()['name'].'.', 'Choose one from the list.', $book->edition(), []);
            $sheet->block(Station::Guard, 'The protective device is not one of '.$book->words()['name'].'.');

            return;
        }
        self::device($circuit, $sizing, $sheet, $device);
        Overload::solve($circuit, $book, $sizing, $sheet);
        if ($sheet->blocked(Station::Guard)) {
            return;
        }
        $sizing->disconnect($sheet);
        self::contactors($sheet);
        Prospective::judge($circuit, $sheet);
        $sheet->find(Grade::Note, Station::Guard, 'coordination_by_maker', 'Coordination type 1 or 2', 'Whether contactor and relay survive a short circuit behind this device is in the starter maker’s tables only.', 'Take device, contactor and relay from one table.', 'IEC 60947-4-1 (from memory)', []);
        $sheet->say(Station::Guard, self::sentence($sheet));
    }

    private static function device(Circuit $circuit, Sizing $sizing, Sheet $sheet, string $device): void
    {
        $choice = $sizing->scpd($circuit, $sheet, $device);
        foreach ([$choice->limit, $choice->maximum] as $figure) {
            if ($figure !== null) {
                $sheet->put($figure);
            }
        }
        $sheet->put(new Figure('guard.scpd', 'Protective device', $device, '', '', '', $circuit->has('guard.scpd') ? 'typed' : 'usual here'));
        $installed = $circuit->number('guard.rating');
        if ($installed !== null) {
            self::installed($sheet, $choice, $installed);
        } elseif ($choice->rating !== null) {
            $sheet->put($choice->rating);
        } elseif (! in_array($device, ['breaker_b', 'breaker_c', 'breaker_d'], true)) {
            $sheet->find(Grade::Stop, Station::Guard, 'no_device_fits', 'No standard rating fits', 'None of the standard ratings both obeys the rule and carries this start.', 'Choose another kind of device.', '', ['start.locked_rotor_current']);
        }
        $design = $sheet->need('power.design_current');
        $sheet->curve('ratings', ['device' => $device, 'current' => $design->number(), 'limit' => $choice->limit?->number(), 'maximum' => $choice->maximum?->number(),
            'chosen' => $sheet->get('guard.scpd_rating')?->number(), 'rows' => $choice->ladder]);
    }

    private static function installed(Sheet $sheet, ScpdChoice $choice, Figure $installed): void
    {
        $rating = $sheet->put($installed->named('guard.scpd_rating', 'Installed device', 'typed; checked, not chosen'));
        $row = null;
        foreach ($choice->ladder as $candidate) {
            if (abs($candidate['rating'] - $rating->number()) < 1e-9) {
                $row = $candidate;
            }
        }
        if ($choice->maximum !== null && $rating->number() > $choice->maximum->number()) {
            $sheet->find(Grade::Stop, Station::Guard, 'installed_device_too_large', 'The installed device is too large', $rating->shown().' is above '.$choice->maximum->shown().', the largest permitted without exception.', 'Fit '.$choice->maximum->shown().' or less.', $choice->maximum->source, ['guard.scpd_rating', 'guard.scpd_maximum_rating']);
        } elseif ($rating->number() < $sheet->need('power.design_current')->number()) {
            $sheet->find(Grade::Stop, Station::Guard, 'installed_device_too_small', 'The installed device is too small', $rating->shown().' is below the motor’s '.$sheet->need('power.design_current')->shown().'.', 'Fit a larger one.', '', ['guard.scpd_rating']);
        } elseif ($row !== null && ! $row['carries']) {
            $sheet->find(Grade::Caution, Station::Guard, 'installed_device_may_trip', 'The installed device may not carry the start', $rating->shown().': '.$row['reason'].'.', $choice->rating === null ? 'Choose another kind.' : 'Fit '.$choice->rating->shown().'.', '', ['guard.scpd_rating']);
        } elseif ($row === null) {
            $sheet->find(Grade::Caution, Station::Guard, 'installed_device_not_judged', 'The installed rating is not judged', $rating->shown().' is not among the standard ratings looked at.', 'Check it by its maker’s curve.', '', ['guard.scpd_rating']);
        }
    }

    private static function contactors(Sheet $sheet): void
    {
        $current = $sheet->need('power.overload_current');
        if ($sheet->need('start.method')->value !== 'star_delta') {
            $sheet->work('guard.contactor', 'Contactor, AC-3, at least', $current->number(), 'A', 'I', '{I}', ['I' => $current], 'IEC 60947-4-1 (from memory); AC-4 for jogging');

            return;
        }
        $sheet->work('guard.contactor_main', 'Main and delta contactor, AC-3, at least', $current->number() / sqrt(3), 'A', 'I / √3', '{I} ÷ √3', ['I' => $current], 'IEC 60947-4-1 (from memory)');
        $sheet->work('guard.contactor_star', 'Star contactor, AC-3, at least', $current->number() / 3, 'A', 'I / 3', '{I} ÷ 3', ['I' => $current], 'IEC 60947-4-1 (from memory)');
    }

    private static function sentence(Sheet $sheet): string
    {
        $rating = $sheet->get('guard.scpd_rating');
        $dial = $sheet->get('guard.overload_dial');

        return ($rating === null ? 'No device of this kind fits.' : $rating->label.' '.$rating->shown().'.').($dial === null ? '' : ' Set the overload dial to '.$dial->shown(3).($sheet->has('guard.overload_class') ? ', class '.$sheet->need('guard.overload_class')->value.'.' : '.'));
    }
}
