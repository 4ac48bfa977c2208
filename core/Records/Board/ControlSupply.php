<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/**
 * Control transformer of a board with its fuses, and how far its coils may be: pulled in at the end of the wire, and
 * dropped out by an open contact.
 */
final readonly class ControlSupply
{
    /** Share of the rated voltage at which a contactor must pull in, and at which it must have dropped out. IEC 60947-4-1. */
    private const PULL_IN = 0.85;

    private const DROP_OUT = 0.20;

    /** Most that the inrush may lower the secondary, %. Common practice. */
    private const MOST_DIP = 10.0;

    /** Ω mm² per km, copper at operating temperature. Common practice. */
    private const COPPER = 22.5;

    private const SIZES_METRIC = [25, 40, 63, 100, 160, 200, 250, 315, 400, 500, 630, 800, 1000, 1600, 2000, 2500];

    private const SIZES_AMERICAN = [25, 50, 75, 100, 150, 200, 250, 300, 350, 500, 750, 1000, 1500, 2000, 3000, 5000];

    private const FUSES = [
        0.25, 0.5, 0.6, 0.8, 1.0, 1.25, 1.5, 1.6, 2.0, 2.5, 3.0, 3.5, 4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 10.0, 12.0, 15.0, 20.0, 25.0, 30.0,
        35.0, 40.0, 45.0, 50.0, 60.0,
    ];

    public function __construct(private FeederDocument $document, private Ledger $ledger, private Tables $tables)
    {
    }

    /** @return array<string, array{pull_in_length: float, drop_out_length: float, inrush_voltage: float|null}> by coil, m and % */
    public function solve(): array
    {
        $typed = $this->document->control();
        if ($typed === []) {
            return [];
        }
        $volts = $this->number('voltage', FieldKind::Volts, 12, 690, Unit::Volt);
        $coils = ControlCoil::all($typed, $this->document);
        if ($volts === null) {
            $this->document->fail('control.voltage', 'Enter the control voltage.', 'Such as 230 or 120.', ErrorKind::Missing);
        }
        if ($volts === null || $coils === []) {
            return [];
        }
        $other = $this->number('other_va', FieldKind::VoltAmperes, 0, 1e5, Unit::VoltAmpere) ?? 0.0;
        [$holding, $inrush] = $this->powers($coils, $other);
        $impedance = $this->number('impedance_percent', FieldKind::Percent, 0.5, 30, Unit::Percent);
        $size = $this->transformer($holding, $inrush, $impedance);
        $left = $size === null || $impedance === null ? null : 1 - $impedance / 100 * $inrush->number() / $size;
        if ($left !== null) {
            $this->ledger->work(FeederFigure::ControlInrushVoltage)->from(S: $inrush)->equals(100 * $left)
                ->saying('100 − u × inrush ÷ VA')->write();
        }
        if ($size !== null) {
            $this->fuses($size, $volts);
        }

        return $this->lengths($coils, $volts, $left);
    }

    private function number(string $key, FieldKind $kind, float $low, float $high, Unit $unit): ?float
    {
        return $this->document->number("control.$key", $this->document->control()[$key] ?? null, $kind, $low, $high, $unit);
    }

    /**
     * @param  non-empty-list<ControlCoil>  $coils
     * @return array{Figure, Figure} held, and at the largest inrush, VA
     */
    private function powers(array $coils, float $other): array
    {
        $held = ControlCoil::sum($coils);
        $holding = $this->ledger->work(FeederFigure::ControlHolding)->equals($held->size() + $other)
            ->saying('all coils held, as phasors, and all else')
            ->write();
        $largest = $coils[0];
        foreach ($coils as $coil) {
            if ($coil->together * $coil->inrush > $largest->together * $largest->inrush) {
                $largest = $coil;
            }
        }
        $inrush = $held->minus($largest->held()->scaled($largest->together))->plus($largest->pulled()->scaled($largest->together));

        return [$holding, $this->ledger->work(FeederFigure::ControlInrush)->equals($inrush->size() + $other)
            ->saying($largest->tag.' pulls in while all others are held')->write()];
    }

    /** Chosen or there already, VA. */
    private function transformer(Figure $holding, Figure $inrush, ?float $impedance): ?float
    {
        $fits = static fn (float $va): bool => $va >= $holding->number() * (1 - 1e-6)
            && ($impedance === null || $impedance * $inrush->number() / $va <= self::MOST_DIP * (1 + 1e-6));
        $least = null;
        foreach ($this->document->isAmerican() ? self::SIZES_AMERICAN : self::SIZES_METRIC as $va) {
            if ($fits((float) $va)) {
                $least = (float) $va;
                break;
            }
        }
        $typed = $this->number('transformer_va', FieldKind::VoltAmperes, 10, 1e5, Unit::VoltAmpere);
        $size = $typed ?? $least;
        if ($size !== null) {
            $this->ledger->work(FeederFigure::ControlTransformer)->from(h: $holding, i: $inrush)->equals($size)
                ->saying($typed !== null ? 'entered' : 'carries the held coils'.($impedance === null
                    ? '; its voltage at the inrush is not checked'
                    : ', and keeps 90 % at the inrush'))->source(HowKnown::CommonPractice)->write();
        }
        if ($typed !== null && ! $fits($typed)) {
            $this->ledger->caution(FeederFinding::ControlTransformer)->title('Control transformer too small')
                ->because($holding->shown(3).' held, '.$inrush->shown(3).' at the inrush.')
                ->do($least === null ? 'Divide the control supply.' : 'Use '.Show::quantity($least, Unit::VoltAmpere).'.')
                ->on(FeederFigure::ControlTransformer);
        }
        $short = $this->number('short_time_va', FieldKind::VoltAmperes, 10, 1e6, Unit::VoltAmpere);
        if ($short !== null && $short < $inrush->number() * (1 - 1e-6)) {
            $this->ledger->stop(FeederFinding::ControlInrush)->title('Control transformer cannot pull in the largest contactor')
                ->because('It gives '.Show::quantity($short, Unit::VoltAmpere).' for a moment; the inrush is '.$inrush->shown(3).'.')
                ->do('Use a larger transformer.')->on(FeederFigure::ControlInrush);
        }

        return $size;
    }

    private function fuses(float $size, float $volts): void
    {
        $primaryVolts = $this->number('primary_voltage', FieldKind::Volts, 100, 1000, Unit::Volt)
            ?? $this->document->feeder->number('supply.voltage')?->number();
        if ($primaryVolts === null) {
            return;
        }
        $primary = $this->ledger->work(FeederFigure::ControlPrimaryCurrent)->equals($size / $primaryVolts)->as('S / V')->write();
        $secondary = $this->ledger->work(FeederFigure::ControlSecondaryCurrent)->equals($size / $volts)->as('S / V')->write();
        [$first, $second] = match (true) {
            ! $this->document->isAmerican() => [$this->atLeast(2 * $primary->number()), $this->atMost($secondary->number())],
            $this->document->ruleBook() === 'cec' => [$this->atMost(3 * $primary->number()), $this->atLeast(1.25 * $secondary->number())],
            default => [
                $this->atMost(($primary->number() < 2 ? 5 : 2.5) * $primary->number()),
                $secondary->number() >= 9 ? $this->atLeast(1.25 * $secondary->number()) : $this->atMost(1.67 * $secondary->number()),
            ],
        };
        $source = $this->document->isAmerican() ? Standard::Nec->at('430.72(C), 450.3(B)') : HowKnown::CommonPractice;
        foreach ([[FeederFigure::ControlPrimaryFuse, $first], [FeederFigure::ControlSecondaryFuse, $second]] as [$name, $fuse]) {
            if ($fuse !== null) {
                $this->ledger->work($name)->equals($fuse)->source($source)->write();
            }
        }
    }

    private function atMost(float $amperes): ?float
    {
        $below = array_filter(self::FUSES, static fn (float $fuse): bool => $fuse <= $amperes * (1 + 1e-6));

        return $below === [] ? null : max($below);
    }

    private function atLeast(float $amperes): ?float
    {
        $above = array_filter(self::FUSES, static fn (float $fuse): bool => $fuse >= $amperes * (1 - 1e-6));

        return $above === [] ? null : min($above);
    }

    /**
     * @param  non-empty-list<ControlCoil>  $coils
     * @param  float|null  $left  of the secondary voltage at the inrush, in parts of one
     * @return array<string, array{pull_in_length: float, drop_out_length: float, inrush_voltage: float|null}>
     */
    private function lengths(array $coils, float $volts, ?float $left): array
    {
        $hertz = $this->document->feeder->number('supply.frequency')?->number() ?? 50.0;
        $all = [];
        foreach ($coils as $coil) {
            $perKm = $this->loop($coil->size);
            $ohm = $perKm === null ? null : $perKm / 1000;
            $pull = $ohm === null ? INF : $this->pullIn($coil, $volts, $left ?? 1.0, $ohm);
            $drop = $this->dropOut($coil, $volts, $hertz);
            $all[$coil->tag] = [
                'pull_in_length' => $pull, 'drop_out_length' => $drop,
                'inrush_voltage' => $coil->length === null || $ohm === null ? null : 100 * $this->atCoil($coil, $volts,
                    $left ?? 1.0, $ohm * $coil->length),
            ];
            if ($coil->length !== null && $coil->length > $pull) {
                $this->ledger->caution(FeederFinding::ControlPullIn)->title('Contactor '.$coil->tag.' may not pull in')
                    ->because('At the end of '.Show::quantity($coil->length, Unit::Metre).' it gets less than 85 % of its voltage; '.
                        Show::quantity($pull, Unit::Metre, 3).' is the longest.')
                    ->do('Use a larger conductor, or a relay near the contactor.')->source(Standard::Iec60947_4_1->at())
                    ->on(FeederFigure::ControlPullInLength);
            }
            if ($coil->length !== null && $coil->length > $drop) {
                $this->ledger->caution(FeederFinding::ControlDropOut)->title('Contactor '.$coil->tag.' may not drop out')
                    ->because('The capacitance of the open pair holds it from '.Show::quantity($drop, Unit::Metre, 3).' on.')
                    ->do('Use a relay at the coil, or direct current.')->source(Standard::Iec60947_4_1->at())
                    ->on(FeederFigure::ControlDropOutLength);
            }
        }
        $this->ledger->work(FeederFigure::ControlPullInLength)->equals(min(array_column($all, 'pull_in_length')))
            ->saying('85 % at the coil at its inrush')->source(Standard::Iec60947_4_1->at())->write();
        $this->ledger->work(FeederFigure::ControlDropOutLength)->equals(min(array_column($all, 'drop_out_length')))
            ->saying('20 % left through the capacitance of the open pair')->source(Standard::Iec60947_4_1->at())->write();

        return $all;
    }

    /** Out and back, Ω per km; null where the size is not in the table. */
    private function loop(string $size): ?float
    {
        if (! $this->document->isAmerican()) {
            return (float) $size > 0 ? 2 * self::COPPER / (float) $size : null;
        }
        $ohm = $this->tables->named(TableName::NecConductorProperties)->number(trim(str_ireplace(['awg', 'kcmil'], '', $size)),
            'dc_cu_uncoated_ohm_per_km');

        return $ohm === null ? null : 2 * $ohm;
    }

    /** Share of the rated voltage at a coil that pulls in behind a loop, Ω. */
    private function atCoil(ControlCoil $coil, float $volts, float $left, float $ohm): float
    {
        $size = $volts ** 2 / $coil->inrush;
        $resistance = $size * $coil->inrushFactor;
        $reactance = $size * sqrt(1 - $coil->inrushFactor ** 2);

        return $left * $size / hypot($resistance + $ohm, $reactance);
    }

    /** m */
    private function pullIn(ControlCoil $coil, float $volts, float $left, float $ohmPerMetre): float
    {
        if ($left <= self::PULL_IN) {
            return 0.0;
        }
        $size = $volts ** 2 / $coil->inrush;
        $reactance = $size * sqrt(1 - $coil->inrushFactor ** 2);

        return (sqrt(($size * $left / self::PULL_IN) ** 2 - $reactance ** 2) - $size * $coil->inrushFactor) / $ohmPerMetre;
    }

    /** m */
    private function dropOut(ControlCoil $coil, float $volts, float $hertz): float
    {
        $size = $volts ** 2 / $coil->holding;
        $cos = $coil->holdingFactor;
        $capacitive = $size * (sqrt(1 - $cos ** 2) + sqrt(1 / self::DROP_OUT ** 2 - $cos ** 2));
        $farad = $coil->farad * ($coil->threeWire ? 2 : 1);

        return 1 / (2 * M_PI * $hertz * $capacitive * $farad);
    }
}
