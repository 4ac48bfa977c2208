<?php

declare(strict_types=1);

namespace BraveAnvil\Start;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Inrush, star-delta currents and torque. The run-up is not simulated yet: its time is typed. */
final class StartStation
{
    public static function solve(Circuit $circuit, RuleBook $book, Sheet $sheet): void
    {
        if ($sheet->blocked(Station::Start)) {
            return;
        }
        $method = $circuit->choice('starter.method');
        LockedRotor::solve($circuit, $book, $sheet);
        self::peak($sheet);
        StarDelta::figures($circuit, $sheet);
        if ($method !== null && ! $circuit->bad('starter.method')) {
            $sheet->put(new Figure('start.method', 'Starting method', $method, '', '', '', $circuit->assumed('starter.method') ?? 'typed'));
        }
        self::times($circuit, $sheet, $method === 'star_delta');
        StartChecks::solve($circuit, $book, $sheet);
        $sheet->say(Station::Start, self::sentence($book, $sheet));
    }

    private static function peak(Sheet $sheet): void
    {
        $lrc = $sheet->get('start.locked_rotor_current');
        if ($lrc === null) {
            return;
        }
        $practice = Table::of('practice/starting');
        $factor = $practice->number('first_peak_factor') ?? 1.8;
        $cos = $practice->number('locked_rotor_power_factor') ?? 0.3;
        $sheet->work('start.peak_first_half_cycle', 'First peak, upper bound', sqrt(2) * $factor * $lrc->number(), 'A', '√2 · 1.8 · I_LR', '√2 × '.Show::number($factor).' × {I}', ['I' => $lrc], 'covers every offset; compared with a magnetic release as peak ÷ √2');
        $ratio = $cos / sqrt(1 - $cos ** 2);
        $kappa = 1.02 + 0.98 * exp(-3 * $ratio);
        $sheet->work('start.peak_estimate', 'First peak, estimate', sqrt(2) * $kappa * $lrc->number(), 'A', '√2 · κ · I_LR', '√2 × '.Show::number($kappa).' × {I}', ['I' => $lrc],
            'κ = 1.02 + 0.98 e^(−3 R/X), IEC 60909-0 (from memory), R/X = '.Show::number($ratio, 3), 'locked-rotor power factor '.Show::number($cos));
    }

    private static function times(Circuit $circuit, Sheet $sheet, bool $starDelta): void
    {
        $typed = $circuit->number('starter.run_up_time');
        $usual = Table::of('practice/starting')->number('run_up_time_s') ?? 5.0;
        if ($typed !== null) {
            $sheet->put(new Figure('start.run_up_time', 'Run-up time', $typed->number(), 's', '', '', 'typed'));
        } elseif (! $circuit->bad('starter.run_up_time')) {
            $sheet->put(new Figure('start.run_up_time', 'Run-up time', $usual, 's', '', '', 'assumed, the run-up is not simulated', ['a run-up time of '.Show::number($usual).' s']));
        }
        if (! $starDelta || $circuit->bad('starter.changeover.value', 'starter.changeover.by')) {
            return;
        }
        $value = $circuit->number('starter.changeover.value');
        $byTime = $circuit->choice('starter.changeover.by') !== 'speed';
        if ($value !== null && $byTime) {
            $sheet->put(new Figure('start.star_time', 'Time in star', $value->number(), 's', '', '', 'typed'));
        } elseif ($sheet->has('start.run_up_time')) {
            $sheet->put($sheet->need('start.run_up_time')->named('start.star_time', 'Time in star', 'the run-up time, as no changeover time is typed'));
        }
    }

    private static function sentence(RuleBook $book, Sheet $sheet): string
    {
        $lrc = $sheet->get('start.locked_rotor_current');
        $method = $sheet->get('start.method')?->value;
        if ($lrc === null) {
            return 'The starting current follows from Ia/In, the code letter or a table.';
        }
        if ($method === 'star_delta' && $sheet->has('start.star_line_current') && ! $sheet->blocked(Station::Cable)) {
            return ucfirst($book->words()['star_delta']).' takes '.$sheet->need('start.star_line_current')->shown(3).' instead of '.$lrc->shown(3).', with a third of the torque.';
        }
        if ($method === 'star_delta') {
            return ucfirst($book->words()['star_delta']).' starting is refused for this motor on this supply.';
        }

        return 'Direct on line it takes '.$lrc->shown(3).' at first, '.($sheet->get('start.peak_first_half_cycle')?->shown(3) ?? '').' at the first peak.';
    }
}
