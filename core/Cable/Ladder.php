<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Every size of one run against every constraint. */
final class Ladder
{
    private const TOLERANCE = 1e-6;

    private readonly Figure $required;

    /** @var list<Candidate> */
    private readonly array $candidates;

    private readonly ?VoltageDrop $drop;

    private readonly ?int $installed;

    public function __construct(private readonly Circuit $circuit, private readonly Sizing $sizing, private readonly Sheet $sheet, private readonly Run $run, private readonly DropLimits $limits)
    {
        $this->required = $sizing->requiredAmpacity($circuit, $sheet, $run);
        $this->candidates = $sizing->candidates($circuit, $sheet, $run);
        $this->drop = VoltageDrop::of($circuit, $sheet, $run);
        $field = $run->line ? 'cable.line_size' : 'cable.size';
        $typed = $circuit->choice($field);
        $at = null;
        foreach ($this->candidates as $i => $candidate) {
            if ($candidate->size === $typed) {
                $at = $i;
            }
        }
        $this->installed = $at;
        if ($typed !== null && $at === null && $this->candidates !== []) {
            $sheet->error($field, $sizing->sizeText($typed).' is not a size of the ampacity table here.', 'A size from '.$sizing->sizeText($this->candidates[0]->size).' to '.$sizing->sizeText($this->candidates[count($this->candidates) - 1]->size).'.');
        }
    }

    public function empty(): bool
    {
        return $this->candidates === [] || $this->sheet->bad($this->run->line ? 'cable.line_size' : 'cable.size');
    }

    /** Whether a size is there already and is checked, not chosen. */
    public function fixed(): bool
    {
        return $this->installed !== null;
    }

    public function running(?int $at): float
    {
        return $at === null ? 0.0 : ($this->drop?->runningPercent($this->candidates[$at], $this->run) ?? 0.0);
    }

    public function starting(?int $at): float
    {
        return $at === null ? 0.0 : ($this->drop?->startingPercent($this->candidates[$at], $this->run) ?? 0.0);
    }

    /** The installed size, or the smallest from $first on that passes with the drop already spent upstream. */
    public function pick(float $runningBefore, float $startingBefore, int $first): ?int
    {
        if ($this->installed !== null) {
            return $this->installed;
        }
        for ($i = $first; $i < count($this->candidates); $i++) {
            if ($this->fails($this->candidates[$i], $runningBefore, $startingBefore) === []) {
                return $i;
            }
        }

        return null;
    }

    /** @return list<string> the constraints that reject a candidate */
    private function fails(Candidate $candidate, float $runningBefore, float $startingBefore): array
    {
        $fails = [];
        $need = $this->required->number() * (1 - self::TOLERANCE);
        if ($candidate->derated < $need) {
            $fails[] = 'ampacity';
        }
        if ($candidate->terminal < $need) {
            $fails[] = 'terminals';
        }
        if ($this->drop !== null) {
            if ($runningBefore + $this->drop->runningPercent($candidate, $this->run) > $this->limits->running * (1 + self::TOLERANCE)) {
                $fails[] = 'running drop';
            }
            $starting = $this->drop->startingPercent($candidate, $this->run);
            if ($starting !== null && $startingBefore + $starting > $this->limits->starting * (1 + self::TOLERANCE)) {
                $fails[] = 'starting drop';
            }
        }

        return $fails;
    }

    /** Smallest size by ampacity and terminals alone. */
    private function byAmpacity(): ?Candidate
    {
        foreach ($this->candidates as $candidate) {
            if ($candidate->ampacity() >= $this->required->number() * (1 - self::TOLERANCE)) {
                return $candidate;
            }
        }

        return null;
    }

    public function write(?int $at, float $runningBefore, float $startingBefore, string $prefix): void
    {
        $this->sheet->put($this->required);
        $rows = [];
        foreach ($this->candidates as $i => $candidate) {
            $fails = $this->fails($candidate, $runningBefore, $startingBefore);
            $start = $this->drop?->startingPercent($candidate, $this->run);
            $rows[] = ['size' => $this->sizing->sizeText($candidate->size), 'ampacity' => round($candidate->ampacity(), 3), 'derated' => round($candidate->derated, 3), 'terminal' => round($candidate->terminal, 3),
                'drop' => $this->drop === null ? null : round($runningBefore + $this->drop->runningPercent($candidate, $this->run), 4), 'starting_drop' => $start === null ? null : round($startingBefore + $start, 4),
                'fails' => $fails, 'chosen' => $i === $at, 'working' => $candidate->working];
        }
        $this->sheet->curve($this->run->line ? 'line_ladder' : 'ladder', ['required' => $this->required->number(), 'drop_limit' => $this->limits->running, 'starting_drop_limit' => $this->limits->starting, 'installed' => $this->installed !== null, 'rows' => $rows]);
        if ($at === null) {
            return;
        }
        $this->figures($this->candidates[$at], $runningBefore, $startingBefore, $prefix);
        if ($this->installed !== null) {
            $fails = $this->fails($this->candidates[$at], $runningBefore, $startingBefore);
            if ($fails !== []) {
                $this->sheet->find(Grade::Stop, Station::Cable, 'installed_size_fails', 'The installed size does not pass', $this->sizing->sizeText($this->candidates[$at]->size).' from '.$this->run->name().' fails by '.implode(' and ', $fails).'.', 'Replace it, or change what it carries.', $this->required->source, [$prefix.'size']);
            }
        }
    }

