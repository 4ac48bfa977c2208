<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Words;
use BraveAnvil\Tables\Practice\Practice;
use Closure;

/**
 * What the stamps of a plate say, in plain words. A stamp that cannot be decoded says so and stays as it is typed.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class Meanings
{
    private const NOT_DECODED = 'Not explained here; stored as entered.';

    private Codes $codes;

    public function __construct(private Words $words, private bool $metricFrames, private Practice $practice)
    {
        $this->codes = new Codes($practice->stamps(), $practice->codeLetters());
    }

    /** @return array<string, string> by the path of the stamp */
    public function of(Circuit $circuit, Motor $motor, ?Figure $serviceFactorAmps): array
    {
        return array_filter(
            [...$this->codes($circuit, $motor), ...$this->ratings($circuit, $motor, $serviceFactorAmps), ...$this->words($circuit)],
            static fn (?string $text): bool => $text !== null,
        );
    }

    /** @return array<string, string|null> */
    private function codes(Circuit $circuit, Motor $motor): array
    {
        $class = $circuit->word('plate.efficiency_class');

        return [
            'plate.ip' => self::stamped($circuit, 'plate.ip', $this->codes->protection(...)),
            'plate.cooling' => self::stamped($circuit, 'plate.cooling', $this->codes->cooling(...)),
            'plate.mounting' => self::stamped($circuit, 'plate.mounting', $this->codes->mounting(...)),
            'plate.duty' => $this->duty($circuit),
            'plate.insulation_class' => self::stamped($circuit, 'plate.insulation_class', $this->codes->insulation(...)),
            'plate.code_letter' => self::stamped($circuit, 'plate.code_letter', $this->codes->codeLetter(...)),
            'plate.design_letter' => self::stamped($circuit, 'plate.design_letter', $this->codes->designLetter(...)),
            'plate.efficiency_class' => $class === null || $circuit->assumed('plate.efficiency_class') !== null
                ? null
                : $this->efficiencyClass($class, $motor),
            'plate.frame' => self::stamped(
                $circuit,
                'plate.frame',
                fn (string $frame): ?string => $this->codes->frame($frame, $this->metricFrames),
            ),
            'plate.rotor_class' => self::stamped($circuit, 'plate.rotor_class', $this->codes->rotorClass(...)),
            'plate.enclosure' => self::stamped($circuit, 'plate.enclosure', $this->codes->enclosure(...)),
            'plate.bearings' => self::stamped($circuit, 'plate.bearings', $this->codes->bearings(...)),
            'plate.standard' => self::stamped($circuit, 'plate.standard', $this->codes->standard(...)),
            'plate.remarks' => self::stamped($circuit, 'plate.remarks', $this->codes->remarks(...)),
        ];
    }

    /**
     * The meaning of a stamp, null where nothing is stamped.
     *
     * @param  FieldPath  $path
     * @param  Closure(string): (string|null)  $decode  of the stamp in capitals; null when it cannot
     */
    private static function stamped(Circuit $circuit, string $path, Closure $decode): ?string
    {
        $text = $circuit->stamped($path);

        return $text === null ? null : $decode(strtoupper(Typed::plain($text))) ?? self::NOT_DECODED;
    }

    private function duty(Circuit $circuit): ?string
    {
        $type = $circuit->duty()?->type;
        $text = $type === null ? null : $this->practice->stamps()->duty($type);
        $echo = $circuit->read()['plate.duty'] ?? '';
        $detail = str_contains($echo, ', ') && $type !== 'S1' ? ' Here: '.substr($echo, (int) strpos($echo, ', ') + 2).'.' : '';

        return $text === null ? null : ucfirst($text).'.'.$detail;
    }

    private function efficiencyClass(string $class, Motor $motor): string
    {
        $name = ['IE1' => 'standard', 'IE2' => 'high', 'IE3' => 'premium', 'IE4' => 'super premium'][$class] ?? '';
        $poles = $motor->poles;
        if ($motor->output === null || $poles === null) {
            return ucfirst($name).' efficiency.';
        }
        $hertz = $motor->frequency?->number() ?? 50.0;
        $nominal = $this->practice->efficiencyClasses()->nominal($class, $motor->output->number(), (int) $poles->number(), $hertz);

        return ucfirst($name).
            ' efficiency'.
            ($nominal === null
                ? '.'
                : ': '.
                    Show::number($nominal).
                    ' % for '.
                    $motor->output->shown().
                    ' and '.
                    $poles->shown().
                    ' poles at '.
                    Show::number($hertz).
                    ' Hz.');
    }

    private function voltage(Circuit $circuit): ?string
    {
        $pairs = $circuit->plateVoltage()?->pairs;
        if ($pairs === null) {
            return null;
        }
        $star = $this->words->star;
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

    /** @return array<string, string|null> what the rated values mean, with the figures that follow from them */
    private function ratings(Circuit $circuit, Motor $motor, ?Figure $serviceFactorAmps): array
    {
        $slip = $motor->slip?->shown(4);
        $current = $motor->current?->shown(4);
        $amps = $serviceFactorAmps?->shown(4);
        $words = $this->words;
        $factor = $circuit->number('plate.service_factor')?->number();

        return [
            'plate.power' => $motor->output === null
                    ? null
                    : 'Output at the shaft, '.$motor->output->shown(4).'. The motor draws more than that from the supply.',
            'plate.voltage' => $this->voltage($circuit),
            'plate.current' => $circuit->plateCurrent() === null || $current === null
                    ? null
                    : 'Line current at rated output: '.$current.' with the connection for this supply.',
            'plate.speed' => $slip === null
                    ? null
                    : 'Speed at rated output. '.$motor->poles?->shown(4).' poles give '.$motor->synchronousSpeed?->shown(4).
                    ' synchronous speed: '.$slip.' slip.',
            'plate.frequency' => self::times($circuit, 'plate.frequency', 'Every value in this row applies at %s Hz only.'),
            'plate.power_factor' => self::times($circuit, 'plate.power_factor', 'At rated output %s; lower at part load.'),
            'plate.efficiency' => ($efficiency = $circuit->number('plate.efficiency')) === null
                    ? null
                    : 'Of every 100 W drawn at rated output, '.Show::number(100 * $efficiency->number()).' W reach the shaft.',
            'plate.service_factor' => match (true) {
                $factor === null => null,
                $factor <= 1.0 => 'No service margin above rated output.',
                default => 'The motor can give '.Show::number(100 * $factor).
                ' % of rated output at rated voltage, frequency and ambient, but runs hotter and lasts less long.',
            },
            'plate.service_factor_amps' => $circuit->plateCurrent('plate.service_factor_amps') === null
                    ? null
                    : 'Line current at the service-factor output'.($amps === null ? '' : ', '.$amps.
                    ' with the connection for this supply').'. The circuit is not sized on this current.',
            'plate.start_current_ratio' => self::times(
                $circuit,
                'plate.start_current_ratio',
                'Starting current of a direct-on-line start: %s times rated current.',
            ),
            'plate.start_torque_ratio' => self::times(
                $circuit,
                'plate.start_torque_ratio',
                'Starting torque of a direct-on-line start: %s times rated torque. In star: one third of that.',
            ),
            'plate.breakdown_torque_ratio' => self::times(
                $circuit,
                'plate.breakdown_torque_ratio',
                'The motor stalls above %s times rated torque.',
            ),
            'plate.pull_up_torque_ratio' => self::times(
                $circuit,
                'plate.pull_up_torque_ratio',
                'Lowest torque during run-up: %s times rated torque. The load must stay below it.',
            ),
            'plate.ambient' => self::times($circuit, 'plate.ambient', 'Rated for an ambient of %s °C at most.'),
            'plate.altitude' => self::times($circuit, 'plate.altitude', 'Rated up to %s m above sea level; thinner air cools less.'),
            'plate.temperature_rise' => self::times(
                $circuit,
                'plate.temperature_rise',
                'The windings run %s K above ambient at rated output.',
            ),
            'plate.inertia' => self::times($circuit, 'plate.inertia', 'Inertia of the rotor alone: %s kg·m². The load inertia is '.
            'added to it.'),
            'plate.no_load_current' => self::times(
                $circuit,
                'plate.no_load_current',
                'No-load current %s A. A capacitor at the motor may take at most 90 %% of it.',
            ),
            'plate.rotor_voltage' => self::times(
                $circuit,
                'plate.rotor_voltage',
                'Voltage between the slip rings at standstill with the rotor open: %s V.',
            ),
            'plate.rotor_current' => self::times($circuit, 'plate.rotor_current', 'Each slip ring carries %s A at rated output.'),
            'plate.grease_interval' => ($hours = $circuit->number('plate.grease_interval')?->number()) === null
                    ? null
                    : 'Regrease after '.Show::number($hours, 6).' operating hours: every '.Show::number($hours / 24 / 7, 2).
                    ' weeks in continuous operation. Halve the interval for a vertical shaft.',
            'plate.weight' => self::times($circuit, 'plate.weight', '%s kg: use slings and lifting gear rated for it.'),
            'plate.phases' => match ($circuit->number('plate.phases')?->number()) {
                3.0 => 'Three phases.',
                1.0 => 'One phase.',
                default => null,
            },
            'plate.leads' => match ($circuit->number('plate.leads')?->number()) {
                3.0 => 'Three leads: the windings are connected inside; one connection only.',
                6.0 => 'Six leads: both ends of every winding, for delta and '.$words->star.'.',
                9.0 => 'Nine leads: two voltages in the ratio 2, connected inside in '.$words->star.' or delta.',
                12.0 => 'Twelve leads: both ends of every half winding, for two voltages and '.$words->starDelta.' starting.',
                default => null,
            },
        ];
    }

    /** @return array<string, string|null> stamps that only identify */
    private function words(Circuit $circuit): array
    {
        $grams = $circuit->numbers('plate.grease_amount');

        return [
            'plate.type' => self::only($circuit, 'plate.type', 'The manufacturer’s name for this design. Quote it when ordering parts.'),
            'plate.order_number' => self::only(
                $circuit,
                'plate.order_number',
                'The manufacturer’s order number. Quote it when ordering parts.',
            ),
            'plate.serial' => self::only(
                $circuit,
                'plate.serial',
                'The number of this one machine. Quote it when ordering parts. The date in it has no common code.',
            ),
            'plate.year' => self::only($circuit, 'plate.year', 'Year of manufacture.'),
            'plate.marks' => self::only(
                $circuit,
                'plate.marks',
                'Conformity marks: the rules that the manufacturer declares. They do not show that this circuit complies.',
            ),
            'plate.grease' => self::only($circuit, 'plate.grease', 'Use grease with the same thickener: different types must '.
            'not be mixed.'),
            'plate.grease_amount' => $grams === []
                    ? null
                    : (isset($grams[1]) ? Show::number($grams[0]).' g into the drive end, '.Show::number($grams[1]).
                    ' g into the non-drive end, ' : Show::number($grams[0]).' g into each bearing, ').
                    'while running if the guards allow it. Too much grease overheats a bearing.',
        ];
    }

    /**
     * A text with the stamped number in it, null where nothing is stamped.
     *
     * @param  FieldPath  $path
     */
    private static function times(Circuit $circuit, string $path, string $text): ?string
    {
        $figure = $circuit->number($path);

        return $figure === null ? null : sprintf($text, Show::number($figure->number()));
    }

    /** @param  FieldPath  $path */
    private static function only(Circuit $circuit, string $path, string $text): ?string
    {
        return $circuit->stamped($path) === null ? null : $text;
    }
}
