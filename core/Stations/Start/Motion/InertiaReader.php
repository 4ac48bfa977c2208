<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FigureBuilder;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** Inertia of motor and load at the motor's shaft: typed, usual, or as a stopwatch says. */
final readonly class InertiaReader
{
    public function __construct(private RunUpPractice $practice, private Words $words)
    {
    }

    /** The rotor's, kg·m²: typed, else as it usually is. */
    public function ofMotor(Circuit $circuit, Motor $motor): ?Figure
    {
        $typed = $circuit->number('plate.inertia');
        if ($typed !== null || $motor->output === null || $motor->poles === null || $circuit->bad('plate.inertia')) {
            return $typed;
        }
        $usual = $this->practice->motorInertia($motor->output->number() / 1000, $motor->poles->number() / 2);

        return Figure::step('Rotor inertia', $usual->value, Unit::KilogramSquareMetre)
            ->withAssumption('a usual rotor inertia of '.Show::quantity($usual->value, Unit::KilogramSquareMetre, 3));
    }

    /**
     * That of the load, at the motor's shaft, kg·m².
     *
     * @return Figure|null null where nothing is usual for such a load: it must be typed
     */
    public function ofLoad(Circuit $circuit, LoadReader $load, Figure $rotor): ?Figure
    {
        $typed = $circuit->number('load.inertia');
        if ($typed !== null) {
            $ratio = $circuit->number('load.speed_ratio');

            return $ratio === null
                ? Figure::step('Load inertia', $typed->number(), Unit::KilogramSquareMetre, J: $typed)
                : Figure::step(
                    'Load inertia at the motor', $typed->number() * $ratio->number() ** 2, Unit::KilogramSquareMetre, J: $typed, i: $ratio,
                );
        }
        $times = $this->practice->inertiaTimes($load->machine, $load->kind);
        if ($times === null || $circuit->bad('load.inertia')) {
            return null;
        }
        $what = $load->machine === null ? 'such a load' : 'a '.Show::inside($load->machine->label($this->words));

        return Figure::step('Load inertia', $times * $rotor->number(), Unit::KilogramSquareMetre, J: $rotor)
            ->withAssumption('inertia of '.$what.' usually '.Show::number($times).' times the rotor inertia');
    }

    public static function total(FigureBuilder $work, Figure $rotor, Figure $load): FigureBuilder
    {
        return $work->from(J: $rotor, load: $load)->as('J_motor + J_load (n_load/n_motor)²', '{J} + {load}')
            ->equals($rotor->number() + $load->number())->source(HowKnown::Definition);
    }

    /** What must turn for the run-up to take as long as it was timed. */
    public static function timed(FigureBuilder $work, Figure $time, float $inertia): FigureBuilder
    {
        return $work->labelled(StartFigure::Inertia->label())->from(t: $time)
            ->as('the inertia that gives this run-up time', 'from the timed start, {t}')->equals($inertia)->source(HowKnown::Calculated);
    }
}
