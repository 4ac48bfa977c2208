<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\ErrorKind;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Station;

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
        'single_phase' => 'single-phase motor',
    ];

    private const REASONS = [
        'cage' => '',
        'wound_rotor' => 'A wound rotor starts on resistors in its rotor circuit: inrush and torque depend on them, and its device may be much smaller.',
        'two_speed' => 'Each speed has its own output, current, leads and overload; one set of values cannot stand for both.',
        'part_winding' => 'Half of the winding is switched on first: two contactors, two overloads and two sets of leads, each with half of the current.',
        'single_phase' => 'One winding with an auxiliary one: no star, no delta, other tables.',
    ];

    /** Words anywhere among type, duty and other stamps. */
    private const WORDS = [
        'wound_rotor' => '~\b(SLIP ?RINGS?|WOUND ROTOR)\b~', 'part_winding' => '~\b(PWS|PART[ -]?WINDING)\b~',
        'two_speed' => '~\b(2|TWO)[ -]?SPEEDS?\b|\bDAHLANDER\b~',
        'single_phase' => '~(?<![0-9])1 ?(\x7E|PH\b|PHASE\b)|\bSINGLE[ -]PHASE\b|\bCAP(ACITOR)?[ .-]*(START|RUN)\b~',
    ];

    private const WAY_OUT = 'To correct its power factor from readings, open it as a bench load.';

    /** @return MotorKind|null null while nothing is stamped, or where a supply of one phase leaves open what the motor is made for */
    public static function solve(Circuit $circuit, Words $words, Ledger $ledger): ?MotorKind
    {
        [$kind, $path, $why] = self::recognised($circuit);
        if ($circuit->phases() === 1 && $kind !== MotorKind::SinglePhase) {
            self::onOnePhase($circuit, $ledger);

            return null;
        }
        if ($circuit->plateVoltage() === null && $circuit->power() === null && $kind === MotorKind::Cage) {
            return null;
        }
        $ledger->work(PlateFigure::Kind)->equals($kind->value)->saying($why)
            ->source($why === '' ? 'nothing stamped speaks of another kind' : 'plate')->write();
        if ($kind === MotorKind::Cage) {
            return $kind;
        }
        $name = self::NAMES[$kind->value];
        $ledger->block('Not computed for a '.$name.'.', ...self::SIZED);
        $ledger->caution(PlateFinding::KindNotComputed)
            ->title('A '.$name.': start, cable, guard and capacitor are not computed')
            ->because(self::REASONS[$kind->value].' Power and current stand.')
            ->do('Size it by the rule book by hand, or by its maker’s data.'.($kind === MotorKind::SinglePhase ? ' '.self::WAY_OUT : ''))
            ->source($why)->on(PlateFigure::Kind)->about($path);
        $method = $circuit->chosen('starter.method', MethodName::class);
        if ($method?->needsCage() === true) {
            $text = 'A '.$name.' is not started in '.lcfirst($method->label($words)).'.';
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
                'The supply has one phase: how many phases are stamped on the motor? No current is looked up before that.',
            );
            $ledger->block('Waits for the phases of the motor: the supply has one.', ...self::SIZED);

            return;
        }
        $ledger->block('Not computed: a three-phase motor on one phase.', ...self::SIZED);
        $ledger->stop(PlateFinding::ThreePhasesWanted)
            ->title('A three-phase motor does not run on one phase')
            ->because('The supply has one phase, the motor wants three: it does not start, and its winding burns.')
            ->do('Set the supply to three phases if it has them; else a motor for one phase is needed, or a drive that is made for an '.
                'input of one phase.')
            ->source('common practice, no source')->about('supply.phases', 'plate.phases');
    }

    /** @return array{MotorKind, FieldPath, string} kind, the field that says so, and how */
    private static function recognised(Circuit $circuit): array
    {
        $typed = $circuit->chosen('plate.kind', MotorKind::class);
        if ($typed !== null) {
            return [$typed, 'plate.kind', 'chosen'];
        }
        if ($circuit->number('plate.phases')?->number() === 1.0) {
            return [MotorKind::SinglePhase, 'plate.phases', 'one phase is stamped'];
        }
        foreach (['plate.rotor_voltage', 'plate.rotor_current'] as $path) {
            if ($circuit->number($path) !== null) {
                return [MotorKind::WoundRotor, $path, 'a value of the rotor is stamped'];
            }
        }
        foreach (['plate.remarks', 'plate.type', 'plate.enclosure'] as $path) {
            $text = strtoupper(Typed::plain($circuit->stamped($path) ?? ''));
            foreach (self::WORDS as $kind => $pattern) {
                if (preg_match($pattern, $text, $m) === 1) {
                    return [MotorKind::from($kind), $path, 'the plate says '.trim($m[0])];
                }
            }
        }
        foreach (['plate.speed', 'plate.power'] as $path) {
            if (($circuit->errors[$path] ?? null)?->kind === ErrorKind::Refused) {
                return [MotorKind::TwoSpeed, $path, 'two values for two speeds are stamped'];
            }
        }

        return [MotorKind::Cage, 'plate.kind', ''];
    }
}
