<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\RuleBook\Practice\Practice;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Show;
use Closure;

/**
 * What the stamps of a plate say, in plain words. A stamp that cannot be decoded says so and stays as it is typed.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class Meanings
{
    private const NOT_DECODED = 'Not decoded here; kept as it is stamped.';

    private Codes $codes;

    public function __construct(private RuleBook $book, private Practice $practice)
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
                fn (string $frame): ?string => $this->codes->frame($frame, $this->book->metricFrames()),
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
        $star = $this->book->words()->star;
        $volts = static fn (int $i): string => Show::number($pairs[$i]['low']).
            ($pairs[$i]['low'] === $pairs[$i]['high'] ? '' : '–'.Show::number($pairs[$i]['high'])).
            ' V';
        if (count($pairs) === 2) {
            return $pairs[0]['connection'] === 'delta'
                ? 'Two ways to connect the windings: '.
                        $volts(0).
                        ' in delta or '.
                        $volts(1).
                        ' in '.
                        $star.
                        '. A winding always sees '.
                        $volts(0).
                        '; the ratio √3 shows it.'
                : 'Two voltages in the ratio 2: the halves of each winding in parallel for '.
                        $volts(0).
                        ', in series for '.
                        $volts(1).
                        '.';
        }

        return match ($pairs[0]['connection']) {
            'delta' => 'One voltage, windings in delta: each sees the whole '.$volts(0).'.',
            'star' => 'One voltage, windings in '.$star.'.',
            default => 'One voltage; how the windings are joined is not stamped.',
        };
    }

    /** @return array<string, string|null> what the rated values mean, with the figures that follow from them */
    private function ratings(Circuit $circuit, Motor $motor, ?Figure $serviceFactorAmps): array
    {
        $slip = $motor->slip?->shown(4);
        $current = $motor->current?->shown(4);
        $amps = $serviceFactorAmps?->shown(4);
        $words = $this->book->words();
        $factor = $circuit->number('plate.service_factor')?->number();

        return [
            'plate.power' => $motor->output === null
                    ? null
                    : 'Output at the shaft, '.$motor->output->shown(4).': it draws more than that from the supply.',
            'plate.voltage' => $this->voltage($circuit),
            'plate.current' => $circuit->plateCurrent() === null || $current === null
                    ? null
                    : 'Line current at rated output: '.$current.' in the connection of this supply.',
            'plate.speed' => $slip === null
                    ? null
                    : 'Speed at rated output. '.
                        $motor->poles?->shown(4).
                        ' poles turn '.
                        $motor->synchronousSpeed?->shown(4).
                        ' without load: '.
                        $slip.
                        ' slip.',
            'plate.frequency' => self::times($circuit, 'plate.frequency', 'Every value of this row holds at %s Hz only.'),
            'plate.power_factor' => self::times($circuit, 'plate.power_factor', 'At rated output %s; it falls at part load.'),
            'plate.efficiency' => ($efficiency = $circuit->number('plate.efficiency')) === null
                    ? null
                    : 'Of every 100 W that it draws, '.Show::number(100 * $efficiency->number()).' W reach the shaft at rated output.',
            'plate.service_factor' => match (true) {
                $factor === null => null,
                $factor <= 1.0 => 'No reserve above its rated output.',
                default => 'It bears '.
                    Show::number(100 * $factor).
                    ' % of its output at rated voltage, frequency and ambient, hotter and with a shorter life.',
            },
            'plate.service_factor_amps' => $circuit->plateCurrent('plate.service_factor_amps') === null
                    ? null
                    : 'Line current at the output of its service factor'.
                        ($amps === null ? '' : ', '.$amps.' in the connection of this supply').
                        '. Not the current that sizes the circuit.',
            'plate.start_current_ratio' => self::times(
                $circuit,
                'plate.start_current_ratio',
                'Started direct it takes %s times its rated current at standstill.',
            ),
            'plate.start_torque_ratio' => self::times(
                $circuit,
                'plate.start_torque_ratio',
                'Started direct it turns with %s times its rated torque at standstill; in star with a third of that.',
            ),
            'plate.breakdown_torque_ratio' => self::times(
                $circuit,
                'plate.breakdown_torque_ratio',
                'It stalls above %s times its rated torque.',
            ),
            'plate.pull_up_torque_ratio' => self::times(
                $circuit,
                'plate.pull_up_torque_ratio',
                'The least torque on its way up to speed is %s times its rated torque: the load must stay below.',
            ),
            'plate.ambient' => self::times($circuit, 'plate.ambient', 'Rated for air of %s °C at most.'),
            'plate.altitude' => self::times($circuit, 'plate.altitude', 'Rated up to %s m above the sea; thinner air cools less.'),
            'plate.temperature_rise' => self::times(
                $circuit,
                'plate.temperature_rise',
                'The windings get %s K warmer than the air at rated output.',
            ),
            'plate.inertia' => self::times($circuit, 'plate.inertia', 'Inertia of its own rotor, %s kg·m²; the load’s comes on top.'),
            'plate.no_load_current' => self::times(
                $circuit,
                'plate.no_load_current',
                'Uncoupled it takes %s A: what a capacitor at the motor may not exceed.',
            ),
            'plate.rotor_voltage' => self::times(
                $circuit,
                'plate.rotor_voltage',
                'Between the slip rings stand %s V at standstill with the rotor open.',
            ),
            'plate.rotor_current' => self::times($circuit, 'plate.rotor_current', 'Each slip ring carries %s A at rated output.'),
            'plate.grease_interval' => ($hours = $circuit->number('plate.grease_interval')?->number()) === null
                    ? null
                    : 'Grease again after '.
                        Show::number($hours, 6).
                        ' hours of running: every '.
                        Show::number($hours / 24 / 7, 2).
                        ' weeks if it never stops. Halve it for a vertical shaft.',
            'plate.weight' => self::times($circuit, 'plate.weight', '%s kg: choose slings and feet for it.'),
            'plate.phases' => match ($circuit->number('plate.phases')?->number()) {
                3.0 => 'Three phases.',
                1.0 => 'One phase.',
                default => null,
            },
            'plate.leads' => match ($circuit->number('plate.leads')?->number()) {
                3.0 => 'Three leads: the windings are joined inside, one connection only.',
                6.0 => 'Six leads: both ends of every winding, for delta and '.$words->star.'.',
                9.0 => 'Nine leads: two voltages in the ratio 2, joined inside in '.$words->star.' or delta.',
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
            'plate.type' => self::only($circuit, 'plate.type', 'The maker’s name for this design: quote it when ordering a part.'),
            'plate.order_number' => self::only(
                $circuit,
                'plate.order_number',
                'The maker’s order or catalogue number: quote it when ordering a part.',
            ),
            'plate.serial' => self::only(
                $circuit,
                'plate.serial',
                'Of this one machine: quote it when ordering a part. There is no common code for the date in it.',
            ),
            'plate.year' => self::only($circuit, 'plate.year', 'When it was made.'),
            'plate.marks' => self::only(
                $circuit,
                'plate.marks',
                'Marks of conformity: they say which rules the maker declares, not that this circuit keeps them.',
            ),
            'plate.grease' => self::only($circuit, 'plate.grease', 'Use the same thickener: greases of different kinds do not mix.'),
            'plate.grease_amount' => $grams === []
                    ? null
                    : (isset($grams[1])
                            ? Show::number($grams[0]).' g into the drive end, '.Show::number($grams[1]).' g into the other, '
                            : Show::number($grams[0]).' g into each bearing, ').
                        'while it turns if the guard allows it. More overheats a bearing.',
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
