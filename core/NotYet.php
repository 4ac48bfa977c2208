<?php

declare(strict_types=1);

namespace BraveAnvil;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Station;

/** What is not computed yet: refused at its field, never sized as something simpler. */
final class NotYet
{
    public static function refuse(Circuit $circuit, Sheet $sheet): void
    {
        $refuse = static function (bool $refused, string $path, string $text, string $accepted) use ($sheet): void {
            if ($refused) {
                $sheet->error($path, $text.' Cable, Guard and Correct wait; Plate and Power go on.', $accepted, FieldError::REFUSED);
                foreach ([Station::Cable, Station::Guard, Station::Correct] as $station) {
                    $sheet->block($station, $text);
                }
            }
        };
        $method = $circuit->choice('starter.method');
        $refuse($method !== null && ! in_array($method, ['direct', 'star_delta'], true), 'starter.method', 'This starting method is not computed yet.', 'direct or star_delta for now.');
        $scpd = $circuit->choice('guard.scpd');
        $refuse(in_array($scpd, ['fuse_am', 'motor_breaker', 'breaker_instantaneous'], true), 'guard.scpd', 'This protective device is not computed yet.', 'IEC: fuse_gg, breaker_b, breaker_c, breaker_d. NEC: breaker_inverse_time, fuse_dual_element, fuse_non_time_delay.');
        $refuse($circuit->has('guard.start_exception'), 'guard.start_exception', 'Start exceptions are not computed yet.', 'Empty for now.');
        $duty = $circuit->choice('plate.duty');
        $refuse($duty !== null && $duty !== 'S1', 'plate.duty', 'Duty '.($duty ?? '').' is not computed yet.', 'S1 for now.');
        $refuse($circuit->number('supply.phases')?->number() === 1.0, 'supply.phases', 'One phase is not computed yet beyond its power.', '3 for now.');
        $refuse($circuit->ruleBook === 'cec', 'rule_book', 'The CE Code’s sizing is not computed yet.', 'iec or nec for now.');
        $refuse($circuit->choice('supply.earthing') === 'it', 'supply.earthing', 'IT earthing is not computed yet.', 'tn_s, tn_c_s or tt for now.');
        $refuse($circuit->choice('cable.material') === 'aluminium', 'cable.material', 'Aluminium is not computed yet.', 'copper for now.');
        $refuse(in_array($circuit->choice('cable.method'), ['D1', 'D2'], true), 'cable.method', 'Buried methods are not computed yet.', 'A1, A2, B1, B2, C, E or F for now.');
        foreach (['supply.voltage', 'plate.voltage', 'plate.power', 'rule_book', 'starter.method', 'guard.scpd', 'supply.phases', 'plate.duty', 'supply.earthing', 'cable.material', 'cable.method'] as $path) {
            if ($circuit->bad($path)) {
                foreach ([Station::Cable, Station::Guard, Station::Correct] as $station) {
                    $sheet->block($station, 'Waits for a field that cannot be read.');
                }
            }
        }
    }
}
