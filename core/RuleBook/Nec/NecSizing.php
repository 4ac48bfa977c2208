<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Nec;

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

/** NEC procedures N1 to N6: conductors, protective device, overload, disconnect, grounding conductor, capacitor. */
final class NecSizing implements Sizing
{
    private const TOLERANCE = 1e-6;

    private const INSULATION = ['TW' => 60, 'PVC' => 75, 'THW' => 75, 'THWN' => 75, 'XHHW' => 75, 'RW75' => 75, 'THHN' => 90, 'THWN-2' => 90, 'XHHW-2' => 90, 'RW90' => 90, 'RHW-2' => 90, 'T90' => 90, 'XLPE' => 90];

    private const DEVICES = [
        'breaker_inverse_time' => ['column' => 'inv', 'name' => 'inverse-time breaker', 'ceiling' => ['inv_to_100_a', 'inv_above_100_a']],
        'fuse_dual_element' => ['column' => 'td', 'name' => 'dual-element fuse', 'ceiling' => ['td', 'td']],
        'fuse_non_time_delay' => ['column' => 'ntd', 'name' => 'non-time-delay fuse', 'ceiling' => ['ntd_to_600_a', 'ntd_to_600_a']],
    ];

    private static function factor(string $name): float
    {
        return Table::of('nec/motor_factors')->must($name);
    }

    public function requiredAmpacity(Circuit $circuit, Sheet $sheet, Run $run): Figure
    {
        $current = $sheet->need('power.design_current');
        $factor = self::factor($run->sixLeads ? 'star_delta_lead' : 'conductor');
        $shown = Show::number($factor);

        return $run->sixLeads
            ? Sheet::worked('cable.required_ampacity', 'Required ampacity of each lead', $factor * $current->number(), 'A', "$shown · FLC", "$shown × {I}", ['I' => $current], 'NEC 430.22(C)')
            : Sheet::worked($run->line ? 'cable.line_required_ampacity' : 'cable.required_ampacity', 'Required ampacity', $factor * $current->number(), 'A', "$shown · FLC", "$shown × {I}", ['I' => $current], 'NEC 430.22');
    }

    public function candidates(Circuit $circuit, Sheet $sheet, Run $run): array
    {
        $ambient = $circuit->number('supply.ambient');
        $grouped = $circuit->number('cable.grouped_circuits');
        $insulation = self::INSULATION[$circuit->choice('cable.insulation') ?? ''] ?? null;
        if ($ambient === null || $grouped === null || $insulation === null) {
            return [];
        }
        if ($circuit->choice('cable.insulation') === 'THHN' && $circuit->flag('cable.wet') === true) {
            $sheet->error('cable.insulation', 'THHN is for dry places only.', 'THWN-2 or XHHW-2 in a wet place.');

            return [];
        }
        $ambientFactor = self::ambientFactor($ambient->number(), $insulation);
        if ($ambientFactor === null) {
            $sheet->error('supply.ambient', 'No '.$insulation.' °C conductor may be used at '.$ambient->shown().'.', 'A lower ambient, or an insulation for a higher temperature.');

            return [];
        }
        $count = (int) (3 * ($grouped->number() - 1)) + $run->conductors();
        $groupFactor = self::groupFactor($count);
        $terminal = $this->terminalTemperature($circuit, $this->requiredAmpacity($circuit, $sheet, $run)->number());
        $terminalColumn = (string) (min($terminal, $insulation) / 15 - 4);
        $insulationColumn = (string) ($insulation / 15 - 4);
        $raceway = $circuit->choice('cable.raceway_material') ?? 'steel';
        $resistance = ['steel' => 'r_cu_steel', 'aluminium' => 'r_cu_al', 'pvc' => 'r_cu_pvc'][$raceway];
        $reactance = $raceway === 'steel' ? 'xl_steel' : 'xl_pvc_al';

        $ampacity = Table::of('nec/ampacity');
        $impedance = Table::of('nec/conductor_impedance');
        $properties = Table::of('nec/conductor_properties');
        $sources = implode('; ', [$ampacity->cited(), Table::of('nec/ambient_correction')->source, Table::of('nec/conductor_adjustment')->source, 'terminals NEC 110.14(C)']);
        $candidates = [];
        foreach ($impedance->keys() as $size) {
            $base = $ampacity->number('copper', $size, $insulationColumn);
            $limit = $ampacity->number('copper', $size, $terminalColumn);
            $ohm = $impedance->number($size, $resistance);
            $x = $impedance->number($size, $reactance);
            $area = $properties->number($size, 'mm2');
            if ($base === null || $limit === null || $ohm === null || $x === null || $area === null) {
                continue;
            }
            $candidates[] = new Candidate($size, $area, $base * $ambientFactor * $groupFactor, $limit,
                max($ohm, $properties->number($size, 'dc_cu_uncoated_ohm_per_km') ?? 0.0), $x,
                Show::number($base).' A ('.$insulation.' °C column) × '.Show::number($ambientFactor).' ambient × '.Show::number($groupFactor).' for '.$count.' conductors; terminals '.min($terminal, $insulation).' °C: '.Show::number($limit).' A',
                $sources, $impedance->cited(),
                $ampacity->doubt('copper', $size, $insulationColumn) ?? $ampacity->doubt('copper', $size, $terminalColumn));
        }

        return $candidates;
    }

