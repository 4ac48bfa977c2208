<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Sheet\Picture\Drawing;
use App\Sheet\Picture\RunUp;
use App\Sheet\Picture\TerminalBox;
use App\Sheet\Picture\TimeCurrent;

/** What lies in the file: every figure that something was sized or set by, with its working, and all that was decided about it. */
final readonly class FileSheet
{
    /** Fields that say under which conditions the figures hold. */
    private const CONDITIONS = [
        'supply' => [
            'supply.voltage', 'supply.frequency', 'supply.earthing', 'supply.earth_loop_ohm', 'supply.transformer_kva',
            'supply.transformer_impedance_percent', 'supply.fault_level_kva', 'supply.ambient', 'supply.altitude', 'surroundings',
        ],
        'load' => ['load.machine', 'load.kind', 'load.torque_percent', 'load.inertia', 'load.output_percent', 'load.service'],
        'cable' => [
            'cable.length', 'cable.line_length', 'cable.material', 'cable.insulation', 'cable.terminal_temperature', 'cable.method',
            'cable.raceway_material', 'cable.tray', 'cable.grouped_circuits', 'cable.line_grouped_circuits', 'cable.soil_temperature',
            'cable.soil_resistivity', 'cable.wet',
        ],
        'guard' => [
            'guard.scpd', 'guard.breaking_capacity_ka', 'guard.overload_place', 'guard.reset', 'guard.start_exception.evidence',
            'guard.marked_maximum', 'guard.earth_fault_relay',
        ],
        'correct' => ['correction.place', 'correction.target_power_factor', 'correction.load_percent', 'correction.own_contactor'],
    ];

    /** Figures with their working, by station. */
    private const FIGURES = [
        'plate' => [
            'plate.connection', 'plate.rated_voltage', 'plate.current', 'plate.speed', 'plate.slip', 'plate.output', 'plate.efficiency',
            'plate.power_factor', 'plate.rated_torque', 'plate.usable_output',
        ],
        'power' => [
            'power.input', 'power.apparent', 'power.reactive', 'power.computed_current', 'power.plate_current', 'power.table_current',
            'power.design_current', 'power.conductor_current', 'power.overload_current', 'power.no_load_current', 'power.load_current',
            'measured.real', 'measured.reactive', 'measured.apparent', 'measured.power_factor',
        ],
        'start' => [
            'start.locked_rotor_current', 'start.locked_rotor_current_high', 'start.peak_first_half_cycle', 'start.star_line_current',
            'start.star_torque', 'start.delta_winding_current', 'start.reclosing_peak', 'start.run_up_time', 'start.run_up_time_worst',
            'start.timer_first', 'start.timer_last', 'start.changeover_speed', 'start.peak_line_current', 'start.voltage_dip',
            'start.dip_at_motor', 'start.torque_margin', 'start.stall_speed', 'start.starts_per_hour',
        ],
        'cable' => [
            'cable.required_ampacity', 'cable.size', 'cable.sets', 'cable.conductors', 'cable.ampacity', 'cable.derated_ampacity',
            'cable.voltage_drop', 'cable.total_drop', 'cable.starting_drop', 'cable.total_starting_drop', 'cable.protective_size',
            'cable.raceway_trade_size', 'cable.line_required_ampacity', 'cable.line_size', 'cable.line_sets', 'cable.line_ampacity',
            'cable.line_derated_ampacity', 'cable.line_drop', 'cable.line_protective_size', 'cable.line_raceway_trade_size',
            'cable.withstand',
        ],
        'guard' => [
            'guard.prospective_current', 'guard.scpd_limit', 'guard.scpd_rating', 'guard.scpd_maximum_rating', 'guard.scpd_exception_limit',
            'guard.scpd_exception_rating', 'guard.instantaneous_setting', 'guard.overload_dial', 'guard.overload_setting',
            'guard.overload_class', 'guard.start_multiple', 'guard.disconnect_rating', 'guard.disconnect_size', 'guard.contactor',
            'guard.contactor_main', 'guard.contactor_delta', 'guard.contactor_star', 'guard.controller_power',
            'guard.earth_fault_current', 'guard.loop_impedance', 'guard.loop_impedance_limit', 'guard.disconnection_time',
            'guard.disconnection_limit', 'guard.let_through', 'guard.near_let_through',
        ],
        'correct' => [
            'correct.reactive_required', 'correct.reactive_limit', 'correct.reactive_chosen', 'correct.capacitor_rating',
            'correct.rated_voltage', 'correct.capacitance_delta', 'correct.capacitor_current', 'correct.conductor_ampacity',
            'correct.conductor_size', 'correct.fuse_rating', 'correct.disconnect_rating', 'correct.contactor_rating',
            'correct.corrected_current', 'correct.corrected_power_factor', 'correct.load_corrected_power_factor',
            'correct.discharge_resistance', 'correct.discharge_limit', 'correct.discharge_time',
        ],
    ];

    private const TITLES = [
        'plate' => 'Plate and connection', 'power' => 'Currents and power', 'start' => 'Start', 'cable' => 'Conductors',
        'guard' => 'Protection', 'correct' => 'Correction',
    ];

    /** Values whose effect is told; the rest is on the screen. */
    private const MOST_SWEPT = 5;

    /** Rows of a ladder on each side of the pick. */
    private const AROUND = 2;

    public ?Drawing $box;

    public ?Drawing $runUp;

    public ?Drawing $timeCurrent;

    public function __construct(public SheetContent $content)
    {
        $this->box = TerminalBox::of($content);
        $this->runUp = RunUp::of($content);
        $this->timeCurrent = TimeCurrent::of($content);
    }

    /** @return list<SheetRow> all that was read off the plate */
    public function plate(): array
    {
        return $this->content->fields($this->content->typedPaths('plate'));
    }

    /** @return list<array{name: string, title: string, sentence: string, conditions: list<SheetRow>, rows: list<SheetRow>}> */
    public function stations(): array
    {
        $stations = [];
        foreach (self::TITLES as $name => $title) {
            $conditions = match ($name) {
                'power' => self::CONDITIONS['supply'], 'start' => self::CONDITIONS['load'], 'plate' => [],
                default => self::CONDITIONS[$name],
            };
            $blocked = in_array($name, (array) ($this->content->record['blocked'] ?? []), true);
            $stations[] = [
                'name' => $name, 'title' => $title, 'sentence' => $this->content->sentence($name),
                'conditions' => $blocked ? [] : $this->said($conditions),
                'rows' => $this->content->rows(self::FIGURES[$name]),
            ];
        }

        return $stations;
    }

    /**
     * Sizes around the pick, each with why it falls or holds.
     *
     * @return list<array{size: string, ampacity: string, drop: string, starting: string, fails: string, chosen: bool}>
     */
    public function ladder(string $curve): array
    {
        $rows = $this->content->curve($curve)['rows'] ?? [];
        $rows = array_values(array_filter(is_array($rows) ? $rows : [], is_array(...)));
        $pick = null;
        foreach ($rows as $i => $row) {
            if (($row['chosen'] ?? false) === true) {
                $pick = $i;
            }
        }
        if ($pick === null) {
            return [];
        }
        $shown = static fn (mixed $one): string => is_array($one) && is_string($one['shown'] ?? null) ? $one['shown'] : '–';

        return array_values(array_map(static fn (array $row): array => [
            'size' => is_string($row['size'] ?? null) ? $row['size'] : '', 'ampacity' => $shown($row['ampacity'] ?? null),
            'drop' => $shown($row['drop'] ?? null), 'starting' => $shown($row['starting_drop'] ?? null),
            'fails' => is_string($row['rejected_by'] ?? null) ? $row['rejected_by'] : self::fails($row['fails'] ?? []),
            'chosen' => ($row['chosen'] ?? false) === true,
        ], array_slice($rows, max(0, $pick - self::AROUND), 2 * self::AROUND + 1)));
    }

    /** @return list<array{load: string, before: string, after: string, factor_before: string, factor_after: string}> current and power factor over the load, with and without the capacitor */
    public function correction(): array
    {
        $points = $this->content->curve('correction')['over_load'] ?? [];
        $points = array_values(array_filter(is_array($points) ? $points : [], is_array(...)));
        $told = [];
        foreach ($points as $i => $point) {
            $shown = static fn (string $part): string => is_array($point[$part] ?? null) && is_string($point[$part]['shown'] ?? null)
                ? $point[$part]['shown'] : '';
            // As many as a reader wants on paper.
            if ($i % max(1, intdiv(count($points), 6)) === 0 || $i === count($points) - 1) {
                $told[] = [
                    'load' => $shown('load'), 'before' => $shown('before'), 'after' => $shown('after'),
                    'factor_before' => $shown('factor_before'), 'factor_after' => $shown('factor_after'),
                ];
            }
        }

        return $told;
    }

    /** @return list<array{label: string, taken: string, tries: list<array{value: string, flips: string}>}> */
    public function sensitivity(): array
    {
        $rows = $this->content->curve('sensitivity')['rows'] ?? [];
        $told = [];
        foreach (array_slice(is_array($rows) ? $rows : [], 0, self::MOST_SWEPT) as $row) {
            if (! is_array($row)) {
                continue;
            }
            $tries = [];
            foreach (is_array($row['tries'] ?? null) ? $row['tries'] : [] as $try) {
                $flips = [];
                foreach (is_array($try) && is_array($try['flips'] ?? null) ? $try['flips'] : [] as $flip) {
                    $text = static fn (string $part): string => is_array($flip) && is_string($flip[$part] ?? null) ? $flip[$part] : '';
                    $flips[] = $text('label').': '.$text('from').' → '.$text('to');
                }
                $value = is_array($try) ? $try['value'] ?? '' : '';
                $tries[] = ['value' => is_string($value) ? $value : '', 'flips' => implode('; ', $flips)];
            }
            $text = static fn (string $part): string => is_string($row[$part] ?? null) ? $row[$part] : '';
            $told[] = ['label' => $text('label'), 'taken' => $text('taken'), 'tries' => $tries];
        }

        return $told;
    }

    /** @return list<array{label: string, verdict: string, says: string, by: string}> the readings with what they say about the circuit */
    public function readings(): array
    {
        $comparisons = $this->content->list('comparisons');
        $told = [];
        foreach ($this->content->list('readings') as $i => $reading) {
            $text = static fn (string $part): string => is_string($reading[$part] ?? null) ? $reading[$part] : '';
            $comparison = $comparisons[$i] ?? [];
            $says = static fn (string $part): string => is_string($comparison[$part] ?? null) ? $comparison[$part] : '';
            if (is_array($reading['withdrawn'] ?? null)) {
                continue;
            }
            $told[] = [
                'label' => ucfirst(str_replace('_', ' ', $text('kind'))).(($reading['simulated'] ?? false) === true ? ' (simulated)' : ''),
                'verdict' => str_replace('_', ' ', $says('verdict')), 'says' => $says('says'),
                'by' => $text('taken_by').', '.substr($text('taken_at'), 0, 10).', '.$text('instrument'),
            ];
        }

        return $told;
    }

    /** @return list<array{key: string, says: string, decided: string}> */
    public function decisions(): array
    {
        $told = [];
        foreach ($this->content->list('decisions') as $decision) {
            $text = static fn (string $part): string => is_string($decision[$part] ?? null) ? $decision[$part] : '';
            $told[] = ['key' => $text('key'), 'says' => $text('says'), 'decided' => $text('decided')];
        }

        return $told;
    }

    /** @return list<string> what is taken on by signing */
    public function toTakeOn(): array
    {
        $list = $this->content->curve('readiness')['acknowledgements'] ?? [];
        $told = [];
        foreach (is_array($list) ? $list : [] as $one) {
            if (is_array($one) && is_string($one['says'] ?? null)) {
                $told[] = $one['says'].(is_string($one['entry'] ?? null) && $one['entry'] !== '' ? ' ('.$one['entry'].')' : '');
            }
        }

        return $told;
    }

    /**
     * @param  list<string>  $paths
     * @return list<SheetRow>
     */
    private function said(array $paths): array
    {
        return array_values(array_filter(
            $this->content->fields($paths), static fn (SheetRow $row): bool => $row->value !== 'Not specified' && $row->value !== 'No',
        ));
    }

    private static function fails(mixed $fails): string
    {
        $told = [];
        foreach (is_array($fails) ? $fails : [] as $fail) {
            $told[] = is_string($fail) ? $fail : (is_array($fail) && is_string($fail['text'] ?? null) ? $fail['text'] : '');
        }

        return implode(', ', array_filter($told));
    }
}
