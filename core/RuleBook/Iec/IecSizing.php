<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Cable\Candidate;
use BraveAnvil\Cable\Run;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Correct\CapacitorRules;
use BraveAnvil\Guard\ScpdChoice;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** IEC procedures I1 to I7: cable, protective device, overload, isolator, protective conductor, capacitor. */
final class IecSizing implements Sizing
{
    private const TOLERANCE = 1e-6;

    public function requiredAmpacity(Circuit $circuit, Sheet $sheet, Run $run): Figure
    {
        $relay = self::relayCurrent($circuit, $sheet, $sheet->need('power.design_current'));
        $label = $run->sixLeads ? 'Required ampacity of each lead' : 'Required ampacity';

        return $run->sixLeads
            ? Sheet::worked('cable.required_ampacity', $label, $relay->number() / sqrt(3), 'A', 'Ir / √3', '{I} ÷ √3', ['I' => $relay], 'IEC 60364-4-43: Ib ≤ Ir ≤ Iz')
            : Sheet::worked($run->line ? 'cable.line_required_ampacity' : 'cable.required_ampacity', $label, $relay->number(), 'A', 'Ir', '{I}', ['I' => $relay], 'IEC 60364-4-43: Ib ≤ Ir ≤ Iz');
    }

    /** Setting current of the relay in the line, A: the plate current, or service factor times it where the site does so. */
    private static function relayCurrent(Circuit $circuit, Sheet $sheet, Figure $current): Figure
    {
        $serviceFactor = $circuit->number('plate.service_factor');
        if ($circuit->choice('settings.overload_school') === 'service_factor' && $serviceFactor !== null && $serviceFactor->number() > 1) {
            return Sheet::worked('relay', 'Relay current', $serviceFactor->number() * $current->number(), 'A', 'SF · I', '{SF} × {I}', ['SF' => $serviceFactor, 'I' => $current], 'site practice: service factor times plate current');
        }

        return $current;
    }

    public function candidates(Circuit $circuit, Sheet $sheet, Run $run): array
    {
        $insulation = $circuit->choice('cable.insulation') === 'PVC' ? 'pvc' : 'xlpe';
        $method = $circuit->choice('cable.method');
        $ambient = $circuit->number('supply.ambient');
        $grouped = $circuit->number('cable.grouped_circuits');
        $terminal = $circuit->number('cable.terminal_temperature') ?? $circuit->number('settings.terminal_temperature');
        if ($method === null || $ambient === null || $grouped === null || $terminal === null || $circuit->bad('cable.insulation')) {
            return [];
        }
        $ambientFactor = self::ambientFactor($ambient->number(), $insulation);
        if ($ambientFactor === null) {
            $sheet->error('supply.ambient', 'The '.strtoupper($insulation).' table does not reach '.$ambient->shown().'.', $insulation === 'pvc' ? 'Up to 60 °C with PVC.' : 'Up to 80 °C with XLPE.');

            return [];
        }
        $tray = $circuit->choice('cable.tray') ?? $circuit->choice('settings.tray') ?? 'perforated';
        $arrangement = match ($method) {
            'C' => 'wall', 'E', 'F' => $tray, default => 'bunched',
        };
        $count = (int) $grouped->number() + ($run->sixLeads ? 1 : 0);
        $groupFactor = self::groupFactor($arrangement, $count);
        if ($groupFactor === null) {
            $sheet->error('cable.grouped_circuits', $count.' circuits together are beyond the grouping table.', 'At most 20, the second motor cable of a star-delta starter counted too.');

            return [];
        }
        $air = $method === 'E' || $method === 'F';
        $table = Table::of('iec/'.($air ? 'ampacity_air_' : 'ampacity_').$insulation.'_copper');
        $cool = Table::of('iec/'.($air ? 'ampacity_air_' : 'ampacity_').'pvc_copper');
        $column = array_search($method, $table->list('columns'), true);
        $coolFactor = self::ambientFactor($ambient->number(), 'pvc') ?? 0.0;
        $drop = Table::of('iec/voltage_drop');
        $rho = $drop->number('rho_copper_ohm_mm2_per_m') ?? 0.0;
        $reactance = $drop->number('reactance_mohm_per_m') ?? 0.0;
        $sources = implode('; ', [$table->cited(), Table::of('iec/ambient_air')->source, Table::of('iec/grouping')->source, ...($terminal->number() < 90 ? ['terminals as '.$cool->source] : [])]);
        $candidates = [];
        foreach ($table->keys('rows') as $size) {
            $base = $table->number('rows', $size, (string) $column);
            $coolBase = $cool->number('rows', $size, (string) $column);
            if ($base === null || $coolBase === null) {
                continue;
            }
            $derated = $base * $ambientFactor * $groupFactor;
            $limited = $terminal->number() < 90 ? $coolBase * $coolFactor : $derated;
            $candidates[] = new Candidate($size, (float) $size, $derated, $limited, 1000 * $rho / (float) $size, $reactance,
                Show::number($base).' A × '.Show::number($ambientFactor).' ambient × '.Show::number($groupFactor).' for '.$count.' together'
                .($terminal->number() < 90 ? '; 70 °C terminals: '.Show::number($coolBase).' A × '.Show::number($coolFactor) : ''),
                $sources, $drop->cited(),
                $table->doubt('rows', $size, (string) $column));
        }

        return $candidates;
    }

