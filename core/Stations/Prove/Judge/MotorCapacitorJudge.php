<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\CapacitorStamp;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Prove\Choice\MotorCapacitor;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** Start or run capacitor of a single-phase motor, by meter or by its current. */
final class MotorCapacitorJudge implements Judge
{
    /** Shares by which a run capacitor may miss its stamp, and a start capacitor exceed it. Common practice, no source. */
    private const RUN = 0.06;

    private const START_MORE = 0.2;

    /** What a meter misses by. */
    private const METER = 0.02;

    /** Share of the stamp below which a capacitor is as good as open. */
    private const OPEN = 0.1;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $which = $reading->chosen('which', MotorCapacitor::class);
        if ($which === null) {
            return Judgement::waiting('which');
        }
        $path = $which === MotorCapacitor::Start ? 'plate.start_capacitor' : 'plate.run_capacitor';
        $stamp = $known->circuit->stamp($path, CapacitorStamp::class);
        $measured = self::measured($reading, $known);
        if ($measured === null) {
            return Judgement::waiting(...$reading->number('amps') === null ? ['capacitance'] : $reading->missing('volts'));
        }
        if ($stamp === null || ($which === MotorCapacitor::RunSecond && $stamp->second === null)) {
            return Judgement::waiting($path);
        }
        $judgement = (new Judgement)->hold(self::quantity($which, $stamp, $measured));
        if ($measured < self::OPEN * $stamp->low) {
            $judgement->differ(Grade::Stop)->say('It is open: the motor hums and does not start, or starts by hand only.');
        }

        return $judgement->advise(
            'Switch off, discharge it, and replace it by one of the stamped capacitance and at least the stamped voltage.',
            'a worn-out capacitor', 'a capacitor other than on the nameplate', 'a winding still connected to it while it was measured',
        );
    }

    /** @return float|null F */
    private static function measured(Reading $reading, KnownCircuit $known): ?float
    {
        $amps = $reading->number('amps');
        $volts = $reading->number('volts');
        $hertz = $known->circuit->number('supply.frequency');

        return $reading->number('capacitance')?->number()
            ?? ($amps === null || $volts === null || $hertz === null
                ? null : $amps->number() / (2 * M_PI * $hertz->number() * $volts->number()));
    }

    private static function quantity(MotorCapacitor $which, CapacitorStamp $stamp, float $measured): JudgedQuantity
    {
        [$low, $high] = $which === MotorCapacitor::RunSecond ? [$stamp->second ?? 0.0, $stamp->second ?? 0.0] : [$stamp->low, $stamp->high];
        $start = $which === MotorCapacitor::Start;
        // A stamped range is the range; one stamped value of a start capacitor may be exceeded only.
        $least = $low * (1 - ($start ? self::METER : self::RUN));
        $most = $high * (1 + ($start ? ($high > $low ? self::METER : self::START_MORE) : self::RUN));
        $shown = static fn (float $farads): string => Show::quantity($farads, Unit::Farad, 4);

        return new JudgedQuantity(
            'capacitance', $measured, ($low + $high) / 2, $least, $most,
            ['C' => Figure::step('Stamped', ($low + $high) / 2, Unit::Farad)],
            $high > $low ? $shown($low).' to '.$shown($high).' stamped'
                : '{C} '.($start ? '−0 … +20 %' : '± '.Show::number(100 * self::RUN).' %').' with its meter',
        );
    }
}
