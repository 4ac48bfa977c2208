<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\RuleBook\TypicalMotor;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use Closure;

/** What the stamps of a plate say, in plain words, and which figures follow from each. A stamp that cannot be decoded says so and stays as it is typed. */
final class Meanings
{
    private const NOT_DECODED = 'Not decoded here; kept as it is stamped.';

    /** Figures that follow from a stamp. */
    private const FOLLOWS = [
        'plate.power' => ['power.input', 'power.apparent', 'power.reactive', 'power.computed_current', 'plate.rated_torque'],
        'plate.voltage' => ['plate.connection', 'plate.rated_voltage', 'plate.fit', 'plate.winding_voltage'],
        'plate.current' => ['plate.current', 'power.design_current', 'power.overload_current', 'power.current_difference'],
        'plate.speed' => ['plate.poles', 'plate.synchronous_speed', 'plate.slip', 'plate.rated_torque'],
        'plate.frequency' => ['plate.synchronous_speed', 'plate.flux'],
        'plate.power_factor' => ['power.apparent', 'power.reactive', 'power.computed_current'],
        'plate.efficiency' => ['power.input'],
        'plate.efficiency_class' => ['plate.efficiency'],
        'plate.service_factor' => ['plate.service_factor_output'],
        'plate.code_letter' => ['start.locked_rotor_current_low', 'start.locked_rotor_current', 'start.locked_rotor_current_high'],
        'plate.start_current_ratio' => ['start.locked_rotor_current', 'start.peak_first_half_cycle'],
        'plate.start_torque_ratio' => ['start.star_torque'],
        'plate.ambient' => ['plate.derating_ambient', 'plate.usable_output'],
        'plate.altitude' => ['plate.derating_altitude', 'plate.usable_output'],
        'plate.insulation_class' => ['plate.derating_ambient'],
        'plate.no_load_current' => ['correct.reactive_limit'],
    ];

    /** @return array<string, array{text: string, figures: list<string>}> by field path */
    public static function of(Circuit $circuit, RuleBook $book, Sheet $sheet): array
    {
        $meanings = [];
        $texts = [...self::codes($circuit, $book, $sheet), ...self::ratings($circuit, $book, $sheet), ...self::words($circuit)];
        foreach ($texts as $path => $text) {
            if ($text !== null) {
                $meanings[$path] = ['text' => $text, 'figures' => self::FOLLOWS[$path] ?? []];
            }
        }

        return $meanings;
    }

    /** @return array<string, string|null> */
    private static function codes(Circuit $circuit, RuleBook $book, Sheet $sheet): array
    {
        $class = $circuit->choice('plate.efficiency_class');

        return [
            'plate.ip' => self::stamped($circuit, 'plate.ip', Codes::protection(...)),
            'plate.cooling' => self::stamped($circuit, 'plate.cooling', Codes::cooling(...)),
            'plate.mounting' => self::stamped($circuit, 'plate.mounting', Codes::mounting(...)),
            'plate.duty' => self::duty($circuit),
            'plate.insulation_class' => self::stamped($circuit, 'plate.insulation_class', Codes::insulation(...)),
            'plate.code_letter' => self::stamped($circuit, 'plate.code_letter', Codes::codeLetter(...)),
            'plate.design_letter' => self::stamped($circuit, 'plate.design_letter', Codes::designLetter(...)),
            'plate.efficiency_class' => $class === null || $circuit->assumed('plate.efficiency_class') !== null ? null : self::efficiencyClass($class, $sheet),
            'plate.frame' => self::stamped($circuit, 'plate.frame', static fn (string $frame): ?string => Codes::frame($frame, $book->metricFrames())),
            'plate.rotor_class' => self::stamped($circuit, 'plate.rotor_class', Codes::rotorClass(...)),
            'plate.enclosure' => self::stamped($circuit, 'plate.enclosure', Codes::enclosure(...)),
            'plate.bearings' => self::stamped($circuit, 'plate.bearings', Codes::bearings(...)),
            'plate.standard' => self::stamped($circuit, 'plate.standard', Codes::standard(...)),
            'plate.remarks' => self::stamped($circuit, 'plate.remarks', Codes::remarks(...)),
        ];
    }

