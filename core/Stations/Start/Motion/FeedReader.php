<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Plate\TwoWires;
use BraveAnvil\Stations\Source\Generator;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** The feed of a motor: supply, source impedance, and the conductors that were chosen. */
final readonly class FeedReader
{
    /** Ratios of reactance to resistance between which that of a supply lies. */
    private const POSSIBLE = [1.0, 3.0, 6.0, 10.0, 20.0];

    /**
     * @param  list<string>  $assumptions  what the source impedance rests on that nobody typed
     * @param  list<Feed>  $possible  the same with every source impedance that may be, where nobody typed it
     * @param  float  $times  how often V² / S of a source lies in one phase
     */
    private function __construct(public Feed $feed, public array $assumptions, public array $possible, public float $times)
    {
    }

    /**
     * @param  Impedance  $line  of the run from supply to starter, each conductor
     * @param  Impedance  $lead  of the run from starter to motor
     * @param  TwoWires|null  $wires  of a single-phase circuit: told as the three-phase one that dips as much
     */
    public static function read(
        Circuit $circuit,
        Figure $supply,
        Impedance $line,
        Impedance $lead,
        RunUpPractice $practice,
        ?TwoWires $wires = null,
    ): self {
        $times = ($wires->loopTimes ?? sqrt(3)) / sqrt(3);
        if ($wires !== null) {
            // √3 I Z of three phases drops what 2 I Z does of one.
            [$line, $lead] = [$line->times(2 / sqrt(3)), $lead->times(2 / sqrt(3))];
        }
        $sourced = $wires?->assumption($circuit);
        $assumptions = $sourced === null ? [] : [$sourced];
        $feed = static fn (?Impedance $source): Feed => new Feed($supply->number(), $source, $line, $lead, false);
        $atBoard = self::atBoard($circuit);
        if ($atBoard !== null) {
            $assumed = $circuit->word('supply.board.assumed');

            return new self($feed($atBoard), $assumed === null ? $assumptions : [...$assumptions, $assumed], $assumed === null
                ? [$feed($atBoard)]
                : array_map(static fn (float $ratio): Feed => $feed(Impedance::ofRatio($atBoard->magnitude(), $ratio)), self::POSSIBLE),
                $times);
        }

        return match ($circuit->source()) {
            SupplySource::Mains => self::mains($circuit, $supply->number(), $times, $practice, $assumptions, $feed),
            SupplySource::Generator => self::generator($circuit, $supply->number(), $times, $assumptions, $feed),
            // It holds its voltage up to its limit.
            SupplySource::Inverter => new self($feed(null), [], [$feed(null)], $times),
        };
    }

    /** Of source and feeder together, where a board feeds the circuit. */
    private static function atBoard(Circuit $circuit): ?Impedance
    {
        $resistance = $circuit->number('supply.board.resistance_ohm');
        $reactance = $circuit->number('supply.board.reactance_ohm');

        return $resistance === null || $reactance === null ? null : new Impedance($resistance->number(), $reactance->number());
    }

    /**
     * @param  float  $times  of V² / S that one phase counts
     * @param  list<string>  $assumptions
     * @param  callable(?Impedance): Feed  $feed
     */
    private static function mains(
        Circuit $circuit,
        float $volts,
        float $times,
        RunUpPractice $practice,
        array $assumptions,
        callable $feed,
    ): self {
        [$transformer, $upstream] = self::magnitudes($circuit, $volts, $times);
        if ($transformer === null && $upstream === null) {
            return new self($feed(null), $assumptions, [$feed(null)], $times);
        }
        $typed = $circuit->number('supply.x_over_r')?->number();
        // The one that is typed belongs to the transformer where there is one, else to the bus.
        $own = $typed ?? ($transformer !== null ? $practice->transformerReactance() : $practice->busReactance());
        $above = $practice->upstreamReactance();
        if ($typed === null) {
            $assumptions[] = 'X/R of '.Show::number($own).' '.($transformer !== null ? 'of the transformer' : 'at the bus');
        }
        if ($transformer !== null && $upstream !== null) {
            $assumptions[] = 'X/R of '.Show::number($above).' on the supply side of the transformer';
        }
        $source = static fn (float $ratio): Feed => $feed(self::source($transformer, $ratio, $upstream, $above));

        return new self($source($own), $assumptions, $typed !== null ? [$source($own)] : array_map($source, self::POSSIBLE), $times);
    }

    /**
     * Its reactance until the regulator has acted; that of its windings is all of it.
     *
     * @param  float  $times  of V² / S that one phase counts
     * @param  list<string>  $assumptions
     * @param  callable(?Impedance): Feed  $feed
     */
    private static function generator(Circuit $circuit, float $volts, float $times, array $assumptions, callable $feed): self
    {
        $generator = Generator::of($circuit);
        $ohm = $generator?->transientOhm($volts);
        if ($generator === null || $ohm === null) {
            return new self($feed(null), $assumptions, [$feed(null)], $times);
        }
        $taken = $circuit->defaultOf('supply.transient_percent');
        $source = static fn (float $percent): Feed => $feed(
            new Impedance(0.0, $times * $ohm * $percent / $generator->transient->number()),
        );
        $own = $source($generator->transient->number());

        if ($taken === null) {
            return new self($own, $assumptions, [$own], $times);
        }
        // On trial at one end of what may be, it is that end alone.
        $ends = array_values(array_filter($taken->range, is_float(...)));

        return new self($own, [...$assumptions, $taken->why], $ends === [] ? [$own] : array_map($source, $ends), $times);
    }

    /** @return array{float|null, float|null} of the transformer and of what is before it or, without one, of all, Ω */
    private static function magnitudes(Circuit $circuit, float $volts, float $times): array
    {
        $level = $circuit->number('supply.fault_level_kva');
        $size = $circuit->number('supply.transformer_kva');
        $percent = $circuit->number('supply.transformer_impedance_percent');

        return [
            $size === null || $percent === null ? null : $times * $volts ** 2 * $percent->number() / 100 / $size->number(),
            $level === null ? null : $times * $volts ** 2 / $level->number(),
        ];
    }

    private static function source(?float $transformer, float $own, ?float $upstream, float $above): Impedance
    {
        if ($transformer === null) {
            return Impedance::ofRatio($upstream ?? 0.0, $own);
        }
        $source = Impedance::ofRatio($transformer, $own);

        return $upstream === null ? $source : $source->plus(Impedance::ofRatio($upstream, $above));
    }
}