    /** Lowest end of the run: as marked, else 60 °C up to 100 A and 75 °C above; never 90. */
    private function terminalTemperature(Circuit $circuit, float $required): int
    {
        $marked = $circuit->number('cable.terminal_temperature');

        return $marked !== null
            ? (int) min(self::factor('largest_terminal_c'), $marked->number())
            : (int) self::factor($required > self::factor('small_terminal_to_a') + self::TOLERANCE ? 'largest_terminal_c' : 'small_terminal_c');
    }

    public function assumedTerminals(Circuit $circuit): ?string
    {
        return $circuit->missing('cable.terminal_temperature') ? 'terminals not marked: 60 °C up to 100 A, 75 °C above' : null;
    }

    private static function ambientFactor(float $celsius, int $insulation): ?float
    {
        $table = Table::of('nec/ambient_correction');
        foreach ($table->keys() as $row) {
            if (($table->number($row, 'to_c') ?? 0) >= $celsius) {
                return $table->number($row, (string) $insulation);
            }
        }

        return null;
    }

    private static function groupFactor(int $conductors): float
    {
        $table = Table::of('nec/conductor_adjustment');
        $factor = 1.0;
        foreach ($table->keys() as $row) {
            if ($conductors >= ($table->number($row, 'from') ?? INF)) {
                $factor = ($table->number($row, 'percent') ?? 100) / 100;
            }
        }

        return $factor;
    }

    public function sizeText(string $size): string
    {
        return $size.(! str_contains($size, '/') && (int) $size >= 250 ? ' kcmil' : ' AWG');
    }

    public function sizeValue(string $size): string
    {
        return $this->sizeText($size);
    }

    public function protectiveConductor(Sheet $sheet, string $key, string $chosen, string $needed, ?string $largest): ?Figure
    {
        $rating = $sheet->get('guard.scpd_rating');
        if ($rating === null) {
            return null;
        }
        $table = Table::of('nec/equipment_grounding');
        $byTable = null;
        $row = '';
        foreach ($table->keys('rows') as $upTo) {
            if ((float) $upTo >= $rating->number()) {
                $row = $upTo;
                $byTable = $table->text('rows', $row, '0');
                break;
            }
        }
        if ($byTable === null) {
            return null;
        }
        $area = static fn (string $size): float => Table::of('nec/conductor_properties')->number($size, 'mm2') ?? 0.0;
        // Before the phases are enlarged it need not exceed what ampacity asks of them.
        $bound = $largest === $chosen ? $needed : $largest;
        $basis = $bound === null || $area($byTable) <= $area($bound) ? $byTable : $bound;
        $working = $rating->shown().' device: '.$this->sizeText($byTable);
        if ($area($chosen) > $area($needed)) {
            $wanted = $area($basis) * $area($chosen) / $area($needed);
            foreach (Table::of('nec/conductor_properties')->keys() as $size) {
                if ($area($size) >= $wanted * (1 - self::TOLERANCE)) {
                    $basis = $size;
                    break;
                }
            }
            $working .= ', enlarged with the phases by '.Show::number($area($chosen) / $area($needed)).' to '.$this->sizeText($basis);
        }
        if ($largest !== null && $area($basis) > $area($largest)) {
            $basis = $largest;
        }
        if ($basis === $largest && $area($byTable) > $area($largest)) {
            $working .= ', not larger than the circuit conductor '.$this->sizeText($largest);
        }

        return $sheet->work($key, 'Equipment grounding conductor', $this->sizeText($basis), '', 'table', $working, ['device' => $rating], $table->cited(), null, $table->doubt('rows', $row, '0'));
    }

