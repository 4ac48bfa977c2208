<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Guard\ScpdChoice;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Miniature circuit-breakers of type B, C or D: the smallest that neither its magnetic nor its thermal release trips. */
final readonly class Breaker
{
    private const TOLERANCE = 1e-6;

    public function __construct(private string $type)
    {
    }

    public function choose(Circuit $circuit, Sheet $sheet): ScpdChoice
    {
        $table = Table::of('iec/breaker');
        $current = $sheet->need('power.design_current');
        $peak = $sheet->need('start.peak_first_half_cycle');
        $starDelta = $sheet->get('start.method')?->value === 'star_delta';
        $start = $starDelta ? $sheet->need('start.star_line_current') : $sheet->need('start.locked_rotor_current');
        $time = $starDelta ? $sheet->need('start.star_time') : $sheet->need('start.run_up_time');
        $lower = $table->number('instantaneous', $this->type, '0') ?? 3.0;
        $rms = $peak->number() / sqrt(2);
        $thermal = $table->number('thermal_time_s_times_multiple_squared') ?? 70.0;
        $ladder = [];
        $chosen = null;
        foreach ($table->numbers('ratings') as $rating) {
            $carriesLoad = $rating >= $current->number() * (1 - self::TOLERANCE);
            $magnetic = $lower * $rating >= $rms * (1 - self::TOLERANCE);
            $multiple = $start->number() / $rating;
            $trip = $thermal / $multiple ** 2;
            $heat = $multiple <= 1.13 || $time->number() <= $trip * (1 + self::TOLERANCE);
            $ok = $carriesLoad && $magnetic && $heat;
            if ($rating < 0.5 * $current->number() || ($chosen !== null && $rating > 2 * $chosen)) {
                continue;
            }
            $ladder[] = ['rating' => $rating, 'carries' => $ok, 'allowed' => true, 'reason' => match (true) {
                ! $carriesLoad => 'below the motor current',
                ! $magnetic => 'magnetic release may act from '.Show::number($lower * $rating).' A, the first peak is '.Show::number($rms, 4).' A as rms',
                ! $heat => 'thermal release may act after '.Show::number($trip, 3).' s, the start takes '.$time->shown(),
                default => 'magnetic release holds up to '.Show::number($lower * $rating).' A',
            }];
            if ($ok && $chosen === null) {
                $chosen = $rating;
            }
        }
        $voltage = $circuit->number('supply.voltage');
        if ($voltage !== null && $voltage->number() > ($table->number('largest_voltage') ?? 440)) {
            $sheet->find(Grade::Stop, Station::Guard, 'breaker_voltage', 'Not for this voltage',
                'Miniature circuit-breakers end at 440 V, the supply is '.$voltage->shown().'.', 'Choose a gG fuse, or a breaker to IEC 60947-2 by its maker’s data.', $table->cited(), ['guard.scpd_rating']);
            $chosen = null;
        } elseif ($chosen === null) {
            $sheet->find(Grade::Stop, Station::Guard, 'no_breaker_carries_start', 'No type '.$this->type.' breaker carries this start',
                'Up to 125 A none holds a first peak of '.$peak->shown().' ('.Show::number($rms, 4).' A as rms) and '.$start->shown().' for '.$time->shown().'.',
                'Choose a type with a higher magnetic release, a gG fuse, or a breaker to IEC 60947-2.', $table->cited(), ['start.peak_first_half_cycle']);
        }
        if ($chosen === null) {
            return new ScpdChoice(null, null, null, $ladder);
        }
        $fault = $sheet->get('guard.prospective_current');
        $largest = max([0.0, ...$table->numbers('breaking_capacity_ka')]) * 1000;
        if ($fault !== null && $fault->number() > $largest) {
            $sheet->find(Grade::Stop, Station::Guard, 'breaking_capacity', 'Breaking capacity',
                'The prospective fault current is '.$fault->shown().', and no miniature circuit-breaker breaks more than '.Show::quantity($largest, 'A').'.',
                'Choose a gG fuse, or a breaker to IEC 60947-2.', $table->cited(), ['guard.prospective_current']);
        }
        $multiple = $start->number() / $chosen;

        return new ScpdChoice(null, null, Sheet::worked('guard.scpd_rating', 'Breaker type '.$this->type, $chosen, 'A', 'lower magnetic edge · In ≥ peak / √2',
            Show::number($lower).' × '.Show::number($chosen).' A = '.Show::number($lower * $chosen).' A against {peak} ÷ √2 = '.Show::number($rms, 4).' A; thermal '.Show::number($thermal / $multiple ** 2, 3).' s against {t}',
            ['peak' => $peak, 't' => $time, 'I' => $current, 'start' => $start], $table->cited(), 'typical thermal curve of 70 s ÷ (I/In)²', $table->doubt('ratings', (string) array_search($chosen, $table->numbers('ratings'), true))), $ladder);
    }
}