    public function assumedTerminals(Circuit $circuit): ?string
    {
        return $circuit->has('cable.terminal_temperature') ? null : $circuit->assumed('settings.terminal_temperature');
    }

    private static function ambientFactor(float $celsius, string $insulation): ?float
    {
        $table = Table::of('iec/ambient_air');
        foreach ($table->keys('rows') as $row) {
            if ((float) $row >= $celsius) {
                return $table->number('rows', $row, $insulation === 'pvc' ? '0' : '1');
            }
        }

        return null;
    }

    private static function groupFactor(string $arrangement, int $circuits): ?float
    {
        $table = Table::of('iec/grouping');
        foreach ($table->numbers('circuits') as $i => $number) {
            if ($number >= $circuits) {
                return $table->number($arrangement, (string) $i);
            }
        }

        return null;
    }

    public function sizeText(string $size): string
    {
        return $size.Show::UNIT_SPACE.'mm²';
    }

    public function sizeValue(string $size): float|int
    {
        return str_contains($size, '.') ? (float) $size : (int) $size;
    }

    public function protectiveConductor(Sheet $sheet, string $key, string $chosen, string $needed, ?string $largest): Figure
    {
        $table = Table::of('iec/protective_conductor');
        $area = (float) $chosen;
        if ($area <= ($table->number('0', 'line_to_mm2') ?? 0)) {
            $size = $chosen;
            $working = 'line '.$this->sizeText($chosen).': the same';
        } elseif ($area <= ($table->number('1', 'line_to_mm2') ?? 0)) {
            $size = (string) ($table->number('1', 'mm2') ?? 16);
            $working = 'line '.$this->sizeText($chosen).': 16 mm²';
        } else {
            $size = $chosen;
            foreach (Table::of('iec/ampacity_xlpe_copper')->keys('rows') as $standard) {
                if ((float) $standard >= $area / 2) {
                    $size = $standard;
                    break;
                }
            }
            $working = 'line '.$this->sizeText($chosen).' ÷ 2, next standard size';
        }

        return $sheet->put(new Figure($key, 'Protective conductor in each cable', $this->sizeValue($size), 'mm²', 'table', $working, $table->cited()));
    }

    public function usualScpd(): string
    {
        return 'fuse_gg';
    }

    public function scpds(): array
    {
        return ['breaker_b', 'breaker_c', 'breaker_d', 'motor_breaker', 'fuse_gg', 'fuse_am'];
    }

    public function scpd(Circuit $circuit, Sheet $sheet, string $device): ScpdChoice
    {
        return $device === 'fuse_gg' ? (new FuseGg)->choose($circuit, $sheet) : (new Breaker(strtoupper(substr($device, -1))))->choose($circuit, $sheet);
    }

    public function overload(Circuit $circuit, Sheet $sheet, Figure $current, float $placeShare): void
    {
        $relay = self::relayCurrent($circuit, $sheet, $current);
        $share = $placeShare < 1 ? ' ÷ √3' : '';
        $dial = $sheet->work('guard.overload_dial', 'Overload dial', $relay->number() * $placeShare, 'A', 'Ir'.$share, '{I}'.$share, ['I' => $relay],
            $relay === $current ? 'IEC 60947-4-1: the motor current' : $relay->source);
        $sheet->put($dial->named('guard.overload_setting', 'Overload setting', 'IEC: the setting is the dial'));
        $serviceFactor = $circuit->number('plate.service_factor');
        if ($relay === $current && $serviceFactor !== null && $serviceFactor->number() > 1) {
            $sheet->find(Grade::Note, Station::Guard, 'overload_schools_differ', 'Practice differs on the setting',
                'Some set the relay to service factor times plate current, '.Show::quantity($serviceFactor->number() * $current->number() * $placeShare, 'A').'. Here it is the plate current, which suits continuous duty.',
                'A site setting changes the practice; the cable then follows the larger setting.', 'common practice, no source', ['guard.overload_dial']);
        }
    }

    public function disconnect(Sheet $sheet): void
    {
        $current = $sheet->need('power.design_current');
        $required = $sheet->put($current->named('guard.disconnect_rating', 'Isolator AC-23A, at least', 'IEC 60947-3: Ie ≥ Ib, backed up by the protective device'));
        $table = Table::of('practice/switch_ratings');
        foreach ($table->numbers('iec') as $rating) {
            if ($rating >= $required->number() * (1 - self::TOLERANCE)) {
                $sheet->work('guard.disconnect_size', 'Isolator', $rating, 'A', 'next switch rating', 'next switch rating from {I}', ['I' => $required], $table->cited());

                return;
            }
        }
    }

    public function capacitorRules(): CapacitorRules
    {
        $rule = Table::of('practice/capacitor');

        return new CapacitorRules($rule->number('iec', 'conductor_factor') ?? 1.5, false, $rule->number('iec', 'fuse_factor') ?? 1.6, Table::of('iec/fuse_gg')->numbers('ratings'), null, $rule->number('iec', 'bare_tap_m') ?? 3,
            $rule->number('iec', 'residual_v') ?? 75, $rule->number('iec', 'discharge_s') ?? 180,
            '1.5 × for harmonics and tolerance, common practice, no source', '1.6 × gG, common practice, no source', 'IEC 60831-1 (from memory)', 'IEC 60831-1 and common practice (from memory)');
    }
}
