<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Plan;

use BraveAnvil\Stations\Prove\ReadingKind;

/** What a value other than the expected one usually means. Common practice, no source; the shares follow from three equal elements. */
final class Tells
{
    /** @return list<array{sign: string, means: string}> what is seen on a single-phase motor where that is something else; empty where it is not */
    public static function ofOnePhase(ReadingKind $kind): array
    {
        return self::listed(match ($kind) {
            ReadingKind::WindingResistance => [
                'OL through the start winding' => 'an open start switch, capacitor or winding: they lie in series',
                'OL through the main winding' => 'an open thermal protector, lead or winding',
                'Start winding lower than main winding' => 'the leads are exchanged, or turns are shorted',
            ],
            ReadingKind::SupplyVoltage => [
                'Low while it runs' => 'the drop up to here, or a bad joint',
                'About half or double' => 'connected between other wires than the plate asks for',
            ],
            ReadingKind::Rotation => ['Wrong direction' => 'the ends of the start winding exchanged: swap them'],
            ReadingKind::NoLoadCurrent => [
                'Much higher' => 'the start switch sticks, or the windings are connected for a lower voltage',
                'Hums and does not turn' => 'an open start winding or capacitor: switch off at once',
            ],
            ReadingKind::LineCurrent => [
                'Above the nameplate' => 'overload, low voltage, or a start winding that is still on',
                'Higher, and a warmer motor' => 'a worn-out run capacitor',
            ],
            ReadingKind::MotorCapacitor, ReadingKind::PanelOhms, ReadingKind::InsulationResistance, ReadingKind::RelayTrip,
            ReadingKind::LoopImpedance,
            ReadingKind::Inrush, ReadingKind::RunUpTime, ReadingKind::Power, ReadingKind::Speed, ReadingKind::Capacitor,
            ReadingKind::Correction, ReadingKind::Vibration, ReadingKind::Temperature, ReadingKind::TemperatureRise => [],
        });
    }

    /** @return list<array{sign: string, means: string}> what is seen, and what it points to, the most telling first */
    public static function of(ReadingKind $kind): array
    {
        return self::listed(match ($kind) {
            ReadingKind::WindingResistance => [
                'One value three times, the others 1.5 times' => 'one winding open, in delta',
                'OL twice' => 'one winding or lead open, in star',
                'One or two values low' => 'shorted turns',
                'All three high' => 'a warm winding, or poor contact at the clips',
            ],
            ReadingKind::MotorCapacitor => [
                'Near zero' => 'an open capacitor: the motor hums and does not start',
                'Low by a tenth or more' => 'a worn-out run capacitor: less torque, a warmer motor',
                'Bulged or oily can' => 'replace it, whatever the meter shows',
            ],
            ReadingKind::PanelOhms => [
                'OL across one winding, a winding between two others' => 'two leads exchanged',
                'Near zero from U1 to U2 with delta in' => 'delta joins each winding to itself: the motor stops at the changeover',
                'One pair higher, two OL' => 'a pole that does not close',
            ],
            ReadingKind::InsulationResistance => [
                'Near zero' => 'a winding or the cable touches the frame',
                'Low, rising while the voltage is on' => 'a damp winding: dry it and measure again',
                'Lower from year to year' => 'the insulation ages',
            ],
            ReadingKind::RelayTrip => [
                'Slower than its class' => 'the setting is too high, or the relay is worn',
                'Faster than its class' => 'the relay is still warm, or the setting is too low',
            ],
            ReadingKind::SupplyVoltage => [
                'One value right, two low' => 'a bad joint or a blown fuse in one line',
                'All three low' => 'the transformer tap, or the drop up to here',
            ],
            ReadingKind::LoopImpedance => [
                'Above the limit' => 'a loose joint, or a protective conductor that is too small or too long',
                'Well below the calculated value' => 'a second path through steelwork: do not rely on it',
            ],
            ReadingKind::Rotation => ['Wrong direction' => 'two lines exchanged: exchange any two'],
            ReadingKind::NoLoadCurrent => [
                'About one third' => 'connected in star instead of delta',
                'Twice or more' => 'connected for a lower voltage: switch off',
                'One fifth to one half above' => 'a larger air gap, or fewer turns after a rewind',
            ],
            ReadingKind::Inrush => [
                'Lower' => 'the voltage dips, or the meter missed the peak',
                'Stays at that value' => 'the rotor does not turn: switch off',
            ],
            ReadingKind::RunUpTime => [
                'Longer' => 'more load or inertia, or less voltage, than entered',
                'Never ends' => 'the load holds the motor at some speed: switch off',
                'Shorter' => 'less load or inertia than entered',
            ],
            ReadingKind::LineCurrent => [
                'One line near zero' => 'the motor is single-phasing: switch off at once',
                'All three above the nameplate' => 'overload, or low voltage',
                'More unbalance than the voltages explain' => 'a winding or a connection',
            ],
            ReadingKind::Power => [
                'More than expected' => 'more load, or friction',
                'Little power at nearly full current' => 'a motor that runs almost idle, or low power factor',
            ],
            ReadingKind::Speed => [
                'Slip above the nameplate’s' => 'overload or low voltage; if currents are normal, broken rotor bars',
            ],
            ReadingKind::Capacitor => [
                'Two lines at 58 %, one at 100 %' => 'one element failed, in delta',
                'One line without current, two at 87 %' => 'a blown fuse or an open lead',
                'All three low' => 'less voltage, or aged elements',
            ],
            ReadingKind::Correction => [
                'No difference' => 'measured on the motor side of the capacitor, or the capacitor is off',
                'Less difference than expected' => 'an element failed: measure the capacitor currents',
            ],
            ReadingKind::Vibration => [
                'High across the shaft, at running speed' => 'unbalance',
                'High along the shaft' => 'misalignment',
                'Gone the moment it is switched off' => 'an electrical cause',
            ],
            ReadingKind::Temperature => [
                'One bearing hot' => 'that bearing, or too much or too little grease',
                'Both hot' => 'the fan, a blocked air path, or the ambient',
            ],
            ReadingKind::TemperatureRise => ['Above the class' => 'overload, poor cooling, unbalance or altitude'],
        });
    }

    /**
     * @param  array<string, string>  $tells  what it points to, by what is seen
     * @return list<array{sign: string, means: string}>
     */
    private static function listed(array $tells): array
    {
        return array_map(
            static fn (string $sign, string $means): array => ['sign' => $sign, 'means' => $means], array_keys($tells),
            array_values($tells),
        );
    }
}
