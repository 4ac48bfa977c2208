<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Fault\FaultFigure;

/** The ground-fault release of a feeder: whether one is wanted, how high it may stand, and whether it waits for the circuits. */
final readonly class FeederGroundFault
{
    /** s that it waits beyond the slowest circuit. Common practice. */
    private const MARGIN_S = 0.2;

    /** From here a solidly grounded feeder above 150 V to ground wants one, A. NEC 215.10, CE Code 14-102. */
    private const WANTED_A = 1000.0;

    private const WANTED_V = 150.0;

    /** Highest setting, A, and longest time at 3000 A, s. NEC 230.95, CE Code 14-102. */
    private const MOST_A = 1200.0;

    private const MOST_S = 1.0;

    public function __construct(private FeederDocument $document, private Ledger $ledger)
    {
    }

    /**
     * @param  list<BoardMotor>  $motors
     * @param  Figure|null  $rating  of the feeder's device, A
     * @param  float  $volts  between lines
     */
    public function solve(array $motors, ?Figure $rating, float $volts): void
    {
        $setting = $this->document->setting('ground_fault');
        $delay = $this->document->setting('ground_fault_delay');
        $isOn = $setting !== null && is_finite($setting);
        $earthing = $this->document->feeder->chosen('supply.earthing', Earthing::class);
        $isSolid = $earthing !== Earthing::It && $earthing !== Earthing::Resistance;
        $source = Standard::Nec->at('215.10, 230.95')->and(Standard::CeCode->at('14-102'));
        if ($this->document->isAmerican() && $isSolid && $volts / sqrt(3) > self::WANTED_V && $rating !== null
            && $rating->number() >= self::WANTED_A * (1 - 1e-9)) {
            if (! $isOn) {
                $this->ledger->caution(FeederFinding::GroundFaultProtection)->title('Ground-fault protection required on this feeder')
                    ->because('Device '.$rating->shown().', '.Show::quantity($volts / sqrt(3), Unit::Volt, 3).' to ground.')
                    ->do('Fit a ground-fault relay set to 1200 A or less, 1 s or less.')->source($source)
                    ->on(FeederFigure::ScpdRating)->about('guard.rating');
            } elseif ($setting > self::MOST_A * (1 + 1e-9) || ($delay ?? 0.0) > self::MOST_S * (1 + 1e-9)) {
                $this->ledger->stop(FeederFinding::GroundFaultSetting)->title('Ground-fault setting too high')
                    ->because('Set to '.Show::quantity($setting, Unit::Ampere).($delay === null ? '' : ', '.
                        Show::quantity($delay, Unit::Second)).'.')
                    ->do('Set it to 1200 A or less, 1 s or less.')->source($source)->on(FeederFigure::ScpdRating)->about('guard.rating');
            }
        }
        if ($isOn && $delay !== null) {
            $this->grading($motors, $delay);
        }
    }

    /** @param  list<BoardMotor>  $motors */
    private function grading(array $motors, float $delay): void
    {
        foreach ($motors as $motor) {
            $clears = $motor->solution->figure(FaultFigure::DisconnectionTime->value)?->number();
            if ($clears !== null && $delay < $clears + self::MARGIN_S - 1e-9) {
                $this->ledger->caution(FeederFinding::GroundFaultGrading)->title('Ground-fault relay does not wait for '.$motor->tag)
                    ->because('Delay '.Show::quantity($delay, Unit::Second).'; '.$motor->tag.' clears an earth fault in '.
                        Show::quantity($clears, Unit::Second, 3).'.')
                    ->do('Set a delay of at least '.Show::quantity($clears + self::MARGIN_S, Unit::Second, 3).'.')
                    ->on(FeederFigure::ScpdRating);
            }
        }
    }
}
