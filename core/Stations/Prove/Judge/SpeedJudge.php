<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** The speed of the shaft under load: slip grows with the load, and as the square of the volts falls. */
final class SpeedJudge implements Judge
{
    /** Share by which slip may be off: IEC 60034-1 (from memory), small motors more. */
    private const BAND = 0.2;

    private const BAND_SMALL = 0.3;

    private const SMALL_W = 1000.0;

    /** rpm that a tachometer cannot tell. */
    private const LEAST_RPM = 2.0;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $rpm = $reading->number('rpm');
        $motor = $known->motor;
        $volts = $known->volts($reading->number('volts'));
        $rated = $known->ratedVolts();
        $load = $known->loadAt($reading);
        $own = $motor->frequency;
        $frequency = $reading->number('frequency') ?? $known->circuit->number('supply.frequency') ?? $own;
        $slip = $motor->slip;
        if ($rpm === null || $motor->poles === null || $slip === null || $volts === null || $rated === null || $frequency === null) {
            return Judgement::waiting(...$reading->missing('rpm'), ...$slip === null ? ['plate.speed'] : []);
        }
        $synchronous = 120 * $frequency->number() / $motor->poles->number();
        $read = 100 * ($synchronous - $rpm->number()) / $synchronous;
        $atFull = $slip->number() * ($rated->number() / $volts->number()) ** 2;
        $implied = new JudgedQuantity(
            'load_implied', 100 * $read / $atFull, from: ['s' => $slip, 'V' => $volts], how: 'slip above {s} at {V}',
        );
        if ($load === null) {
            return Judgement::waiting('load_percent')->tell(new JudgedQuantity('slip', $read), $implied);
        }
        $expected = $atFull * $load->number() / 100;
        $small = ($motor->output?->number() ?? INF) < self::SMALL_W;
        $band = max(($small ? self::BAND_SMALL : self::BAND) * $expected, 100 * self::LEAST_RPM / $synchronous);
        $judgement = (new Judgement)->hold(new JudgedQuantity(
            'slip', $read, $expected, $expected - $band, $expected + $band, ['s' => $slip, 'x' => $load, 'V' => $volts, 'Vp' => $rated],
            '{s} × {x} × ({Vp} ÷ {V})² ± '.Show::number($band, 3).' %', Standard::Iec60034_1->at(),
        ))->tell($implied);

        return $judgement->advise(
            'Read power and line currents at the same load.', 'a load other than entered', 'voltages other than entered',
            'a broken rotor bar, if the current swings too',
        );
    }
}
