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

/** What the stamps of a plate say, in plain words. A stamp that cannot be decoded says so and stays as it is typed. */
final class Meanings
{
    private const NOT_DECODED = 'Not decoded here; kept as it is stamped.';

    private const ENCLOSURES = [
        'TEFC' => 'totally enclosed, cooled by its own fan over the frame', 'TENV' => 'totally enclosed, no fan: it cools by its surface alone', 'TEAO' => 'totally enclosed, cooled by the air that it moves, such as a fan’s',
        'TEBC' => 'totally enclosed, cooled by a separate blower', 'ODP' => 'open, drip-proof: air passes through, water falling from above stays out', 'DP' => 'drip-proof', 'WP1' => 'weather-protected, type I', 'WP2' => 'weather-protected, type II',
        'XP' => 'explosion-proof for the class and group on the plate', 'DIP' => 'dust-ignition-proof for the class and group on the plate',
    ];

    /** @return array<string, string> meaning by field path */
    public static function of(Circuit $circuit, RuleBook $book, Sheet $sheet): array
    {
        $meanings = [];
        $put = static function (string $path, ?string $meaning) use (&$meanings): void {
            if ($meaning !== null) {
                $meanings[$path] = $meaning;
            }
        };
        $put('plate.ip', self::stamped($circuit, 'plate.ip', self::protection(...)));
        $put('plate.cooling', self::stamped($circuit, 'plate.cooling', static fn (string $code): ?string => self::code('iec/cooling_code', str_starts_with($code, 'IC') ? str_replace(' ', '', $code) : 'IC'.$code)));
        $put('plate.mounting', self::stamped($circuit, 'plate.mounting', self::mounting(...)));
        $put('plate.duty', self::stamped($circuit, 'plate.duty', static fn (string $code): ?string => Table::of('iec/rating_and_performance')->text('duty_types', $code)));
        $put('plate.insulation_class', self::stamped($circuit, 'plate.insulation_class', self::insulation(...)));
        $put('plate.code_letter', self::stamped($circuit, 'plate.code_letter', self::codeLetter(...)));
        $put('plate.design_letter', self::stamped($circuit, 'plate.design_letter', static fn (string $letter): ?string => self::designLetter($letter)));
        $put('plate.efficiency_class', self::stamped($circuit, 'plate.efficiency_class', static fn (string $class): string => self::efficiencyClass($class, $sheet)));
        $put('plate.frame', self::stamped($circuit, 'plate.frame', static fn (string $frame): ?string => self::frame($frame, $book->metricFrames())));
        $put('plate.rotor_class', self::stamped($circuit, 'plate.rotor_class', self::rotorClass(...)));
        $put('plate.enclosure', self::stamped($circuit, 'plate.enclosure', static fn (string $code): ?string => self::ENCLOSURES[str_replace([' ', '-', '.'], '', $code)] ?? null));
        $put('plate.voltage', self::voltage($circuit, $book));
        $put('plate.service_factor', self::serviceFactor($circuit));
        foreach (self::ratings($circuit, $sheet) as $path => $meaning) {
            $put($path, $meaning);
        }
        $put('plate.leads', match ($circuit->number('plate.leads')?->number()) {
            3.0 => 'Three leads: the windings are joined inside, one connection only.', 6.0 => 'Six leads: both ends of every winding, for delta and '.$book->words()['star'].'.',
            9.0 => 'Nine leads: two voltages in the ratio 2, joined inside in '.$book->words()['star'].' or delta.', 12.0 => 'Twelve leads: both ends of every half winding, for two voltages and '.$book->words()['star_delta'].' starting.', default => null,
        });

        return $meanings;
    }

    /**
     * The meaning of a stamp, null where nothing is stamped.
     *
     * @param  Closure(string): (string|null)  $decode  of the stamp in capitals; null when it cannot
     */
    private static function stamped(Circuit $circuit, string $path, Closure $decode): ?string
    {
        $text = $circuit->choice($path);

        return $text === null || trim($text) === '' ? null : ($decode(strtoupper(Typed::plain($text))) ?? self::NOT_DECODED);
    }

