<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Bank;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\DrawnLoad;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Correct\CapacitorRules;
use BraveAnvil\Tables\Practice\CapacitorPractice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** One bank at the board for many circuits: how large, in which steps, how often it switches, and against one by one. */
final readonly class BankStation
{
    private const TOLERANCE = 1e-6;

    private const MOST_STEPS = 12;

    private const HARMONICS = [5, 7, 11, 13];

    private const NEAR = 0.1;

    /** @param  float  $volts  of the supply, between lines */
    private function __construct(
        private BankReader $read,
        private CapacitorPractice $practice,
        private CapacitorRules $rules,
        private float $volts,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $document  as `brave-anvil.bank/1`
     * @param  Tables|null  $tables  with a site's own entries; null: as they ship
     */
    public static function solve(array $document, ?Tables $tables = null): Solution
    {
        $tables ??= Tables::shipped();
        $read = new BankReader($document);
        $book = (new RuleBooks($tables))->named($read->ruleBook());
        $volts = $read->supply()['voltage'] ?? null;
        $volts = is_numeric($volts) ? (float) $volts : null;
        if ($book === null) {
            $read->fail('rule_book', 'Enter the rule book.', 'IEC 60364, NEC or CE Code.');
        }
        if ($volts === null || $volts <= 0) {
            $read->fail('supply.voltage', 'Enter the supply voltage in volts.', 'Such as 400.', ErrorKind::Missing);
        }
        if ($book === null || $volts === null || $volts <= 0) {
            return new Solution($read->tag(), $read->ruleBook(), errors: $read->errors());
        }
        $ledger = new Ledger();
        $practice = new CapacitorPractice($tables->named(TableName::PracticeCapacitor));
        (new self($read, $practice, $book->sizing()->capacitors, $volts))->run($tables, $ledger);

        return new Solution(
            $read->tag(), $read->ruleBook(), $book->edition(), $ledger->figures(), $ledger->findings(),
            [...$read->errors(), ...$ledger->fieldErrors()], $ledger->curves(), $ledger->sentences(), words: $book->words()->toArray(),
        );
    }

    private function run(Tables $tables, Ledger $ledger): void
    {
        $target = $this->read->number('target_power_factor');
        if ($target === null && $this->read->errors() === []) {
            $this->read->fail('bank.target_power_factor', 'Enter a target power factor.', 'Such as 0.95.', ErrorKind::Missing);
        }
        [$loads, $unknown] = $this->loads($tables);
        if ($unknown !== []) {
            $ledger->caution(BankFinding::LoadUnknown)->title('Some circuits are not included')
                ->because('They are single-phase, or their nameplates do not give their power: '.
                    implode(', ', array_slice($unknown, 0, 8)).'.')
                ->do('Complete their nameplates.');
        }
        $tan = $target === null ? 0.0 : sqrt(1 - $target ** 2) / $target;
        $day = $this->day($loads, $tan);
        if ($target === null) {
            return;
        }
        $most = max([0.0, ...array_map(static fn (Interval $interval): float => $interval->need, $day)]);
        $required = $ledger->work(BankFigure::ReactiveRequired)
            ->as('largest Q − P tan φ2 of the day', Show::number(count($day)).' intervals, target '.Show::number($target))
            ->equals($most)->write();
        if ($most <= 0) {
            $ledger->say(Station::Correct, $loads === [] ? 'Choose the circuits for the bank.' : 'No bank is needed for this target.');

            return;
        }
        $this->sized($required, $day, $tan, $target, $loads, $ledger);
    }

    /** @return array{array<string, DrawnLoad>, list<string>} by tag, and tags of those that do not follow */
    private function loads(Tables $tables): array
    {
        $loads = [];
        $unknown = [];
        foreach ($this->read->circuits() as $i => $circuit) {
            $drawn = Bench::drawn($circuit, $tables);
            $tag = $drawn->tag === '' ? (string) ($i + 1) : $drawn->tag;
            if (isset($loads[$tag])) {
                $this->read->fail("circuits.$i.tag", '“'.$tag.'” is already used.', 'Give each circuit its own tag.');
            } elseif ($drawn->power === null) {
                $unknown[] = $tag;
            } else {
                $loads[$tag] = $drawn;
            }
        }

        return [$loads, $unknown];
    }

    /**
     * @param  array<string, DrawnLoad>  $loads
     * @return list<Interval>
     */
    private function day(array $loads, float $tan): array
    {
        [$otherP, $otherQ] = $this->read->others();
        $pattern = $this->read->pattern(array_map(strval(...), array_keys($loads)));
        $together = $this->read->simultaneity();
        $share = $pattern === null ? $together : 1.0;
        $day = [];
        $from = 0.0;
        foreach ($pattern ?? [[1440.0, array_keys($loads)]] as [$minutes, $running]) {
            $power = $otherP;
            $reactive = $otherQ;
            foreach ($running as $tag) {
                $power += $share * ($loads[$tag]->power ?? 0.0);
                $reactive += $share * ($loads[$tag]->reactive ?? 0.0);
            }
            $day[] = new Interval($from, $minutes, $power, $reactive, max(0.0, $reactive - $power * $tan));
            $from += $minutes;
        }

        return $day;
    }

    /**
     * @param  list<Interval>  $day
     * @param  array<string, DrawnLoad>  $loads
     */
    private function sized(Figure $required, array $day, float $tan, float $target, array $loads, Ledger $ledger): void
    {
        $detuning = ($this->read->number('detuning_percent') ?? 0.0) / 100;
        $rated = $this->read->number('rated_voltage') ?? $this->ratedVolts($detuning);
        $scale = ($this->volts / $rated) ** 2 / (1 - $detuning);
        $needs = array_values(array_filter(
            array_map(static fn (Interval $interval): float => $interval->need, $day), static fn (float $need): bool => $need > 0,
        ));
        $smallest = min([$required->number(), ...$needs]);
        $typed = $this->read->number('step_kvar');
        $plate = $typed ?? $this->step($smallest, $required->number(), $scale);
        $step = $plate * $scale;
        $each = $ledger->work(BankFigure::Step)
            ->as($typed === null ? 'largest standard step ≤ the smallest need' : '', 'smallest need '.
                Show::quantity($smallest, Unit::Var, 4).'; at '.Show::quantity($this->volts, Unit::Volt).' one step supplies '.
                Show::quantity($step, Unit::Var, 4))
            ->equals($plate)->source($typed === null ? $this->practice->cited() : 'entered')
            ->assuming($this->read->number('rated_voltage') === null ? 'capacitors rated for '.Show::quantity($rated, Unit::Volt) : null)
            ->write();
        $count = (int) ($this->read->number('steps') ?? ceil($required->number() / $step - self::TOLERANCE));
        $steps = $ledger->work(BankFigure::Steps)->from(Q: $required, q: $each)->as('largest need / step, rounded up', '{Q} ÷ '.
            Show::quantity($step, Unit::Var, 4))->equals($count)->write();
        $installed = $ledger->work(BankFigure::ReactiveInstalled)->from(n: $steps, q: $each)->as('steps × step', '{n} × {q}')
            ->equals($count * $plate)->write();
        $this->controlled($step, $ledger);
        $run = Controller::over($day, $step, $count, $tan, $this->rules->dischargeSeconds);
        $ledger->work(BankFigure::Switchings)->as('', 'a step switches in at '.Show::number(Controller::THRESHOLD).' of its rating')
            ->equals($run->switchings)->source(HowKnown::CommonPractice)->write();
        $factors = static fn (bool $corrected): array => array_filter(
            array_map(static fn (Interval $interval): ?float => $interval->powerFactor($corrected), $run->day),
            static fn (?float $factor): bool => $factor !== null,
        );
        $ledger->work(BankFigure::LowestPowerFactorBefore)->equals(min([1.0, ...$factors(false)]))->source(HowKnown::Calculated)->write();
        $lowest = $ledger->work(BankFigure::LowestPowerFactor)->equals(min([1.0, ...$factors(true)]))
            ->source(HowKnown::Calculated)->write();
        $this->leads($installed, $scale, $ledger);
        $this->oneByOne($loads, $tan, $scale, $ledger);
        $this->cautions($run, $step, $smallest, $count, $detuning, $ledger);
        if ($count * $step < $required->number() * (1 - self::TOLERANCE)) {
            $ledger->note(BankFinding::TargetMissed)->title('Bank too small for the largest need')
                ->because('Required: '.$required->shown(3).'. All steps together supply '.Show::quantity($count * $step, Unit::Var, 3).'.')
                ->do('Use more or larger steps.')->on(BankFigure::Steps);
        }
        $ledger->curve(new BankDayCurve($run->day, $step, $count, $target));
        $ledger->say(Station::Correct, $steps->shown().' steps of '.$each->shown(3).': power factor '.$lowest->shown(3).' or better, '.
            $run->switchings.' switching operations.');
    }

    private function ratedVolts(float $detuning): float
    {
        foreach ($detuning > 0 ? $this->practice->ratedVolts() : [] as $volts) {
            if ($volts >= $this->volts / (1 - $detuning) * (1 - self::TOLERANCE)) {
                return $volts;
            }
        }

        return $this->volts;
    }

    /** A standard step: no more than the smallest need, and not so small that there would be too many. */
    private function step(float $smallest, float $most, float $scale): float
    {
        $chosen = null;
        foreach ($this->practice->steps() as $kvar) {
            $gives = 1000 * $kvar * $scale;
            if ($gives * self::MOST_STEPS < $most * (1 - self::TOLERANCE)) {
                continue;
            }
            if ($chosen === null || $gives <= $smallest * (1 + self::TOLERANCE)) {
                $chosen = 1000 * $kvar;
            }
        }

        return $chosen ?? 1000 * max([1.0, ...$this->practice->steps()]);
    }

    private function controlled(float $step, Ledger $ledger): void
    {
        $ratio = $this->read->number('current_transformer');
        if ($ratio === null) {
            return;
        }
        $ck = $ledger->work(BankFigure::Ck)
            ->as('Q_step / (√3 V k)', Show::quantity($step, Unit::Var, 4).' ÷ (√3 × '.Show::quantity($this->volts, Unit::Volt).' × '.
                Show::number($ratio).')')
            ->equals($step / (sqrt(3) * $this->volts * $ratio))->source(HowKnown::Definition)->write();
        $ledger->work(BankFigure::CkSetting)->from(ck: $ck)->as('0.65 C/k', Show::number(Controller::THRESHOLD).' × {ck}')
            ->equals(Controller::THRESHOLD * $ck->number())->source(HowKnown::CommonPractice)->write();
    }

    private function leads(Figure $installed, float $scale, Ledger $ledger): void
    {
        $larger = max($scale, 1.0);
        $current = $ledger->work(BankFigure::Current)->from(Q: $installed)
            ->as('Q / (√3 V)', '{Q}'.($larger === 1.0 ? '' : ' × '.Show::number($larger, 4)).' ÷ (√3 × '.
                Show::quantity($this->volts, Unit::Volt).')')
            ->equals($installed->number() * $larger / (sqrt(3) * $this->volts))->write();
        $ledger->work(BankFigure::ConductorAmpacity)->from(I: $current)
            ->as('factor · I_c', Show::number($this->rules->conductorFactor).' × {I}')
            ->equals($this->rules->conductorFactor * $current->number())->source($this->rules->conductorSource)->write();
        foreach ($this->rules->fuseRatings as $rating) {
            if ($rating >= $this->rules->fuseFactor * $current->number() * (1 - self::TOLERANCE)) {
                $ledger->work(BankFigure::FuseRating)->from(I: $current)
                    ->as('next rating ≥ factor · I_c', Show::number($this->rules->fuseFactor).' × {I}, next standard rating')
                    ->equals($rating)->source($this->rules->fuseSource)->write();
                break;
            }
        }
    }

    /**
     * What the same target takes at each load by itself: all of them count, whether they run together or not.
     *
     * @param  array<string, DrawnLoad>  $loads
     */
    private function oneByOne(array $loads, float $tan, float $scale, Ledger $ledger): void
    {
        $units = 0;
        $all = 0.0;
        foreach ($loads as $load) {
            $need = ($load->reactive ?? 0.0) - ($load->power ?? 0.0) * $tan;
            if ($need <= 0) {
                continue;
            }
            $units++;
            $steps = $this->practice->steps();
            $fits = array_filter($steps, static fn (float $kvar): bool => 1000 * $kvar * $scale >= $need * (1 - self::TOLERANCE));
            $all += 1000 * ($fits === [] ? max([0.0, ...$steps]) : min($fits));
        }
        $ledger->work(BankFigure::IndividualUnits)->equals($units)->source('one unit for each load that needs one')->write();
        $ledger->work(BankFigure::IndividualInstalled)->as('Σ standard step ≥ each need', $units.' units')->equals($all)
            ->source($this->practice->cited())->write();
    }

    private function cautions(Controller $run, float $step, float $smallest, int $count, float $detuning, Ledger $ledger): void
    {
        if ($step > 2 * Controller::THRESHOLD * $smallest * (1 + self::TOLERANCE)) {
            $ledger->caution(BankFinding::CoarseStep)->title('Step too large for the smallest need')
                ->because('One step supplies '.Show::quantity($step, Unit::Var, 3).'; the smallest need is '.
                    Show::quantity($smallest, Unit::Var, 3).'. At that load the controller stays off, or overcorrects and keeps switching.')
                ->do('Use smaller steps.')->source(HowKnown::CommonPractice)->on(BankFigure::Step);
        }
        if ($run->recloses) {
            $ledger->caution(BankFinding::QuickReclosing)->title('A step may be switched in again before it has discharged')
                ->because('In the daily pattern a step switches off and on within '.Show::number($this->rules->dischargeSeconds).' s.')
                ->do('Set the reclosing time of the controller to at least that, or fit quick-discharge devices.')
                ->source(HowKnown::CommonPractice)
                ->on(BankFigure::Switchings);
        }
        $fault = $this->shortCircuit();
        if ($fault === null || $detuning > 0) {
            return;
        }
        for ($n = 1; $n <= $count; $n++) {
            $order = sqrt($fault / ($n * $step));
            foreach (self::HARMONICS as $harmonic) {
                if (abs($order - $harmonic) <= self::NEAR * $harmonic) {
                    $ledger->caution(BankFinding::Resonance)->title('Some steps resonate close to a harmonic')
                        ->because('With '.$n.' of '.$count.' steps on, the bank and the supply resonate near order '.
                            Show::number($order, 3).', close to harmonic '.$harmonic.'.')
                        ->do('With drives or rectifiers on the bus, use a detuned bank.')->source(HowKnown::CommonPractice)
                        ->on(BankFigure::Step);

                    return;
                }
            }
        }
    }

    /** VA of the supply without a voltage factor; null where it is not known. */
    private function shortCircuit(): ?float
    {
        $supply = $this->read->supply();
        $number = static fn (string $key): ?float => is_numeric($supply[$key] ?? null) ? (float) $supply[$key] : null;
        $size = $number('transformer_kva');
        $percent = $number('transformer_impedance_percent');
        $level = $number('fault_level_kva');
        $impedances = array_filter([
            $size === null || $percent === null ? null : $percent / 100 / (1000 * $size), $level === null ? null : 1 / (1000 * $level),
        ], static fn (?float $impedance): bool => $impedance !== null);

        return $impedances === [] ? null : 1 / array_sum($impedances);
    }
}
