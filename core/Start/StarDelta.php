<?php

declare(strict_types=1);

namespace BraveAnvil\Start;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\RuleBook\TypicalMotor;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Star-delta starting: a third of the line current and of the torque; possible only where the delta voltage fits. */
final class StarDelta
{
    public static function figures(Circuit $circuit, Sheet $sheet): void
    {
        $torque = $sheet->get('plate.rated_torque');
        $ratio = $circuit->number('plate.start_torque_ratio') ?? self::typicalTorque($circuit, $sheet);
        if ($torque !== null && $ratio !== null) {
            $sheet->work('start.locked_rotor_torque', 'Locked-rotor torque, direct on line', $ratio->number() * $torque->number(), 'N·m', 'Tst/Tn · T_n', '{k} × {T}', ['k' => $ratio, 'T' => $torque]);
        }
        if (! self::possible($circuit, $sheet)) {
            return;
        }
        $lrc = $sheet->get('start.locked_rotor_current');
        if ($lrc !== null) {
            $sheet->work('start.star_line_current', 'Line current in star', $lrc->number() / 3, 'A', 'I_LR / 3', '{I} ÷ 3', ['I' => $lrc]);
            self::reclosing($sheet, $lrc);
        }
        if ($torque !== null && $ratio !== null) {
            $sheet->work('start.star_torque', 'Torque in star', $ratio->number() * $torque->number() / 3, 'N·m', 'Tst/Tn · T_n / 3', '{k} × {T} ÷ 3', ['k' => $ratio, 'T' => $torque]);
        }
        $current = $sheet->get('power.plate_current') ?? $sheet->get('power.computed_current');
        if ($current !== null) {
            $sheet->work('start.delta_winding_current', 'Winding current in delta', $current->number() / sqrt(3), 'A', 'I / √3', '{I} ÷ √3', ['I' => $current]);
        }
    }

    /** Worst line peak when delta closes on a rotating field that still stands: a bound, not a sizing value. */
    private static function reclosing(Sheet $sheet, Figure $lrc): void
    {
        $practice = Table::of('practice/starting');
        $cos = $practice->number('locked_rotor_power_factor') ?? 0.3;
        $over = $practice->number('reclosing_overshoot') ?? 1.1;
        $kappa = 1.02 + 0.98 * exp(-3 * $cos / sqrt(1 - $cos ** 2));
        $sheet->work('start.reclosing_peak', 'Peak at changeover, worst case', $over * sqrt(2) * $kappa * $lrc->number() * (1 + 1 / sqrt(3)), 'A', '1.1 √2 κ I_LR (1 + 1/√3)',
            Show::number($over).' × √2 × '.Show::number($kappa).' × {I} × (1 + 1 ÷ √3)', ['I' => $lrc], 'own computation, an upper bound', 'locked-rotor power factor '.Show::number($cos));
    }

    private static function typicalTorque(Circuit $circuit, Sheet $sheet): ?Figure
    {
        $output = $sheet->get('plate.output');
        if ($output === null || $circuit->bad('plate.start_torque_ratio')) {
            return null;
        }
        $typical = TypicalMotor::value('Tst_Tn', $output->number(), 4);

        return $typical === null ? null : new Figure('typical', 'Tst/Tn', $typical, '', '', '', 'typical', ['a typical Tst/Tn of '.Show::number($typical, 3)]);
    }

    /** Whether both ends of each winding are there and the delta voltage fits the supply. */
    public static function possible(Circuit $circuit, Sheet $sheet): bool
    {
        $connection = $sheet->get('plate.connection')?->value;
        $leads = $circuit->number('plate.leads')?->number();
        if ($leads === 12.0 && ($connection === 'series' || $connection === 'parallel')) {
            return true;
        }

        return $connection === 'delta' && $leads !== 3.0 && $leads !== 9.0;
    }

    /** Refuses a star-delta starter that would burn or starve the motor; nothing is sized then. */
    public static function refuse(Circuit $circuit, RuleBook $book, Sheet $sheet): void
    {
        $connection = $sheet->get('plate.connection')?->value;
        if ($connection === null || self::possible($circuit, $sheet)) {
            return;
        }
        $words = $book->words();
        $name = $words['star_delta'];
        $leads = $circuit->number('plate.leads')?->number();
        $supply = $sheet->get('plate.supply_voltage');
        if ($connection === 'star') {
            $low = $circuit->plateVoltage()?->pairs[0]['high'] ?? 0.0;
            $percent = $low > 0 && $supply !== null ? Show::number(100 * $supply->number() / $low, 4) : '';
            $text = 'This motor runs in '.$words['star'].' on '.($supply?->shown() ?? 'this supply').'. In delta each winding would see '.$percent.' % of its rated voltage and burn.';
        } elseif ($connection === 'none') {
            $text = 'No connection of this motor fits the supply.';
        } elseif ($leads === 3.0) {
            $text = 'Only three leads are brought out; '.$name.' needs both ends of every winding.';
        } elseif ($connection === 'series' || $connection === 'parallel' || $leads === 9.0) {
            $text = 'A nine-lead motor is joined inside in '.$words['star'].' or delta; its winding ends cannot be switched. A motor with twelve leads can.';
        } else {
            $text = 'The plate gives one voltage and no delta sign, so it is not known whether the windings run in delta on it.';
        }
        $sheet->find(Grade::Stop, Station::Start, 'star_delta_refused', ucfirst($name).' starting is refused', $text,
            $connection === 'single' ? 'Type the connection with the voltage, such as D 400, once you have seen it in the terminal box.' : 'Start it direct, or choose a motor whose delta voltage is that of the supply.', 'winding voltage, IEC 60034-8 and NEMA MG 1', ['plate.connection']);
        foreach ([Station::Cable, Station::Guard, Station::Correct] as $station) {
            $sheet->block($station, 'Not sized: '.$name.' starting is refused for this motor.');
        }
    }
}
