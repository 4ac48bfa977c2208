<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Cable\Run;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Where the capacitor goes changes its leads, fuses and disconnect. The motor's own conductors and device stay as they are. */
final class Placement
{
    private const PLACES = [
        'board' => ['name' => 'at the board', 'fuse' => true, 'disconnect' => true, 'overload' => 'unchanged'],
        'before_controller' => ['name' => 'before the controller', 'fuse' => true, 'disconnect' => true, 'overload' => 'unchanged'],
        'after_controller' => ['name' => 'after the controller, before the overload', 'fuse' => true, 'disconnect' => false, 'overload' => 'unchanged'],
        'at_motor' => ['name' => 'at the motor, after the overload', 'fuse' => false, 'disconnect' => false, 'overload' => 'reduced'],
    ];

    public static function solve(Circuit $circuit, Sizing $sizing, Sheet $sheet, string $place): void
    {
        $rules = $sizing->capacitorRules();
        $duties = self::PLACES[$place];
        $current = $sheet->need('correct.capacitor_rated_current');
        if ($sheet->need('correct.capacitor_current')->number() > $current->number()) {
            $current = $sheet->need('correct.capacitor_current');
        }
        self::conductor($circuit, $sizing, $sheet, $rules, $current, $place !== 'board');
        $tap = $circuit->number('correction.tap_length');
        $fuse = $duties['fuse'];
        if (! $fuse && $rules->longestBareTapMetres !== null) {
            $fuse = $tap !== null && $tap->number() > $rules->longestBareTapMetres;
            if (! $fuse) {
                $sheet->find(Grade::Note, Station::Correct, 'tap_protection_not_checked', 'No fuse of its own only on a short tap', 'Leads of at most '.Show::number($rules->longestBareTapMetres).' m may go without, if the motor’s device protects them in a short circuit. '.($tap === null ? 'Their length is not typed, and t' : 'T').'hat protection is not checked.', 'Type the tap length, and have the withstand checked.', 'common practice, no source', ['correct.conductor_size']);
            }
        }
        if ($fuse) {
            foreach ($rules->fuseRatings as $rating) {
                if ($rating >= $rules->fuseFactor * $current->number() * (1 - 1e-6)) {
                    $sheet->work('correct.fuse_rating', 'Capacitor fuse', $rating, 'A', 'next rating ≥ factor · I_c', Show::number($rules->fuseFactor).' × {I}, next standard rating', ['I' => $current], $rules->fuseSource);
                    break;
                }
            }
        }
        if ($duties['disconnect']) {
            $factor = $rules->disconnectFactor ?? $rules->conductorFactor;
            $sheet->work('correct.disconnect_rating', 'Capacitor disconnect, at least', $factor * $current->number(), 'A', 'factor · I_c', Show::number($factor).' × {I}', ['I' => $current], $rules->conductorSource);
        }
        $sheet->curve('placement', ['place' => $place, 'name' => $duties['name'], 'overload' => $duties['overload'], 'fuse' => $fuse, 'disconnect' => $duties['disconnect'],
            'discharge' => $fuse ? 'own resistors, as it has its own fuses' : 'own resistors all the same']);
    }

    private static function conductor(Circuit $circuit, Sizing $sizing, Sheet $sheet, CapacitorRules $rules, Figure $current, bool $onMotorCircuit): void
    {
        $own = $rules->conductorFactor * $current->number();
        $motor = $sheet->get('cable.line_ampacity') ?? ($sheet->get('start.method')?->value === 'star_delta' ? null : $sheet->get('cable.ampacity'));
        if ($rules->thirdOfMotorConductors && $onMotorCircuit && $motor === null) {
            $motor = $sheet->has('power.design_current') ? $sizing->requiredAmpacity($circuit, $sheet, Run::line()) : null;
        }
        if ($rules->thirdOfMotorConductors && $onMotorCircuit && $motor !== null && $motor->number() / 3 > $own) {
            $needed = $sheet->work('correct.conductor_ampacity', 'Capacitor conductors, at least', $motor->number() / 3, 'A', 'a third of the motor conductors', '{I} ÷ 3, more than '.Show::number($rules->conductorFactor).' × '.$current->shown(), ['I' => $motor], $rules->conductorSource);
        } else {
            $needed = $sheet->work('correct.conductor_ampacity', 'Capacitor conductors, at least', $own, 'A', 'factor · I_c', Show::number($rules->conductorFactor).' × {I}', ['I' => $current], $rules->conductorSource);
        }
        foreach ($sizing->candidates($circuit, $sheet, Run::line()) as $candidate) {
            if ($candidate->ampacity() >= $needed->number() * (1 - 1e-6)) {
                $value = $sizing->sizeValue($candidate->size);
                $sheet->work('correct.conductor_size', 'Capacitor conductor size', $value, is_string($value) ? '' : 'mm²', 'smallest that carries it', $candidate->working.' against {I}', ['I' => $needed], $rules->conductorSource);
                break;
            }
        }
    }
}
