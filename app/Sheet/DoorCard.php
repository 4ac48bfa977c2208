<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Sheet\Picture\Drawing;
use App\Sheet\Picture\TerminalBox;
use BraveAnvil\Ground\Show;

/** What hangs on the door of the panel: one page that a person reads at the motor. */
final readonly class DoorCard
{
    /** Findings that have room. */
    private const MOST_FINDINGS = 5;

    /** @var list<SheetRow> */
    public array $rows;

    public ?Drawing $box;

    public function __construct(public SheetContent $content)
    {
        $this->box = TerminalBox::of($content);
        $this->rows = array_values(array_filter([
            $this->joined('Supply', [
                $content->shown('plate.supply_voltage'), $content->field('supply.frequency'), $content->field('supply.earthing'),
                $content->has('guard.prospective_current') ? $content->word('fault_current').' '.
                    $content->shown('guard.prospective_current') : '',
            ]),
            $this->device(), $this->timer(), $this->cable('cable.size', 'to the motor', 'cable.protective_size', 'cable.sets'),
            $this->cable('cable.line_size', 'to the starter', 'cable.line_protective_size', 'cable.line_sets'), $this->capacitor(),
        ]));
    }

    /** The plate in one line. */
    public function plate(): string
    {
        $parts = [];
        foreach (['power', 'voltage', 'current', 'speed', 'frequency', 'power_factor', 'duty', 'ip'] as $name) {
            $value = $this->content->field('plate.'.$name);
            if ($value !== '') {
                $parts[] = $name === 'power_factor' ? 'cos φ '.$value : $value;
            }
        }

        return implode(' · ', $parts);
    }

    /** The setting first of all, large. */
    public function dial(): string
    {
        return $this->content->shown('guard.overload_dial');
    }

    /** What goes with the dial. */
    public function relay(): string
    {
        $content = $this->content;
        $reset = $content->field('guard.reset');

        $limit = $content->shown('guard.overload_setting');

        return implode(', ', array_filter([
            $content->has('guard.overload_class') ? 'trip class '.$content->shown('guard.overload_class') : '',
            match ($content->value('guard.overload_place')) {
                '' => '', 'line' => 'in the supply line', default => 'in the motor leads',
            },
            match ($reset) {
                '', 'Not specified', 'Not said' => '', 'By hand' => 'manual reset', 'By itself' => 'automatic reset',
                default => Show::inside($reset).' reset',
            },
        ])).($limit === '' || $limit === $this->dial() ? '' : '. Code limit for the trip: '.$limit);
    }

    /** @return list<array{grade: string, title: string, text: string, action: string}> the gravest, as many as have room */
    public function findings(): array
    {
        return array_slice($this->content->findings(withNotes: false), 0, self::MOST_FINDINGS);
    }

    /**
     * What a person at the panel needs of a finding: its numbers, and what to do where that is done here and not on the page.
     *
     * @param  array{grade: string, title: string, text: string, action: string}  $finding
     */
    public function says(array $finding): string
    {
        $onThePage = preg_match('~^(Enter|Clear|Choose)\\b|\\b[Ee]nter it\\b~', $finding['action']) === 1;

        return trim($finding['text'].($onThePage ? '' : ' '.$finding['action']));
    }

    /** How many more there are than have room. */
    public function moreFindings(): int
    {
        return max(0, count($this->content->findings(withNotes: false)) - self::MOST_FINDINGS);
    }

    private function device(): ?SheetRow
    {
        $content = $this->content;
        if (! $content->has('guard.scpd_rating') && ! $content->has('guard.instantaneous_setting')) {
            return null;
        }
        $row = $content->row('guard.scpd_rating') ?? $content->row('guard.instantaneous_setting');
        $capacity = $content->field('guard.breaking_capacity_ka');

        return new SheetRow('Protection', implode(', ', array_filter([
            ($row->label ?? '').' '.($row->value ?? ''),
            $content->has('guard.scpd_rating') && $content->has('guard.instantaneous_setting')
                ? 'instantaneous trip '.$content->shown('guard.instantaneous_setting') : '',
            $capacity === '' ? '' : $content->word('breaking_capacity').' '.$capacity, $content->has('guard.disconnect_size')
                ? Show::inside($content->row('guard.disconnect_size')->label ?? '').' '.$content->shown('guard.disconnect_size') : '',
        ])), mark: $row->mark ?? '');
    }

    private function timer(): ?SheetRow
    {
        $content = $this->content;
        $parts = [ucfirst($content->shown('start.method'))];
        $value = $content->field('starter.changeover.value');
        if ($content->has('start.timer_first') && $content->has('start.timer_last')) {
            $parts[] = ($value === '' ? 'timer ' : 'timer '.$value.', ').'allowed '.$content->shown('start.timer_first').' to '.
                $content->shown('start.timer_last');
        } elseif ($value !== '') {
            $parts[] = 'changeover at '.$value;
        }
        if ($content->has('start.run_up_time')) {
            $parts[] = 'run-up '.$content->shown('start.run_up_time');
        }

        return array_filter($parts) === [] ? null : new SheetRow('Start', implode(', ', array_filter($parts)));
    }

    private function cable(string $size, string $where, string $protective, string $sets): ?SheetRow
    {
        $content = $this->content;
        $row = $content->row($size);
        if ($row === null) {
            return null;
        }
        $count = $size === 'cable.size' && $content->has('cable.conductors') ? $content->shown('cable.conductors').' × ' : '';
        $length = $content->field($size === 'cable.size' ? 'cable.length' : 'cable.line_length');

        return new SheetRow(
            ucfirst($content->word('cable')).' '.$where,
            implode(', ', array_filter([
                $count.$row->value.($content->has($sets) && $content->shown($sets) !== '1' ? ' in '.$content->shown($sets).
                    ' parallel sets' : ''),
                $content->has($protective) ? $content->word('protective').' '.$content->shown($protective) : '', $length,
                $content->field('cable.insulation'),
            ])),
            mark: $row->mark,
        );
    }

    private function capacitor(): ?SheetRow
    {
        $content = $this->content;
        // A single-phase capacitor is bought by its capacitance, and its volts.
        $onePhase = $content->has('correct.capacitance_required');
        $row = $content->row($onePhase ? 'correct.capacitance_delta' : 'correct.capacitor_rating');
        if ($row === null) {
            return null;
        }

        return new SheetRow('Capacitor', implode(', ', array_filter([
            $row->value.($onePhase ? ' '.$content->shown('correct.rated_voltage') : ''), Show::inside($content->field('correction.place')),
            self::wait($content),
        ])), mark: $row->mark);
    }

    /** With the resistor that is there, else as long as the rule allows a right one to take. */
    private static function wait(SheetContent $content): string
    {
        $time = $content->shown('correct.discharge_time');
        $limit = $content->shown('correct.discharge_limit');

        return $time === '' && $limit === '' ? ''
            : 'after switching off wait '.($time !== '' ? $time : $limit).', '.$content->word('prove_dead').
                ', then short-circuit before touching';
    }

    /** @param  list<string>  $parts */
    private function joined(string $label, array $parts): ?SheetRow
    {
        $said = array_filter($parts, static fn (string $part): bool => $part !== ''
            && ! in_array($part, ['Not specified', 'Not said'], true));

        return $said === [] ? null : new SheetRow($label, implode(', ', $said));
    }
}
