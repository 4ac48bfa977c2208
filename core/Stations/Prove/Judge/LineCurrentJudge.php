<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Measure\Meters;
use BraveAnvil\Stations\Plate\WindingConnection;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Pattern;
use BraveAnvil\Stations\Prove\Reading;
use BraveAnvil\Stations\Prove\Spread;

/** The currents of a running circuit. */
final class LineCurrentJudge implements Judge
{
    /** Percent that the mean may be off at full load, and what is added as the load goes to nothing. Own estimate. */
    private const BAND = 10.0;

    private const BAND_IDLE = 20.0;

    /** Of the plate's current, where the load is not known; the upper one holds always. */
    private const LEAST_OF_IDLE = 0.7;

    public const MOST_OF_PLATE = 1.03;

    /** Percent of unbalance that is usual, and what is added to that which the supply explains. Common practice. */
    private const USUAL = 5.0;

    private const ADDED = 3.0;

    private const GRAVE = 10.0;

    private const GRAVE_ADDED = 6.0;

    /** Share of the others below which a line carries nothing. */
    private const DEAD = 0.05;

    private const AMPS = ['amps_1', 'amps_2', 'amps_3'];

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $three = $known->circuit->phases() === 3;
        $names = $three ? self::AMPS : ['amps_1'];
        $amps = $reading->all(...$names);
        $where = $reading->chosen('where', ReadAt::class);
        $wanted = [...$reading->missing(...$names), ...$known->hasCapacitor() && $where === null ? ['where'] : []];
        if ($amps === null || $wanted !== []) {
            return Judgement::waiting(...$wanted);
        }
        if ($where === ReadAt::Lead && $known->motor->connection() === WindingConnection::Star) {
            return Judgement::notComparable('In star the lead current equals the line current: enter that it was read at the motor.');
        }
        $read = $reading->all(...$three ? ['volts_12', 'volts_23', 'volts_31'] : ['volts_12']);
        $volts = $read === null ? $known->supplyVolts() : Figure::step('Voltage read', array_sum($read) / count($read), Unit::Volt);
        if ($volts === null) {
            return Judgement::waiting('supply.voltage');
        }
        $judgement = $this->mean(array_sum($amps) / count($amps), $volts, $where, $reading, $known);
        if ($three && $judgement->verdict->value !== 'cannot_be_compared') {
            $this->unbalance($amps, $read, $known, $judgement);
        }

        return $judgement->pattern === Pattern::LostPhase
            ? $judgement->advise(
                'Switch off at once. Check the fuses, contactor and connections of that line.', 'a blown fuse',
                'a contact that does not close',
                'a broken lead',
            )
            : $judgement->advise(
                'Read power and speed at the same load, and the voltage again.', 'a load other than entered',
                'voltages other than entered',
                'a capacitor that is not entered', 'shorted turns',
            );
    }

    private function mean(float $mean, Figure $volts, ?ReadAt $where, Reading $reading, KnownCircuit $known): Judgement
    {
        $judgement = new Judgement;
        $lead = $where === ReadAt::Lead ? sqrt(3) : 1.0;
        $load = $known->loadAt($reading);
        $plate = $known->load->ratedCurrent();
        if ($load === null && $known->motor->kind !== null) {
            $idle = $known->load->noLoadCurrent;
            if ($plate === null || $idle === null || ($where === ReadAt::Line && $known->hasCapacitor())) {
                return Judgement::waiting('load_percent');
            }

            return $judgement->hold(new JudgedQuantity(
                'mean', $mean, null, self::LEAST_OF_IDLE * $idle->number() / $lead, self::MOST_OF_PLATE * $plate->number() / $lead,
                ['I0' => $idle, 'In' => $plate],
                '0.7 × {I0} … 1.03 × {In}'.($lead > 1 ? ', ÷ √3' : '').'; the load is not entered',
            ));
        }
        $share = $load === null ? null : $load->number() / 100;
        $drawn = ExpectedDraw::at($share, $volts->number(), $where, $known);
        if ($drawn === null) {
            return Judgement::waiting($known->motor->kind === null ? 'bench.power' : 'plate.power');
        }
        $expected = $drawn->current() / $lead;
        $band = self::BAND + self::BAND_IDLE * (1 - min(1.0, $share ?? 1.0)) ** 2;
        $judgement->hold(new JudgedQuantity(
            'mean', $mean, $expected, $expected * (1 - $band / 100), $expected * (1 + $band / 100),
            array_filter(['x' => $load, 'V' => $volts, 'P' => $known->load->input]),
            ($load === null ? '' : 'at {x}, ').'{V}: √('.Show::number($drawn->active).'² + '.Show::number($drawn->reactive).'²) A'.
                ($lead > 1 ? ' ÷ √3' : '').' ± '.Show::number($band, 4).' %',
            'estimate',
        ));
        if ($plate !== null && $where !== ReadAt::Line && $mean > self::MOST_OF_PLATE * $plate->number() / $lead) {
            $judgement->differ()->say('Current above the nameplate value, '.$plate->shown().($lead > 1 ? ', ÷ √3 in a lead' : '').'.');
        }

        return $judgement;
    }

    /**
     * @param  list<float>  $amps
     * @param  list<float>|null  $volts
     */
    private function unbalance(array $amps, ?array $volts, KnownCircuit $known, Judgement $judgement): void
    {
        $mean = array_sum($amps) / 3;
        foreach ($amps as $i => $one) {
            if ($mean > 0 && $one <= self::DEAD * (3 * $mean - $one) / 2) {
                $judgement->differ(Grade::Stop)->shape(Pattern::LostPhase)
                    ->say('No current in L'.($i + 1).': the motor is single-phasing. Switch off at once.');
            }
        }
        if ($mean <= 0) {
            return;
        }
        $unbalance = Spread::percent($amps);
        $sequence = $volts === null ? null : Meters::sequenceShare($volts)[1];
        $standstill = $known->starting->figures->lockedRotorCurrent;
        $explained = $sequence === null || $standstill === null ? 0.0 : 100 * $sequence * $standstill->number() / $mean;
        $judgement->hold(
            new JudgedQuantity(
                'unbalance', $unbalance, high: max(self::USUAL, $explained + self::ADDED),
                how: $explained > 0
                    ? 'V2/V1 '.Show::number(100 * ($sequence ?? 0.0), 4).' % explains '.Show::number($explained, 3).' %, plus 3 %'
                    : 'usual '.Show::number(self::USUAL).' %',
            ),
            $unbalance > max(self::GRAVE, $explained + self::GRAVE_ADDED) ? Grade::Caution : Grade::Note,
        );
        if ($unbalance > self::USUAL && $judgement->verdict->value === 'agrees') {
            $judgement->say('The unbalance of the supply explains it.');
        }
    }
}
