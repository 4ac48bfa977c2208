<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Cable\Rejection;
use BraveAnvil\Stations\Guard\Protection;
use BraveAnvil\Stations\Plate\TwoWires;

/** Figures and findings of an earth fault where the book gives limits in numbers. */
final readonly class LoopFigures
{
    /** Share of the limit that a tester may read while the conductors are cold. */
    private const COLD = 0.8;

    /** V that may stand on what is touched. IEC 60364-4-41 411.5.3 (from memory). */
    private const TOUCH_V = 50.0;

    /** A, usual ratings of residual-current devices. IEC 61008-1 (from memory). */
    private const RESIDUAL_A = [0.03, 0.1, 0.3, 0.5, 1.0, 3.0, 10.0, 30.0];

    /** A: the short time is asked of final circuits up to this current. */
    private const FINAL_TO_A = 32.0;

    public function __construct(private LoopRules $rules, private Words $words)
    {
    }

    /**
     * @param  Figure  $line  nominal voltage between lines, V
     * @param  TwoWires|null  $wires  of a single-phase circuit
     * @param  Figure|null  $prospective  largest fault current, A
     * @return LoopCheck|null null while something waits
     */
    public function write(
        Circuit $circuit,
        Figure $line,
        ?TwoWires $wires,
        Cabling $cabling,
        Protection $protection,
        ?Figure $prospective,
        ?LoopJudge $judge,
        ?SettledPaths $settled,
        Ledger $ledger,
    ): ?LoopCheck {
        $reader = EarthSupplyReader::read(
            $circuit, $line->number(), $wires->earthVolts ?? $this->rules->earthVoltage($line->number()), null, $wires,
        );
        $supply = $reader->supply;
        if ($judge === null || $settled === null || $supply === null) {
            $this->waits($circuit, $reader, $protection, $ledger);

            return null;
        }
        $this->draw($supply, $protection, $judge, $settled, $prospective, $ledger);
        (new UnearthedNotes($this->words))->tell($circuit, $supply, $settled, $ledger);
        $withstand = $this->withstand($judge, $settled, $ledger);
        $fault = $settled->atMotor;
        $current = $ledger->work(FaultFigure::EarthFaultCurrent)
            ->from(V: $line)
            ->as(...$supply->currentWorking($fault->loopOhm))
            ->equals($fault->amperes)
            ->source($this->rules->source())
            ->assuming(...$supply->assumptions)
            ->write();
        $impedance = $ledger->work(FaultFigure::LoopImpedance)
            ->as('source + lines + protective conductors', $supply->loopWorking($settled->line?->impedance, $settled->motor->impedance))
            ->equals($fault->loopOhm)
            ->source('at operating temperature; '.$this->rules->source())
            ->assuming(...$supply->assumptions)
            ->write();
        $limit = $this->times($circuit, $supply, $protection, $judge, $settled, $current, $ledger);
        if ($fault->energy !== null) {
            $ledger->work(FaultFigure::LetThrough)
                ->from(I: $current)
                ->as('I² t', $protection->device?->limitsEnergy() === true
                    ? '{I}, taken at the fast limit of its gate, for '.Show::number($fault->seconds ?? 0.0, 3).' s'
                    : '{I}, taken at the upper magnetic limit, for '.Show::number($fault->seconds ?? 0.0, 3).' s')
                ->equals($fault->energy)
                ->source($this->rules->source())
                ->write();
        }
        $this->nearEnd($protection, $prospective, $withstand, $ledger);
        $this->verdicts($cabling, $protection, $supply, $settled, $ledger);

        return new LoopCheck($current, $impedance, $limit);
    }

    private function waits(Circuit $circuit, EarthSupplyReader $reader, Protection $protection, Ledger $ledger): void
    {
        if ($reader->must && $reader->wants !== null) {
            $ledger->missing($reader->wants, $reader->why.'.');
        }
        $wants = $reader->wants ?? (! $circuit->has('cable.length') ? 'cable.length' : null);
        [$why, $do] = match (true) {
            $reader->wants !== null => [$reader->why.'.', 'Enter the length from starter to motor.'],
            $wants !== null => ['the length from starter to motor is not entered.', 'Enter the length from starter to motor.'],
            $protection->rating === null => ['No protective device is chosen.', 'Choose a suitable device.'],
            default => ['No time-current curve of a device of this rating is available here.',
                'Have it checked with the manufacturer’s curve.'],
        };
        $open = static fn (string $label): FaultRow => new FaultRow($label, null, null, FaultVerdict::NotChecked, Show::inside($why));
        $ledger->curve(new FaultCurve('Earth fault at the motor', [
            $open('Disconnection time'), $open('Fault at the motor: conductor withstand (I²t)'),
            $open('Fault at the supply end: conductor withstand (I²t)'),
        ]));
        $finding = $ledger->note(FaultFinding::NotChecked)->title('Earth fault not checked')
            ->because('Disconnection time and conductor withstand are not checked: '.Show::inside($why))
            ->do($do)->source($this->rules->source());
        if ($wants !== null) {
            $finding->about($wants);
        }
    }

    /** The checks in one table. */
    private function draw(
        EarthSupply $supply,
        Protection $protection,
        LoopJudge $judge,
        SettledPaths $settled,
        ?Figure $prospective,
        Ledger $ledger,
    ): void {
        $device = $protection->device;
        $fault = $settled->atMotor;
        $weakest = $judge->weakest($settled);
        $relay = $supply->earthing === Earthing::Resistance;
        $limit = $this->rules->timeLimit($supply->earthVolts, $device?->rating() ?? 0.0, $supply->ownElectrode)->value;
        $near = $device === null || $prospective === null ? null : EarthFault::nearEnergy($device, $prospective->number());
        $ledger->curve(new FaultCurve('Earth fault at the motor', [
            new FaultRow('Minimum earth-fault current', FaultFigure::EarthFaultCurrent, null, FaultVerdict::Told),
            match (true) {
                $relay => new FaultRow('Disconnection time', null, null, FaultVerdict::NotChecked, 'by the earth-fault relay only'),
                $fault->seconds === null => new FaultRow(
                    'Disconnection time', null, FaultFigure::DisconnectionLimit, FaultVerdict::Fails,
                    'the device is not certain to clear it',
                ),
                default => FaultRow::most(
                    'Disconnection time', FaultFigure::DisconnectionTime, $fault->seconds, FaultFigure::DisconnectionLimit, $limit, '',
                ),
            },
            ...$relay || $device === null || $supply->loopLimit($device->clearsFrom($limit)) <= 0 ? [] : [FaultRow::most(
                'Earth-fault loop impedance', FaultFigure::LoopImpedance, $fault->loopOhm, FaultFigure::LoopImpedanceLimit,
                $supply->loopLimit($device->clearsFrom($limit)), '',
            )],
            FaultRow::most(
                'Fault at the motor: conductor withstand (I²t)', FaultFigure::LetThrough, $fault->energy, FaultFigure::Withstand, $weakest,
                'the device is not certain to clear it',
            ),
            FaultRow::most(
                'Fault at the supply end: conductor withstand (I²t)', FaultFigure::NearLetThrough, $near, FaultFigure::Withstand, $weakest,
                'the fault level is not known',
            )->unlessLimited(),
        ]));
    }

    private function withstand(LoopJudge $judge, SettledPaths $settled, Ledger $ledger): Figure
    {
        $parts = ['line conductor to the motor' => $judge->lineWithstand($settled->motor)];
        $parts['protective conductor to the motor'] = $judge->protectiveWithstand($settled->motor);
        if ($settled->line !== null) {
            $parts['line conductor to the starter'] = $judge->lineWithstand($settled->line);
            $parts['protective conductor to the starter'] = $judge->protectiveWithstand($settled->line);
        }
        asort($parts);
        $texts = [];
        foreach ($parts as $name => $energy) {
            $texts[] = $name.' '.Show::quantity($energy, Unit::AmpereSquaredSecond, 4);
        }

        return $ledger->work(FaultFigure::Withstand)
            ->as('k² S², the smallest', implode('; ', $texts))
            ->equals(min($parts))
            ->corrected(...$judge->corrections($settled))
            ->source($this->rules->source())
            ->write();
    }

    /** @return Figure|null largest loop impedance with which the device clears in time, Ω */
    private function times(
        Circuit $circuit,
        EarthSupply $supply,
        Protection $protection,
        LoopJudge $judge,
        SettledPaths $settled,
        Figure $current,
        Ledger $ledger,
    ): ?Figure {
        $device = $protection->device;
        if ($device === null || $protection->rating === null || $supply->earthing === Earthing::Resistance) {
            return null;
        }
        $limit = $this->rules->timeLimit($supply->earthVolts, $device->rating(), $supply->ownElectrode);
        $ledger->work(FaultFigure::DisconnectionLimit)
            ->from(In: $protection->rating, t: $limit)
            ->as('by earthing system, device and voltage to earth', 'device of {In}, '.Show::number($supply->earthVolts, 4).' V to earth')
            ->equals($limit->value)
            ->by($limit)
            ->write();
        if ($settled->atMotor->seconds !== null) {
            $ledger->work(FaultFigure::DisconnectionTime)
                ->from(I: $current, In: $protection->rating)
                ->as('slow limit of the device at the fault current', '{In} device at {I}')
                ->equals($settled->atMotor->seconds)
                ->source($this->rules->source())
                ->write();
        }
        $clears = $device->clearsFrom($limit->value);
        if ($supply->loopLimit($clears) <= 0) {
            return null;
        }
        $most = $ledger->work(FaultFigure::LoopImpedanceLimit)
            ->as(
                'c U0 / Ia', 'c '.Show::number($supply->voltageFactor).'; '.Show::number($clears, 4).' A is certain to clear within '.
                Show::number($limit->value).' s',
            )
            ->equals($supply->loopLimit($clears))
            ->source($this->rules->source())
            ->write();
        $ledger->note(FaultFinding::TesterLimit)->title('Maximum reading of the loop tester')
            ->because('The limit, '.$most->shown(3).', applies at operating temperature. On a cold circuit the tester must not '.
                'read more than '.Show::quantity(self::COLD * $most->number(), Unit::Ohm, 3).' (80 %).')
            ->do('Measure at the motor before putting it into service.')
            ->source(HowKnown::CommonPractice)->on(FaultFigure::LoopImpedanceLimit);
        $this->shortTime($circuit, $supply, $protection, $settled, $ledger);

        return $most;
    }

    /** Where device and relay stand on both sides of the step, practice differs on which of them counts. */
    private function shortTime(Circuit $circuit, EarthSupply $supply, Protection $protection, SettledPaths $settled, Ledger $ledger): void
    {
        $rating = $protection->rating?->number() ?? 0.0;
        $dial = $protection->overload?->dial->number() ?? INF;
        if ($rating <= self::FINAL_TO_A || $dial > self::FINAL_TO_A) {
            return;
        }
        $short = $this->rules->timeLimit($supply->earthVolts, self::FINAL_TO_A, $supply->ownElectrode);
        $seconds = $settled->atMotor->seconds;
        if ($seconds !== null && $seconds > $short->value) {
            $ledger->note(FaultFinding::ShortTimeMayCount)->title('Which disconnection time applies?')
                ->because('The device is above 32 A, the motor current below. If the 32 A limit is read on the relay setting, '.
                    Show::number($short->value).' s applies; here the fault clears in '.Show::number($seconds, 3).' s.')
                ->do('Agree it with the person who approves the installation.')
                ->source($short->source)->on(FaultFigure::DisconnectionTime, FaultFigure::DisconnectionLimit);
        }
    }

    private function nearEnd(Protection $protection, ?Figure $prospective, Figure $withstand, Ledger $ledger): void
    {
        $device = $protection->device;
        if ($device === null || $prospective === null) {
            return;
        }
        $limits = $device->limitsEnergy();
        $energy = EarthFault::nearEnergy($device, $prospective->number());
        if ($energy === null) {
            return;
        }
        $near = $ledger->work(FaultFigure::NearLetThrough)
            ->from(Ik: $prospective)
            ->as($limits ? 'upper limit of its fast gate' : 'Ik² · 0.02 s', $limits
                ? 'a fuse lets through no more than at its fast gate' : '{Ik}² × 0.02 s, taken as not current-limiting')
            ->equals($energy)
            ->source($this->rules->source())
            ->assuming($limits ? null : 'a circuit-breaker that does not limit the current')
            ->write();
        if ($energy > $withstand->number() * (1 + 1e-6)) {
            $ledger->caution(FaultFinding::NearEndWithstand)->title('Conductors may be damaged by a fault near the supply')
                ->because('Let-through energy up to '.$near->shown(3).'; the smallest conductor withstands '.$withstand->shown(3).'.')
                ->do('Get the device’s I²t at '.$prospective->shown(3).' from the manufacturer. It must not exceed '.$withstand->shown(3).
                    '.')
                ->source($this->rules->source())->on(FaultFigure::NearLetThrough, FaultFigure::Withstand);
        }
    }

    /** Which residual-current device keeps the touch voltage: no more than 50 V over the earth that it returns through. */
    private static function residualCurrentDevice(EarthSupply $supply): string
    {
        $most = self::TOUCH_V / max(1e-9, $supply->sourceOhm);
        $rated = array_filter(self::RESIDUAL_A, static fn (float $amperes): bool => $amperes <= $most);
        $says = '50 V ÷ '.Show::number($supply->sourceOhm, 3).' Ω allows '.Show::quantity($most, Unit::Ampere, 3).'. ';

        return $rated === []
            ? $says.'No usual RCD trips at that: a better earth electrode is required.'
            : $says.'Fit an RCD of '.Show::quantity(max($rated), Unit::Ampere).' or less that does not trip on the motor’s start.';
    }

    private function verdicts(Cabling $cabling, Protection $protection, EarthSupply $supply, SettledPaths $settled, Ledger $ledger): void
    {
        $fault = $settled->atMotor;
        if ($settled->rejection === Rejection::Disconnection) {
            $ledger->stop(FaultFinding::DisconnectionTime)->title('Earth fault not cleared in time')
                ->because(
                    'Earth-fault current at the motor '.Show::quantity($fault->amperes, Unit::Ampere, 3).
                    ($fault->seconds === null ? '; the device is not certain to clear it.' : '; the device clears it in '.
                    Show::quantity($fault->seconds, Unit::Second, 3).'.'),
                )
                ->do('Fit an RCD or earth-fault relay, or use a shorter or larger cable.')
                ->source($this->rules->source())->on(FaultFigure::EarthFaultCurrent, FaultFigure::DisconnectionLimit);
        } elseif ($settled->rejection !== null) {
            $ledger->stop(FaultFinding::FaultWithstand)->title('Conductor does not withstand an earth fault')
                ->because('Let-through energy '.Show::quantity($fault->energy ?? 0.0, Unit::AmpereSquaredSecond, 3).
                    ' before the fault is cleared: too much for the '.
                    ($settled->rejection === Rejection::LineWithstand ? 'line' : 'protective').' conductor to the '.
                    ($settled->lineFails ? 'starter.' : 'motor.'))
                ->do('Use a faster protective device, or larger conductors.')
                ->source($this->rules->source())->on(FaultFigure::LetThrough, FaultFigure::Withstand);
        } elseif ($cabling->byFault) {
            $ledger->caution(FaultFinding::SizeByFault)->title('Conductor size set by the earth fault')
                ->because('A smaller conductor would carry the load, but an earth fault at the motor would clear too late or damage '.
                    'the conductor.')
                ->do('With an RCD or earth-fault relay the smaller size is possible.')
                ->source($this->rules->source())->on(CableFigure::Size, FaultFigure::DisconnectionLimit);
        }
        if ($supply->ownElectrode && ($fault->seconds === null
            || $fault->seconds > $this->rules->timeLimit($supply->earthVolts, $protection->rating?->number() ?? 0.0, true)->value)) {
            $ledger->stop(FaultFinding::ResidualCurrentWanted)->title('RCD required')
                ->because('The earth-fault current is only '.Show::quantity($fault->amperes, Unit::Ampere, 3).
                    '; the fuse or breaker will not clear it in time.')
                ->do(self::residualCurrentDevice($supply))
                ->source($this->rules->source())->on(FaultFigure::EarthFaultCurrent)->about('supply.earthing');
        }
        if ($settled->motor->enlarged || $settled->line?->enlarged === true) {
            $ledger->note(FaultFinding::ProtectiveEnlarged)->title('Larger protective conductor than standard')
                ->because('With the standard size an earth fault would clear too late or damage the conductor.')
                ->do('Order cable with this protective conductor size.')
                ->source($this->rules->source())->on(CableFigure::ProtectiveSize);
        }
    }
}
