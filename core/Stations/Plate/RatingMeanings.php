<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\PlateCurrent;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;

/** What the rated values of a plate mean, with the figures that follow from them. */
final class RatingMeanings
{
    /** Sentences around the stamped number. */
    private const NUMBERS = [
        'plate.frequency' => 'Every value in this row applies at %s Hz only.',
        'plate.power_factor' => 'At rated output %s; lower at part load.',
        'plate.start_current_ratio' => 'Starting current of a direct-on-line start: %s times rated current.',
        'plate.start_torque_ratio' => 'Starting torque of a direct-on-line start: %s times rated torque. In star: one third of that.',
        'plate.breakdown_torque_ratio' => 'The motor stalls above %s times rated torque.',
        'plate.pull_up_torque_ratio' => 'Lowest torque during run-up: %s times rated torque. The load must stay below it.',
        'plate.ambient' => 'Rated for an ambient of %s °C at most.',
        'plate.altitude' => 'Rated up to %s m above sea level; thinner air cools less.',
        'plate.temperature_rise' => 'The windings run %s K above ambient at rated output.',
        'plate.inertia' => 'Inertia of the rotor alone: %s kg·m². The load inertia is added to it.',
        'plate.no_load_power' => 'Takes %s W without load: its losses.',
        'plate.no_load_current' => 'No-load current %s A. A capacitor at the motor may take at most 90 %% of it.',
        'plate.rotor_voltage' => 'Voltage between the slip rings at standstill with the rotor open: %s V.',
        'plate.rotor_current' => 'Each slip ring carries %s A at rated output.',
        'plate.weight' => '%s kg: use slings and lifting gear rated for it.',
    ];

    /** @return array<string, string|null> by the path of the stamp; null where nothing is stamped */
    public static function of(Circuit $circuit, Motor $motor, ?Figure $serviceFactorAmps, Words $words): array
    {
        $meanings = [];
        foreach (self::NUMBERS as $path => $text) {
            $figure = $circuit->number($path);
            $meanings[$path] = $figure === null ? null : sprintf($text, Show::number($figure->number()));
        }

        return [
            ...$meanings,
            'plate.power' => $motor->output === null ? null
                : 'Output at the shaft, '.self::both($motor->output->number()).'. The motor draws more than that from the supply.',
            'plate.voltage' => self::voltage($circuit, $words),
            'plate.speed' => $motor->slip === null ? null
                : 'Speed at rated output. '.$motor->poles?->shown(4).' poles give '.$motor->synchronousSpeed?->shown(4).
                ' synchronous speed: '.$motor->slip->shown(4).' slip.',
            'plate.phases' => match ($circuit->number('plate.phases')?->number()) {
                3.0 => 'Three phases.',
                1.0 => 'One phase.',
                default => null,
            },
            ...OnePhaseMeanings::of($circuit),
            'plate.leads' => self::leads($circuit->number('plate.leads')?->number(), $words),
            'plate.efficiency' => self::efficiency($circuit->number('plate.efficiency')?->number()),
            'plate.service_factor' => self::serviceFactor($circuit->number('plate.service_factor')?->number(), $motor->output?->number()),
            'plate.grease_interval' => self::greaseInterval($circuit->number('plate.grease_interval')?->number()),
            ...self::currents($circuit, $motor->current?->shown(4), $serviceFactorAmps?->shown(4)),
        ];
    }

    private static function voltage(Circuit $circuit, Words $words): ?string
    {
        $pairs = $circuit->stamp('plate.voltage', PlateVoltage::class)?->pairs;
        if ($pairs === null) {
            return null;
        }
        $star = $words->star;
        $volts = static fn (int $i): string => Show::number($pairs[$i]['low']).
            ($pairs[$i]['low'] === $pairs[$i]['high'] ? '' : '–'.Show::number($pairs[$i]['high'])).
            ' V';
        if (count($pairs) === 2) {
            return $pairs[0]['connection'] === 'delta'
                ? 'Two ways to connect the windings: '.$volts(0).' in delta or '.$volts(1).' in '.$star.'. Each winding gets '.$volts(0).
                ' either way; the ratio is √3.'
                : 'Two voltages in the ratio 2: the two halves of each winding are in parallel for '.$volts(0).' and in series for '.
                $volts(1).'.';
        }

        return match ($pairs[0]['connection']) {
            'delta' => 'One voltage, windings in delta: each gets the full '.$volts(0).'.',
            'star' => 'One voltage, windings in '.$star.'.',
            default => 'One voltage; the nameplate does not show how the windings are connected.',
        };
    }

    /** @return array<string, string|null> by path */
    private static function currents(Circuit $circuit, ?string $current, ?string $atServiceFactor): array
    {
        return [
            'plate.current' => $circuit->stamp('plate.current', PlateCurrent::class) === null || $current === null ? null
                : 'Line current at rated output: '.$current.' with the connection for this supply.',
            'plate.service_factor_amps' => $circuit->stamp('plate.service_factor_amps', PlateCurrent::class) === null ? null
                : 'Line current at the service-factor output'.($atServiceFactor === null ? ''
                    : ', '.$atServiceFactor.' with the connection for this supply').'. The circuit is not sized on this current.',
        ];
    }

    private static function leads(?float $leads, Words $words): ?string
    {
        return match ($leads) {
            3.0 => 'Three leads: the windings are connected inside; one connection only.',
            6.0 => 'Six leads: both ends of every winding, for delta and '.$words->star.'.',
            9.0 => 'Nine leads: two voltages in the ratio 2, connected inside in '.$words->star.' or delta.',
            12.0 => 'Twelve leads: both ends of every half winding, for two voltages and '.$words->starDelta.' starting.',
            default => null,
        };
    }

    /** @param  float|null  $efficiency  in parts of one */
    private static function efficiency(?float $efficiency): ?string
    {
        return $efficiency === null ? null
            : 'Of every 100 W drawn at rated output, '.Show::number(100 * $efficiency).' W reach the shaft.';
    }

    /** Kilowatts and horsepower side by side. */
    private static function both(float $watts): string
    {
        return Show::quantity($watts, Unit::Watt, 4).' ('.Show::number($watts / Power::HORSEPOWER, 3).' hp)';
    }

    /** @param  float|null  $watts  of rated output */
    private static function serviceFactor(?float $factor, ?float $watts): ?string
    {
        return match (true) {
            $factor === null => null,
            $factor <= 1.0 => 'No service margin above rated output.',
            default => 'The motor can give '.Show::number(100 * $factor).
                ' % of rated output'.
                ($watts === null ? '' : ', '.self::both($factor * $watts).',').
                ' at rated voltage, frequency and ambient, but runs hotter and lasts less long.',
        };
    }

    private static function greaseInterval(?float $hours): ?string
    {
        return $hours === null ? null
            : 'Regrease after '.Show::number($hours, 6).' operating hours: every '.Show::number($hours / 24 / 7, 2).
            ' weeks in continuous operation. Halve the interval for a vertical shaft.';
    }
}
