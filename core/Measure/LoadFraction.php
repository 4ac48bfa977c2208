<?php

declare(strict_types=1);

namespace BraveAnvil\Measure;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** How much of its output a running motor gives: by power, by slip, by current, each with how sure it is. */
final class LoadFraction
{
    private const SURE_BY_POWER = 5;

    private const SURE_BY_SLIP = 20;

    private const SURE_BY_CURRENT = 10;

    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        if ($sheet->has('measured.phases_live') || ! $sheet->has('power.output')) {
            return;
        }
        self::byPower($sheet);
        self::bySlip($circuit, $sheet);
        self::byCurrent($circuit, $sheet);
    }

    private static function byPower(Sheet $sheet): void
    {
        $real = $sheet->get('measured.real');
        $output = $sheet->need('power.output');
        $input = $sheet->get('power.input');
        if ($real === null || $input === null || $real->number() <= 0) {
            return;
        }
        // P = x P_n + losses (0.4 + 0.6 x²), solved for x.
        $losses = $input->number() - $output->number();
        [$a, $b, $c] = [0.6 * $losses, $output->number(), 0.4 * $losses - $real->number()];
        if ($c > 0) {
            $sheet->put(new Figure('measured.load_by_power', 'Load by power', 0.0, '%', '', $real->shown().' is no more than it takes to idle', 'own approximation', ['part-load losses by approximation']));

            return;
        }
        $share = 100 * ($a > 0 ? (-$b + sqrt($b ** 2 - 4 * $a * $c)) / (2 * $a) : -$c / $b);
        self::put($sheet, 'power', $share, self::SURE_BY_POWER, 'x P_n + losses (0.4 + 0.6 x²) = P', 'from {P}, output {n}, losses '.Show::quantity($losses, 'W'), ['P' => $real, 'n' => $output], 'part-load losses by approximation');
    }

    private static function bySlip(Circuit $circuit, Sheet $sheet): void
    {
        $speed = $circuit->number('measure.speed');
        $synchronous = $sheet->get('plate.synchronous_speed');
        $rated = $sheet->get('plate.speed');
        $frequency = $circuit->number('supply.frequency');
        $own = $sheet->get('plate.frequency');
        if ($speed === null || $synchronous === null || $rated === null || $frequency === null || $own === null || abs($frequency->number() - $own->number()) > 0.5) {
            return;
        }
        if ($speed->number() > $synchronous->number() + 0.5 || $speed->number() < 0.75 * $synchronous->number()) {
            $sheet->error('measure.speed', $speed->shown().' is '.($speed->number() > $synchronous->number() ? 'above the synchronous speed, '.$synchronous->shown().': it would generate.' : 'far below its rated speed: it is not running normally.'), 'A speed between rated and synchronous.', FieldError::IMPOSSIBLE);

            return;
        }
        $volts = $sheet->get('measured.voltage');
        $plate = $sheet->get('plate.rated_voltage');
        $share = ($synchronous->number() - $speed->number()) / ($synchronous->number() - $rated->number());
        $from = ['ns' => $synchronous, 'n' => $speed, 'nn' => $rated];
        $formula = '(n_s − n) / (n_s − n_n)';
        $working = '({ns} − {n}) ÷ ({ns} − {nn})';
        if ($volts !== null && $plate !== null) {
            $share *= ($volts->number() / $plate->number()) ** 2;
            $formula .= ' · (V / V_n)²';
            $working .= ' × ({V} ÷ {Vn})²';
            $from += ['V' => $volts, 'Vn' => $plate];
        }
        self::put($sheet, 'slip', 100 * $share, self::SURE_BY_SLIP, $formula, $working, $from, $volts === null ? 'rated voltage at its terminals' : null);
    }

    private static function byCurrent(Circuit $circuit, Sheet $sheet): void
    {
        $current = $sheet->get('measured.current');
        $rated = $sheet->get('power.plate_current') ?? $sheet->get('power.computed_current');
        $idle = $circuit->number('plate.no_load_current') ?? $sheet->get('power.no_load_current');
        if ($current === null || $rated === null || $idle === null || $idle->number() >= $rated->number()) {
            return;
        }
        $square = $current->number() ** 2 - $idle->number() ** 2;
        $share = $square <= 0 ? 0.0 : 100 * sqrt($square / ($rated->number() ** 2 - $idle->number() ** 2));
        if ($share < 50) {
            $sheet->find(Grade::Note, Station::Power, 'load_not_by_current', 'Too little current to tell the load', 'At '.$current->shown().' most of the current magnetises: below half load it hardly changes.', 'Measure power or speed.', 'common practice, no source', ['measured.current'], ['measure.amps_1']);

            return;
        }
        self::put($sheet, 'current', $share, self::SURE_BY_CURRENT, '√((I² − I_0²) / (I_n² − I_0²))', '√(({I}² − {I0}²) ÷ ({In}² − {I0}²))', ['I' => $current, 'I0' => $idle, 'In' => $rated], null);
    }

    /** @param  array<string, Figure>  $from */
    private static function put(Sheet $sheet, string $way, float $share, int $sure, string $formula, string $working, array $from, ?string $assumption): void
    {
        $figure = $sheet->work('measured.load_by_'.$way, 'Load by '.$way, $share, '%', $formula, $working, $from, 'own approximation; within ±'.$sure.' %', $assumption);
        $percent = new Figure('sure', 'sure', (float) $sure, '%');
        $sheet->work('measured.load_by_'.$way.'_low', 'Load by '.$way.', at least', $share * (1 - $sure / 100), '%', 'x (1 − ±)', '{x} less {s}', ['x' => $figure, 's' => $percent], 'common practice, no source');
        $sheet->work('measured.load_by_'.$way.'_high', 'Load by '.$way.', at most', $share * (1 + $sure / 100), '%', 'x (1 + ±)', '{x} and {s}', ['x' => $figure, 's' => $percent], 'common practice, no source');
    }
}
