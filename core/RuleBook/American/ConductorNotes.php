<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\American;

use BraveAnvil\Cable\AluminiumNote;
use BraveAnvil\Cable\CableFinding;
use BraveAnvil\Cable\Candidate;
use BraveAnvil\Cable\Run;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Finding;
use BraveAnvil\Solution\FindingBuilder;
use BraveAnvil\Solution\Show;

/** What the American books want said of conductors. */
final readonly class ConductorNotes
{
    /** A, between which the step of unmarked terminals is worth a word. */
    private const NEAR_STEP = [80.0, 125.0];

    /** How a plate says that a motor is totally enclosed and not ventilated. */
    private const CLOSED = '~\bTENV\b|\bNON?[ -]?VENTILATED\b|\bNOT VENTILATED\b~';

    /** @param  array<string, int>  $insulations  °C by name */
    public function __construct(private ConductorPolicy $policy, private array $insulations)
    {
    }

    /** @return list<FindingBuilder> */
    public function of(Circuit $circuit, Figure $required, Run $run, Candidate $chosen): array
    {
        $findings = AluminiumNote::of($chosen, $run);
        if (! $run->line) {
            $findings = [...$findings, ...$this->ofCircuit($circuit, $run)];
        }
        $need = $required->number();
        if ($circuit->missing('cable.terminal_temperature') && $need >= self::NEAR_STEP[0] && $need <= self::NEAR_STEP[1]) {
            $findings[] = Finding::note(CableFinding::TerminalStep)
                ->title('Near the step of unmarked terminals')
                ->because(
                    Show::number($need, 3).' A are wanted. Up to '.Show::number($this->policy->smallTerminalsTo).
                        ' A unmarked terminals count as '.$this->policy->smallTerminals.' °C, above as '.$this->policy->largestTerminals.
                        ' °C, so that a little more current may ask for a smaller conductor.',
                )
                ->do('Read the lugs: marked for '.$this->policy->largestTerminals.' °C they may allow a smaller one.')
                ->source($this->policy->source)
                ->on($run->size())
                ->about('cable.terminal_temperature');
        }

        return $findings;
    }

    /** @return list<FindingBuilder> */
    private function ofCircuit(Circuit $circuit, Run $run): array
    {
        $findings = [];
        if ($circuit->duty()?->isContinuous() === false && $circuit->missing('load.service')) {
            $findings[] = Finding::note(CableFinding::DutyAsContinuous)
                ->title('Sized as for continuous duty')
                ->because('The plate says '.$circuit->duty()->type.
                    '. A shorter duty makes no conductor smaller unless you name the service.')
                ->do('Choose the service if the machine cannot run the motor on and on.')
                ->source($this->policy->source)
                ->on($run->required())
                ->about('load.service');
        }
        if ($run->sixLeads() && $circuit->number('cable.raceways')?->number() === 2.0) {
            $findings[] = Finding::note(CableFinding::PhasesTogether)
                ->title('All phases of a set in one raceway')
                ->because('T1, T2 and T3 lie in one raceway, T4, T5 and T6 in the other, each with a grounding conductor of full size.')
                ->do('Never part the phases: steel around one of them heats.')
                ->source($this->policy->raceways)
                ->on($run->size());
        }
        if ($circuit->has('cable.soil_temperature') && ($circuit->number('cable.grouped_circuits')?->number() ?? 1.0) > 1) {
            $findings[] = Finding::caution(CableFinding::DuctBank)
                ->title('Heating between ducts is not computed')
                ->because('Circuits in ducts side by side warm each other. The count of one raceway does not tell it.')
                ->do('Have the duct bank computed, or keep the circuits apart.')
                ->source('common practice, no source')
                ->on($run->ampacity());
        }

        return [...$findings, ...$this->hotInsulation($circuit, $run)];
    }

    /** @return list<FindingBuilder> */
    private function hotInsulation(Circuit $circuit, Run $run): array
    {
        $rule = $this->policy->motorInsulation;
        $class = $circuit->word('plate.insulation_class');
        $has = $this->insulations[$circuit->word('cable.insulation') ?? ''] ?? null;
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
            ' asks for conductors of at least '.$wanted->shown().' °C; these are for '.$has.' °C.';
        // Below the basis no part of the run will do; above it the motor's end alone must bear the heat.
        $whole = $has < $rule->basis();
        $end = 'the last '.Show::number($rule->length()).' m, joined at least '.
            Show::number($rule->fromMotor($circuit->power()->watts ?? 0.0)).' m from the motor';

        return [
            ($whole ? Finding::stop(CableFinding::InsulationTooCool) : Finding::caution(CableFinding::InsulationTooCool))
                ->title($whole ? 'The conductors bear too little heat for this motor' : 'The last of the conductors must bear more heat')
                ->because($asks.($whole ? '' : ' Only '.$end.', must be for that heat.'))
                ->do(match (true) {
                    ! $whole => 'Take insulation for '.$wanted->shown().' °C for '.$end.', unless the motor is marked otherwise.',
                    $wanted->value > $rule->basis() => 'Choose an insulation for '.Show::number($rule->basis()).' °C or more, and one for '.
                        $wanted->shown().' °C for '.$end.'.',
                    default => 'Choose an insulation for '.$wanted->shown().' °C or more.',
                })
                ->source($rule->cited())
                ->on($run->size())
                ->about('cable.insulation', 'plate.insulation_class'),
        ];
    }
}
