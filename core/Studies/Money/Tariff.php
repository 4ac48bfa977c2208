<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Money;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;

/** What a site pays for: energy, and reactive power in one of three forms. */
final readonly class Tariff
{
    public const USUAL_FREE_TAN = 0.484;

    public const USUAL_REFERENCE = 0.95;

    private const MONTHS = 12;

    /**
     * @param  float|null  $energy  a kWh
     * @param  float|null  $kvaDemand  a kVA and month
     * @param  float|null  $kvarh  a kvarh above the free ones
     * @param  float|null  $kwDemand  a kW and month, raised for a low power factor
     */
    private function __construct(
        public ?float $energy,
        private ?float $kvaDemand,
        private ?float $kvarh,
        private float $freeTan,
        private ?float $kwDemand,
        private float $reference,
    ) {
    }

    public static function of(Circuit $circuit, Ledger $ledger): self
    {
        $demand = $circuit->number('settings.tariff.kva_demand.price')?->number();
        $kvarh = $circuit->number('settings.tariff.kvarh.price')?->number();
        $factor = $circuit->number('settings.tariff.power_factor.price')?->number();
        $typed = array_filter([
            'settings.tariff.kva_demand.price' => $demand, 'settings.tariff.kvarh.price' => $kvarh,
            'settings.tariff.power_factor.price' => $factor,
        ], static fn (?float $price): bool => $price !== null);
        foreach (array_slice(array_keys($typed), 1) as $path) {
            $ledger->error($path, 'Another reactive-power tariff is already entered.', 'Fill in only one of the three tariffs.');
        }

        return new self(
            $circuit->number('settings.tariff.energy_price')?->number(), $demand, $demand === null ? $kvarh : null,
            $circuit->number('settings.tariff.kvarh.free_tan')?->number() ?? self::USUAL_FREE_TAN,
            $demand === null && $kvarh === null ? $factor : null,
            $circuit->number('settings.tariff.power_factor.reference')?->number() ?? self::USUAL_REFERENCE,
        );
    }

    /** Whether reactive power is paid for in any form. */
    public function countsReactive(): bool
    {
        return $this->kvaDemand !== null || $this->kvarh !== null || $this->kwDemand !== null;
    }

    /** What reactive power is paid by, as a person reads it. */
    public function form(): string
    {
        return match (true) {
            $this->kvaDemand !== null => 'the largest kVA of each month',
            $this->kvarh !== null => 'the kvarh above the free amount',
            $this->kwDemand !== null => 'the largest kW, increased at a low power factor',
            default => 'not charged',
        };
    }

    /**
     * What reactive power costs in a year. Leading is never credited.
     *
     * @param  non-empty-list<YearRow>  $rows  with all else on the site
     */
    public function reactiveCost(array $rows): float
    {
        if ($this->kvaDemand !== null) {
            return self::MONTHS * $this->kvaDemand
                * max(array_map(static fn (YearRow $row): float => hypot($row->power, $row->reactive), $rows)) / 1000;
        }
        $energy = 0.0;
        $reactive = 0.0;
        foreach ($rows as $row) {
            $energy += $row->hours * $row->power / 1000;
            $reactive += $row->hours * max(0.0, $row->reactive) / 1000;
        }
        if ($this->kvarh !== null) {
            return $this->kvarh * max(0.0, $reactive - $this->freeTan * $energy);
        }
        if ($this->kwDemand === null || $energy <= 0) {
            return 0.0;
        }
        $factor = $energy / hypot($energy, $reactive);

        return self::MONTHS * $this->kwDemand * max(array_map(static fn (YearRow $row): float => $row->power, $rows)) / 1000
            * max(1.0, $this->reference / $factor);
    }
}
