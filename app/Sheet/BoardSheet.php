<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Sheet\Picture\Drawing;
use App\Sheet\Picture\OneLine;
use BraveAnvil\Ground\Show;

/** What lies in the file of a board: its feeder, the schedule of its circuits, restart, settings, and all that was decided about it. */
final readonly class BoardSheet
{
    /** Figures with their working, by what they are about. */
    private const FIGURES = [
        'Demand and device of the feeder' => [
            'feeder.largest_motor', 'feeder.running_current', 'feeder.demand', 'feeder.phasor_current', 'feeder.power_factor',
            'feeder.apparent_power', 'feeder.scpd_limit', 'feeder.scpd_rating',
        ],
        'Conductors of the feeder' => [
            'feeder.required_ampacity', 'feeder.size', 'feeder.sets', 'feeder.ampacity', 'feeder.protective_size', 'feeder.voltage_drop',
            'feeder.starting_drop',
        ],
        'Fault currents' => [
            'feeder.supply_fault_current', 'feeder.prospective_current', 'feeder.two_phase_fault_current', 'feeder.motor_contribution',
            'feeder.fault_current', 'feeder.peak_fault_current', 'feeder.loop_impedance', 'feeder.earth_fault_current',
            'feeder.disconnection_time',
        ],
        'Voltage and transformer' => [
            'feeder.board_voltage', 'feeder.starting_motor', 'feeder.start_dip', 'feeder.start_step', 'feeder.transformer_dip',
            'feeder.two_start_dip', 'feeder.transformer_current', 'feeder.transformer_loading', 'feeder.regulation',
            'feeder.transformer_least',
        ],
        'Restart after a blackout' => [
            'feeder.blackout_dip', 'feeder.restart_steps', 'feeder.restart_time', 'feeder.restart_dip', 'feeder.restart_fuse_share',
        ],
        'Capacitor bank' => [
            'feeder.bank_steps_on', 'feeder.bank_reactive', 'feeder.corrected_current', 'feeder.corrected_power_factor',
            'feeder.corrected_drop', 'feeder.corrected_loading', 'feeder.resonance_order',
        ],
        'Control supply' => [
            'feeder.control_holding', 'feeder.control_inrush', 'feeder.control_transformer', 'feeder.control_primary_current',
            'feeder.control_secondary_current', 'feeder.control_primary_fuse', 'feeder.control_secondary_fuse',
            'feeder.control_inrush_voltage', 'feeder.control_pull_in_length', 'feeder.control_drop_out_length',
        ],
    ];

    /** Pairs that are named. */
    private const REFUSED = 6;

    public ?Drawing $oneLine;

    public function __construct(public SheetContent $content)
    {
        $this->oneLine = OneLine::of($content);
    }

    /** What feeds it, in a sentence. */
    public function fed(): string
    {
        $above = array_values(array_filter((array) ($this->content->record['fed_by'] ?? []), is_string(...)));

        return $above === [] ? 'Fed by '.Show::inside($this->content->text('source')) : 'Fed by board '.implode(', from board ',
            array_reverse($above));
    }

    /** The same with its device and the fault current here, for the door. */
    public function fedBy(): string
    {
        $device = $this->content->shown('feeder.scpd_rating');
        $fault = $this->content->shown('feeder.fault_current');

        return implode('. ', array_filter([
            $this->fed(), $device === '' ? '' : 'Feeder device '.$device, $fault === '' ? '' : 'Short-circuit current at this board '.
                $fault,
        ])).'.';
    }

    /** @return list<array{title: string, rows: list<SheetRow>}> what was entered */
    public function entered(): array
    {
        $told = [];
        foreach ($this->content->list('entered') as $group) {
            $rows = [];
            foreach (is_array($group['rows'] ?? null) ? $group['rows'] : [] as $row) {
                if (is_array($row)) {
                    $rows[] = new SheetRow(self::text($row, 'label'), self::text($row, 'value'));
                }
            }
            $told[] = ['title' => self::text($group, 'title'), 'rows' => $rows];
        }

        return $told;
    }

    /** @return list<array{title: string, rows: list<SheetRow>}> figures with their working */
    public function figures(): array
    {
        $told = [];
        foreach (self::FIGURES as $title => $keys) {
            $rows = $this->content->rows($keys);
            if ($rows !== []) {
                $told[] = ['title' => $title, 'rows' => $rows];
            }
        }

        return $told;
    }

    /** @return list<array<string, string>> the schedule: a line for each circuit and each board below */
    public function schedule(): array
    {
        $lines = [];
        foreach (['circuits', 'boards'] as $list) {
            foreach ($this->content->list($list) as $one) {
                $shown = self::shown($one);
                $selectivity = $shown['feeder.selectivity'] ?? '';
                $limit = $shown['feeder.selectivity_limit'] ?? '';
                $lines[] = [
                    'tag' => self::text($one, 'tag'), 'drives' => $list === 'boards' ? 'Board' : self::text($one, 'drives'),
                    'current' => ($shown['power.design_current'] ?? $shown['feeder.running_current'] ?? '')
                        .(($one['counts'] ?? true) === false ? ', standby' : ''),
                    'device' => $list === 'boards' ? $shown['feeder.scpd_rating'] ?? '' : self::text($one, 'device'),
                    'size' => $shown['cable.size'] ?? $shown['feeder.size'] ?? '',
                    'breaks' => $shown['feeder.circuit_fault_current'] ?? $shown['feeder.fault_current'] ?? '',
                    'selectivity' => trim($selectivity.' '.$limit), 'drop' => $shown['feeder.total_drop'] ?? '',
                    'dip' => $shown['feeder.circuit_start_dip'] ?? '', 'restart' => $shown['feeder.restart_delay'] ?? '',
                    'sheet' => self::text($one, 'sheet'),
                ];
            }
        }
        foreach ($this->content->list('others') as $one) {
            $lines[] = ['tag' => self::text($one, 'tag'), 'drives' => 'Other load', 'current' => self::text($one, 'current'),
                'device' => '',
                'size' => '', 'breaks' => '', 'selectivity' => '', 'drop' => '', 'dip' => '', 'restart' => '', 'sheet' => ''];
        }

        return $lines;
    }

    /** Whether any circuit comes back by itself: whoever opens the door must know. */
    public function restarts(): bool
    {
        return array_filter(array_column($this->schedule(), 'restart')) !== [];
    }

    /** Circuits that wait for somebody after a blackout, in a sentence; empty where none or all do. */
    public function byHand(): string
    {
        $waits = [];
        foreach ($this->content->list('circuits') as $one) {
            if ((self::shown($one)['feeder.restart_delay'] ?? '') === '') {
                $waits[] = self::text($one, 'tag');
            }
        }

        return $waits === [] || ! $this->restarts() ? '' : 'Not back by themselves: '.implode(', ', $waits).
            '. Lock them out before the supply returns; start them by hand.';
    }

    /** @return list<array{at: string, tags: string, dip: string, current: string, run_up: string}> */
    public function timetable(): array
    {
        return array_map(static fn (array $step): array => [
            'at' => self::text($step, 'at'), 'tags' => implode(', ', array_filter((array) ($step['tags'] ?? []), is_string(...))),
            'dip' => self::text($step, 'dip'), 'current' => self::text($step, 'current'), 'run_up' => self::text($step, 'run_up'),
        ], $this->content->list('timetable'));
    }

    /** Who may start with whom, in a sentence; empty where nothing starts. */
    public function together(): string
    {
        $pairs = $this->content->list('pairs');
        $refused = [];
        foreach ($pairs as $pair) {
            if (($pair['allowed'] ?? true) === false) {
                $refused[] = self::text($pair, 'first').' with '.self::text($pair, 'second').' ('.self::text($pair, 'dip').')';
            }
        }
        $more = count($refused) - self::REFUSED;
        usort($pairs, static fn (array $one, array $other): int => ($other['dip_percent'] ?? 0) <=> ($one['dip_percent'] ?? 0));

        return match (true) {
            $pairs === [] => '',
            $refused === [] => 'Any two of the largest starts may begin at the same moment; the deepest dip is then '.
                self::text($pairs[0], 'dip').'.',
            default => 'Not at the same moment: '.implode(', ', array_slice($refused, 0, self::REFUSED)).
                ($more > 0 ? " and $more more" : '').'.',
        };
    }

    /** @return list<array{size: string, ampacity: string, drop: string, starting: string, fails: string, chosen: bool}> */
    public function ladder(): array
    {
        return array_map(static fn (array $rung): array => [
            'size' => self::text($rung, 'size'), 'ampacity' => self::text($rung, 'ampacity'), 'drop' => self::text($rung, 'drop'),
            'starting' => self::text($rung, 'starting'), 'fails' => self::text($rung, 'fails'),
            'chosen' => ($rung['chosen'] ?? false) === true,
        ], $this->content->list('ladder'));
    }

    /** @return list<array{tag: string, pull_in: string, drop_out: string, inrush_voltage: string}> */
    public function coils(): array
    {
        return array_map(static fn (array $coil): array => [
            'tag' => self::text($coil, 'tag'), 'pull_in' => self::text($coil, 'pull_in'), 'drop_out' => self::text($coil, 'drop_out'),
            'inrush_voltage' => self::text($coil, 'inrush_voltage'),
        ], $this->content->list('coils'));
    }

    /** @return list<string> errors of its fields */
    public function errors(): array
    {
        return array_map(static fn (array $one): string => trim(self::text($one, 'text').' '.self::text($one, 'accepted')),
            $this->content->list('errors'));
    }

    /** @return list<array{says: string, decided: string}> what was taken on by signing, or will be */
    public function takenOn(): array
    {
        $decisions = $this->content->list('decisions');
        if ($decisions !== []) {
            return array_map(static fn (array $one): array => [
                'says' => self::text($one, 'says'), 'decided' => self::text($one, 'decided'),
            ], $decisions);
        }
        $list = $this->content->curve('readiness')['acknowledgements'] ?? [];

        return array_map(static fn (array $one): array => ['says' => self::text($one, 'says'), 'decided' => ''],
            array_values(array_filter(is_array($list) ? $list : [], is_array(...))));
    }

    /**
     * @param  array<array-key, mixed>  $one
     * @return array<string, string> its figures as they are shown, by key
     */
    private static function shown(array $one): array
    {
        $shown = [];
        foreach (is_array($one['figures'] ?? null) ? $one['figures'] : [] as $figure) {
            if (is_array($figure)) {
                $shown[self::text($figure, 'key')] = self::text($figure, 'shown');
            }
        }

        return $shown;
    }

    /** @param  array<array-key, mixed>  $of */
    private static function text(array $of, string $key): string
    {
        return is_string($of[$key] ?? null) ? $of[$key] : '';
    }
}
