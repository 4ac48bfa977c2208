<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Circuit\Parse\DutyStamp;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Cable\AluminiumNote;
use BraveAnvil\Stations\Cable\CableFinding;
use BraveAnvil\Stations\Cable\CableRun;
use BraveAnvil\Stations\Cable\SizeCandidate;

/** What the American books want said of conductors. */
final readonly class ConductorNotes
{
    /** A, between which the step of unmarked terminals is worth a word. */
    private const NEAR_STEP = [80.0, 125.0];

    /** How a plate says that a motor is totally enclosed and not ventilated. */
    private const CLOSED = '~\bTENV\b|\bNON?[ -]?VENTILATED\b|\bNOT VENTILATED\b~';

    public function __construct(private ConductorPolicy $policy)
    {
    }

    /** @return list<FindingBuilder> */
    public function of(Circuit $circuit, Figure $required, CableRun $run, SizeCandidate $chosen): array
    {
        $findings = AluminiumNote::of($chosen, $run);
        if (! $run->line) {
            $findings = [...$findings, ...$this->ofCircuit($circuit, $run)];
        }
        $need = $required->number();
        if ($circuit->missing('cable.terminal_temperature') && $need >= self::NEAR_STEP[0] && $need <= self::NEAR_STEP[1]) {
            $findings[] = Finding::note(CableFinding::TerminalStep)
                ->title('Terminal temperature rating decides the size')
                ->because(
                    Show::number($need, 3).' A required. Unmarked terminals count as '.$this->policy->smallTerminals.' °C up to '.
                    Show::number($this->policy->smallTerminalsTo).' A and as '.$this->policy->largestTerminals.' °C above.',
                )
                ->do('Read the terminal marking. If it says '.$this->policy->largestTerminals.' °C, enter it: a smaller conductor may do.')
                ->source($this->policy->source)
                ->on($run->size())
                ->about('cable.terminal_temperature');
        }

        return $findings;
    }

    /** @return list<FindingBuilder> */
    private function ofCircuit(Circuit $circuit, CableRun $run): array
    {
        $findings = [];
        $duty = $circuit->stamp('plate.duty', DutyStamp::class);
        if ($duty?->isContinuous() === false && $circuit->missing('load.service')) {
            $findings[] = Finding::note(CableFinding::DutyAsContinuous)
                ->title('Sized for continuous duty')
                ->because('Nameplate duty '.$duty->type.'. A shorter duty allows a smaller conductor only if you enter the '.
                    'operating duty.')
                ->do('Enter the operating duty if the machine cannot run the motor continuously.')
                ->source($this->policy->source)
                ->on($run->required())
                ->about('load.service');
        }
        if ($run->sixLeads() && $circuit->number('cable.raceways')?->number() === 2.0) {
            $findings[] = Finding::note(CableFinding::PhasesTogether)
                ->title('All phases of a set in one raceway')
                ->because('T1, T2 and T3 are in one raceway, T4, T5 and T6 in the other, each with a full-size grounding conductor.')
                ->do('Keep all phases of a set in the same raceway. A single phase inside steel heats the steel.')
                ->source($this->policy->raceways)
                ->on($run->size());
        }
        if ($circuit->has('cable.soil_temperature') && ($circuit->number('cable.grouped_circuits')?->number() ?? 1.0) > 1) {
            $findings[] = Finding::caution(CableFinding::DuctBank)
                ->title('Heating between ducts not calculated')
                ->because('Circuits in adjacent ducts heat each other. The number of circuits in one raceway does not cover this.')
                ->do('Have the duct bank calculated, or keep the circuits apart.')
                ->source(HowKnown::CommonPractice)
                ->on($run->ampacity());
        }

        return [...$findings, ...$this->hotInsulation($circuit, $run)];
    }

    /** @return list<FindingBuilder> */
    private function hotInsulation(Circuit $circuit, CableRun $run): array
    {
        $rule = $this->policy->motorInsulation;
        $class = $circuit->word('plate.insulation_class');
        $has = $circuit->chosen('cable.insulation', Insulation::class)?->celsius();
        if ($rule === null || $class === null || $has === null) {
            return [];
        }
        $closed = preg_match(self::CLOSED, strtoupper($circuit->stamped('plate.enclosure') ?? '')) === 1
            || str_starts_with($circuit->word('plate.cooling') ?? '', 'IC410');
        $wanted = $rule->wanted($class, $closed);
        if ($wanted === null || $has >= $wanted->value) {
            return [];
        }
        $asks = 'A motor of insulation class '.$class[0].($closed ? ', totally enclosed and not ventilated,' : '').
            ' needs conductors rated '.$wanted->shown().' °C or more; these are rated '.$has.' °C.';
        // Below the basis no part of the run will do; above it the motor's end alone must bear the heat.
        $whole = $has < $rule->basis();
        $end = 'the last '.Show::number($rule->length()).' m, connected at least '.
            Show::number($rule->fromMotor($circuit->stamp('plate.power', Power::class)->watts ?? 0.0)).' m from the motor';

        return [
            ($whole ? Finding::stop(CableFinding::InsulationTooCool) : Finding::caution(CableFinding::InsulationTooCool))
                ->title($whole ? 'Conductor insulation temperature too low for this motor'
                    : 'The last conductors need a higher insulation temperature')
                ->because($asks.($whole ? '' : ' Only '.$end.', must have that rating.'))
                ->do(match (true) {
                    ! $whole => 'Use '.$wanted->shown().' °C insulation for '.$end.', unless the motor is marked otherwise.',
                    $wanted->value > $rule->basis() => 'Choose insulation rated '.Show::number($rule->basis()).' °C or more, and '.
                        $wanted->shown().' °C for '.$end.'.',
                    default => 'Choose insulation rated '.$wanted->shown().' °C or more.',
                })
                ->source($rule->cited())
                ->on($run->size())
                ->about('cable.insulation', 'plate.insulation_class'),
        ];
    }
}
