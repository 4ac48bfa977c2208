<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\LoadTrait;
use BraveAnvil\Circuit\Choice\ResetMode;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\TwoWires;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Start\Method\Contactor;
use BraveAnvil\Stations\Start\Method\ContactorRole;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\StartCurrent;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;

/**
 * Protective device, overload relay with its place and class, disconnect, contactors.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class GuardStation
{
    /** @var list<FieldPath> fields without which nothing can be chosen */
    private const NEEDS = [
        'guard.scpd', 'guard.overload_place', 'guard.overload_class', 'guard.rating', 'guard.dial', 'guard.marked_maximum',
        'plate.service_factor', 'plate.temperature_rise', 'starter.changeover.value', 'starter.run_up_time',
        'guard.start_exception.evidence', 'guard.start_exception.overload', 'guard.instantaneous', 'guard.reset', 'load.service',
        'plate.duty',
    ];

    /** Times full-load current above which a start is harder than category AC-3 is tested for. */
    private const HARD_START = 8.0;

    /** @param  string  $edition  of the rule book, as it is cited */
    public function __construct(
        private Words $words,
        private string $edition,
        private DeviceRules $devices,
        private OverloadRules $overloads,
        private DisconnectRules $disconnects,
        private Practice $practice,
    ) {
    }

    /**
     * @param  Figure|null  $corrected  line current with a capacitor behind the relay, A; null where none sits there
     * @param  Figure|null  $prospective  largest fault current, A
     * @param  TwoWires|null  $wires  of a single-phase circuit
     * @return Protection|null null while it waits for something; the ledger says what
     */
    public function solve(
        Circuit $circuit,
        Load $load,
        Starting $starting,
        ?Figure $corrected,
        ?Figure $prospective,
        ?TwoWires $wires,
        Ledger $ledger,
    ): ?Protection {
        if ($circuit->bad(...self::NEEDS)) {
            $ledger->block('No result: correct the marked field first.', Station::Guard);

            return null;
        }
        if ($starting->staysBehind()) {
            $ledger->block('No device: the motor does not reach full speed with this start.', Station::Guard);

            return null;
        }
        $inrush = $starting->inrush();
        if ($load->designCurrent === null || $load->overloadCurrent === null || $starting->method === null) {
            $ledger->block('No result: the motor current is not known yet.', Station::Guard);

            return null;
        }
        if ($inrush === null) {
            return $this->dialAlone($circuit, $load->overloadCurrent, $corrected, $starting, $starting->method, $ledger);
        }
        $scpd = $circuit->chosen('guard.scpd', Scpd::class) ?? $this->devices->usual();
        $words = $this->words;
        if (! in_array($scpd, $this->devices->known(), true)) {
            $ledger
                ->stop(GuardFinding::NotABranchDevice)
                ->title('Device not in this rule book')
                ->because('This is not a branch-circuit protective device under '.$words->named().'.')
                ->do('Choose a device from the list.')
                ->source($this->edition);
            $ledger->block('The protective device is not in the list of '.$words->named().'.', Station::Guard);

            return null;
        }
        $design = $starting->supplied($load->designCurrent);
        [$rating, $choice] = $this->device($scpd, new DeviceDuty(
            $circuit, $design, $inrush, $prospective, $starting->figures->lockedRotorCurrent, $starting->method->reducesVoltage(), $words,
        ), $starting, $ledger);
        self::markedOnStarter($circuit, $starting->method, $ledger);
        $overload = (new Overload($this->overloads, $this->practice, $words))->solve(
            $circuit, $load->overloadCurrent, $corrected, $starting->method, $inrush, $starting, $ledger,
        );
        if ($overload === null) {
            return new Protection(
                $scpd, $rating, $choice->setting, null, $choice->groundingBasis ?? $rating, self::rung($choice, $rating), null,
            );
        }
        $switch = $this->disconnects->choose(
            $starting->supplied($load->conductorCurrent ?? $load->designCurrent), $scpd->isFuse() ? $rating : null,
        );
        $ledger->put($switch->required);
        if ($switch->size !== null) {
            $ledger->put($switch->size);
        }
        $controller = $this->disconnects->controller($circuit);
        if ($controller !== null) {
            $ledger->put($controller);
        }
        self::contactors($circuit, $load->overloadCurrent, $starting, $ledger);
        self::reset($circuit, $ledger);
        $ledger->add(
            ...$this->devices->notes($scpd, $circuit), ...$this->disconnects->notes(), ...$this->overloads->notes($circuit),
        );
        Prospective::judge($circuit, $prospective, $this->practice->guard(), $ledger);
        if ($wires !== null) {
            OnePhaseGuard::tell($circuit, $wires, $this->words, $ledger);
        }
        $ledger->note(GuardFinding::CoordinationByMaker)->title('Coordination type 1 or 2 not checked')
            ->because('Only the manufacturer’s coordination tables show whether the contactor and relay survive a short circuit.')
            ->do('Take device, contactor and relay from the same table.')
            ->source(Standard::Iec60947_4_1->at());
        $ledger->say(
            Station::Guard,
            match (true) {
                $rating !== null => $rating->label.', '.$rating->shown().'.', $choice->setting !== null => $choice->setting->label.', '.
                    $choice->setting->shown().'.', default => 'No device of this type is suitable.',
            }.' Overload relay'.$overload->seat->where().': set to '.$overload->dial->shown(3).
            ($overload->pick === null ? '; trip class not checked.' : ', trip class '.$overload->pick->class->value.'.'),
        );

        return new Protection(
            $scpd, $rating, $choice->setting,
            $rating === null ? null : $this->devices->device($scpd, $rating->number(), $overload->dial->number()),
            $choice->groundingBasis ?? $rating, self::rung($choice, $rating), $overload,
        );
    }

    /**
     * The dial wants the amperes of the plate only; what a start takes is wanted for the rest.
     *
     * @param  Figure  $current  of the motor at full load, A
     */
    private function dialAlone(
        Circuit $circuit,
        Figure $current,
        ?Figure $corrected,
        Starting $starting,
        StartingMethod $method,
        Ledger $ledger,
    ): null {
        $overload = (new Overload($this->overloads, $this->practice, $this->words))->solve(
            $circuit, $current, $corrected, $method, null, $starting, $ledger,
        );
        $ledger->block(
            ($overload === null ? '' : 'Overload relay'.$overload->seat->where().': set to '.$overload->dial->shown(3).'. ').
            'Enter the starting current to choose the device.',
            Station::Guard,
        );

        return null;
    }

    private static function rung(ScpdChoice $choice, ?Figure $rating): ?Rung
    {
        foreach ($choice->ladder as $rung) {
            if ($rating !== null && abs($rung->rating - $rating->number()) < 1e-9) {
                return $rung;
            }
        }

        return null;
    }

    /** A relay that comes back by itself lets the machine start by itself. */
    private static function reset(Circuit $circuit, Ledger $ledger): void
    {
        if ($circuit->chosen('guard.reset', ResetMode::class) === ResetMode::Automatic) {
            $ledger->caution(GuardFinding::AutomaticRestart)->title('The motor may restart by itself after a trip')
                ->because('With automatic reset and a maintained start command, the machine restarts when the relay has cooled.')
                ->do('Set manual reset, or use three-wire (start/stop pushbutton) control.')
                ->source(Standard::Nec->at('430.43')->and(Standard::Iec60204_1->at()))->on(GuardFigure::OverloadDial)->about('guard.reset');
        }
    }

    /** A starter with a current of its own says on its plate what may protect it. */
    private static function markedOnStarter(Circuit $circuit, StartingMethod $method, Ledger $ledger): void
    {
        if ($method->ownInput() === null || $circuit->has('guard.marked_maximum')) {
            return;
        }
        $says = 'The device is sized for the drive input current. The type and maximum rating marked on the drive govern.';
        $ledger->caution(GuardFinding::StarterMarkingWanted)->title('Protect the drive as its manual says')
            ->because($says)
            ->do('Enter the maximum marked on the drive. Set the motor’s overload protection in the drive.')
            ->source(Standard::Nec->at('430.130')->and(Standard::Iec61800_5_1->at()))
            ->on(GuardFigure::ScpdRating)->about('guard.marked_maximum');
    }

    /** @return array{Figure|null, ScpdChoice} its rating, A; null where none fits or it has a setting only */
    private function device(Scpd $scpd, DeviceDuty $duty, Starting $starting, Ledger $ledger): array
    {
        $choice = $this->devices->choose($scpd, $duty);
        $ledger->add(...$choice->findings);
        $bounds = [$choice->limit, $choice->maximum, $choice->setting, $choice->exceptionLimit, $choice->exceptionRating];
        foreach ($bounds as $bound) {
            if ($bound !== null) {
                $ledger->put($bound);
            }
        }
        $ledger->work(GuardFigure::Scpd)->equals($scpd->value)->said($scpd->label($this->words))
            ->source($duty->circuit->has('guard.scpd') ? 'entered' : 'usual here')->write();
        $installed = $duty->circuit->number('guard.rating');
        $rating = null;
        if ($installed !== null && $choice->setting === null) {
            $rating = InstalledDevice::judge($choice, $duty, $installed, $ledger);
        } elseif ($choice->rating !== null) {
            $rating = $ledger->put($choice->rating);
            $this->worstCase($scpd, $duty, $choice, $starting, $ledger);
            $this->onUsualInertia($scpd, $duty, $choice, $starting, $ledger);
        } elseif ($choice->setting === null && ! $choice->explained) {
            $ledger->stop(GuardFinding::NoDeviceFits)->title('No standard rating is suitable')
                ->because('No standard rating meets the code limit and also carries this start.')->do('Choose another type of device.')
                ->on(StartFigure::LockedRotorCurrent);
        }
        $ledger->curve(new RatingsCurve($scpd->label($this->words), $duty->design, $choice, $rating, $duty->inrush));

        return [$rating, $choice];
    }

    /** Whether the largest starting current that the plate allows would want another device. */
    private function worstCase(Scpd $scpd, DeviceDuty $duty, ScpdChoice $choice, Starting $starting, Ledger $ledger): void
    {
        $worst = $starting->runUp?->worst;
        // Where the start was timed, it is known, with all that its motor’s tolerance does to it.
        if ($choice->certain && $starting->timed === null && $worst !== null && $worst->runUpTime !== null) {
            $slow = $duty->starting($duty->inrush->along(StartCurrent::of($worst)));
            $rating = $this->devices->choose($scpd, $slow)->rating;
            if ($rating?->value !== $choice->rating?->value) {
                $ledger->caution(GuardFinding::WorstStartMelts)->title('A slow start may open the device')
                    ->because('With the lowest torque the standard allows, the start takes '.
                        Show::quantity($worst->runUpTime, Unit::Second, 2).'. '.
                        ($rating === null ? 'No rating of this type is certain to carry it.' : 'Only '.Show::one($rating->shown()).
                        ' device is certain to carry it.'))
                    ->do('If the device opens on a start, time the start before you change anything.')->source(Standard::Iec60034_1->at())
                    ->on(GuardFigure::ScpdRating, StartFigure::RunUpTimeWorst);
            }
        }
        $times = $starting->worstTimes();
        if (! $choice->certain || $times <= 1 + 1e-9) {
            return;
        }
        $worst = $duty->starting($duty->inrush->times($times));
        $rating = $this->devices->choose($scpd, $worst)->rating;
        if ($rating !== null && $rating->value === $choice->rating?->value) {
            return;
        }
        $ledger
            ->note(GuardFinding::WorstCaseStart)
            ->title('Starting current may be above the nameplate value')
            ->because(
                'The standard tolerance allows '.$starting->figures->highest?->shown(3).'. '.
                ($rating === null ? 'No rating of this type is certain to carry it.' : 'Only '.Show::one($rating->shown()).
                ' device is certain to carry it.'),
            )
            ->do('If the device opens on a start, measure the starting current first.')
            ->source(Standard::Iec60034_1->at()->and(Standard::Nec->at('430.7(B)')))
            ->on(StartFigure::LockedRotorCurrentHigh, GuardFigure::ScpdRating);
    }

    /** Chosen on an inertia that nobody typed: what a start as long as is usually taken would ask for. */
    private function onUsualInertia(Scpd $scpd, DeviceDuty $duty, ScpdChoice $choice, Starting $starting, Ledger $ledger): void
    {
        $usual = $this->practice->starting()->runUpTime()->value;
        $time = $starting->runUpTime;
        if (! $choice->certain || $starting->runUp === null || $time === null || $time->number() >= $usual
            || ! $duty->circuit->missing('load.inertia') || ! $duty->circuit->missing('starter.run_up_time')) {
            return;
        }
        $seconds = Figure::step('Run-up time', $usual, Unit::Second);
        $inrush = $starting->method?->inrush($starting->figures, $seconds, $seconds);
        $rating = $inrush === null ? null : $this->devices->choose($scpd, $duty->starting($inrush))->rating;
        if ($inrush !== null && $rating?->value !== $choice->rating?->value) {
            $ledger->note(GuardFinding::LongerStart)->title('Device chosen with an assumed load inertia')
                ->because('With the usual inertia the start takes '.$time->shown(2).'. If it takes '.$seconds->shown().', '.
                    ($rating === null ? 'no rating of this type is certain to carry it.' : 'only '.Show::one($rating->shown()).
                    ' device is certain to carry it.'))
                ->do('Enter the inertia, or time one start.')->source(HowKnown::CommonPractice)
                ->on(GuardFigure::ScpdRating, StartFigure::Inertia)->about('load.inertia');
        }
    }

    private static function contactors(Circuit $circuit, Figure $current, Starting $starting, Ledger $ledger): void
    {
        $traits = $circuit->several('load.traits', LoadTrait::class);
        if (in_array(LoadTrait::Jogging, $traits, true) || in_array(LoadTrait::Plugging, $traits, true)) {
            $ledger->caution(GuardFinding::ContactorOfHeavyDuty)->title('Jogging or plugging: AC-4 contactors required')
                ->because('Jogging and plugging break the locked-rotor current every time. A contactor rated for AC-3 wears out '.
                    'within days, so none is given here.')
                ->do('Ask the manufacturer for the AC-4 rating for this motor and this number of operations per hour.')
                ->source(Standard::Iec60947_4_1->at())->about('load.traits');

            return;
        }
        $lockedRotor = $starting->figures->lockedRotorCurrent;
        if ($lockedRotor !== null && $lockedRotor->number() > self::HARD_START * $current->number()) {
            $ledger->caution(GuardFinding::ContactorHardStart)->title('High locked-rotor current for an AC-3 contactor')
                ->because(Show::number($lockedRotor->number() / $current->number(), 3).
                    ' times full-load current; AC-3 contactors are tested to make and break 8 times.')
                ->do('Use an AC-3e contactor or the next size up.')
                ->source(Standard::Iec60947_4_1->at())->on(GuardFigure::Contactor, StartFigure::LockedRotorCurrent);
        }
        foreach ($starting->method?->contactors() ?? [] as $contactor) {
            [$name, $source] = self::contactorFigure($contactor);
            $ledger
                ->work($name)
                ->from(I: $current)
                ->as($contactor->formula, $contactor->working)
                ->equals($current->number() * $contactor->share)
                ->source($source)
                ->write();
        }
    }

    /** @return array{GuardFigure, Source|string} */
    private static function contactorFigure(Contactor $contactor): array
    {
        return match ($contactor->role) {
            ContactorRole::Line => [GuardFigure::Contactor, Standard::Iec60947_4_1->at()],
            ContactorRole::Main => [GuardFigure::ContactorMain, Standard::Iec60947_4_1->at()],
            ContactorRole::Delta => [GuardFigure::ContactorDelta, Standard::Iec60947_4_1->at()],
            ContactorRole::Star => [GuardFigure::ContactorStar, Standard::Iec60947_4_1->at()],
            ContactorRole::Transformer => [GuardFigure::ContactorTransformer, Standard::Iec60947_4_1->at()],
            ContactorRole::StarPoint => [GuardFigure::ContactorStarPoint, Standard::Iec60947_4_1->at()],
            ContactorRole::Bypass => [GuardFigure::ContactorBypass, Standard::Iec60947_4_1->at()],
            ContactorRole::Transition => [GuardFigure::ContactorTransition, HowKnown::CommonPractice->value.'; closed for a moment only'],
        };
    }
}