    private static function protection(string $code): ?string
    {
        if (preg_match('/^(?:IP)?\s*([0-6X])([0-9X])([A-Z]*)$/', str_replace(' ', '', $code), $m) !== 1) {
            return null;
        }
        $table = Table::of('iec/protection_code');
        $solid = $m[1] === 'X' ? 'solids not stated' : 'solids: '.($table->text('first', $m[1]) ?? '');
        $water = $m[2] === 'X' ? 'water not stated' : 'water: '.($table->text('second', $m[2]) ?? '');

        return ucfirst($solid).'; '.$water.'.'.($m[3] === '' ? '' : ' The letters behind it are not decoded.');
    }

    private static function code(string $table, string $code): ?string
    {
        $text = Table::of($table)->text($code);

        return $text === null ? null : ucfirst($text).'.';
    }

    private static function mounting(string $code): ?string
    {
        $bare = (string) preg_replace('/^IM\s*/', '', $code);
        $table = Table::of('iec/mounting_code');
        foreach ($table->keys() as $name) {
            $text = $table->text($name) ?? '';
            // `B3`, `V 1` and the numbered form, `1001`, which stands in front of each text.
            if ($name === str_replace(' ', '', $bare) || str_starts_with($text, 'IM '.$bare.',')) {
                return ucfirst((string) preg_replace('/^IM (\d+), /', '', $text)).' (IM '.$name.').';
            }
        }

        return null;
    }

    private static function insulation(string $code): ?string
    {
        if (preg_match('~^(?:CLASS |CL\.? ?|TH\.?CL\.? ?)?([AEBFHN])(?:\s*/\s*([AEBFH]))?$~', $code, $m) !== 1) {
            return null;
        }
        $table = Table::of('iec/rating_and_performance');
        $limit = $table->number('insulation_temperature', $m[1]);
        if ($limit === null) {
            return null;
        }
        $meaning = 'Insulation for '.Show::quantity($limit, '°C').' at its hottest spot.';
        $used = $m[2] ?? $m[1];
        $rise = $table->number('temp_rise_resistance_method', $used);
        if ($rise !== null) {
            $meaning .= ' '.(isset($m[2]) ? 'Used only to the rise of class '.$used.', ' : 'Mean rise at most ').Show::quantity($rise, 'K').(isset($m[2]) ? ': the reserve lengthens its life.' : ' above 40 °C.');
        }

        return $meaning;
    }

    private static function codeLetter(string $letter): ?string
    {
        $table = Table::of('nec/code_letter');
        $low = $table->number($letter, '0');
        $high = $table->number($letter, '1');

        return $low === null ? null : 'With locked rotor it takes '.($high === null ? Show::number($low).' kVA or more' : Show::number($low).' to '.Show::number($high).' kVA').' per horsepower.';
    }

