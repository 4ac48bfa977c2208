<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Words;

/**
 * Whether it is a cage motor. Others are recognised, and what is not computed for them is refused with the reason.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class PlateKind
{
    private const SIZED = [Station::Start, Station::Cable, Station::Guard, Station::Correct];

    private const NAMES = [
        'cage' => 'cage motor', 'wound_rotor' => 'wound-rotor motor', 'two_speed' => 'two-speed motor',
        'part_winding' => 'part-winding motor',
    ];

    private const REASONS = [
        'cage' => '',
        'wound_rotor' => 'A wound-rotor motor starts with resistors in its rotor circuit: starting current and torque depend on them, '.
        'and its device may be much smaller.',
        'two_speed' => 'Each speed has its own output, current, leads and overload relay; one set of values does not cover both.',
        'part_winding' => 'Half of the winding is switched on first: two contactors, two overload relays and two sets of leads, each '.
        'with half the current.',
    ];

    /** What only the plate of a single-phase motor gives. */
    private const OF_ONE_PHASE = [
        'plate.single_phase_type' => 'how it starts on one phase', 'plate.run_capacitor' => 'a run capacitor on the nameplate',
        'plate.start_capacitor' => 'a start capacitor on the nameplate',
    ];

    /** Words anywhere among type, duty and other stamps. */
    private const WORDS = [
        'wound_rotor' => '~\b(SLIP ?RINGS?|WOUND ROTOR)\b~', 'part_winding' => '~\b(PWS|PART[ -]?WINDING)\b~',
        'two_speed' => '~\b(2|TWO)[ -]?SPEEDS?\b|\bDAHLANDER\b~',
        'single_phase' => '~(?<![0-9])1 ?(\x7E|PH\b|PHASE\b)|\b(SINGLE|SPLIT)[ -]PHASE\b|\bCAP(ACITOR)?[ .-]*(START|RUN)\b|\bPSC\b~',
    ];

    /** @return MotorKind|null null while nothing is stamped, or where a supply of one phase leaves open what the motor is made for */
    public static function solve(Circuit $circuit, Words $words, Ledger $ledger): ?MotorKind
    {
        [$kind, $path, $why] = self::recognised($circuit);
        if ($circuit->phases() === 1 && $kind !== MotorKind::SinglePhase) {
            self::onOnePhase($circuit, $ledger);

            return null;
        }
        $stamped = $circuit->stamp('plate.voltage', PlateVoltage::class) ?? $circuit->stamp('plate.power', Power::class);
        if ($stamped === null && $kind === MotorKind::Cage) {
            return null;
        }
        $ledger->work(PlateFigure::Kind)->equals($kind->value)->said($kind->label($words))->saying($why)
            ->source($why === '' ? 'nothing on the nameplate shows another type' : 'nameplate')->write();
        if ($kind === MotorKind::Cage || $kind === MotorKind::SinglePhase) {
            return $kind;
        }
        $name = self::NAMES[$kind->value];
        $ledger->block('Not calculated for a '.$name.'.', ...self::SIZED);
        $ledger->caution(PlateFinding::KindNotComputed)
            ->title(ucfirst($name).': start, cable, protection and capacitor not calculated')
            ->because(self::REASONS[$kind->value].' Power and current are calculated.')
            ->do('Size it by hand from the rule book, or from the manufacturer’s data. For its power factor and a capacitor, choose '.
                '“A load on the test bench” under Power.')
            ->source($why)->on(PlateFigure::Kind)->about($path);
        $method = $circuit->chosen('starter.method', MethodName::class);
        if ($method?->needsCage() === true) {
            $text = 'A '.$name.' is not started by '.Show::inside($method->label($words)).'.';
            $ledger->error('starter.method', $text, 'direct', ErrorKind::Refused);
        }

        return $kind;
    }

    /** A supply of one phase runs a motor that is made for one, and no other: what the plate leaves open is asked, never guessed. */
    private static function onOnePhase(Circuit $circuit, Ledger $ledger): void
    {
        $says = $circuit->number('plate.phases') !== null || $circuit->chosen('plate.kind', MotorKind::class) !== null;
        if (! $says) {
            $ledger->missing(
                'plate.phases',
                'The supply is single-phase. Enter the number of phases on the motor nameplate; no table current is used before that.',
            );
            $ledger->block('No result: enter the number of phases of the motor. The supply is single-phase.', ...self::SIZED);

            return;
        }
        $ledger->block('Not calculated: a three-phase motor on a single-phase supply.', ...self::SIZED);
        $ledger->stop(PlateFinding::ThreePhasesWanted)
            ->title('A three-phase motor does not run on one phase')
            ->because('The supply is single-phase, the motor three-phase: it does not start, and its winding burns out.')
            ->do('Set the supply to three phases if it has them. Otherwise use a single-phase motor, or a drive with a '.
                'single-phase input.')
            ->source(HowKnown::CommonPractice)->about('supply.phases', 'plate.phases');
    }

    /** @return array{MotorKind, FieldPath, string} kind, the field that says so, and how */
    private static function recognised(Circuit $circuit): array
    {
        $typed = $circuit->chosen('plate.kind', MotorKind::class);
        if ($typed !== null) {
            return [$typed, 'plate.kind', 'chosen'];
        }
        if ($circuit->number('plate.phases')?->number() === 1.0) {
            return [MotorKind::SinglePhase, 'plate.phases', 'one phase on the nameplate'];
        }
        foreach (self::OF_ONE_PHASE as $path => $says) {
            if ($circuit->number('plate.phases') === null && $circuit->isTyped($path)) {
                return [MotorKind::SinglePhase, $path, $says];
            }
        }
        foreach (['plate.rotor_voltage', 'plate.rotor_current'] as $path) {
            if ($circuit->number($path) !== null) {
                return [MotorKind::WoundRotor, $path, 'a rotor value on the nameplate'];
            }
        }
        foreach (['plate.remarks', 'plate.type', 'plate.enclosure'] as $path) {
            $text = strtoupper(Typed::plain($circuit->stamped($path) ?? ''));
            foreach (self::WORDS as $kind => $pattern) {
                if (preg_match($pattern, $text, $m) === 1) {
                    return [MotorKind::from($kind), $path, 'nameplate: '.trim($m[0])];
                }
            }
        }
        foreach (['plate.speed', 'plate.power'] as $path) {
            if (($circuit->errors[$path] ?? null)?->kind === ErrorKind::Refused) {
                return [MotorKind::TwoSpeed, $path, 'two values for two speeds on the nameplate'];
            }
        }

        return [MotorKind::Cage, 'plate.kind', ''];
    }
}
