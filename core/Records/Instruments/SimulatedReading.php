<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\ReadingKind;

/** What the registers of a stand-in give as the values of a reading. */
final class SimulatedReading
{
    public const NO_INSTRUMENT = 'No simulated instrument for this reading. Measure it at the motor and enter it.';

    public const NO_CAPACITOR = 'This circuit has no capacitor to measure.';

    /** Digits that are kept: no meter shows more, but a tachometer. */
    private const DIGITS = 4;

    private const DIGITS_RPM = 5;

    /**
     * @param  array<string, float>  $shown  by register
     * @param  ReadAt|null  $where  a current or power was read
     * @return array<string, mixed>|null as the format has them; null for what no stand-in gives
     */
    public static function values(ReadingKind $kind, array $shown, ?ReadAt $where, bool $delta): ?array
    {
        $text = static fn (string $name): string => self::text($shown[$name] ?? 0.0);
        $three = static fn (string $of): array => [$of.'_1' => $text('amps_1'), $of.'_2' => $text('amps_2'), $of.'_3' => $text('amps_3')];
        $volts = ['volts_12' => $text('volts_12'), 'volts_23' => $text('volts_23'), 'volts_31' => $text('volts_31')];
        $mean = self::text((($shown['volts_12'] ?? 0.0) + ($shown['volts_23'] ?? 0.0) + ($shown['volts_31'] ?? 0.0)) / 3);
        $at = $where === null ? [] : ['where' => $where->value];

        return match ($kind) {
            ReadingKind::WindingResistance => [
                'joined' => $delta ? 'delta' : 'star', 'ohms_uv' => $text('ohms_uv'), 'ohms_vw' => $text('ohms_vw'),
                'ohms_wu' => $text('ohms_wu'),
                'temperature' => $text('temperature'),
            ],
            ReadingKind::InsulationResistance => [
                'disconnected' => ['drive', 'soft_starter', 'capacitor', 'arrester', 'sensors'], 'test_volts' => '500',
                'megohms' => self::text(($shown['ohms_1min'] ?? 0.0) / 1e6),
                'megohms_10' => self::text(($shown['ohms_10min'] ?? 0.0) / 1e6),
                'temperature' => $text('temperature'),
            ],
            ReadingKind::SupplyVoltage => $volts,
            ReadingKind::LineCurrent => [...$three('amps'), ...$volts, ...$at],
            ReadingKind::NoLoadCurrent => [...$three('amps'), 'volts' => $mean],
            ReadingKind::Power => [
                'method' => 'volts_amps_watts', ...$volts, ...$three('amps'), 'watts' => $text('watts'), 'sense' => 'lagging', ...$at,
            ],
            ReadingKind::Capacitor => [...$three('amps'), 'volts' => $text('volts')],
            ReadingKind::Inrush => ['amps' => $text('amps'), 'as' => 'rms', 'volts' => $text('volts')],
            ReadingKind::Speed => ['rpm' => self::text($shown['rpm'] ?? 0.0, self::DIGITS_RPM), 'volts' => $mean],
            ReadingKind::Vibration => ['de' => $text('vibration_de'), 'nde' => $text('vibration_nde')],
            ReadingKind::Temperature => [
                'bearing_de' => $text('bearing_de'), 'bearing_nde' => $text('bearing_nde'), 'ambient' => $text('ambient'),
            ],
            ReadingKind::RelayTrip, ReadingKind::LoopImpedance, ReadingKind::Rotation, ReadingKind::RunUpTime,
            ReadingKind::Correction, ReadingKind::TemperatureRise, ReadingKind::MotorCapacitor, ReadingKind::PanelOhms => null,
        };
    }

    private static function text(float $value, int $digits = self::DIGITS): string
    {
        if (abs($value) < 1e-12) {
            return '0';
        }
        $decimals = max(0, min(9, $digits - 1 - (int) floor(log10(abs($value)))));

        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