    /**
     * The meaning of a stamp, null where nothing is stamped.
     *
     * @param  Closure(string): (string|null)  $decode  of the stamp in capitals; null when it cannot
     */
    private static function stamped(Circuit $circuit, string $path, Closure $decode): ?string
    {
        $text = $circuit->stamped($path);

        return $text === null ? null : ($decode(strtoupper(Typed::plain($text))) ?? self::NOT_DECODED);
    }

    private static function duty(Circuit $circuit): ?string
    {
        $type = $circuit->choice('plate.duty');
        $text = $type === null ? null : Table::of('iec/rating_and_performance')->text('duty_types', $type);
        $echo = $circuit->read()['plate.duty'] ?? '';
        $detail = str_contains($echo, ', ') && $type !== 'S1' ? ' Here: '.substr($echo, (int) strpos($echo, ', ') + 2).'.' : '';

        return $text === null ? null : ucfirst($text).'.'.$detail;
    }

    private static function efficiencyClass(string $class, Sheet $sheet): string
    {
        $name = ['IE1' => 'standard', 'IE2' => 'high', 'IE3' => 'premium', 'IE4' => 'super premium'][$class] ?? '';
        $output = $sheet->get('plate.output');
        $poles = $sheet->get('plate.poles');
        if ($output === null || $poles === null) {
            return ucfirst($name).' efficiency.';
        }
        $nominal = TypicalMotor::classEfficiency($class, $output->number(), (int) $poles->number());

        return ucfirst($name).' efficiency'.($nominal === null ? '.' : ': '.Show::number($nominal).' % for '.$output->shown().' and '.$poles->shown().' poles at 50 Hz.');
    }

    private static function voltage(Circuit $circuit, RuleBook $book): ?string
    {
        $pairs = $circuit->plateVoltage()?->pairs;
        if ($pairs === null) {
            return null;
        }
        $star = $book->words()['star'];
        $volts = static fn (int $i): string => Show::number($pairs[$i]['low']).($pairs[$i]['low'] === $pairs[$i]['high'] ? '' : '–'.Show::number($pairs[$i]['high'])).' V';
        if (count($pairs) === 2) {
            return $pairs[0]['connection'] === 'delta'
                ? 'Two ways to connect the windings: '.$volts(0).' in delta or '.$volts(1).' in '.$star.'. A winding always sees '.$volts(0).'; the ratio √3 shows it.'
                : 'Two voltages in the ratio 2: the halves of each winding in parallel for '.$volts(0).', in series for '.$volts(1).'.';
        }

        return match ($pairs[0]['connection']) {
            'delta' => 'One voltage, windings in delta: each sees the whole '.$volts(0).'.', 'star' => 'One voltage, windings in '.$star.'.', default => 'One voltage; how the windings are joined is not stamped.',
        };
    }

