<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Correct\AfterPattern;
use BraveAnvil\Stations\Correct\AfterReading;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Pattern;
use BraveAnvil\Stations\Prove\Reading;

/** Power, current and volts at one load without the capacitor and with it. */
final class CorrectionJudge implements Judge
{
    private const NAMES = ['before.watts', 'before.amps', 'before.volts', 'after.watts', 'after.amps', 'after.volts'];

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $read = $reading->all(...self::NAMES);
        if ($read === null || $known->correction === null) {
            return Judgement::waiting(...$reading->missing(...self::NAMES), ...$known->correction === null ? ['correction.place'] : []);
        }
        $onePhase = $known->circuit->phases() === 1;
        $root = $onePhase ? 1.0 : sqrt(3);
        [$realBefore, $ampsBefore, $voltsBefore, $real, $amps, $volts] = $read;
        if ($realBefore > 1.01 * $root * $voltsBefore * $ampsBefore || $real > 1.01 * $root * $volts * $amps) {
            return Judgement::notComparable('Real power above volts times amperes: read all three again at the same time.');
        }
        $reactiveBefore = sqrt(max(0.0, ($root * $voltsBefore * $ampsBefore) ** 2 - $realBefore ** 2));
        $after = AfterReading::of($realBefore, $reactiveBefore, $real, $amps, $volts, $onePhase, $known->correction->unit);
        // Inside its band it is what it should be, whatever the load did between; outside it only one load tells.
        if (! $after->isComparable() && ! $after->agrees()) {
            return Judgement::notComparable('The load changed between the two readings: their power differs by more than 5 %.');
        }
        $from = ['P' => $this->step($reading, 'after.watts'), 'V' => $this->step($reading, 'after.volts')];
        $judgement = (new Judgement)->hold(new JudgedQuantity(
            'current', $amps, $after->expected, $after->low, $after->high, array_filter($from),
            'capacitor −5 to +10 %, meters 3 %', Standard::Iec60831_1->at()->adding('; meters common practice'),
        ))->hold(new JudgedQuantity(
            'power_factor', $after->powerFactor, $after->expectedFactor, $after->lowFactor, $after->highFactor, array_filter($from),
            'capacitor −5 to +10 %, meters 0.015', Standard::Iec60831_1->at()->adding('; meters common practice'),
        ));
        $share = new JudgedQuantity('share', $after->share, 1.0, AfterReading::SHARE_LOW, AfterReading::SHARE_HIGH, array_filter($from),
            '(Q before − Q after) ÷ reactive power of the capacitor');
        if (! $after->tellsShare()) {
            return $judgement->tell($share);
        }
        $judgement->hold($share);
        if ($share->isInside()) {
            return $judgement->advise('Read the current in each line of the capacitor.', 'a load that changed', 'a meter at another place');
        }
        $pattern = AfterPattern::of($after->share, $onePhase);

        return $judgement->shape(Pattern::from($pattern->value))->say($pattern->says())->advise($pattern->next(), $pattern->says());
    }

    private function step(Reading $reading, string $name): ?Figure
    {
        return $reading->number($name);
    }
}