    public function usualScpd(): string
    {
        return 'breaker_inverse_time';
    }

    public function scpds(): array
    {
        return ['breaker_inverse_time', 'fuse_dual_element', 'fuse_non_time_delay', 'breaker_instantaneous', 'motor_breaker'];
    }

    public function scpd(Circuit $circuit, Sheet $sheet, string $device): ScpdChoice
    {
        $rule = self::DEVICES[$device];
        $flc = $sheet->need('power.design_current');
        $lrc = $sheet->get('start.locked_rotor_current');
        $table = Table::of('nec/protection_percent');
        $percent = $table->number('squirrel_cage', $rule['column']) ?? 0.0;
        $limit = Sheet::worked('guard.scpd_limit', 'Percentage limit', $percent / 100 * $flc->number(), 'A', 'percentage · FLC', Show::number($percent).' % × {I}', ['I' => $flc], $table->cited());
        $ratings = $this->ratings($device, $circuit->flag('settings.ten_ampere_rating') ?? true);
        $maximum = null;
        foreach ($ratings as $rating) {
            if ($rating >= $limit->number() * (1 - self::TOLERANCE)) {
                $maximum = $rating;
                break;
            }
        }
        $source = 'NEC 430.52(C)(1), next standard size up of 240.6(A)';
        $marked = $circuit->number('guard.marked_maximum');
        if ($maximum !== null && $marked !== null && $marked->number() < $maximum) {
            $below = array_filter($ratings, static fn (float $r): bool => $r <= $marked->number() * (1 + self::TOLERANCE));
            $maximum = $below === [] ? null : max($below);
            $source = 'NEC 430.52(C)(2): the maximum marked on the starter, '.$marked->shown();
        }
        $practice = Table::of('practice/guard');
        $carries = static fn (float $rating): bool => match (true) {
            $lrc === null, $device === 'fuse_non_time_delay' => true,
            $device === 'fuse_dual_element' => $lrc->number() <= $practice->must('dual_element_carries_times') * $rating,
            default => $practice->must('peak_rms_factor') * $lrc->number() <= $practice->must('inverse_time_carries_peak_times') * $rating,
        };
        $ladder = [];
        foreach ($ratings as $rating) {
            if ($rating < 0.9 * $flc->number() || ($maximum !== null && $rating > 1.7 * $maximum)) {
                continue;
            }
            $allowed = $maximum !== null && $rating <= $maximum;
            $ladder[] = ['rating' => $rating, 'carries' => $carries($rating), 'allowed' => $allowed,
                'reason' => ! $allowed ? 'above what the rule allows without exception' : ($carries($rating) ? ($rating === $maximum ? 'largest the rule allows' : 'allowed, smaller than need be') : 'may trip on the start')];
        }
        if ($maximum === null) {
            return new ScpdChoice($limit, null, null, $ladder);
        }
        if (! $carries($maximum)) {
            $ceiling = $table->number('exception_ceiling', $rule['ceiling'][$flc->number() <= 100 ? 0 : 1]) ?? 0.0;
            $sheet->find(Grade::Caution, Station::Guard, 'scpd_may_trip_on_start', 'The device may not carry the start',
                'By rule of thumb a '.Show::number($maximum).' A '.$rule['name'].' may not carry '.($lrc?->shown() ?? '').' of locked-rotor current. Only if the motor will not start may it be raised, to at most '.Show::number($ceiling).' %, '.Show::number($ceiling / 100 * $flc->number()).' A.',
                'Try the start first; keep the evidence if you must go higher.', 'NEC 430.52(C)(1) exceptions; rule of thumb is common practice, no source', ['guard.scpd_rating', 'start.locked_rotor_current']);
        }

        return new ScpdChoice($limit,
            Sheet::worked('guard.scpd_maximum_rating', 'Largest standard rating permitted', $maximum, 'A', 'next standard rating', 'next of the standard list above {limit}', ['limit' => $limit], $source),
            Sheet::worked('guard.scpd_rating', ucfirst($rule['name']), $maximum, 'A', 'next standard rating', '{limit}, next standard rating', ['limit' => $limit], $source, null,
                $maximum === 10.0 ? Table::of('nec/standard_ratings')->doubt('ratings', '0') : null),
            $ladder);
    }

