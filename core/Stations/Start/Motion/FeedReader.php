<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Show;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** The feed of a motor: supply, source impedance, and the conductors that were chosen. */
final readonly class FeedReader
{
    /** Ratios of reactance to resistance between which that of a supply lies. */
    private const POSSIBLE = [1.0, 3.0, 6.0, 10.0, 20.0];

    /** @param  list<string>  $assumptions  what the source impedance rests on that nobody typed */
    private function __construct(
        public Feed $feed,
        public array $assumptions,
        private ?float $transformer,
        private ?float $upstream,
        private float $upstreamRatio,
        private bool $ratioTyped,
    ) {
    }

    /**
     * @param  Impedance  $line  of the run from supply to starter, each conductor
     * @param  Impedance  $lead  of the run from starter to motor
     */
    public static function read(Circuit $circuit, Figure $supply, Impedance $line, Impedance $lead, RunUpPractice $practice): self
    {
        [$transformer, $upstream] = self::magnitudes($circuit, $supply->number());
        $typed = $circuit->number('supply.x_over_r');
        // The one that is typed belongs to the transformer where there is one, else to the bus.
        $own = $typed?->number() ?? ($transformer !== null ? $practice->transformerReactance() : $practice->busReactance());
        $above = $transformer !== null ? $practice->upstreamReactance() : $own;
        $assumptions = [];
        if ($typed === null && ($transformer !== null || $upstream !== null)) {
            $assumptions[] = 'X/R of '.Show::number($own).' '.($transformer !== null ? 'of the transformer' : 'at the bus');
        }
        if ($transformer !== null && $upstream !== null) {
            $assumptions[] = 'X/R of '.Show::number($above).' on the supply side of the transformer';
        }
        $feed = new Feed(
            $supply->number(), self::source($transformer, $own, $upstream, $above), $line, $lead,
            false,
        );

        return new self($feed, $assumptions, $transformer, $upstream, $above, $typed !== null);
    }

    /** @return array{float|null, float|null} of the transformer and of what is before it or, without one, of all, Ω */
    private static function magnitudes(Circuit $circuit, float $volts): array
    {
        $level = $circuit->number('supply.fault_level_kva');
        $size = $circuit->number('supply.transformer_kva');
        $percent = $circuit->number('supply.transformer_impedance_percent');

        return [
            $size === null || $percent === null ? null : $volts ** 2 * $percent->number() / 100 / $size->number(),
            $level === null ? null : $volts ** 2 / $level->number(),
        ];
    }

    private static function source(?float $transformer, float $own, ?float $upstream, float $above): ?Impedance
    {
        if ($transformer === null && $upstream === null) {
            return null;
        }
        $source = $transformer === null ? Impedance::none() : Impedance::ofRatio($transformer, $own);

        return $upstream === null ? $source : $source->plus(Impedance::ofRatio($upstream, $above));
    }

    /** @return list<Feed> the same with every ratio of reactance to resistance that may be, where nobody typed it */
    public function possible(): array
    {
        if ($this->ratioTyped || $this->feed->source === null) {
            return [$this->feed];
        }

        return array_map(
            fn (float $ratio): Feed => new Feed(
                $this->feed->volts,
                self::source($this->transformer, $ratio, $this->upstream, $this->transformer === null ? $ratio : $this->upstreamRatio),
                $this->feed->line, $this->feed->lead, $this->feed->sixLeads,
            ),
            self::POSSIBLE,
        );
    }
}
