<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Money;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Choice\DrivenMachine;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Correct\CorrectFigure;
use BraveAnvil\Stations\Correct\Correction;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\ApproximateLoad;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Tables\Practice\EfficiencyClasses;

/** What a year of this load costs, what its capacitor saves, and what a better motor would. */
final readonly class MoneyStation
{
    /** h a year where nobody says. Common practice. */
    private const USUAL_HOURS = 4000.0;

    /** W that a capacitor turns into heat for each kvar, alone and behind a reactor. Common practice. */
    private const OWN_LOSS = 0.5;

    private const DETUNED_LOSS = 5.0;

    private const USUAL_X_OVER_R = 10.0;

    private const FIELDS = [
        'load.hours', 'load.machine_efficiency', 'settings.tariff.energy_price', 'settings.tariff.kva_demand.price',
        'settings.tariff.kvarh.price',
        'settings.tariff.kvarh.free_tan', 'settings.tariff.power_factor.price', 'settings.tariff.power_factor.reference',
        'settings.site_load.power', 'settings.site_load.reactive', 'correction.price', 'upgrade.efficiency',
        'upgrade.efficiency_class', 'upgrade.price',
    ];

    public function __construct(private EfficiencyClasses $classes)
    {
    }

    public function solve(Circuit $circuit, Motor $motor, Load $load, ?Correction $correction, ?Cabling $cabling, Ledger $ledger): void
    {
        $typed = array_filter(self::FIELDS, static fn (string $path): bool => $circuit->has($path));
        if ($typed === [] || $circuit->bad(...self::FIELDS)) {
            return;
        }
        $tariff = Tariff::of($circuit, $ledger);
        $rows = $this->year($circuit, $load, $correction);
        if ($rows === []) {
            return;
        }
        $assumed = $circuit->pairs('load.hours') === null ? Show::number(self::USUAL_HOURS).' h per year at its load' : null;
        $unsaid = array_filter($rows, static fn (YearRow $row): bool => $row->percent === null) !== [];
        // What is measured does not say how much of its output the motor gives.
        $atShaft = $unsaid ? 'the measured load taken as full load' : $assumed;
        $energy = $this->running($tariff, $rows, $assumed, $circuit, $ledger);
        $this->driven($circuit, $load, $rows, $atShaft, $ledger);
        $bill = $correction === null ? [] : $this->correction($circuit, $tariff, $rows, $correction, $cabling, $assumed, $ledger);
        $this->upgrade($circuit, $motor, $load, $tariff, $rows, $atShaft, $ledger);
        $ledger->curve(new MoneyCurve($rows, $energy, $tariff, $bill));
    }

    /** @return list<YearRow> */
    private function year(Circuit $circuit, Load $load, ?Correction $correction): array
    {
        $subject = $correction?->load;
        $own = $circuit->number('correction.load_percent') ?? $circuit->number('load.output_percent');
        $hours = $circuit->pairs('load.hours') ?? [[$own?->number() ?? 100.0, self::USUAL_HOURS]];
        $rows = [];
        foreach ($hours as [$percent, $h]) {
            $point = $load->partLoad?->at($percent / 100) ?? $subject?->at($percent / 100);
            if ($subject?->measured === true || ($point === null && $subject !== null)) {
                $rows[] = new YearRow(null, $h, $subject->power->number(), $subject->reactive->number());
            } elseif ($point !== null) {
                $rows[] = new YearRow($percent, $h, $point->input, $point->reactive);
            } elseif ($load->input !== null && $load->reactive !== null) {
                $rows[] = new YearRow(100.0, $h, $load->input->number(), $load->reactive->number());
            }
        }

        return $rows;
    }

    /** @param  non-empty-list<YearRow>  $rows */
    private function running(Tariff $tariff, array $rows, ?string $assumed, Circuit $circuit, Ledger $ledger): Figure
    {
        $terms = implode(' + ', array_map(
            static fn (YearRow $row): string => Show::number($row->hours).' h × '.Show::quantity($row->power, Unit::Watt, 4), $rows,
        ));
        $energy = $ledger
            ->work(MoneyFigure::RunningEnergy)
            ->as('Σ h P', $terms)
            ->equals(array_sum(array_map(static fn (YearRow $row): float => $row->hours * $row->power, $rows)))
            ->assuming($assumed)
            ->write();
        $price = $circuit->number('settings.tariff.energy_price');
        if ($price !== null) {
            $ledger->work(MoneyFigure::RunningCost)->from(W: $energy, p: $price)->as('energy × price', '{W} × {p} per kWh')
                ->equals($energy->number() / 1000 * $price->number())->write();
        }

        return $energy;
    }

    /**
     * What is lost behind the shaft.
     *
     * @param  non-empty-list<YearRow>  $rows
     */
    private function driven(Circuit $circuit, Load $load, array $rows, ?string $assumed, Ledger $ledger): void
    {
        $efficiency = $circuit->number('load.machine_efficiency');
        if ($efficiency === null || $load->output === null) {
            return;
        }
        $shaft = 0.0;
        foreach ($rows as $row) {
            $shaft += $row->hours * $load->output->number() * ($row->percent ?? 100.0) / 100;
        }
        $lost = $ledger->work(MoneyFigure::MachineLoss)->from(eta: $efficiency)
            ->as('Σ h P_shaft (1 − η)', Show::quantity($shaft, Unit::WattHour, 4).' at the shaft × (1 − {eta})')
            ->equals($shaft * (1 - $efficiency->number() / 100))->assuming($assumed)->write();
        $price = $circuit->number('settings.tariff.energy_price');
        // What is lost there is drawn through the motor.
        if ($price !== null && $shaft > 0) {
            $drawn = array_sum(array_map(static fn (YearRow $row): float => $row->hours * $row->power, $rows));
            $ledger->work(MoneyFigure::MachineLossCost)->from(W: $lost, p: $price)
                ->as('through the motor × price', '{W} × '.Show::number($drawn / $shaft, 4).' input per unit of shaft energy × {p} per kWh')
                ->equals($lost->number() * $drawn / $shaft / 1000 * $price->number())->write();
        }
    }

    /**
     * @param  non-empty-list<YearRow>  $rows
     * @return list<array{string, float, float}> what is paid for, before and after
     */
    private function correction(
        Circuit $circuit,
        Tariff $tariff,
        array $rows,
        Correction $correction,
        ?Cabling $cabling,
        ?string $assumed,
        Ledger $ledger,
    ): array {
        $siteP = $circuit->number('settings.site_load.power')?->number() ?? 0.0;
        $siteQ = $circuit->number('settings.site_load.reactive')?->number() ?? 0.0;
        $given = $correction->unit->given->number();
        $volts = $circuit->number('supply.voltage')?->number() ?? $correction->load->volts->number();
        $transformer = self::transformerOhm($circuit, $volts);
        $cable = $this->cableOhm($correction->place, $cabling);
        $own = ($correction->unit->plate->detuning > 0 ? self::DETUNED_LOSS : self::OWN_LOSS) * $given / 1000;
        $saved = static fn (YearRow $row): float => (
            $transformer * (($siteQ + $row->reactive) ** 2 - ($siteQ + $row->reactive - $given) ** 2)
            + $cable * ($row->reactive ** 2 - ($row->reactive - $given) ** 2)) / $volts ** 2 - $own;
        $first = $ledger
            ->work(MoneyFigure::LossSaving)
            ->from(Qc: $correction->unit->given)
            ->as(
                '(R_T ΔQ_site² + R_c ΔQ²) / V² − own loss',
                'transformer '.Show::quantity($transformer, Unit::Ohm, 3).', cable '.Show::quantity($cable, Unit::Ohm, 3).', minus '.
                Show::quantity($own, Unit::Watt, 2).' in the capacitor, with {Qc}',
            )
            ->equals($saved($rows[0]))
            ->source('calculated here; losses of capacitors are common practice')
            ->write();
        $losses = null;
        $price = $circuit->number('settings.tariff.energy_price');
        if ($price !== null) {
            $wh = array_sum(array_map(static fn (YearRow $row): float => $row->hours * $saved($row), $rows));
            $losses = $ledger->work(MoneyFigure::SavingLosses)->from(P: $first, p: $price)
                ->as('Σ h ΔP × price', Show::quantity($wh, Unit::WattHour, 3).' × {p} per kWh')->equals($wh / 1000 * $price->number())
                ->assuming($assumed)->write();
        }
        $bill = [];
        $byTariff = null;
        if ($tariff->countsReactive()) {
            $whole = static fn (float $capacitor): array => array_map(
                static fn (YearRow $row): YearRow => new YearRow(
                    $row->percent, $row->hours, $siteP + $row->power, $siteQ + $row->reactive - $capacitor,
                ),
                $rows,
            );
            $before = $tariff->reactiveCost($whole(0.0));
            $after = $tariff->reactiveCost($whole($given));
            $bill[] = ['By '.$tariff->form(), $before, $after];
            $byTariff = $ledger->work(MoneyFigure::SavingTariff)->from(Qc: $correction->unit->given)
                ->as('cost before − cost after', Show::number($before).' − '.Show::number($after).' per year, by '.$tariff->form())
                ->equals($before - $after)->assuming($assumed)->write();
            if (! $circuit->has('settings.site_load.power')) {
                $ledger->note(MoneyFinding::SiteLoadUnknown)->title('Other load on the site not entered')
                    ->because('Demand and power factor are measured for the whole site. '.
                        'Here they are calculated as if this load were alone.')
                    ->do('Enter the other load on the Sites page.')->about('settings.site_load.power');
            }
        }
        $this->payback($circuit, $losses, $byTariff, $ledger);

        return $bill;
    }

    private function payback(Circuit $circuit, ?Figure $losses, ?Figure $tariff, Ledger $ledger): void
    {
        $price = $circuit->number('correction.price');
        $saves = ($losses?->number() ?? 0.0) + ($tariff?->number() ?? 0.0);
        if ($price === null || ($losses === null && $tariff === null)) {
            return;
        }
        if ($saves <= 0) {
            $ledger->note(MoneyFinding::DoesNotPay)->title('No payback')
                ->because('Neither the tariff nor lower losses save anything with this capacitor.')
                ->do('It may still relieve a cable or a transformer: see the apparent power released.')
                ->on(CorrectFigure::ApparentReleased);

            return;
        }
        $ledger->work(MoneyFigure::Payback)->from(...array_filter(['p' => $price, 'a' => $losses, 'b' => $tariff]))
            ->as('price / savings per year', '{p} ÷ '.Show::number($saves, 4).' per year')->equals($price->number() / $saves)->write();
    }

    private static function transformerOhm(Circuit $circuit, float $volts): float
    {
        $size = $circuit->number('supply.transformer_kva')?->number();
        $percent = $circuit->number('supply.transformer_impedance_percent')?->number();
        if ($size === null || $percent === null) {
            return 0.0;
        }

        return $volts ** 2 * $percent / 100 / $size / hypot(1.0, $circuit->number('supply.x_over_r')?->number() ?? self::USUAL_X_OVER_R);
    }

    /** Of the runs that carry less once the capacitor is there, Ω a line. */
    private function cableOhm(CapacitorPlace $place, ?Cabling $cabling): float
    {
        $line = $cabling->line->resistance ?? 0.0;

        return match ($place) {
            CapacitorPlace::None, CapacitorPlace::Board => 0.0,
            CapacitorPlace::BeforeController, CapacitorPlace::AfterController, CapacitorPlace::BehindRelay => $line,
            CapacitorPlace::AtMotor => $line + ($cabling->motor->resistance ?? 0.0),
        };
    }

    /** @param  non-empty-list<YearRow>  $rows */
    private function upgrade(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Tariff $tariff,
        array $rows,
        ?string $assumed,
        Ledger $ledger,
    ): void {
        $output = $load->output?->number();
        $now = $motor->efficiency;
        $class = $circuit->word('upgrade.efficiency_class');
        $typed = $circuit->number('upgrade.efficiency')?->number();
        if ($output === null || $now === null || ($class === null && $typed === null)) {
            return;
        }
        $poles = $motor->poleCount();
        $hertz = $motor->frequency?->number() ?? 50.0;
        $nominal = $class === null || $poles === null ? null : $this->classes->nominal($class, $output, $poles, $hertz);
        $other = $typed ?? ($nominal === null ? null : $nominal / 100);
        if ($other === null) {
            $ledger->error(
                'upgrade.efficiency_class', 'The tables have no efficiency for this class, output and number of poles.',
                'Enter the efficiency in percent instead.',
            );

            return;
        }
        // The share of losses that goes with the load is the same for both.
        $loss = static fn (float $efficiency, float $share): float => $output * (1 / $efficiency - 1)
            * (ApproximateLoad::CONSTANT_LOSSES + ApproximateLoad::LOAD_LOSSES * $share ** 2);
        $saved = array_sum(array_map(
            static fn (YearRow $row): float => $row->hours * ($loss($now->number(), ($row->percent ?? 100.0) / 100)
                - $loss($other, ($row->percent ?? 100.0) / 100)),
            $rows,
        ));
        $energy = $ledger->work(MoneyFigure::UpgradeEnergy)->from(eta: $now)
            ->as('Σ h P_n (1/η − 1/η′)(0.4 + 0.6 x²)', '{eta} against '.Show::number($other, 4).', over the operating hours of a year')
            ->equals($saved)->source($typed === null ? $this->classes->cited($hertz) : 'entered')->assuming($assumed)->write();
        $price = $tariff->energy;
        if ($price !== null) {
            $saving = $ledger->work(MoneyFigure::UpgradeSaving)->from(W: $energy)
                ->as('energy × price', '{W} × '.Show::number($price, 4).' per kWh')->equals($saved / 1000 * $price)->write();
            $costs = $circuit->number('upgrade.price');
            if ($costs !== null && $saving->number() > 0) {
                $ledger->work(MoneyFigure::UpgradePayback)->from(p: $costs, s: $saving)->as('price / savings per year', '{p} ÷ {s}')
                    ->equals($costs->number() / $saving->number())->write();
            }
        }
        if (in_array($circuit->chosen('load.machine', DrivenMachine::class), [DrivenMachine::Fan, DrivenMachine::Pump], true)) {
            $ledger->note(MoneyFinding::FasterMotor)->title('A more efficient motor runs faster')
                ->because('It has less slip. The power of a fan or pump rises with the cube of its speed, which uses up part of '.
                    'the saving.')
                ->do('Compare the rated speeds; change the pulley if there is one.')->source(HowKnown::CommonPractice)
                ->on(MoneyFigure::UpgradeEnergy);
        }
    }
}
