<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;

/** Poles, synchronous speed, slip and rated torque from the stamped speed. */
final class RatedSpeed
{
    private const LARGEST_SLIP = 0.25;

    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        $speed = $circuit->speed();
        $frequency = $sheet->get('plate.frequency');
        if ($speed === null || $frequency === null) {
            if ($speed === null && ! $circuit->bad('plate.speed')) {
                $sheet->missing('plate.speed', 'The rated speed is wanted: poles, slip and torque come from it.');
            }

            return;
        }
        $rpm = $speed->rpm;
        // The tiny addition lets a speed that is exactly synchronous keep its own pole number.
        $poles = 2 * (int) floor(60 * $frequency->number() / $rpm * (1 + 1e-9));
        $below = $poles + 2;
        if ($poles < 2) {
            $sheet->error('plate.speed', Show::number($rpm).' rpm is above the fastest synchronous speed at '.$frequency->shown().', '.Show::number(60 * $frequency->number()).' rpm.', 'A speed just below a synchronous speed.', FieldError::IMPOSSIBLE);

            return;
        }
        $synchronous = 120 * $frequency->number() / $poles;
        $slip = ($synchronous - $rpm) / $synchronous;
        if ($slip > self::LARGEST_SLIP) {
            $next = 120 * $frequency->number() / $below;
            $sheet->error('plate.speed', Show::number($rpm).' rpm is just above '.Show::number($next).' rpm, the synchronous speed of '.$below.' poles: an induction motor runs below it.', 'A speed just below a synchronous speed.', FieldError::IMPOSSIBLE);

            return;
        }
        $sheet->work('plate.poles', 'Poles', $poles, '', '2 · floor(60 f / n)', '2 × whole part of (60 × {f} ÷ '.Show::number($rpm).' rpm)', ['f' => $frequency], 'the synchronous speed next above the stamped one');
        $sheet->work('plate.synchronous_speed', 'Synchronous speed', $synchronous, 'rpm', '120 f / p', '120 × {f} ÷ {p}', ['f' => $frequency, 'p' => $sheet->need('plate.poles')]);
        if (abs($slip) > 1e-6) {
            $why = $circuit->assumed('plate.speed');
            $stamped = $sheet->put(new Figure('plate.speed', 'Rated speed', $rpm, 'rpm', '', '', 'plate', $why === null ? [] : [$why]));
            $sheet->work('plate.slip', 'Slip', 100 * $slip, '%', '(n_s − n) / n_s', '({ns} − {n}) ÷ {ns}', ['ns' => $sheet->need('plate.synchronous_speed'), 'n' => $stamped]);
        }
    }

    /** Rated torque, and a slip for a plate that prints a synchronous speed; comes after efficiency is known. */
    public static function torque(Circuit $circuit, Sheet $sheet): void
    {
        $synchronous = $sheet->get('plate.synchronous_speed');
        $output = $sheet->get('plate.output');
        $efficiency = $sheet->get('plate.efficiency');
        if ($synchronous !== null && ! $sheet->has('plate.slip') && $efficiency !== null) {
            $slip = min(0.2, 0.2 * (1 / $efficiency->number() - 1));
            $figure = $sheet->work('plate.slip', 'Slip', 100 * $slip, '%', '0.2 · (1 / η − 1)', '0.2 × (1 ÷ {eta} − 1)', ['eta' => $efficiency], 'common practice, no source', 'slip, as the plate gives the synchronous speed');
            $sheet->work('plate.speed', 'Rated speed', $synchronous->number() * (1 - $slip), 'rpm', 'n_s · (1 − s)', '{ns} × (1 − {s})', ['ns' => $synchronous, 's' => $figure]);
        }
        $speed = $sheet->get('plate.speed');
        if ($speed !== null && $output !== null) {
            $sheet->work('plate.rated_torque', 'Rated torque', $output->number() / (2 * M_PI * $speed->number() / 60), 'N·m', 'P / (2π n / 60)', '{P} ÷ (2π × {n} ÷ 60)', ['P' => $output, 'n' => $speed]);
        }
    }
}
