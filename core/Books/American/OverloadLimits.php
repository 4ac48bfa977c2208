<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\OverloadRules;
use BraveAnvil\Stations\Guard\OverloadSetting;
use BraveAnvil\Stations\Start\Method\RelaySeat;
use BraveAnvil\Tables\Practice\GuardPractice;

/** The largest trip current is a percentage of the plate's, by service factor and, in one book, temperature rise; the dial is less. */
final readonly class OverloadLimits implements OverloadRules
{
    private const TOLERANCE = 1e-6;

    /**
     * @param  float  $high  of plate current, for a motor with reserve
     * @param  float  $low  of plate current, for all others
     * @param  float  $highFrom  service factor that counts as reserve
     * @param  array{float, float}|null  $raised  high and low where the motor did not start; null where the book has no such exception
     * @param  float|null  $highToRise  K of temperature rise that counts as reserve; null where the book does not ask
     */
    public function __construct(
        private float $high,
        private float $low,
        private float $highFrom,
        private ?float $highToRise,
        private ?array $raised,
        private string $source,
        private GuardPractice $practice,
    ) {
    }

    public function setting(Circuit $circuit, Figure $current, RelaySeat $seat): OverloadSetting
    {
        $serviceFactor = $circuit->number('plate.service_factor');
        $rise = $circuit->number('plate.temperature_rise');
        $reserve = ($serviceFactor !== null && $serviceFactor->number() >= $this->highFrom - self::TOLERANCE)
            || ($this->highToRise !== null && $rise !== null && $rise->number() <= $this->highToRise);
        $raised = $this->raised !== null && $circuit->flag('guard.start_exception.overload') === true
            && $circuit->stamped('guard.start_exception.evidence') !== null ? $this->raised[$reserve ? 0 : 1] : null;
        $factor = $raised ?? ($reserve ? $this->high : $this->low);
        $asks = $this->highToRise === null ? '' : ', or temperature rise of '.Show::number($this->highToRise).' °C or less';
        $why = $reserve
            ? 'service factor '.Show::number($this->highFrom).' or more'.$asks
            : 'service factor below '.Show::number($this->highFrom).' or not on the nameplate';
        $limit = Figure::work(GuardFigure::OverloadSetting)
            ->labelled('Maximum trip current')
            ->from(I: $current)
            ->as('percentage · nameplate current'.$seat->divided, Show::number(100 * $factor).' % × {I}'.$seat->divided)
            ->equals($factor * $current->number() * $seat->share)
            ->source($this->source.': '.$why)
            ->make();
        if ($raised !== null) {
            return $this->raisedSetting($raised, $limit, $current, $seat);
        }
        $share = $this->practice->dialShareAtLowLimit();
        $dial = Figure::work(GuardFigure::OverloadDial)
            ->labelled(GuardFigure::OverloadDial->label().$seat->where())->source(
                self::trips(),
            );

        return new OverloadSetting(
            $reserve
                ? $dial
                    ->from(I: $current)
                    ->as('dial in motor amperes', '{I}'.$seat->divided)
                    ->equals($current->number() * $seat->share)
                    ->make()
                : $dial
                    ->from(k: $share, I: $current)
                    ->as('dial in motor amperes', '{k} × {I}'.$seat->divided)
                    ->equals($share->value * $current->number() * $seat->share)
                    ->make(),
            $limit,
        );
    }

    /** The dial of a relay that must hold a start: it trips near 1.2 times its dial, at the raised limit. */
    private function raisedSetting(float $raised, Figure $limit, Figure $current, RelaySeat $seat): OverloadSetting
    {
        $trips = $this->practice->relayTripsAtDialTimes();

        return new OverloadSetting(
            Figure::work(GuardFigure::OverloadDial)
                ->labelled(GuardFigure::OverloadDial->label().$seat->where())
                ->from(limit: $limit)
                ->as('limit / 1.2', '{limit} ÷ '.Show::number($trips))
                ->equals($raised * $current->number() * $seat->share / $trips)
                ->source(self::trips())
                ->make(),
            $limit,
            [
                Finding::caution(GuardFinding::ExceptionUsed)
                    ->title('Overload setting raised under the starting exception')
                    ->because('It may trip at up to '.Show::number(100 * $raised).
                        ' % of nameplate current, because the motor did not start with a lower setting.')
                    ->do('Set it no higher than the start needs.')
                    ->source(Standard::Nec->at('430.32(C)'))
                    ->on(GuardFigure::OverloadSetting)
                    ->about('guard.start_exception.overload'),
            ],
        );
    }

    private static function trips(): string
    {
        return 'An overload relay must not trip at 1.05 × its setting and must trip at 1.2 × it: '.Standard::Iec60947_4_1->at().
            '. If your relay is marked otherwise, follow its instructions';
    }

    /** NEMA MG 1, up to 500 hp (from memory). */
    public function usualLockedRotorTime(): float
    {
        return 12.0;
    }

    /** NEMA ICS 2 (from memory); 10A is a class of IEC 60947-4-1 alone, and reads as ten amperes here. */
    public function classes(): array
    {
        return [TripClass::Class10, TripClass::Class20, TripClass::Class30];
    }

    /** How NEMA names its classes (from memory, less sure). */
    public function classTimes(): float
    {
        return 6.0;
    }

    public function notes(Circuit $circuit): array
    {
        return [];
    }
}
