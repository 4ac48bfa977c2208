<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Circuit\Choice\CorrectionBasis;
use BraveAnvil\Circuit\Choice\DrivenMachine;
use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Choice\Subject;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\DefaultReason;
use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\FieldNote;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Rules\Sizing;
use BraveAnvil\Stations\Cable\CableStation;
use BraveAnvil\Stations\Correct\Nameplate;
use BraveAnvil\Stations\Start\Method\Methods;
use BraveAnvil\Stations\Start\Method\RelaySeat;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\LoadReader;
use BraveAnvil\Tables\Practice\Practice;

/**
 * What the page needs to show each field of this circuit: its choices under this rule book, and what an empty one is taken as and
 * by whom. The page has no such list of its own.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class FieldNotes
{
    /** @var array<string, array<string, array{string, string}>> label and hint in its words, by book and path */
    private static array $worded = [];

    /** @var array<string, list<array{value: string, label: string}>> choices that every circuit of a rule book has, by its terms and the field */
    private static array $listed = [];

    /** @var array<FieldPath, array<int, string>> the few numbers that a field takes, in words */
    private const COUNTS = [
        'supply.phases' => ['3' => 'Three', '1' => 'One'],
        'cable.sets' => ['1' => 'One', '2' => 'Two', '3' => 'Three', '4' => 'Four', '5' => 'Five', '6' => 'Six'],
        'cable.raceways' => ['1' => 'One', '2' => 'Two'],
    ];

    /** @var array<FieldPath, true> fields whose empty word comes from elsewhere than the defaults of a rule book */
    private const OWN_DEFAULT = [
        'guard.scpd' => true,
        'guard.overload_place' => true,
        'cable.terminal_temperature' => true,
        'cable.tray' => true,
        'correction.load_percent' => true,
        'correction.rated_voltage' => true,
        'correction.basis' => true,
        'starter.run_up_time' => true,
        'load.torque_percent' => true,
        'load.inertia' => true,
        'plate.efficiency' => true,
        'settings.drop_limit_running' => true,
        'settings.drop_limit_starting' => true,
    ];

    /** @var list<FieldPath> what is set on one kind of starter or another */
    private const SET_ON_STARTER = [
        'starter.changeover.by', 'starter.changeover.value', 'starter.tap_percent', 'starter.current_limit', 'starter.ramp_time',
        'starter.initial_voltage', 'starter.gap', 'starter.transition', 'starter.drive_input_current',
        'starter.for_one_phase',
    ];

    private const OF_ONE_PHASE = [
        'plate.single_phase_type', 'plate.start_capacitor', 'plate.run_capacitor', 'plate.thermal_protector', 'plate.no_load_power',
        'starter.for_one_phase', 'supply.transformer_phases',
    ];

    /** @var array<string, list<FieldPath>> what is asked of each source alone */
    private const OF_SOURCE = [
        SupplySource::Mains->value => [
            'supply.fault_level_kva', 'supply.transformer_kva', 'supply.transformer_impedance_percent', 'supply.x_over_r',
        ],
        SupplySource::Generator->value => [
            'supply.generator_kva', 'supply.generator_kw', 'supply.subtransient_percent', 'supply.transient_percent',
            'supply.sustained_ratio', 'settings.dip_limit_generator',
        ],
        SupplySource::Inverter->value => [
            'supply.inverter_va', 'supply.surge_va', 'supply.surge_seconds', 'supply.inverter_fault_ampere', 'supply.battery_volts',
            'supply.battery_amp_hours', 'supply.inverter_efficiency_points',
        ],
    ];

    private const FLAG = ['true' => 'Yes', 'false' => 'No'];

    private readonly ?StartingMethod $method;

    private readonly Words $words;

    private readonly Sizing $sizing;

    private function __construct(
        private readonly Circuit $circuit,
        private readonly RuleBook $book,
        private readonly Practice $practice,
        private readonly ?Figure $efficiency,
    ) {
        $this->method = Methods::of($circuit, $practice->runUp());
        $this->words = $book->words();
        $this->sizing = $book->sizing();
    }

    /**
     * @param  Figure|null  $efficiency  of the motor, in parts of one
     * @return array<string, FieldNote> by path
     */
    public static function of(Circuit $circuit, RuleBook $book, Practice $practice, ?Figure $efficiency): array
    {
        $notes = new self($circuit, $book, $practice, $efficiency);
        $unused = array_flip($notes->unused());
        $own = $book->choices();
        // Most are plain stamps and readings, of which there is nothing to say but their label.
        $speak = Fields::speaking() + self::COUNTS + self::OWN_DEFAULT + $own + $unused + $circuit->defaults();
        $worded = self::worded($book->words());
        $all = [];
        foreach (Fields::paths() as $path) {
            if (! isset($speak[$path]) && ! isset($worded[$path])) {
                continue;
            }
            $field = Fields::at($path);
            $note = $notes->note($path, $field, $notes->choices($path, $field, $own[$path] ?? null), ! isset($unused[$path]));
            if (isset($worded[$path])) {
                $note = $note->worded(...$worded[$path]);
            }
            if (! $note->saysNothing()) {
                $all[$path] = $note;
            }
        }

        return $all;
    }

    /** @return array<string, array{string, string}> label and hint of the fields that a book calls otherwise, by path; empty where alike */
    private static function worded(Words $words): array
    {
        if (isset(self::$worded[$words->name])) {
            return self::$worded[$words->name];
        }
        $spoken = Spoken::by($words);
        $worded = [];
        foreach (Fields::paths() as $path) {
            $field = Fields::at($path);
            [$label, $hint] = [$spoken->text($field->label), $spoken->text($field->hint)];
            if ($label !== $field->label || $hint !== $field->hint) {
                $worded[$path] = [$label === $field->label ? '' : $label, $hint === $field->hint ? '' : $hint];
            }
        }

        return self::$worded[$words->name] = $worded;
    }

    /** @return list<string> fields that this rule book or this starting method has no use for */
    private function unused(): array
    {
        $unused = $this->book->unused($this->circuit);
        $unused = [...$unused, ...array_values(array_diff(self::SET_ON_STARTER, $this->method?->settings() ?? []))];
        if (count($this->method?->relaySeats() ?? []) < 2) {
            $unused[] = 'guard.overload_place';
        }
        if (! $this->isOnePhase()) {
            $unused = [...$unused, ...self::OF_ONE_PHASE];
        }
        foreach (array_diff_key(self::OF_SOURCE, [$this->circuit->source()->value => true]) as $others) {
            $unused = [...$unused, ...$others];
        }
        if ($this->circuit->source() === SupplySource::Inverter) {
            $unused[] = 'supply.transformer_phases';
        }
        $earthing = $this->circuit->chosen('supply.earthing', Earthing::class);
        if ($earthing !== Earthing::Resistance) {
            $unused = [...$unused, 'supply.earthing_ohm', 'supply.earthing_ampere', 'guard.earth_fault_relay'];
        }
        if ($earthing !== Earthing::It) {
            $unused[] = 'supply.it_earthing';
        }
        if (($this->method?->leads() ?? 3) === 3) {
            $unused[] = 'cable.raceways';
        }
        if ($this->circuit->missing('cable.line_length')) {
            $unused[] = 'cable.line_grouped_circuits';
        }
        $scpd = $this->circuit->chosen('guard.scpd', Scpd::class);
        $unused[] = $scpd?->isInstantaneous() === true && $this->sizing->devices->device($scpd, 1.0, 1.0) === null
            ? 'guard.rating' : 'guard.instantaneous';

        return [...$unused, ...$this->notCorrected()];
    }

    /** Whether supply or plate says so. */
    private function isOnePhase(): bool
    {
        return $this->circuit->phases() === 1 || $this->circuit->number('plate.phases')?->number() === 1.0
            || $this->circuit->chosen('plate.kind', MotorKind::class) === MotorKind::SinglePhase;
    }

    /** @return list<string> fields of a capacitor that this load or this place has no use for */
    private function notCorrected(): array
    {
        $place = $this->circuit->chosen('correction.place', CapacitorPlace::class) ?? CapacitorPlace::None;
        $onBench = $this->circuit->chosen('subject', Subject::class) === Subject::BenchLoad;
        $unused = $this->circuit->phases() === 1
            ? ['correction.detuning_percent']
            : ['correction.capacitance', 'correction.pluggable'];
        if ($onBench) {
            $unused = [
                ...$unused, 'correction.place', 'correction.load_percent', 'correction.lowest_load_percent', 'correction.own_contactor',
                'correction.tap_length', 'load.traits',
            ];
        }
        if (! $place->isBehindStarter() || $this->sizing->capacitors->longestBareTapMetres === null) {
            $unused[] = 'correction.tap_length';
        }
        if ($place->isBehindStarter() || $place === CapacitorPlace::None) {
            $unused[] = 'correction.own_contactor';
        }

        return $unused;
    }

    /**
     * @param  array<array-key, string>|null  $own  those of the rule book
     * @return list<array{value: string, label: string}>
     */
    private function choices(string $path, Field $field, ?array $own): array
    {
        return match ($path) {
            'guard.scpd' => $this->labelled($this->sizing->devices->known()),
            'guard.overload_class' => $this->labelled([TripClass::Class5, ...$this->sizing->overload->classes()]),
            'guard.overload_place' => $this->labelled(
                array_map(static fn (RelaySeat $seat): Choice => $seat->place, $this->method?->relaySeats() ?? []),
            ),
            default => self::$listed[$this->words->name.' '.$path] ??= match (true) {
                $own !== null => self::listed($own),
                $field->kind === FieldKind::Flag => self::listed(self::FLAG),
                $field->choices === null => self::listed(self::COUNTS[$path] ?? []),
                default => $this->labelled($field->cases()),
            },
        };
    }

    /**
     * @param  array<array-key, string>  $labels  by value
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

    /**
     * @param  list<Choice>  $choices
     * @return list<array{value: string, label: string}>
     */
    private function labelled(array $choices): array
    {
        $listed = [];
        foreach ($choices as $choice) {
            $listed[] = ['value' => (string) $choice->value, 'label' => $choice->label($this->words)];
        }

        return $listed;
    }

    /** @param  list<array{value: string, label: string}>  $choices */
    private function note(string $path, Field $field, array $choices, bool $used): FieldNote
    {
        [$value, $reason, $why] = $this->default($path, $field);
        if ($value === null) {
            return new FieldNote($field->empty, $why, $choices, $used);
        }
        $shown = $value;
        foreach ($choices as $choice) {
            if ($choice['value'] === $value || $choice['value'] === strtolower($value)) {
                $shown = $choice['label'];
            }
        }

        return new FieldNote($shown.($reason === null ? '' : ' ('.$reason.')'), $why, $choices, $used);
    }

    /** @return array{string|null, string|null, string} what an empty field is taken as, who says so in one word, and the words by which it is marked */
    private function default(string $path, Field $field): array
    {
        return match ($path) {
            'guard.scpd' => [$this->sizing->devices->usual()->value, 'usual', 'usual here'],
            'guard.overload_place' => [$this->method?->relaySeats()[0]->place->value, 'usual', 'usual place'],
            'cable.terminal_temperature' => $this->ofSite($field, 'settings.terminal_temperature'),
            'cable.tray' => $this->ofSite($field, 'settings.tray'),
            'correction.load_percent' => $this->typedElsewhere('load.output_percent', 'as under Power'),
            'correction.rated_voltage' => $this->capacitorVolts(),
            'correction.basis' => [$this->correctionBasis()->value, 'usual', ''],
            'starter.run_up_time' => ['calculated, if the load is known', null, ''],
            'load.inertia' => $this->usualInertia(),
            'load.torque_percent' => [Show::quantity(LoadReader::USUAL_PERCENT, Unit::Percent), 'assumed', 'a load of rated torque'],
            'settings.drop_limit_running' => [
                Show::quantity($this->book->dropLimitRunning(), Unit::Percent), DefaultReason::RuleBook->word(), '',
            ],
            'settings.drop_limit_starting' => [Show::quantity(CableStation::STARTING_DROP_LIMIT, Unit::Percent), 'usual', ''],
            // As it would be stamped: the figure is in parts of one, the plate in percent.
            'plate.efficiency' => [$this->efficiency === null ? null : Show::number(100 * $this->efficiency->number(), 3), null, ''],
            default => $this->assumed($path, $field),
        };
    }

    /** @return array{string|null, string|null, string} */
    private function capacitorVolts(): array
    {
        $supply = $this->circuit->number('supply.voltage');
        if ($supply === null) {
            return [null, null, ''];
        }
        $detuning = $this->circuit->number('correction.detuning_percent')?->number() ?? 0.0;

        $usual = Nameplate::usual($supply, $detuning / 100, $this->circuit->phases() === 1, $this->practice->capacitor());

        return [$usual->shown(), 'assumed', ''];
    }

    private function correctionBasis(): CorrectionBasis
    {
        return $this->circuit->chosen('subject', Subject::class) === Subject::BenchLoad && $this->circuit->has('measure.method')
            ? CorrectionBasis::Measured : CorrectionBasis::Calculated;
    }

    /** @return array{string|null, string|null, string} */
    private function usualInertia(): array
    {
        $kind = $this->circuit->chosen('load.kind', LoadKind::class);
        $times = $kind === null
            ? null : $this->practice->runUp()->inertiaTimes($this->circuit->chosen('load.machine', DrivenMachine::class), $kind);

        return $times === null || ! $this->circuit->missing('starter.run_up_time')
            ? [null, null, '']
            : [Show::number($times).' × the rotor inertia', 'assumed', 'usual inertia of such a load'];
    }

    /** @return array{string|null, string|null, string} */
    private function assumed(string $path, Field $field): array
    {
        $assumed = $this->circuit->defaultOf($path);

        return $assumed === null ? [null, null, ''] : [self::shown($field, $assumed->value), $assumed->reason->word(), $assumed->why];
    }

    /**
     * @param  'settings.terminal_temperature'|'settings.tray'  $setting
     * @return array{string|null, string|null, string}
     */
    private function ofSite(Field $field, string $setting): array
    {
        $assumed = $this->circuit->assumed($setting);
        $value = $this->circuit->number($setting)?->number() ?? $this->circuit->word($setting);

        return $value === null
            ? [null, null, '']
            : [
                self::shown($field, $value),
                $assumed === null ? DefaultReason::Site->word() : DefaultReason::Practice->word(),
                $assumed ?? 'a setting of the site',
            ];
    }

    /**
     * @param  'load.output_percent'|'supply.voltage'  $path
     * @return array{string|null, string|null, string}
     */
    private function typedElsewhere(string $path, string $reason): array
    {
        $figure = $this->circuit->number($path);

        return $figure === null ? [null, null, ''] : [$figure->shown(), $reason, ''];
    }

    /** As the value of a choice where the field has choices, else with its unit. */
    private static function shown(Field $field, float|string|bool $value): string
    {
        if (is_bool($value)) {
            return $value ? 'true' : 'false';
        }
        if (
            is_string($value) ||
            $field->kind === FieldKind::Count ||
            $field->path === 'cable.terminal_temperature' ||
            $field->path === 'settings.terminal_temperature'
        ) {
            return (string) $value;
        }

        return Figure::typed($field->path, '', $value, $field->unit, null)->shown();
    }
}
