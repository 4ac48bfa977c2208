<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\CapacitorSeries;
use BraveAnvil\Circuit\Choice\OverloadSchool;
use BraveAnvil\Circuit\Choice\PhaseNaming;
use BraveAnvil\Circuit\Choice\Support;
use BraveAnvil\Circuit\Choice\Thickener;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** What a site decides for all of its circuits. */
final class SettingsFields
{
    public const LIST = [
        'settings.drop_limit_running' => [
            'kind' => FieldKind::Percent, 'label' => 'Voltage drop limit, running',
            'hint' => 'Largest voltage drop from supply to motor at full load.',
            'accepted' => 'Percent from 0.5 to 20.',
            'unit' => Unit::Percent, 'low' => 0.5, 'high' => 20,
        ],
        'settings.drop_limit_starting' => [
            'kind' => FieldKind::Percent, 'label' => 'Voltage drop limit, starting', 'hint' => 'Largest voltage drop while a motor starts.',
            'accepted' => 'Percent from 1 to 40.',
            'unit' => Unit::Percent, 'low' => 1, 'high' => 40,
        ],
        'settings.dip_limit_bus' => [
            'kind' => FieldKind::Percent, 'label' => 'Voltage dip limit at the bus', 'accepted' => 'Percent from 0.5 to 40.',
            'unit' => Unit::Percent, 'low' => 0.5, 'high' => 40, 'hint' => 'What other equipment on the bus tolerates.',
        ],
        'settings.dip_limit_generator' => [
            'kind' => FieldKind::Percent, 'label' => 'Voltage dip limit on a generator', 'accepted' => 'Percent from 0.5 to 40.',
            'unit' => Unit::Percent, 'low' => 0.5, 'high' => 40, 'hint' => 'ISO 8528-5: G1 25 %, G2 20 %, G3 15 %.',
        ],
        'settings.dip_limit_motor' => [
            'kind' => FieldKind::Percent, 'label' => 'Voltage dip limit at the motor', 'accepted' => 'Percent from 1 to 60.',
            'unit' => Unit::Percent, 'low' => 1, 'high' => 60, 'hint' => 'At the motor terminals during the start.',
        ],
        'settings.voltage_tolerance' => [
            'kind' => FieldKind::Percent, 'label' => 'Voltage tolerance',
            'hint' => 'Largest difference between supply and nameplate voltage.',
            'accepted' => 'Percent from 1 to 15.',
            'unit' => Unit::Percent, 'low' => 1, 'high' => 15,
        ],
        'settings.direct_start_limit' => [
            'kind' => FieldKind::Kilowatts, 'label' => 'Largest motor for direct-on-line start',
            'hint' => 'A direct-on-line start above this gets a note.',
            'accepted' => 'kW.', 'unit' => Unit::Watt,
            'low' => 0, 'high' => 1e7,
        ],
        'settings.terminal_temperature' => [
            'kind' => FieldKind::Celsius, 'label' => 'Terminal temperature rating',
            'hint' => 'For lugs and devices without a marking.',
            'accepted' => '70 or 90 °C.',
            'unit' => Unit::Celsius, 'low' => 60, 'high' => 90,
        ],
        'settings.largest_single_size' => [
            'kind' => FieldKind::Size, 'label' => 'Largest single conductor', 'hint' => 'Above this, parallel conductors are used.',
            'accepted' => 'A standard size, such as 300 mm2 or 500 kcmil.',
        ],
        'settings.four_006_corrections' => [
            'kind' => FieldKind::Flag, 'label' => 'Apply correction factors at terminations', 'accepted' => 'Yes or No.',
        ],
        'settings.ten_ampere_rating' => [
            'kind' => FieldKind::Flag, 'label' => '10 A is a standard rating', 'hint' => 'In the list of protective devices.',
            'accepted' => 'Yes or No.',
        ],
        'settings.overload_school' => [
            'kind' => FieldKind::Choice, 'label' => 'Overload setting based on', 'hint' => 'The current used to set an overload relay.',
            'choices' => OverloadSchool::class,
            'empty' => 'Nameplate current',
        ],
        'settings.phase_names' => [
            'kind' => FieldKind::Choice, 'label' => 'Phase names', 'choices' => PhaseNaming::class, 'empty' => 'L1 L2 L3',
        ],
        'settings.tray' => ['kind' => FieldKind::Choice, 'label' => 'Cable support', 'choices' => Support::class],
        'settings.changeover_minimum' => [
            'kind' => FieldKind::Percent, 'label' => 'Lowest changeover speed', 'accepted' => 'Percent from 50 to 100.',
            'unit' => Unit::Percent, 'low' => 50, 'high' => 100,
        ],
        'settings.capacitor_series' => [
            'kind' => FieldKind::Choice, 'label' => 'Capacitors for single-phase loads', 'choices' => CapacitorSeries::class,
            'empty' => 'Run capacitors',
            'hint' => 'Series of standard values.',
        ],
        'settings.reading_months' => [
            'kind' => FieldKind::Count, 'label' => 'Insulation test interval', 'accepted' => 'Months from 1 to 120, such as 12.',
            'low' => 1,
            'high' => 120, 'hint' => 'months; used for the due list', 'empty' => '12',
        ],
        'settings.corrections' => [
            'kind' => FieldKind::Anything, 'label' => 'Corrections of tables', 'accepted' => 'A list: path, value, by, on, why.',
        ],
        'settings.lessons' => [
            'kind' => FieldKind::Anything, 'label' => 'What this site knows of its motors',
            'accepted' => 'A list: kind, pattern and what it says.', 'choices' => Thickener::class,
        ],
        'settings.tariff.energy_price' => [
            'kind' => FieldKind::Price, 'label' => 'Energy price per kWh', 'accepted' => 'A price such as 0.14, without the currency.',
            'low' => 0,
            'high' => 1000,
        ],
        'settings.tariff.kva_demand.price' => [
            'kind' => FieldKind::Price, 'label' => 'Demand charge per kVA and month',
            'accepted' => 'A price such as 6.50, without the currency.',
            'low' => 0, 'high' => 1e5, 'hint' => 'One of the three reactive-power tariffs.',
        ],
        'settings.tariff.kvarh.price' => [
            'kind' => FieldKind::Price, 'label' => 'Reactive energy price per kvarh',
            'accepted' => 'A price such as 0.015, without the currency.',
            'low' => 0, 'high' => 1000, 'hint' => 'One of the three reactive-power tariffs.',
        ],
        'settings.tariff.kvarh.free_tan' => [
            'kind' => FieldKind::Number, 'label' => 'Free up to tan φ', 'accepted' => 'From 0 to 2, such as 0.484.', 'low' => 0,
            'high' => 2,
            'empty' => '0.484',
        ],
        'settings.tariff.power_factor.price' => [
            'kind' => FieldKind::Price, 'label' => 'Demand charge per kW and month',
            'accepted' => 'A price such as 9, without the currency.',
            'low' => 0, 'high' => 1e5, 'hint' => 'One of the three reactive-power tariffs: increased at a low power factor.',
        ],
        'settings.tariff.power_factor.reference' => [
            'kind' => FieldKind::Fraction, 'label' => 'Increased below power factor',
            'accepted' => 'A power factor from 0.5 to 1, such as 0.95.',
            'low' => 0.5, 'high' => 1, 'empty' => '0.95',
        ],
        'settings.site_load.power' => [
            'kind' => FieldKind::Kilowatts, 'label' => 'Other load on the site, kW', 'accepted' => 'kW from 0 to 1 000 000, such as 400.',
            'unit' => Unit::Watt, 'low' => 0, 'high' => 1e9, 'hint' => 'At the same time, without this circuit.',
        ],
        'settings.site_load.reactive' => [
            'kind' => FieldKind::Kilovars, 'label' => 'Other load on the site, kvar',
            'accepted' => 'kvar from 0 to 1 000 000, such as 250.',
            'unit' => Unit::Var, 'low' => 0, 'high' => 1e9,
        ],
    ];
}
