<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Learned;

use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Correct\CorrectFigure;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Measure\MeasuredFigure;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Power\PowerFigure;
use BraveAnvil\Stations\Prove\ProveFigure;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Stations\Start\StartFigure;

/** The rules of thumb of the trade, each beside the figure that it stands in for. Common practice, no source. */
final class RulesOfThumb
{
    /** mm² of copper that people give an ampere rating by heart. */
    private const COPPER = [[16.0, 1.5], [20.0, 2.5], [32.0, 4.0], [40.0, 6.0], [63.0, 10.0], [80.0, 16.0], [100.0, 25.0], [125.0, 35.0]];

    /** @return list<Learned> */
    public static function all(): array
    {
        return [...self::plate(), ...self::power(), ...self::start(), ...self::cableAndGuard(), ...self::correct(),
            ...self::prove()];
    }

    /** @return list<Learned> */
    private static function plate(): array
    {
        return [
            new Learned(
                PlateFigure::Output, '1 hp is 0.75 kW', 'A first idea of the size.', 'A table row or a relay: 0.746 kW is used.',
                static fn (Here $h): float => $h->circuit->stamp('plate.power', Power::class)?->unit === 'hp'
                    ? 750 * $h->horsepower() : NAN,
            ),
            new Learned(
                PlateFigure::Poles, 'Poles are 120 f ÷ n', 'With the synchronous speed.',
                'With the stamped speed it comes out a little high: take the whole even number below.',
                static fn (Here $h): float => self::quotient(120 * $h->number(PlateFigure::Frequency), $h->number(PlateFigure::Speed)),
            ),
            new Learned(
                PlateFigure::Slip, 'Slip is 3 %', 'Motors of a few kilowatts.', 'Large motors have 1 % or less, small ones 5 % and more.',
                static fn (Here $h): float => $h->has(PlateFigure::Slip) ? 3.0 : NAN,
            ),
            new Learned(
                PlateFigure::Efficiency, 'Efficiency is 90 %', 'About 7.5 kW.', 'Small motors have 75 to 85 %, large ones 95 %.',
                static fn (Here $h): float => $h->circuit->phases() === 3 ? 0.9 : NAN,
            ),
            new Learned(
                PlateFigure::PowerFactor, 'cos φ is 0.8', 'At full load, 4 poles, a few kilowatts.',
                'At half load it is 0.65 to 0.75, without load 0.1 to 0.2; slow motors have less.',
                static fn (Here $h): float => $h->has(PlateFigure::PowerFactor) ? 0.8 : NAN,
            ),
            new Learned(
                PlateFigure::RatedTorque, 'Torque in N·m is 9550 × kW ÷ rpm', 'Always: it is 60 000 ÷ 2π.', 'With the synchronous speed.',
                static fn (Here $h): float => self::quotient(9550 * $h->kilowatts(), $h->number(PlateFigure::Speed)),
            ),
        ];
    }

