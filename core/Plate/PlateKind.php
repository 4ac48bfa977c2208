<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Station;

/** Whether it is a cage motor. Others are recognised, and what is not computed for them is refused with the reason. */
final class PlateKind
{
    private const NAMES = ['cage' => 'cage motor', 'wound_rotor' => 'wound-rotor motor', 'two_speed' => 'two-speed motor', 'part_winding' => 'part-winding motor', 'single_phase' => 'single-phase motor'];

    private const REASONS = [
        'wound_rotor' => 'A wound rotor starts on resistors in its rotor circuit: inrush and torque depend on them, and its device may be much smaller.',
        'two_speed' => 'Each speed has its own output, current, leads and overload; one set of values cannot stand for both.',
        'part_winding' => 'Half of the winding is switched on first: two contactors, two overloads and two sets of leads, each with half of the current.',
        'single_phase' => 'One winding with an auxiliary one: no star, no delta, other tables.',
    ];

    /** Words anywhere among type, duty and other stamps. */
    private const WORDS = [
        'wound_rotor' => '~\b(SLIP ?RINGS?|WOUND ROTOR)\b~', 'part_winding' => '~\b(PWS|PART[ -]?WINDING)\b~',
        'two_speed' => '~\b(2|TWO)[ -]?SPEEDS?\b|\bDAHLANDER\b~', 'single_phase' => '~(?<![0-9])1 ?(\x7E|PH\b|PHASE\b)|\bSINGLE[ -]PHASE\b|\bCAP(ACITOR)?[ .-]*(START|RUN)\b~',
    ];

    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        [$kind, $path, $why] = self::recognised($circuit);
        if ($circuit->plateVoltage() === null && $circuit->power() === null && $kind === 'cage') {
            return;
        }
        $sheet->put(new Figure('plate.kind', 'Kind of motor', $kind, '', '', $why, $why === '' ? 'nothing stamped speaks of another kind' : 'plate'));
        if ($kind === 'cage') {
            return;
        }
        $stations = ['start' => Station::Start, 'cable' => Station::Cable, 'guard' => Station::Guard, 'correct' => Station::Correct];
        foreach ($stations as $station) {
            $sheet->block($station, 'Not computed for a '.self::NAMES[$kind].'.');
        }
        $sheet->find(Grade::Caution, Station::Plate, 'kind_not_computed', 'A '.self::NAMES[$kind].': start, cable, guard and capacitor are not computed',
            self::REASONS[$kind].' Power and current stand.', 'Size it by the rule book by hand, or by its maker’s data.', $why, ['plate.kind'], [$path]);
        if ($circuit->choice('starter.method') === 'star_delta') {
            $sheet->error('starter.method', 'A '.self::NAMES[$kind].' is not started in star-delta.', 'direct', FieldError::REFUSED);
        }
    }

    /** @return array{string, string, string} kind, the field that says so, and how */
    private static function recognised(Circuit $circuit): array
    {
        $typed = $circuit->choice('plate.kind');
        if ($typed !== null) {
            return [$typed, 'plate.kind', 'chosen'];
        }
        if ($circuit->number('plate.phases')?->number() === 1.0) {
            return ['single_phase', 'plate.phases', 'one phase is stamped'];
        }
        foreach (['plate.rotor_voltage', 'plate.rotor_current'] as $path) {
            if ($circuit->number($path) !== null) {
                return ['wound_rotor', $path, 'a value of the rotor is stamped'];
            }
        }
        foreach (['plate.remarks', 'plate.type', 'plate.enclosure'] as $path) {
            $text = strtoupper(Typed::plain($circuit->stamped($path) ?? ''));
            foreach (self::WORDS as $kind => $pattern) {
                if (preg_match($pattern, $text, $m) === 1) {
                    return [$kind, $path, 'the plate says '.trim($m[0])];
                }
            }
        }
        foreach (['plate.speed', 'plate.power'] as $path) {
            if (($circuit->errors[$path] ?? null)?->kind === FieldError::REFUSED) {
                return ['two_speed', $path, 'two values for two speeds are stamped'];
            }
        }

        return ['cage', '', ''];
    }
}