    private function figures(Candidate $candidate, float $runningBefore, float $startingBefore, string $prefix): void
    {
        $line = $this->run->line;
        $value = $this->sizing->sizeValue($candidate->size);
        $unit = is_string($value) ? '' : 'mm²';
        $where = $line ? 'supply to starter' : 'starter to motor';
        $from = ['need' => $this->required];
        $this->put($prefix.'size', 'Conductor size, '.$where, $value, $unit, 'smallest that passes all', $this->installed !== null ? 'as installed' : '{need} wanted, '.Show::number($candidate->ampacity(), 4).' A given', $from, $this->required->source, $candidate->uncertain);
        $this->put($prefix.'ampacity', 'Ampacity', $candidate->ampacity(), 'A', 'smaller of derated and terminal', $candidate->working, $from, $candidate->source, $candidate->uncertain);
        $this->put($prefix.'derated_ampacity', 'Ampacity after derating', $candidate->derated, 'A', 'base · ambient · grouping', $candidate->working, $from, $candidate->source, $candidate->uncertain);
        $smallest = $this->byAmpacity();
        if ($smallest !== null) {
            $this->sheet->put(new Figure($prefix.'size_by_ampacity', 'Size by ampacity alone, '.$where, $this->sizing->sizeValue($smallest->size), $unit, 'smallest by ampacity and terminals', $smallest->working, $smallest->source));
        }
        if ($this->drop === null) {
            return;
        }
        $current = $this->sheet->need('power.design_current');
        $factor = $this->sheet->need('plate.power_factor');
        $supply = $this->sheet->need('plate.supply_voltage');
        $own = $this->drop->runningPercent($candidate, $this->run);
        $ohm = '('.Show::number($candidate->ohmPerKm).' Ω/km × cos φ + '.Show::number($candidate->reactancePerKm).' Ω/km × sin φ) × '.Show::number($this->drop->metres / 1000).' km';
        $drop = $this->sheet->work($line ? 'cable.line_drop' : 'cable.voltage_drop', 'Voltage drop, '.$where, $own, '%', $this->run->sixLeads ? '2 (I/√3)(R cos φ + X sin φ) L / V' : '√3 I (R cos φ + X sin φ) L / V',
            ($this->run->sixLeads ? '2 × {I} ÷ √3' : '√3 × {I}').' × '.$ohm.' ÷ {V}; cos φ {pf}', ['I' => $current, 'V' => $supply, 'pf' => $factor], $candidate->impedanceSource.'; percent of the supply voltage');
        if (! $line) {
            $both = $this->sheet->get('cable.line_drop');
            $this->sheet->work('cable.total_drop', 'Voltage drop, whole circuit', $runningBefore + $own, '%', $both === null ? 'the only run' : 'both runs', $both === null ? '{motor}' : '{line} + {motor}', [...($both === null ? [] : ['line' => $both]), 'motor' => $drop]);
        }
        $start = $this->drop->startingPercent($candidate, $this->run);
        $lrc = $this->sheet->get($this->sheet->get('start.method')?->value === 'star_delta' ? 'start.star_line_current' : 'start.locked_rotor_current');
        if ($start === null || $lrc === null) {
            return;
        }
        $assumption = 'locked-rotor power factor '.Show::number($this->drop->startCos);
        $starting = $this->sheet->work($line ? 'cable.line_starting_drop' : 'cable.starting_drop', 'Voltage drop starting, '.$where, $start, '%', $this->run->sixLeads ? '2√3 (I_LR/3)(R cos φ + X sin φ) L / V' : '√3 I_LR (R cos φ + X sin φ) L / V',
            ($this->run->sixLeads ? '2√3' : '√3').' × {I} × '.$ohm.' ÷ {V}; cos φ '.Show::number($this->drop->startCos), ['I' => $lrc, 'V' => $supply], $candidate->impedanceSource.'; percent of the supply voltage', $assumption);
        if (! $line && $startingBefore > 0) {
            $this->sheet->work('cable.total_starting_drop', 'Voltage drop starting, whole circuit', $startingBefore + $start, '%', 'both runs', '{line} + {motor}', ['line' => $this->sheet->need('cable.line_starting_drop'), 'motor' => $starting]);
        }
    }

    /** @param  array<string, Figure>  $from */
    private function put(string $key, string $label, int|float|string $value, string $unit, string $formula, string $working, array $from, string $source, ?string $uncertain): void
    {
        $figure = Sheet::worked($key, $label, $value, $unit, $formula, $working, $from, $source, null, $uncertain);
        foreach ($this->assumed() as $assumption) {
            $figure = $figure->withAssumption($assumption);
        }
        $this->sheet->put($figure);
    }

    /** @return list<string> what the size rests on that nobody typed */
    private function assumed(): array
    {
        $terminals = $this->sizing->assumedTerminals($this->circuit);
        $list = $terminals === null ? [] : [$terminals];
        foreach (['cable.material', 'cable.insulation', 'cable.method', 'supply.ambient', 'cable.grouped_circuits'] as $path) {
            $assumption = $this->circuit->assumed($path);
            if ($assumption !== null) {
                $list[] = $assumption;
            }
        }

        return $list;
    }
}