    /** @return array<string, string|null> what the rated values mean, with the figures that follow from them */
    private static function ratings(Circuit $circuit, RuleBook $book, Sheet $sheet): array
    {
        $times = static fn (string $path, string $text): ?string => ($figure = $circuit->number($path)) === null ? null : sprintf($text, Show::number($figure->number()));
        $shown = static fn (string $key): ?string => $sheet->get($key)?->shown(4);
        $slip = $shown('plate.slip');
        $factor = $circuit->number('plate.service_factor')?->number();

        return [
            'plate.power' => $shown('plate.output') === null ? null : 'Output at the shaft, '.$shown('plate.output').': it draws more than that from the supply.',
            'plate.voltage' => self::voltage($circuit, $book),
            'plate.current' => $circuit->plateCurrent() === null || $shown('plate.current') === null ? null : 'Line current at rated output: '.$shown('plate.current').' in the connection of this supply.',
            'plate.speed' => $slip === null ? null : 'Speed at rated output. '.$shown('plate.poles').' poles turn '.$shown('plate.synchronous_speed').' without load: '.$slip.' slip.',
            'plate.frequency' => $times('plate.frequency', 'Every value of this row holds at %s Hz only.'),
            'plate.power_factor' => $times('plate.power_factor', 'At rated output %s; it falls at part load.'),
            'plate.efficiency' => ($efficiency = $circuit->number('plate.efficiency')) === null ? null : 'Of every 100 W that it draws, '.Show::number(100 * $efficiency->number()).' W reach the shaft at rated output.',
            'plate.service_factor' => match (true) {
                $factor === null => null, $factor <= 1.0 => 'No reserve above its rated output.', default => 'It bears '.Show::number(100 * $factor).' % of its output at rated voltage, frequency and ambient, hotter and with a shorter life.',
            },
            'plate.service_factor_amps' => $circuit->plateCurrent('plate.service_factor_amps') === null ? null : 'Line current at the output of its service factor'.($shown('plate.service_factor_amps') === null ? '' : ', '.$shown('plate.service_factor_amps').' in the connection of this supply').'. Not the current that sizes the circuit.',
            'plate.start_current_ratio' => $times('plate.start_current_ratio', 'Started direct it takes %s times its rated current at standstill.'),
            'plate.start_torque_ratio' => $times('plate.start_torque_ratio', 'Started direct it turns with %s times its rated torque at standstill; in star with a third of that.'),
            'plate.breakdown_torque_ratio' => $times('plate.breakdown_torque_ratio', 'It stalls above %s times its rated torque.'),
            'plate.pull_up_torque_ratio' => $times('plate.pull_up_torque_ratio', 'The least torque on its way up to speed is %s times its rated torque: the load must stay below.'),
            'plate.ambient' => $times('plate.ambient', 'Rated for air of %s °C at most.'),
            'plate.altitude' => $times('plate.altitude', 'Rated up to %s m above the sea; thinner air cools less.'),
            'plate.temperature_rise' => $times('plate.temperature_rise', 'The windings get %s K warmer than the air at rated output.'),
            'plate.inertia' => $times('plate.inertia', 'Inertia of its own rotor, %s kg·m²; the load’s comes on top.'),
            'plate.no_load_current' => $times('plate.no_load_current', 'Uncoupled it takes %s A: what a capacitor at the motor may not exceed.'),
            'plate.rotor_voltage' => $times('plate.rotor_voltage', 'Between the slip rings stand %s V at standstill with the rotor open.'),
            'plate.rotor_current' => $times('plate.rotor_current', 'Each slip ring carries %s A at rated output.'),
            'plate.grease_interval' => ($hours = $circuit->number('plate.grease_interval')?->number()) === null ? null : 'Grease again after '.Show::number($hours, 6).' hours of running: every '.Show::number($hours / 24 / 7, 2).' weeks if it never stops. Halve it for a vertical shaft.',
            'plate.weight' => $times('plate.weight', '%s kg: choose slings and feet for it.'),
            'plate.phases' => match ($circuit->number('plate.phases')?->number()) {
                3.0 => 'Three phases.', 1.0 => 'One phase.', default => null,
            },
            'plate.leads' => match ($circuit->number('plate.leads')?->number()) {
                3.0 => 'Three leads: the windings are joined inside, one connection only.', 6.0 => 'Six leads: both ends of every winding, for delta and '.$book->words()['star'].'.',
                9.0 => 'Nine leads: two voltages in the ratio 2, joined inside in '.$book->words()['star'].' or delta.', 12.0 => 'Twelve leads: both ends of every half winding, for two voltages and '.$book->words()['star_delta'].' starting.', default => null,
            },
        ];
    }

    /** @return array<string, string|null> stamps that only identify */
    private static function words(Circuit $circuit): array
    {
        $if = static fn (string $path, string $text): ?string => $circuit->stamped($path) === null ? null : $text;
        $grams = $circuit->numbers('plate.grease_amount');

        return [
            'plate.type' => $if('plate.type', 'The maker’s name for this design: quote it when ordering a part.'),
            'plate.order_number' => $if('plate.order_number', 'The maker’s order or catalogue number: quote it when ordering a part.'),
            'plate.serial' => $if('plate.serial', 'Of this one machine: quote it when ordering a part. There is no common code for the date in it.'),
            'plate.year' => $if('plate.year', 'When it was made.'),
            'plate.marks' => $if('plate.marks', 'Marks of conformity: they say which rules the maker declares, not that this circuit keeps them.'),
            'plate.grease' => $if('plate.grease', 'Use the same thickener: greases of different kinds do not mix.'),
            'plate.grease_amount' => $grams === [] ? null : (isset($grams[1]) ? Show::number($grams[0]).' g into the drive end, '.Show::number($grams[1]).' g into the other, ' : Show::number($grams[0]).' g into each bearing, ').'while it turns if the guard allows it. More overheats a bearing.',
        ];
    }
}