    /** @return list<float> */
    private function ratings(string $device, bool $tenAmperes): array
    {
        $table = Table::of('nec/standard_ratings');
        $ratings = $table->numbers('ratings');
        if (! $tenAmperes) {
            $ratings = array_values(array_filter($ratings, static fn (float $r): bool => $r > 10));
        }
        if ($device !== 'breaker_inverse_time') {
            $ratings = array_values(array_unique([...$table->numbers('fuse_only'), ...$ratings, 10.0]));
            sort($ratings);
        }

        return $ratings;
    }

    public function overload(Circuit $circuit, Sheet $sheet, Figure $current, float $placeShare): void
    {
        $serviceFactor = $circuit->number('plate.service_factor');
        $rise = $circuit->number('plate.temperature_rise');
        $high = ($serviceFactor !== null && $serviceFactor->number() >= self::factor('high_from_service_factor') - self::TOLERANCE) || ($rise !== null && $rise->number() <= self::factor('high_to_rise_k'));
        $factor = self::factor($high ? 'overload_high' : 'overload_low');
        $why = $high ? 'service factor 1.15 or more, or rise of 40 °C or less' : 'service factor below 1.15 or not stamped';
        $share = $placeShare < 1 ? ' ÷ √3' : '';
        $sheet->work('guard.overload_setting', 'Overload trip limit', $factor * $current->number() * $placeShare, 'A', 'percentage · plate current'.$share,
            Show::number(100 * $factor).' % × {I}'.$share, ['I' => $current], 'NEC 430.32(A)(1): '.$why);
        $dial = $high ? 1.0 : Table::of('practice/guard')->must('dial_share_at_low_limit');
        $sheet->work('guard.overload_dial', 'Overload dial', $dial * $current->number() * $placeShare, 'A', 'dial in motor amperes',
            ($high ? '{I}' : Show::number($dial).' × {I}').$share, ['I' => $current], 'A relay marked in motor amperes trips near 1.2 × its dial (IEC 60947-4-1, from memory)');
    }

    public function disconnect(Sheet $sheet): void
    {
        $flc = $sheet->need('power.design_current');
        $required = $sheet->work('guard.disconnect_rating', 'Disconnect, at least', self::factor('disconnect') * $flc->number(), 'A', 'factor · FLC', Show::number(self::factor('disconnect')).' × {I}', ['I' => $flc], 'NEC 430.110(A)');
        $table = Table::of('practice/switch_ratings');
        foreach ($table->numbers('nec') as $rating) {
            if ($rating >= $required->number() * (1 - self::TOLERANCE)) {
                $sheet->work('guard.disconnect_size', 'Disconnect switch', $rating, 'A', 'next switch rating', 'next switch rating above {I}', ['I' => $required], $table->cited().'; horsepower rating at least the motor’s');

                return;
            }
        }
    }

    public function capacitorRules(): CapacitorRules
    {
        $rule = Table::of('practice/capacitor');

        return new CapacitorRules($rule->number('nec', 'conductor_factor') ?? 1.35, true, $rule->number('nec', 'fuse_factor') ?? 1.65, $this->ratings('fuse_dual_element', true), 1.35, null,
            $rule->number('nec', 'residual_v') ?? 50, $rule->number('nec', 'discharge_s') ?? 60,
            'NEC 460.8(A)', 'NEC 460.8(B): as low as practicable, 1.65 × is common practice, no source', 'NEC 460.6', 'NEC 460.9 and common practice (from memory)');
    }
}
