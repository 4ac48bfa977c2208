<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Source\Generator;
use BraveAnvil\Stations\Start\Motion\Dip;
use BraveAnvil\Stations\Start\Motion\Feed;
use BraveAnvil\Stations\Start\Motion\FeedReader;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\Motion\Train;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** What a start asks of a generator: the dip of its first cycles, and the smallest one that keeps the voltage. */
final readonly class GeneratorStart
{
    /** Halvings of the range in which the smallest is looked for. */
    private const STEPS = 60;

    /** How often a changeover is looked at again, and from which difference on, rpm. */
    private const TURNS = 12;

    private const SAME_SPEED = 0.01;

    /** From the smallest to the largest generator there is, VA. */
    private const RANGE_VA = [1.0, 1e10];

    private function __construct(private Generator $generator, private BusDipLimit $limit, private FeedReader $feed)
    {
    }

    /** Null where something else supplies the circuit. */
    public static function of(Circuit $circuit, FeedReader $feed, RunUpPractice $practice): ?self
    {
        $generator = Generator::of($circuit);

        return $generator === null ? null : new self($generator, BusDipLimit::of($circuit, $practice), $feed);
    }

    /**
     * Writes both.
     *
     * @param  float  $largest  line current of a soft starter, A
     * @param  float|null  $speedAfterGap  at which the second stage closes, rpm; null where nothing changes over
     * @param  array<string, Figure>  $inputs  what the start is worked out from
     * @param  list<string>  $assumptions
     * @return Figure|null the smallest, VA; null where it does not follow
     */
    public function write(
        Plan $plan,
        Train $train,
        float $largest,
        ?float $speedAfterGap,
        Load $load,
        array $inputs,
        array $assumptions,
        Ledger $ledger,
    ): ?Figure {
        $volts = $this->feed->feed->volts;
        $ohm = $this->generator->subtransientOhm($volts);
        $first = $ohm === null ? null : Dip::worstOn($this->on($ohm), $plan, $train, $largest, null);
        if ($first !== null) {
            $ledger->work(StartFigure::FirstDip)->from(...[...$inputs, 'x' => $this->generator->subtransient])->equals($first)
                ->saying('100 (1 − V/E) behind X″d, standstill: '.Show::quantity($volts * $first / 100, Unit::Volt, 3).' of '.
                    Show::quantity($volts, Unit::Volt, 4))
                ->source('calculated here: the first cycles, before the field has followed')->assuming(...$assumptions)->write();
        }
        $least = $this->least($plan, $train, $largest, $speedAfterGap, $load);

        return $least === null ? null : $ledger->work(StartFigure::GeneratorLeastKva)
            ->from(...[...$inputs, 'x' => $this->generator->transient])->equals($least)
            ->saying('the rating at which the start dips by '.Show::quantity($this->limit->percent, Unit::Percent, 3).' behind X′d '.
                $this->generator->transient->shown().', and that carries full load')
            ->source('calculated here; the next larger set is chosen')->assuming(...$assumptions)->write();
    }

    /**
     * The smallest that keeps the voltage and carries full load, VA; null where neither follows.
     *
     * @param  float  $largest  line current of a soft starter, A
     * @param  float|null  $speedAfterGap  rpm
     */
    public function least(Plan $plan, Train $train, float $largest, ?float $speedAfterGap, Load $load): ?float
    {
        $keeps = $this->keeps($plan, $train, $largest, $speedAfterGap);
        // On a smaller set the first stage ends at a lower speed, and the second one takes more: looked at again until both agree.
        for ($turn = 0; $keeps !== null && $speedAfterGap !== null && $plan instanceof StagedPlan && $turn < self::TURNS; $turn++) {
            $then = $plan->on($this->on($this->square() / $keeps))->run($train)->changeover?->speedAfterGap;
            if ($then === null || abs($then - $speedAfterGap) < self::SAME_SPEED) {
                break;
            }
            $speedAfterGap = $then;
            $keeps = $this->keeps($plan, $train, $largest, $speedAfterGap);
        }

        return $keeps === null ? $load->apparent?->number() : max($keeps, $load->apparent?->number() ?? 0.0);
    }

    /**
     * The smallest that keeps the voltage, VA; null where no start lowers it.
     *
     * @param  float  $largest  line current of a soft starter, A
     * @param  float|null  $speedAfterGap  rpm
     */
    private function keeps(Plan $plan, Train $train, float $largest, ?float $speedAfterGap): ?float
    {
        [$low, $high] = self::RANGE_VA;
        $dip = fn (float $rating): ?float => Dip::worstOn($this->on($this->square() / $rating), $plan, $train, $largest, $speedAfterGap);
        if ($dip($high) === null) {
            return null;
        }
        for ($i = 0; $i < self::STEPS; $i++) {
            $middle = sqrt($low * $high);
            if (($dip($middle) ?? 100.0) > $this->limit->percent) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    /** What X′d asks of one volt-ampere of rating, Ω VA. */
    private function square(): float
    {
        return $this->generator->transient->number() / 100 * $this->feed->feed->volts ** 2;
    }

    /** The same feed behind another reactance. */
    private function on(float $ohm): Feed
    {
        $feed = $this->feed->feed;

        return new Feed($feed->volts, new Impedance(0.0, $this->feed->times * $ohm), $feed->line, $feed->lead, $feed->sixLeads);
    }
}
