<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\CapacitorLeads;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Stations\Correct\CapacitorRules;

/** Where good people differ: what is done elsewhere, beside what is done here. */
final class Schools
{
    /** @return list<string> */
    public static function of(CapacitorPlace $place, CapacitorRules $rules): array
    {
        $schools = [];
        if ($place->isBehindStarter()) {
            $schools[] = 'Some leave out fuse and resistor after the contactor, because the motor’s device protects the conductors and '.
                'the motor winding '.'discharges the capacitor. An open winding or a blown fuse leaves the charge, so the resistor '.
                'is kept here.';
            $schools[] = 'Some correct to unity at no load. Here the limit is 90 % of the no-load reactive power, because supply and '.
                'capacitor have '.'tolerances.';
        }
        if ($rules->disconnectDoubt !== null && $place->staysOn()) {
            $schools[] = 'Editions of the CE Code differ on whether the capacitor needs its own disconnect: '.
                $rules->disconnectDoubt->reason.'.';
        }
        if ($rules->largestFuseFactor !== null) {
            $schools[] = 'Some use a fuse of twice the capacitor current to ride through switching. Here the smallest fuse that carries '.
                'it is used.';
        }

        return $schools;
    }
}
