<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** The overload relay: where it sits, what it is set to, and which class lets the start pass. */
final class Overload
{
    public static function solve(Circuit $circuit, RuleBook $book, Sizing $sizing, Sheet $sheet): void
    {
        $starDelta = $sheet->need('start.method')->value === 'star_delta';
        $place = $circuit->choice('guard.overload_place') ?? ($starDelta ? 'delta' : 'line');
        if ($place === 'delta' && ! $starDelta) {
            $sheet->error('guard.overload_place', 'Only a star-delta starter has a place in the delta.', 'line.', FieldError::IMPOSSIBLE);
            $sheet->block(Station::Guard, 'Waits for the place of the overload relay.');

            return;
        }
        $share = $place === 'delta' ? 1 / sqrt(3) : 1.0;
        $current = $sheet->need('power.overload_current');
        if ($circuit->choice('correction.place') === 'at_motor' && $sheet->has('correct.corrected_current')) {
            $current = $sheet->need('correct.corrected_current');
            $sheet->find(Grade::Note, Station::Guard, 'overload_reduced_by_capacitor', 'Overload reduced by the capacitor', 'The relay sees only the corrected '.$current->shown(3).', so its setting is lower.', 'If the capacitor is ever taken off, set the relay back.', 'NEC 460.9, IEC 60831-1 (from memory)', ['guard.overload_dial']);
        }
        $sheet->put(new Figure('guard.overload_place', 'Place of the overload relay', $place, '', '', $place === 'delta' ? 'in the motor leads: protects in both connections' : 'in the incoming line', $circuit->has('guard.overload_place') ? 'typed' : 'usual place'));
        $sizing->overload($circuit, $sheet, $current, $share);
        if ($starDelta && $place === 'line') {
            $sheet->put(new Figure('guard.stuck_in_star', 'Winding current when stuck in star', sqrt(3), '× rated', '√3', 'line setting over winding rating', 'definition'));
            $sheet->find(Grade::Caution, Station::Guard, 'stuck_in_star', 'Not protected when stuck in '.$book->words()['star'], 'Set for the line, the relay lets a winding carry 1.73 times its rating for ever if the starter never changes over.', 'Put the relay in the delta (in the motor leads), and let the timer drop the starter out if delta does not close.', 'common practice, no source', ['guard.stuck_in_star']);
        }
        $limit = $sheet->need('guard.overload_setting');
        $dial = $sheet->need('guard.overload_dial');
        if (abs($limit->number() - $dial->number()) > 1e-9) {
            $sheet->find(Grade::Note, Station::Guard, 'dial_is_not_the_limit', 'The dial is not the trip limit', 'Set a scale marked in motor amperes to '.$dial->shown(3).'. The trip must not exceed '.$limit->shown(3).'; dialling that figure would trip far too late and burn the winding.', '', 'IEC 60947-4-1 and NEC 430.32 (from memory)', ['guard.overload_dial', 'guard.overload_setting']);
        }
        $installed = $circuit->number('guard.dial');
        if ($installed !== null && $installed->number() > $dial->number() * Table::of('practice/guard')->must('dial_high_tolerance')) {
            $sheet->find(Grade::Stop, Station::Guard, 'installed_dial_too_high', 'The relay is set too high', 'It stands at '.$installed->shown().', '.$dial->shown(3).' is right.', 'Turn it down.', $dial->source, ['guard.overload_dial']);
        } elseif ($installed !== null && $installed->number() < $dial->number() * Table::of('practice/guard')->must('dial_low_tolerance')) {
            $sheet->find(Grade::Caution, Station::Guard, 'installed_dial_low', 'The relay is set low', 'It stands at '.$installed->shown().', '.$dial->shown(3).' is right: it may trip at full load.', 'Set it to '.$dial->shown(3).'.', $dial->source, ['guard.overload_dial']);
        }
        self::tripClass($circuit, $sheet, $installed !== null ? new Figure('guard.dial', 'Installed dial', $installed->number(), 'A') : $dial, $starDelta);
    }

    private static function tripClass(Circuit $circuit, Sheet $sheet, Figure $dial, bool $starDelta): void
    {
        // In star the same current flows in line and lead, so the multiple follows from where the relay is set.
        $start = $sheet->get($starDelta ? 'start.star_line_current' : 'start.locked_rotor_current');
        $time = $sheet->get($starDelta ? 'start.star_time' : 'start.run_up_time');
        if ($start === null || $time === null) {
            return;
        }
        $multiple = $sheet->work('guard.start_multiple', 'Starting current over the dial', $start->number() / $dial->number(), '×', 'I_start / dial', '{I} ÷ {dial}', ['I' => $start, 'dial' => $dial], 'in the relay’s own place');
        $margin = Table::of('practice/guard')->must('class_margin');
        $typed = $circuit->choice('guard.overload_class');
        $class = '30';
        foreach ($typed !== null ? [$typed] : TripClass::CHOSEN as $candidate) {
            $class = $candidate;
            if ($time->number() <= $margin * TripClass::holds($candidate, $multiple->number())) {
                break;
            }
        }
        $holds = $margin * TripClass::holds($class, $multiple->number());
        $table = Table::of('iec/overload_class');
        $sheet->work('guard.overload_class', 'Trip class', $class, '', 't_start ≤ 0.8 t_trip', '{t} against 0.8 × '.Show::number($holds / $margin, 3).' s at {x}', ['t' => $time, 'x' => $multiple], $table->cited(), null, $table->doubt('lower_time_at_7_2_s', $class));
        if ($time->number() > $holds) {
            $sheet->find(Grade::Stop, Station::Guard, $typed === null ? 'no_class_holds_start' : 'class_trips_on_start', $typed === null ? 'No trip class holds this start' : 'Class '.$class.' trips on the start',
                'The start takes '.$time->shown().' at '.$multiple->shown(3).' the dial; class '.$class.' may trip after '.Show::number($holds / $margin, 3).' s.', $typed === null ? 'A start this heavy needs its own protection, such as thermistors with a start-time supervision.' : 'Choose a slower class if the motor stands it.', $table->cited(), ['guard.overload_class', 'guard.start_multiple']);
        }
        if (in_array($class, ['20', '30'], true)) {
            $sheet->find(Grade::Caution, Station::Guard, 'slow_class', 'Slow class: can the motor stand it?', 'Class '.$class.' may let the locked rotor stand for up to '.$class.' s.', 'Compare with the motor’s locked-rotor withstand time.', $table->cited(), ['guard.overload_class']);
        }
    }
}