    private static function designLetter(string $letter): ?string
    {
        $text = Table::of('nec/design_letters')->text('text') ?? '';

        return preg_match('/\b'.$letter.': (.+?\.)(?= [A-D]: |$)/', $text, $m) === 1 ? ucfirst($m[1]) : (['N' => 'IEC design N: normal starting torque, direct starting.', 'H' => 'IEC design H: high starting torque, direct starting.'][$letter] ?? null);
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

    /** IEC frames are the shaft height in mm; NEMA ones the first two digits by 4 inches, or a two-digit number by 16 inches. */
    private static function frame(string $frame, bool $metric): ?string
    {
        if (preg_match('/^(\d{2,3})\s*([A-Z]*)$/', $frame, $m) !== 1) {
            return null;
        }
        $american = in_array($m[2], ['T', 'TS', 'U', 'C', 'TC', 'JM', 'JP', 'TSC', 'H', 'Z', 'TCZ', 'Y'], true) || (! $metric && ! in_array($m[2], ['S', 'M', 'L'], true));
        if ($american) {
            $inches = strlen($m[1]) === 2 ? (int) $m[1] / 16 : (int) substr($m[1], 0, 2) / 4;

            return 'NEMA frame: shaft height '.Show::number($inches).' in ('.Show::number(25.4 * $inches).' mm)'.($m[2] === '' ? '.' : ', suffix '.$m[2].'.');
        }
        $table = Table::of('iec/frames');
        $shaft = $table->number($m[1], 'D_shaft');
        $extension = $table->number($m[1], 'E');
        $length = ['S' => ', short body', 'M' => ', medium body', 'L' => ', long body'][$m[2]] ?? '';

        return $table->number($m[1], 'H') === null ? null : 'IEC frame: shaft height '.$m[1].' mm'.$length.($shaft === null ? '.' : '; shaft of four poles and more '.Show::number($shaft).' × '.Show::number($extension ?? 0).' mm.');
    }

    private static function rotorClass(string $code): ?string
    {
        return preg_match('/^KL\.?\s*(\d{1,2})$/', $code, $m) === 1 ? 'Rotor class: it starts direct against up to '.Show::number((int) $m[1] / 10).' times rated torque.' : null;
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
    private static function ratings(Circuit $circuit, Sheet $sheet): array
    {
        $times = static fn (string $path, string $text): ?string => ($figure = $circuit->number($path)) === null ? null : sprintf($text, Show::number($figure->number()));
        $shown = static fn (string $key): ?string => $sheet->get($key)?->shown(4);
        $slip = $shown('plate.slip');
        $current = $circuit->plateCurrent();

        return [
            'plate.power' => $shown('plate.output') === null ? null : 'Output at the shaft, '.$shown('plate.output').': it draws more than that from the supply.',
            'plate.current' => $current === null || $shown('plate.current') === null ? null : 'Line current at rated output: '.$shown('plate.current').' in the connection of this supply.',
            'plate.speed' => $slip === null ? null : 'Speed at rated output. '.$shown('plate.poles').' poles turn '.$shown('plate.synchronous_speed').' without load: '.$slip.' slip.',
            'plate.power_factor' => $times('plate.power_factor', 'At rated output %s; it falls at part load.'),
            'plate.efficiency' => ($efficiency = $circuit->number('plate.efficiency')) === null ? null : 'Of every 100 W that it draws, '.Show::number(100 * $efficiency->number()).' W reach the shaft at rated output.',
            'plate.start_current_ratio' => $times('plate.start_current_ratio', 'Started direct it takes %s times its rated current at standstill.'),
            'plate.start_torque_ratio' => $times('plate.start_torque_ratio', 'Started direct it turns with %s times its rated torque at standstill; in star with a third of that.'),
            'plate.breakdown_torque_ratio' => $times('plate.breakdown_torque_ratio', 'It stalls above %s times its rated torque.'),
            'plate.ambient' => $times('plate.ambient', 'Rated for air of %s °C at most.'),
            'plate.temperature_rise' => $times('plate.temperature_rise', 'The windings get %s K warmer than the air at rated output.'),
            'plate.inertia' => $times('plate.inertia', 'Inertia of its own rotor, %s kg·m²; the load’s comes on top.'),
            'plate.no_load_current' => $times('plate.no_load_current', 'Uncoupled it takes %s A: what a capacitor at the motor may not exceed.'),
        ];
    }

    private static function serviceFactor(Circuit $circuit): ?string
    {
        $factor = $circuit->number('plate.service_factor')?->number();

        return match (true) {
            $factor === null => null, $factor <= 1.0 => 'No reserve above its rated output.', default => 'It bears '.Show::number(100 * $factor).' % of its output at rated voltage, frequency and ambient, hotter and with a shorter life.',
        };
    }
}