    /** @return list<Learned> */
    private static function power(): array
    {
        $current = static fn (float $volts, float $each, bool $horsepower): \Closure => static fn (Here $h): float => $h->isAbout($volts)
            ? $each * ($horsepower ? $h->horsepower() : $h->kilowatts()) : NAN;

        return [
            new Learned(
                PowerFigure::ComputedCurrent, '2 A per kW at 400 V', '7.5 to 75 kW, 4 poles.',
                'Small motors take 2.5 A per kW and more, large ones 1.75 A.', $current(400, 2.0, false),
            ),
            new Learned(
                PowerFigure::ComputedCurrent, '1.25 A per hp at 460 V', '10 to 100 hp, 4 poles.', 'Small and slow motors take more.',
                $current(460, 1.25, true),
            ),
            new Learned(
                PowerFigure::ComputedCurrent, '2.5 A per hp at 230 V', '10 to 100 hp, 4 poles.', 'Small and slow motors take more.',
                $current(230, 2.5, true),
            ),
            new Learned(
                PowerFigure::ComputedCurrent, '1 A per hp at 575 V', '10 to 100 hp, 4 poles.', 'Small and slow motors take more.',
                $current(575, 1.0, true),
            ),
            new Learned(
                PowerFigure::ComputedCurrent, 'Watts ÷ volts is the current', 'A heater on one phase.',
                'A motor: efficiency, cos φ and √3 are missing, and output is not input.',
                static fn (Here $h): float => self::quotient($h->number(PlateFigure::Output), $h->number(PlateFigure::RatedVoltage)),
            ),
            new Learned(
                PowerFigure::Apparent, '√3 is 1.73', 'Every three-phase circuit: within 0.2 %.', 'One phase has no √3.',
                static fn (Here $h): float => $h->circuit->phases() !== 3 ? NAN
                    : 1.73 * $h->number(PlateFigure::RatedVoltage) * $h->number(PowerFigure::ComputedCurrent),
            ),
            new Learned(
                PowerFigure::LoadCurrent, 'Half the load, half the current', 'Near full load.',
                'Below half load: the magnetising current stays.',
                static fn (Here $h): float => $h->typed('load.output_percent') / 100 * $h->current(),
            ),
            new Learned(
                PowerFigure::NoLoadCurrent, 'Without load a third of the current', 'Large 2- and 4-pole motors.',
                'Small and slow motors: half and more.',
                static fn (Here $h): float => $h->current() / 3,
            ),
            new Learned(
                MeasuredFigure::CurrentUnbalance, 'Currents differ 6 to 10 times as much as the voltages', 'At full load.',
                'Without load it is more; an unequal winding does it without any unequal volts. NEMA MG 1 14.36.',
                static fn (Here $h): float => 8 * $h->number(MeasuredFigure::VoltageUnbalance),
            ),
        ];
    }

    /** @return list<Learned> */
    private static function start(): array
    {
        return [
            new Learned(
                StartFigure::LockedRotorCurrent, 'The start takes 6 to 7 times the current', 'Motors of 4 kW and more.',
                'Small motors take 3 to 5 times, motors of high efficiency 8 and more.',
                static fn (Here $h): float => 6.5 * $h->current(),
            ),
            new Learned(
                StartFigure::PeakFirstHalfCycle, 'The first peak is ten times and more', 'An instantaneous release is set above it.',
                'It is a peak, not an rms value: a release is compared with it over √2.',
                static fn (Here $h): float => 10 * $h->current(),
            ),
            new Learned(
                StartFigure::StarLineCurrent, 'In star a third of the current', 'At standstill, with the windings alike.',
                'In saturation the delta current is more than three times that.',
                static fn (Here $h): float => $h->number(StartFigure::LockedRotorCurrent) / 3,
            ),
            new Learned(
                StartFigure::StarTorque, 'In star a third of the torque', 'At every speed.', 'Never to be forgotten with a loaded machine.',
                static fn (Here $h): float => $h->number(StartFigure::LockedRotorTorque) / 3,
            ),
            new Learned(
                StartFigure::ChangeoverSpeed, 'Change over at 80 % of the speed', 'Fans and pumps, about.',
                'A load with much torque settles below it, and the changeover then takes as much as a direct start.',
                static fn (Here $h): float => 0.8 * $h->number(PlateFigure::SynchronousSpeed),
            ),
            new Learned(
                StartFigure::RunUpTime, 'A start takes 5 seconds', 'Nothing in particular.',
                'Pumps take 1 s, heavy fans and saws 20 s and more.',
                // Where nobody timed it and it is not calculated, it is this very rule that stands in.
                static fn (Here $h): float => $h->figure(StartFigure::RunUpTime)?->assumed() === false ? 5.0 : NAN,
            ),
        ];
    }

