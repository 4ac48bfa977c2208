<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Bench\Spoken;
use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\Show;
use BraveAnvil\Rules\RuleBook;

/**
 * What may be typed of a board, group by group, with the words that stand beside it: those of a circuit's own fields where it is the
 * same, others here.
 */
final readonly class BoardForm
{
    private const YES_NO = ['true' => 'Yes', 'false' => 'No'];

    /** @var array<string, list<string>> paths by the title of their group */
    private const GROUPS = [
        'Supply' => [
            'supply.source', 'supply.voltage', 'supply.no_load_voltage', 'supply.frequency', 'supply.fault_level_kva',
            'supply.transformer_kva', 'supply.transformer_impedance_percent', 'supply.x_over_r', 'supply.generator_kva',
            'supply.subtransient_percent', 'supply.transient_percent', 'supply.sustained_ratio', 'supply.voltage_factor',
            'supply.earthing', 'supply.earth_loop_ohm', 'supply.earthing_ohm', 'supply.earthing_ampere', 'supply.ambient',
        ],
        'Conductors of the feeder' => [
            'cable.length', 'cable.material', 'cable.insulation', 'cable.method', 'cable.grouped_circuits', 'cable.size', 'cable.sets',
            'cable.protective_material', 'cable.raceway_material', 'cable.terminal_temperature',
        ],
        'Device of the feeder' => [
            'guard.scpd', 'guard.rating', 'guard.breaking_capacity_ka', 'guard.long_time', 'guard.long_time_delay', 'guard.short_time',
            'guard.short_time_delay', 'guard.instantaneous', 'guard.ground_fault', 'guard.ground_fault_delay',
        ],
        'Demand' => ['simultaneity', 'demand_evidence', 'reserve_percent'],
        'Limits' => [
            'settings.drop_limit_feeder', 'settings.drop_limit_total', 'settings.dip_limit_board', 'settings.dip_limit_generator',
        ],
        'Restart after a blackout' => ['restart.first_delay', 'restart.margin'],
        'Capacitor bank' => [
            'bank.target_power_factor', 'bank.step_kvar', 'bank.steps', 'bank.rated_voltage', 'bank.detuning_percent',
        ],
        'Control supply' => [
            'control.voltage', 'control.primary_voltage', 'control.transformer_va', 'control.impedance_percent', 'control.short_time_va',
            'control.other_va',
        ],
    ];

    /** @var array<string, array{title: string, add: string, fields: list<string>}> lists by path */
    private const LISTS = [
        'groups' => ['title' => 'Groups', 'add' => 'Add a group', 'fields' => ['name', 'simultaneity']],
        'other_loads' => [
            'title' => 'Other loads', 'add' => 'Add a load',
            'fields' => ['tag', 'kind', 'current', 'power', 'power_factor', 'continuous', 'demand', 'restart', 'maximum_device'],
        ],
        'control.coils' => [
            'title' => 'Coils', 'add' => 'Add a coil',
            'fields' => [
                'tag', 'count', 'together', 'holding_va', 'holding_power_factor', 'inrush_va', 'inrush_power_factor', 'size', 'length',
                'control', 'capacitance_uf_per_km',
            ],
        ],
    ];

    /** @var array<string, array{0: string, 1?: string, 2?: string, 3?: array<array-key, string>}> label, unit,
        hint and choices by path */
    private const OWN = [
        'supply.no_load_voltage' => ['No-load voltage', 'V', 'Of the transformer, between lines. Empty: the supply voltage.'],
        'cable.length' => ['Length', 'm'],
        'cable.grouped_circuits' => ['Circuits grouped', '', 'Together with this one.'],
        'cable.size' => ['Installed size', '', 'Empty: it is chosen.'],
        'cable.sets' => ['Parallel sets', '', 'Empty: they are chosen.'],
        'guard.rating' => ['Installed rating', 'A', 'Empty: it is chosen.'],
        'guard.long_time' => ['Long-time setting', 'A', 'Of an adjustable breaker. Empty: the demand.'],
        'guard.long_time_delay' => ['Long-time delay at 6 times', 's'],
        'guard.short_time' => ['Short-time setting', 'A', 'Amperes, or off.'],
        'guard.short_time_delay' => ['Short-time delay', 's'],
        'guard.instantaneous' => ['Instantaneous setting', 'A', 'Amperes, or off.'],
        'guard.ground_fault' => ['Earth-fault setting', 'A', 'Amperes, or off.'],
        'guard.ground_fault_delay' => ['Earth-fault delay', 's'],
        'simultaneity' => ['Diversity factor', '', 'Of all circuits in no group, 0.01 to 1.'],
        'demand_evidence' => ['Permission for it', '', 'By whom, and on what it rests. NEC and CE Code ask for it.'],
        'reserve_percent' => ['Reserve', '%'],
        'settings.drop_limit_feeder' => ['Voltage drop limit, feeder', '%', 'Empty: 2 %.'],
        'settings.drop_limit_total' => ['Voltage drop limit, feeder and circuit', '%', 'Empty: 5 %.'],
        'settings.dip_limit_board' => ['Voltage dip limit at the board', '%', 'Empty: 15 %.'],
        'restart.first_delay' => ['Delay of the first step', 's', 'Empty: 3 s.'],
        'restart.margin' => ['Margin between steps', 's', 'Empty: 2 s.'],
        'bank.target_power_factor' => ['Target power factor', '', 'Such as 0.95.'],
        'bank.step_kvar' => ['Step rating', 'kvar'],
        'bank.steps' => ['Number of steps'],
        'bank.rated_voltage' => ['Capacitor rated voltage', 'V', 'Empty: the supply voltage.'],
        'bank.detuning_percent' => ['Detuning reactor', '%', 'Empty: none.'],
        'control.voltage' => ['Control voltage', 'V'],
        'control.primary_voltage' => ['Primary voltage', 'V', 'Empty: the supply voltage.'],
        'control.transformer_va' => ['Control transformer', 'VA', 'Empty: it is chosen.'],
        'control.impedance_percent' => ['Impedance of the transformer', '%'],
        'control.short_time_va' => ['Short-time rating', 'VA'],
        'control.other_va' => ['Other loads', 'VA'],
        'groups.name' => ['Name'],
        'groups.simultaneity' => ['Diversity factor'],
        'other_loads.tag' => ['Tag'],
        'other_loads.kind' => ['Kind', '', '', [
            'heater' => 'Heater', 'lighting' => 'Lighting', 'socket' => 'Socket outlets', 'equipment' => 'Equipment', 'other' => 'Other',
        ]],
        'other_loads.current' => ['Current', 'A'],
        'other_loads.power' => ['Power', 'kW'],
        'other_loads.power_factor' => ['Power factor'],
        'other_loads.continuous' => ['Continuous', '', '', self::YES_NO],
        'other_loads.demand' => ['Demand factor'],
        'other_loads.restart' => ['Back by itself', '', '', self::YES_NO],
        'other_loads.maximum_device' => ['Largest device', 'A'],
        'control.coils.tag' => ['Tag'],
        'control.coils.count' => ['Number'],
        'control.coils.together' => ['At once'],
        'control.coils.holding_va' => ['Holding', 'VA'],
        'control.coils.holding_power_factor' => ['Its power factor'],
        'control.coils.inrush_va' => ['Inrush', 'VA'],
        'control.coils.inrush_power_factor' => ['Its power factor'],
        'control.coils.size' => ['Conductor'],
        'control.coils.length' => ['Length', 'm'],
        'control.coils.control' => ['Control', '', '', ['two_wire' => 'Two-wire', 'three_wire' => 'Three-wire']],
        'control.coils.capacitance_uf_per_km' => ['Capacitance', 'µF/km'],
    ];

    private Spoken $spoken;

    private bool $isAmerican;

    public function __construct(private RuleBook $book)
    {
        $this->spoken = Spoken::by($book->words());
        $this->isAmerican = RuleBookName::isAmerican($book->id()->value);
    }

    /** @return array{groups: list<array<string, mixed>>, lists: list<array<string, mixed>>} for a page */
    public function toArray(): array
    {
        $groups = [];
        foreach (self::GROUPS as $title => $paths) {
            $groups[] = ['title' => $this->spoken->text($title), 'fields' => array_map($this->field(...), $this->used($paths))];
        }
        $lists = [];
        foreach (self::LISTS as $path => $list) {
            if ($path === 'groups' && $this->isAmerican) {
                continue;
            }
            $lists[] = ['path' => $path, 'title' => $list['title'], 'add' => $list['add'], 'fields' => array_map(
                fn (string $key): array => [...$this->field("$path.$key"), 'path' => $key], $list['fields'],
            )];
        }

        return ['groups' => $groups, 'lists' => $lists];
    }

    /**
     * What is entered of a board, in words.
     *
     * @param  array<array-key, mixed>  $document  as `brave-anvil.feeder/1`
     * @return list<array{title: string, rows: list<array{label: string, value: string}>}> groups that say something
     */
    public function said(array $document): array
    {
        $said = [];
        foreach (self::GROUPS as $title => $paths) {
            $rows = [];
            foreach ($paths as $path) {
                $value = self::written(self::at($document, $path));
                if ($value !== '') {
                    $unit = is_numeric($value) ? $this->field($path)['unit'] : '';
                    $rows[] = ['label' => $this->field($path)['label'], 'value' => trim(($this->choice($path, $value) ?? $value).' '.
                        $unit)];
                }
            }
            $said[] = ['title' => $this->spoken->text($title), 'rows' => $rows];
        }
        foreach (self::LISTS as $path => $list) {
            $rows = [];
            $value = self::at($document, $path);
            foreach (is_array($value) ? $value : [] as $i => $one) {
                $one = is_array($one) ? $one : [];
                $told = [];
                foreach (array_slice($list['fields'], 1) as $key) {
                    $text = self::written($one[$key] ?? null);
                    $field = $this->field("$path.$key");
                    if ($text !== '') {
                        $told[] = trim(Show::inside($field['label']).' '.Show::inside($this->choice("$path.$key", $text) ?? $text)
                            .(is_numeric($text) ? ' '.$field['unit'] : ''));
                    }
                }
                $first = self::written($one[$list['fields'][0]] ?? null);
                $rows[] = ['label' => $first !== '' ? $first : (string) ((int) $i + 1), 'value' => implode(', ', $told)];
            }
            $said[] = ['title' => $list['title'], 'rows' => $rows];
        }

        return array_values(array_filter($said, static fn (array $group): bool => $group['rows'] !== []));
    }

    /** @param  array<array-key, mixed>  $document */
    private static function at(array $document, string $path): mixed
    {
        $value = $document;
        foreach (explode('.', $path) as $part) {
            $value = is_array($value) ? $value[$part] ?? null : null;
        }

        return $value;
    }

    private static function written(mixed $value): string
    {
        return is_bool($value) ? ($value ? 'true' : 'false') : (is_scalar($value) ? trim((string) $value) : '');
    }

    /** What stands beside a field, by its path or that of a row of a list; empty for what has no field. */
    public function label(string $path): string
    {
        foreach (self::LISTS as $list => $said) {
            if (preg_match('~^'.preg_quote($list, '~').'\\.(\\d+)\\.(\\w+)$~', $path, $row) === 1 && in_array($row[2],
                $said['fields'], true)) {
                return $said['title'].' '.((int) $row[1] + 1).', '.Show::inside($this->field("$list.$row[2]")['label']);
            }
        }

        return in_array($path, array_merge(...array_values(self::GROUPS)), true) ? $this->field($path)['label'] : '';
    }

    /** The words of a choice of a field, by its path; null where it is none. */
    public function choice(string $path, string $value): ?string
    {
        $path = (string) preg_replace('~\\.\\d+\\.~', '.', $path);
        $isKnown = isset(self::OWN[$path]) || Fields::find($path) !== null && $this->label($path) !== '';
        foreach ($isKnown ? $this->field($path)['choices'] : [] as $choice) {
            if ($choice['value'] === $value) {
                return $choice['label'];
            }
        }

        return null;
    }

    /**
     * Without those that this book has no use for.
     *
     * @param  list<string>  $paths
     * @return list<string>
     */
    private function used(array $paths): array
    {
        $unused = $this->isAmerican
            ? ['guard.long_time', 'guard.long_time_delay', 'guard.short_time', 'guard.short_time_delay', 'guard.instantaneous']
            : ['demand_evidence', 'cable.raceway_material'];

        return array_values(array_diff($paths, $unused));
    }

    /** @return array{path: string, label: string, unit: string, hint: string, choices: list<array{value: string, label: string}>} */
    private function field(string $path): array
    {
        $own = self::OWN[$path] ?? null;
        if ($own !== null) {
            return [
                'path' => $path, 'label' => $this->spoken->text($own[0]), 'unit' => $own[1] ?? '',
                'hint' => $this->spoken->text($own[2] ?? ''),
                'choices' => self::listed($own[3] ?? []),
            ];
        }
        $field = Fields::at($path);

        return [
            'path' => $path, 'label' => $this->spoken->text($field->label), 'unit' => $field->typedUnit(),
            'hint' => $this->spoken->text($field->hint), 'choices' => $this->choices($path),
        ];
    }

    /** @return list<array{value: string, label: string}> */
    private function choices(string $path): array
    {
        if ($path === 'guard.scpd') {
            $devices = $this->isAmerican ? $this->book->sizing()->devices->known() : [Scpd::FuseGg];
            $listed = self::listed(array_combine(
                array_map(static fn (Scpd $scpd): string => $scpd->value, $devices),
                array_map(fn (Scpd $scpd): string => $scpd->label($this->book->words()), $devices),
            ));

            return $this->isAmerican ? $listed
                : [...$listed, ['value' => 'breaker_adjustable', 'label' => 'Adjustable circuit-breaker']];
        }
        $field = Fields::at($path);
        foreach ($this->book->choices() as $of => $labels) {
            if ($of === $path) {
                return self::listed($labels);
            }
        }

        return $field->kind === FieldKind::Flag ? self::listed(self::YES_NO) : array_map(fn (Choice $choice): array => [
            'value' => (string) $choice->value, 'label' => $this->spoken->text($choice->label($this->book->words())),
        ], $field->cases());
    }

    /**
     * @param  array<array-key, string>  $labels
     * @return list<array{value: string, label: string}>
     */
    private static function listed(array $labels): array
    {
        $listed = [];
        foreach ($labels as $value => $label) {
            $listed[] = ['value' => (string) $value, 'label' => $label];
        }

        return $listed;
    }
}
