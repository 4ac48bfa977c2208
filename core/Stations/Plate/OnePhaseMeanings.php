<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\SinglePhaseType;
use BraveAnvil\Circuit\Choice\ThermalProtector;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Parse\CapacitorStamp;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** What the plate of a single-phase motor gives that no other has. */
final class OnePhaseMeanings
{
    /** @return array<string, string|null> by the path of the stamp; null where nothing is stamped */
    public static function of(Circuit $circuit): array
    {
        return [
            'plate.single_phase_type' => match ($circuit->chosen('plate.single_phase_type', SinglePhaseType::class)) {
                SinglePhaseType::SplitPhase => 'A thin start winding is switched on for the start. Little torque, much current.',
                SinglePhaseType::CapacitorStart => 'A capacitor in the start winding for the start only. Much torque, for pumps and '.
                    'compressors.',
                SinglePhaseType::PermanentCapacitor => 'A capacitor stays in the second winding. Little starting torque, for fans; no '.
                    'switch to fail.',
                SinglePhaseType::CapacitorStartRun => 'One capacitor for the start, another that stays. Much torque, good power factor.',
                null => null,
            },
            'plate.start_capacitor' => self::start($circuit->stamp('plate.start_capacitor', CapacitorStamp::class)),
            'plate.run_capacitor' => self::run($circuit->stamp('plate.run_capacitor', CapacitorStamp::class)),
            'plate.thermal_protector' => match ($circuit->chosen('plate.thermal_protector', ThermalProtector::class)) {
                ThermalProtector::None => 'The relay alone guards the winding.',
                ThermalProtector::Manual => 'Opens the motor current when the winding is too hot; reset by its button.',
                ThermalProtector::Automatic => 'Opens the motor current when the winding is too hot, and closes again by itself.',
                null => null,
            },
        ];
    }

    private static function start(?CapacitorStamp $stamp): ?string
    {
        return $stamp === null ? null : 'Start capacitor: in circuit for seconds only, until the start switch opens. Any value '.
            ($stamp->high > $stamp->low ? 'from '.self::microfarads($stamp->low).' to '.self::microfarads($stamp->high).' is good.'
            : 'near '.self::microfarads($stamp->low).' is good.').' '.self::replace($stamp);
    }

    private static function run(?CapacitorStamp $stamp): ?string
    {
        return $stamp === null ? null : ($stamp->second === null ? 'Run capacitor: it stays in circuit and belongs to the motor.'
            : 'Two run capacitors in one can: '.self::microfarads($stamp->low).' and '.self::microfarads($stamp->second).
                ', for two motors.').' It does not correct the power factor of the supply; never take it out for that. '.
            self::replace($stamp);
    }

    private static function replace(CapacitorStamp $stamp): string
    {
        return $stamp->volts === [] ? 'The voltage is not given: read it on the old one before you replace it.'
            : 'Replace it by one for '.Show::number(max($stamp->volts)).' V or more.';
    }

    private static function microfarads(float $farads): string
    {
        return Show::quantity($farads, Unit::Farad, 4);
    }
}
