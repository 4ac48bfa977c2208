<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Prove\Choice\Foundation;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** Vibration of both ends, rms of velocity. ISO 20816-3 and 20816-1 (both from memory). */
final class VibrationJudge implements Judge
{
    /** Upper ends of zones A, B and C, mm/s: small machines, 15 to 300 kW, above. */
    private const SMALL = [0.71, 1.8, 4.5];

    private const MIDDLE = [1.4, 2.8, 4.5];

    private const MIDDLE_FLEXIBLE = [2.3, 4.5, 7.1];

    private const LARGE = [2.3, 4.5, 7.1];

    private const LARGE_FLEXIBLE = [3.5, 7.1, 11.0];

    private const SMALL_TO_W = 15000.0;

    private const MIDDLE_TO_W = 300000.0;

    private const ZONES = ['A', 'B', 'C', 'D'];

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $ends = [...$reading->all('de') ?? [], ...$reading->all('nde') ?? []];
        $output = $known->motor->output;
        if ($ends === [] || $output === null) {
            return Judgement::waiting(...$ends === [] ? ['de'] : [], ...$output === null ? ['plate.power'] : []);
        }
        $flexible = $reading->chosen('foundation', Foundation::class) === Foundation::Flexible;
        $limits = match (true) {
            $output->number() < self::SMALL_TO_W => self::SMALL,
            $output->number() <= self::MIDDLE_TO_W => $flexible ? self::MIDDLE_FLEXIBLE : self::MIDDLE,
            default => $flexible ? self::LARGE_FLEXIBLE : self::LARGE,
        };
        $worst = max($ends);
        $zone = count(array_filter($limits, static fn (float $limit): bool => $worst > $limit * (1 + 1e-6)));
        $judgement = (new Judgement)->hold(
            new JudgedQuantity(
                'velocity', $worst, high: $limits[1], from: ['P' => $output],
                how: '{P}, '.($flexible ? 'flexible' : 'rigid').' foundation: zone limits '.
                implode(', ', array_map(Show::number(...), $limits)).' mm/s',
                source: self::source(),
            ),
            $zone === 3 ? Grade::Stop : Grade::Caution,
        )->tell(new JudgedQuantity('zone', self::ZONES[$zone], source: self::source()));

        return $judgement->advise(
            $zone === 3 ? 'Do not keep it running. Check coupling, feet and bearings.'
                : 'Check alignment, feet and fan; measure again in a week.',
            'alignment', 'unbalance', 'a loose foot', 'a bearing', 'the foundation',
        );
    }

    private static function source(): Source
    {
        return Standard::Iso20816->at();
    }
}
