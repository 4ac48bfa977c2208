<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/**
 * Which connection fits this supply. Fit is judged on volts per hertz; a range accepts all of its span. Within ±5 % is
 * comfortable, within the site's tolerance allowed (IEC 60034-1 and NEMA MG 1 12.44, from memory).
 */
final class Connection
{
    private const COMFORTABLE = 5.0;

    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        $supply = $circuit->number('supply.voltage');
        $plate = $circuit->plateVoltage();
        if ($supply === null && ! $circuit->bad('supply.voltage')) {
            $sheet->missing('supply.voltage', 'The supply voltage is wanted: it decides the connection.');
        }
        if ($plate === null && ! $circuit->bad('plate.voltage')) {
            $sheet->missing('plate.voltage', 'The rated voltage is wanted.');
        }
        if ($sheet->get('plate.kind')?->value === 'single_phase' && $circuit->phases() === 3) {
            $sheet->error('supply.phases', 'A single-phase motor: set the supply to one phase, and its voltage to that of the two wires it is joined to.', '1', FieldError::REFUSED);

            return;
        }
        if ($supply !== null) {
            $sheet->put(new Figure('plate.supply_voltage', 'Supply voltage', $supply->number(), 'V', '', '', 'typed', $supply->assumptions));
        }
        $rated = $sheet->get('plate.frequency');
        $frequency = $circuit->number('supply.frequency');
        $tolerance = $circuit->number('settings.voltage_tolerance');
        if ($supply === null || $plate === null || $rated === null || $frequency === null || $tolerance === null) {
            return;
        }
        // Flux follows volts per hertz: 480 V at 60 Hz magnetises like 400 V at 50 Hz.
        $equivalent = $supply->number() * $rated->number() / $frequency->number();
        $best = null;
        foreach ($plate->pairs as $index => $pair) {
            $nearest = min(max($equivalent, $pair['low']), $pair['high']);
            $deviation = 100 * ($equivalent - $nearest) / $nearest;
            if ($best === null || abs($deviation) < abs($best['deviation'])) {
                $best = ['index' => $index, 'volts' => $nearest, 'deviation' => $deviation, 'connection' => $pair['connection']];
            }
        }
        if ($best === null) {
            return;
        }
        $fits = abs($best['deviation']) <= $tolerance->number() + 1e-9;
        $sheet->put(new Figure('plate.connection', 'Connection on this supply', $fits ? $best['connection'] : 'none', '', '', $plate->echo().' on '.$supply->shown(), 'IEC 60034-1: ±'.Show::number($tolerance->number()).' % allowed'));
        $volts = $sheet->put(new Figure('plate.rated_voltage', 'Rated voltage of this connection', $best['volts'], 'V', '', 'the plate voltage nearest to the supply', 'plate'));
        $sheet->put(new Figure('plate.pair', 'Position on the plate', $best['index'] + 1, '', '', '', 'plate'));
        $fit = $sheet->work('plate.fit', 'Fit to the supply', $best['deviation'], '%', '(V · f_n / f − V_n) / V_n',
            abs($frequency->number() - $rated->number()) < 0.01 ? '{V} against {Vn}' : '{V} × {fn} ÷ {f} against {Vn}', ['V' => $supply, 'Vn' => $volts, 'fn' => $rated, 'f' => $frequency], 'IEC 60034-1: ±5 % comfortable, ±10 % allowed');
        if ($fits && in_array($best['connection'], ['delta', 'star'], true)) {
            $star = $best['connection'] === 'star';
            $sheet->work('plate.winding_voltage', 'Voltage of each winding', $star ? $supply->number() / sqrt(3) : $supply->number(), 'V', $star ? 'V / √3' : 'V', $star ? '{V} ÷ √3' : '{V}', ['V' => $supply]);
        }
        if (! $fits) {
            $sheet->find(Grade::Stop, Station::Plate, 'no_connection_fits', 'No connection fits this supply',
                $plate->echo().' on a supply of '.$supply->shown().': the nearest is '.Show::number($fit->number(), 3).' % off.', 'Check the plate and the supply; another motor or a transformer is needed if both are right.', 'IEC 60034-1', ['plate.fit'], ['plate.voltage', 'supply.voltage']);
        } elseif (abs($best['deviation']) > self::COMFORTABLE) {
            $sheet->find(Grade::Caution, Station::Plate, 'voltage_off', 'The supply is '.Show::number(abs($fit->number()), 3).' % '.($fit->number() < 0 ? 'low' : 'high').' for this motor',
                $volts->shown().' motor on '.$supply->shown().'. It may run, but '.($fit->number() < 0 ? 'torque falls with the square of the voltage and the current rises.' : 'its iron is close to saturation and it runs hotter.'),
                'Use it only if the plate says it is usable there.', 'IEC 60034-1, NEMA MG 1', ['plate.fit'], ['plate.voltage', 'supply.voltage']);
        }
        self::frequency($sheet, $supply, $volts, $rated, $frequency, $circuit->number('plate.breakdown_torque_ratio')?->number());
        if (count($plate->pairs) === 2 && $fits) {
            $other = $plate->pairs[1 - $best['index']];
            $sheet->curve('connection', [
                'supply' => $supply->number(), 'connection' => $best['connection'], 'leads' => in_array($best['connection'], ['delta', 'star'], true) ? 6 : 9,
                'other' => $other['connection'], 'other_volts' => [$other['low'], $other['high']],
                'winding_volts' => $sheet->get('plate.winding_voltage')?->number(),
                'other_winding_volts' => match ($other['connection']) {
                    'star' => $supply->number() / sqrt(3), 'delta' => $supply->number(), default => null,
                },
            ]);
        } elseif ($fits) {
            $sheet->curve('connection', ['supply' => $supply->number(), 'connection' => $best['connection'], 'leads' => 3, 'other' => null, 'other_volts' => null,
                'winding_volts' => $sheet->get('plate.winding_voltage')?->number(), 'other_winding_volts' => null]);
        }
    }

    private static function frequency(Sheet $sheet, Figure $supply, Figure $volts, Figure $rated, Figure $frequency, ?float $breakdown): void
    {
        if (abs($frequency->number() / $rated->number() - 1) <= 0.01) {
            return;
        }
        $flux = $supply->number() / $frequency->number() / ($volts->number() / $rated->number());
        $sheet->work('plate.flux', 'Volts per hertz against the plate', $flux, '', '(V / f) / (V_n / f_n)', '({V} ÷ {f}) ÷ ({Vn} ÷ {fn})', ['V' => $supply, 'f' => $frequency, 'Vn' => $volts, 'fn' => $rated]);
        $speed = Show::number(($frequency->number() / $rated->number() - 1) * 100, 3);
        $text = 'Rated '.$rated->shown().', supply '.$frequency->shown().': it turns '.$speed.' % faster, and volts per hertz are '.Show::number($flux, 3).' of the plate’s.';
        [$grade, $code, $more] = match (true) {
            $flux > 1.10 => [Grade::Stop, 'flux_too_high', ' The iron saturates and the winding overheats.'],
            $flux < 0.90 && $breakdown !== null && $breakdown * $flux ** 2 < 1.6 => [Grade::Stop, 'flux_low', ' Breakdown torque falls to '.Show::number($breakdown * $flux ** 2, 3).' times the rated one: too little to carry the load through a dip.'],
            $flux < 0.90 => [Grade::Caution, 'flux_low', ' Breakdown torque falls to '.Show::number($flux ** 2, 3).' of its rated value.'],
            default => [Grade::Caution, 'frequency_differs', ' Flux is right; a fan or pump takes '.Show::number(($frequency->number() / $rated->number()) ** 3, 3).' times the power.'],
        };
        $sheet->find($grade, Station::Plate, $code, 'The frequency is not the plate’s', $text.$more, 'Check speed, load and cooling at the supply’s frequency.', 'common practice, no source', ['plate.flux'], ['plate.frequency', 'supply.frequency']);
    }
}
