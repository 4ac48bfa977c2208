<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\ItEarthing;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Choice\VoltageFactor;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Stations\Plate\TwoWires;
use BraveAnvil\Stations\Source\Generator;
use BraveAnvil\Stations\Start\Motion\Impedance;

/**
 * The supply as an earth fault sees it, from what is typed of it.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class EarthSupplyReader
{
    /** Reactance over resistance of what lies before a transformer. */
    private const UPSTREAM_RATIO = 10.0;

    /**
     * @param  EarthSupply|null  $supply  null while it waits
     * @param  FieldPath|null  $wants  the field that it waits for
     * @param  bool  $must  whether that field must be typed in such a supply
     */
    private function __construct(public ?EarthSupply $supply, public ?string $wants, public string $why, public bool $must)
    {
    }

    /**
     * @param  float  $lineVolts  between lines, or between the two wires of a single-phase circuit, V
     * @param  float  $earthVolts  from line to earth, V
     * @param  Earthing|null  $usual  what is taken where nobody says how the supply is earthed
     * @param  TwoWires|null  $wires  of a single-phase circuit
     */
    public static function read(Circuit $circuit, float $lineVolts, float $earthVolts, ?Earthing $usual, ?TwoWires $wires): self
    {
        $assumptions = [];
        $earthing = $circuit->chosen('supply.earthing', Earthing::class);
        if ($earthing === null) {
            if ($usual === null || $circuit->bad('supply.earthing')) {
                return new self(null, 'supply.earthing', 'Earthing system not specified', false);
            }
            $earthing = $usual;
            $assumptions[] = 'a solidly earthed supply';
        }
        $loop = $circuit->number('supply.earth_loop_ohm');
        $own = $earthing === Earthing::Tt
            || ($earthing === Earthing::It && $circuit->chosen('supply.it_earthing', ItEarthing::class) === ItEarthing::Individual);
        if ($own && $loop === null) {
            return new self(
                null, 'supply.earth_loop_ohm', 'Enter the earth-fault loop impedance: the fault current returns through earth', true,
            );
        }
        $ohm = $circuit->number('supply.earthing_ohm');
        $amperes = $circuit->number('supply.earthing_ampere');
        if ($earthing === Earthing::Resistance && $ohm === null && $amperes === null) {
            return new self(
                null, 'supply.earthing_ohm', 'Enter the earthing resistor of the star point, or the earth-fault current limit', true,
            );
        }
        if ($earthing === Earthing::It && ! $own) {
            $assumptions[] = 'no other circuit has a longer loop';
        }
        $most = SustainedCurrent::of($circuit, $lineVolts);
        // An own electrode limits the current more than any source.
        if ($most->wants !== null && ! $own && $earthing !== Earthing::Resistance) {
            return new self(null, $most->wants, $most->why, false);
        }
        $source = $loop !== null ? [null, $loop->number()] : self::source($circuit, $lineVolts, $wires->earthTimes ?? 1.0);
        if ($source === null && $earthing !== Earthing::Resistance) {
            return new self(
                null, 'supply.transformer_kva', 'Enter the transformer, the fault level or the earth-fault loop impedance', false,
            );
        }
        $sourced = $loop === null ? $wires?->assumption($circuit) : null;
        if ($sourced !== null) {
            $assumptions[] = $sourced;
        }
        $assumed = $loop === null ? $circuit->word('supply.board.assumed') : null;
        if ($assumed !== null) {
            $assumptions[] = $assumed;
        }
        [$vector, $size] = $source ?? [Impedance::none(), 0.0];
        if ($vector === null && $loop === null) {
            $assumptions[] = 'X/R of the supply not entered: its whole impedance is added';
        }

        return new self(
            new EarthSupply(
                $earthing, $lineVolts, $earthVolts, $vector, $size, $own, $ohm?->number(), $amperes?->number(),
                ($circuit->chosen('supply.voltage_factor', VoltageFactor::class) ?? VoltageFactor::Narrow)->smallest(), $assumptions,
                $most->amperes,
            ),
            null, '', false,
        );
    }

    /** @return array{Impedance|null, float}|null with its angle where that is typed, and its size, Ω */
    private static function source(Circuit $circuit, float $volts, float $times): ?array
    {
        $resistance = $circuit->number('supply.board.loop_resistance_ohm');
        $reactance = $circuit->number('supply.board.loop_reactance_ohm');
        if ($resistance !== null && $reactance !== null) {
            $loop = new Impedance($resistance->number(), $reactance->number());

            return [$loop, $loop->magnitude()];
        }
        if ($circuit->source() !== SupplySource::Mains) {
            // An inverter holds its voltage until its limit.
            $ohm = Generator::of($circuit)?->subtransientOhm($volts) ?? 0.0;

            return [new Impedance(0.0, $times * $ohm), $times * $ohm];
        }
        $size = $circuit->number('supply.transformer_kva');
        $percent = $circuit->number('supply.transformer_impedance_percent');
        $level = $circuit->number('supply.fault_level_kva');
        $ratio = $circuit->number('supply.x_over_r');
        $transformer = $size === null || $percent === null ? null : $times * $volts ** 2 * $percent->number() / 100 / $size->number();
        $upstream = $level === null ? null : $times * $volts ** 2 / $level->number();
        if ($transformer === null && $upstream === null) {
            return null;
        }
        if ($ratio === null) {
            return [null, ($transformer ?? 0.0) + ($upstream ?? 0.0)];
        }
        $vector = Impedance::ofRatio($transformer ?? $upstream, $ratio->number());
        if ($transformer !== null && $upstream !== null) {
            $vector = $vector->plus(Impedance::ofRatio($upstream, self::UPSTREAM_RATIO));
        }

        return [$vector, $vector->magnitude()];
    }
}
