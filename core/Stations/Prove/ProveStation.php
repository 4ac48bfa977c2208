<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Prove\Method\Adviser;
use BraveAnvil\Stations\Prove\Method\MethodCurve;
use BraveAnvil\Stations\Prove\Method\Shunt;
use BraveAnvil\Stations\Prove\Plan\PlanCurve;
use BraveAnvil\Stations\Prove\Plan\Planner;

/** Every reading of the circuit held against what is solved. The one of each kind that counts also gives figures and a finding. */
final class ProveStation
{
    private const SIMULATED = 'a simulated reading, which proves nothing';

    /** @return list<Comparison> in the order of the readings */
    public function solve(KnownCircuit $known, Ledger $ledger): array
    {
        $readings = $known->readings;
        foreach ($readings->errors as $error) {
            $ledger->refuse($error);
        }
        $comparisons = [];
        for ($i = 0; $i < $readings->count; $i++) {
            $reading = $readings->readings[$i] ?? null;
            $comparisons[] = $reading === null
                ? new Comparison($i, null, Judgement::notComparable('This reading cannot be read.'))
                : new Comparison($i, $reading->kind, $this->judged($reading, $known));
        }
        foreach ($readings->latest() as $reading) {
            $this->write($reading, $comparisons[$reading->index]->judgement, $ledger);
        }
        if ($readings->unknown !== []) {
            $ledger->note(PlateFinding::UnknownFields)->title('Unknown fields in the readings')
                ->because('Not used: '.implode(', ', array_slice($readings->unknown, 0, 8)).'.')
                ->do('Check the field names.')->about('readings');
        }
        $ledger->curve(new PlanCurve((new Planner)->steps($known), $readings, $comparisons));
        $amperes = $known->load->computedCurrent ?? $known->load->ratedCurrent();
        $ohm = $known->circuit->number('measure.shunt_ohm');
        $rating = $known->circuit->number('measure.shunt_power');
        $ledger->curve(new MethodCurve(
            (new Adviser($known->circuit, $known->words))->ways(),
            $amperes === null ? null : Shunt::of($ohm?->number(), $rating?->number(), $amperes->number()),
        ));
        $ledger->say(Station::Prove, $this->sentence($readings, $comparisons));

        return $comparisons;
    }

    private function judged(Reading $reading, KnownCircuit $known): Judgement
    {
        return $reading->bad === [] ? Judges::of($reading->kind)->judge($reading, $known) : Judgement::waiting(...$reading->bad);
    }

    private function write(Reading $reading, Judgement $judgement, Ledger $ledger): void
    {
        $kind = $reading->kind;
        $mark = $reading->simulated ? self::SIMULATED : null;
        $ledger->work(ProveFigure::verdict($kind))->saying($judgement->says)->equals($judgement->verdict->value)
            ->said($judgement->verdict->words())->source('the latest reading')->assuming($mark)->write();
        if ($judgement->pattern !== null) {
            $ledger->work(ProveFigure::pattern($kind))->saying($judgement->pattern->words())->equals($judgement->pattern->value)
                ->said($judgement->pattern->words())->source('the latest reading')->assuming($mark)->write();
        }
        foreach ($judgement->quantities as $quantity) {
            if ($quantity->measured !== null) {
                $ledger->work(ProveFigure::side($kind, $quantity->name, ''))->equals($quantity->measured)->source('reading')
                    ->assuming($mark)->write();
            }
            foreach (['_expected' => $quantity->expected, '_low' => $quantity->low, '_high' => $quantity->high] as $side => $value) {
                if ($value !== null) {
                    $ledger->work(ProveFigure::side($kind, $quantity->name, $side))->from(...$quantity->from)
                        ->as('', $quantity->how)->equals($value)->source($quantity->source)->write();
                }
            }
        }
        $this->find($reading, $judgement, $ledger);
    }

    private function find(Reading $reading, Judgement $judgement, Ledger $ledger): void
    {
        $kind = $reading->kind;
        if ($judgement->verdict === Verdict::Agrees && $judgement->grade === null) {
            return;
        }
        $grade = $judgement->grade ?? Grade::Note;
        // Nothing stops for what a stand-in shows.
        if ($reading->simulated && $grade === Grade::Stop) {
            $grade = Grade::Caution;
        }
        $finding = $ledger->find($grade, $kind)->title(
            ($reading->simulated ? 'Simulated: ' : '').$kind->label().' '.match ($judgement->verdict) {
                Verdict::Agrees => 'needs watching',
                Verdict::Differs => 'not as expected',
                Verdict::CannotBeCompared => 'not compared',
            },
        )->on(ProveFigure::verdict($kind))->about('readings');
        $parts = [];
        foreach ($judgement->quantities as $quantity) {
            [$label, $unit] = $kind->quantities()[$quantity->name];
            if (! $quantity->isInside() && is_float($quantity->measured)) {
                $parts[] = $label.' '.self::shown($quantity->measured, $unit).'; expected '.Comparison::band($quantity, $unit);
            }
        }
        if ($judgement->wanted !== []) {
            $parts[] = 'Missing: '.implode(', ', array_map(static fn (string $one): string => ReadingFields::named($kind, $one),
                $judgement->wanted));
        }
        $text = ($parts === [] ? '' : implode('; ', $parts).'. ').$judgement->says;
        $finding->because(trim($text) === '' ? 'See the reading.' : trim($text))->source($judgement->verdict === Verdict::CannotBeCompared
            ? '' : 'common practice');
        if ($judgement->next !== '') {
            $finding->do($judgement->next);
        }
    }

    private static function shown(float $value, Unit $unit): string
    {
        return Show::quantity($value, $unit, 3);
    }

    /** @param  list<Comparison>  $comparisons */
    private function sentence(Readings $readings, array $comparisons): string
    {
        $latest = $readings->latest();
        if ($latest === []) {
            return 'No measurements yet.';
        }
        $counts = ['agrees' => 0, 'differs' => 0, 'cannot_be_compared' => 0];
        foreach ($latest as $reading) {
            $counts[$comparisons[$reading->index]->judgement->verdict->value]++;
        }
        $kinds = count($latest);
        $simulated = count(array_filter($latest, static fn (Reading $reading): bool => $reading->simulated));

        $words = [];
        foreach (['agrees' => ' as expected', 'differs' => ' not as expected',
            'cannot_be_compared' => ' not compared'] as $verdict => $word) {
            if ($counts[$verdict] > 0) {
                $words[] = $counts[$verdict].$word;
            }
        }

        return ($kinds === 1 ? 'Readings of 1 kind: ' : 'Readings of '.$kinds.' kinds: ').implode(', ', $words).
            ($simulated === 0 ? '.' : '; '.($simulated === $kinds ? 'all' : (string) $simulated).' simulated only.');
    }
}