    /** @return list<Learned> */
    private static function cableAndGuard(): array
    {
        return [
            new Learned(
                CableFigure::RequiredAmpacity, '125 % of the motor current', 'American books: of the table current.',
                'Under IEC the relay setting decides, and the factor is 1.',
                static fn (Here $h): float => 1.25 * $h->current(),
            ),
            new Learned(
                CableFigure::Size, 'Copper: 2.5 mm² to 20 A, 4 to 32, 6 to 40, 10 to 63, 16 to 80 A', 'Short runs in air, one circuit.',
                'Long runs, warm rooms, many cables together, buried cables.',
                static fn (Here $h): float => self::copper($h),
            ),
            new Learned(
                CableFigure::TotalDrop, 'A drop of 3 % is allowed', 'Lighting, and branch circuits under the American books.',
                'Motors may have 5 % under IEC; at the start it is another limit.',
                static fn (Here $h): float => $h->has(CableFigure::TotalDrop) ? 3.0 : NAN, true,
            ),
            new Learned(
                GuardFigure::OverloadDial, 'Set the dial to the nameplate current', 'Relay in the line, no capacitor behind it.',
                'In the motor leads of a star-delta starter it is 0.58 times that; with a capacitor behind it less.',
                static fn (Here $h): float => $h->number(PowerFigure::PlateCurrent),
            ),
            new Learned(
                GuardFigure::ScpdRating, 'The fuse is twice the current', 'gG fuses and light direct-on-line starts.',
                'Heavy starts want three times, star-delta and drives less; breakers by their magnetic release.',
                static fn (Here $h): float => 2 * $h->current(),
            ),
            new Learned(
                GuardFigure::ProspectiveCurrent, 'Fault current is transformer current ÷ impedance', 'At the transformer.',
                'Cables bring it down; the voltage factor and motors bring it up a little.',
                static fn (Here $h): float => $h->circuit->phases() !== 3 ? NAN : self::quotient(
                    $h->typed('supply.transformer_kva'),
                    sqrt(3) * $h->typed('supply.voltage') * $h->typed('supply.transformer_impedance_percent') / 100,
                ),
            ),
        ];
    }

    /** @return list<Learned> */
    private static function prove(): array
    {
        $least = ProveFigure::side(ReadingKind::InsulationResistance, 'corrected', '_low');

        return [
            new Learned(
                $least, '1 MΩ per kV and 1 MΩ more', 'Windings made before 1970.',
                'Newer random-wound windings are expected to have 5 MΩ, form-wound ones 100 MΩ (IEEE 43).',
                static fn (Here $h): float => 1e6 * ($h->number(PlateFigure::RatedVoltage) / 1000 + 1),
            ),
            new Learned(
                $least, 'One megohm is enough', 'To say that nothing is burnt.', 'To say that the winding is dry: ten times that is usual.',
                static fn (Here $h): float => $h->has(PlateFigure::RatedVoltage) ? 1e6 : NAN,
            ),
        ];
    }

    /** @return list<Learned> */
    private static function correct(): array
    {
        return [
            new Learned(
                CorrectFigure::ReactiveRequired, 'kvar are a third of the kW', 'From 0.85 to 0.95 it is 0.29, from 0.8 it is 0.42.',
                'Large motors need less, small and idle ones far more.',
                static fn (Here $h): float => $h->number(PlateFigure::Output) / 3,
            ),
            new Learned(
                CorrectFigure::ReactiveLimit, 'At the motor 90 % of the idle kvar', 'Every motor with its capacitor behind the starter.',
                'Where the load drives the motor on, no capacitor belongs there at all.',
                static fn (Here $h): float => 0.9 * $h->number(CorrectFigure::NoLoadReactive),
            ),
            new Learned(
                CorrectFigure::NoLoadCurrent, 'Without load 40 % of the current', '4-pole motors of 10 kW.',
                'Small and slow motors: 60 to 80 %; large 2-pole motors 25 %.',
                static fn (Here $h): float => 0.4 * $h->current(),
            ),
        ];
    }

    private static function quotient(float $above, float $below): float
    {
        return abs($below) < 1e-12 ? NAN : $above / $below;
    }

    /** The size that people would take for the motor's current, mm²; not a number where the book counts in AWG, or beyond their list. */
    private static function copper(Here $here): float
    {
        foreach ($here->has(CableFigure::Size) ? self::COPPER : [] as [$amperes, $size]) {
            if ($here->current() <= $amperes) {
                return $size;
            }
        }

        return NAN;
    }
}
