<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Replace;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Plate\Frame;
use BraveAnvil\Stations\Plate\Mounting;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Power\PowerFigure;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\StartFinding;
use BraveAnvil\Studies\Money\MoneyFigure;
use BraveAnvil\Tables\Practice\StampTables;
use BraveAnvil\Tables\Tables;

/** Whether another motor fits in the place of this one: both are solved in this circuit and held side by side, point by point. */
final class Replacement
{
    /** Share of a year's energy that counts as the same. */
    private const SAME_YEAR = 0.002;

    private const STOP = 'stop';

    private const CAUTION = 'caution';

    private const EQUAL = 'equal';

    private const BETTER = 'better';

    /** Nothing to compare: one of both plates does not say. */
    private const UNKNOWN = 'unknown';

    /** @var list<array{point: string, present: string, offered: string, verdict: string, text: string}> */
    private array $points = [];

    private function __construct(
        private readonly Solution $present,
        private readonly Solution $offered,
        private readonly ?RuleBook $book,
        private readonly StampTables $stamps,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $circuit  the circuit with the motor that is there
     * @param  array<array-key, mixed>  $plate  the plate of the motor that is offered
     * @return array{verdict: string, sentence: string, points: list<array{point: string, present: string, offered: string, verdict: string, text: string}>, errors: list<array{path: string, text: string, accepted: string, kind: string}>}
     */
    public static function check(array $circuit, array $plate): array
    {
        $present = Bench::solve($circuit);
        $offered = Bench::solve([...$circuit, 'plate' => $plate]);
        $tables = Tables::shipped();
        $check = new self($present, $offered, (new RuleBooks($tables))->named($present->ruleBook), new StampTables($tables));
        $check->compare($circuit, $plate);
        $order = [self::STOP => 0, self::CAUTION => 1, self::UNKNOWN => 2, self::BETTER => 3, self::EQUAL => 4];
        $worst = self::EQUAL;
        foreach ($check->points as $point) {
            $worst = $order[$point['verdict']] < $order[$worst] ? $point['verdict'] : $worst;
        }
        $count = static fn (string $verdict): int => count(
            array_filter($check->points, static fn (array $p): bool => $p['verdict'] === $verdict),
        );

        return [
            'verdict' => $worst,
            'sentence' => match ($worst) {
                self::STOP => 'Not suitable: '.implode(', ', array_map(static fn (array $p): string => Show::inside($p['point']),
                    array_filter($check->points, static fn (array $p): bool => $p['verdict'] === self::STOP))).'.',
                self::CAUTION => 'May be suitable: check '.$count(self::CAUTION).' '.($count(self::CAUTION) === 1 ? 'item' : 'items').
                ' first.',
                self::UNKNOWN => 'No problem found, but '.$count(self::UNKNOWN).' '.
                ($count(self::UNKNOWN) === 1 ? 'item is' : 'items are').' unknown.',
                default => 'Suitable.',
            },
            'points' => $check->points,
            'errors' => array_values(
                array_map(
                    static fn (FieldError $error): array => $error->toArray(),
                    array_filter($offered->errors, static fn (FieldError $error): bool => str_starts_with($error->path, 'plate.')),
                ),
            ),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $circuit
     * @param  array<array-key, mixed>  $plate
     */
    private function compare(array $circuit, array $plate): void
    {
        $was = is_array($circuit['plate'] ?? null) ? $circuit['plate'] : [];
        $this->frame(self::text($was, 'frame'), self::text($plate, 'frame'));
        $this->words(
            'Mounting', self::text($was, 'mounting'), self::text($plate, 'mounting'),
            'Feet, flange or shaft direction differ: it may not fit mechanically.',
        );
        $this->connection();
        $this->power();
        $this->speed();
        $this->starting();
        $this->higher('Starting torque', 'plate.start_torque_ratio', $was, $plate, 0.9, 'It may not start this load.');
        $this->higher('Breakdown torque', 'plate.breakdown_torque_ratio', $was, $plate, 0.9, 'It stalls sooner at a peak load.');
        $this->duty(self::text($was, 'duty'), self::text($plate, 'duty'));
        $this->ambient($was, $plate);
        $this->protection(self::text($was, 'ip'), self::text($plate, 'ip'));
        $this->efficiency();
        $this->year();
        $this->starter($circuit);
        $this->kind();
    }

    /** @param  array<array-key, mixed>  $plate */
    private static function text(array $plate, string $name): string
    {
        $value = $plate[$name] ?? '';

        return is_scalar($value) ? strtoupper(Typed::plain((string) $value)) : '';
    }

    private function put(string $point, string $present, string $offered, string $verdict, string $text = ''): void
    {
        $this->points[] = [
            'point' => $point,
            'present' => $present === '' ? 'not specified' : $present,
            'offered' => $offered === '' ? 'not specified' : $offered,
            'verdict' => $verdict, 'text' => $text,
        ];
    }

    private function frame(string $was, string $is): void
    {
        $a = Frame::of($was, $this->book?->metricFrames() ?? true, $this->stamps);
        $b = Frame::of($is, $this->book?->metricFrames() ?? true, $this->stamps);
        if ($was === '' || $is === '' || $a === null || $b === null) {
            $this->put(
                'Frame', $was, $is,
                $was !== '' && $was === $is ? self::EQUAL : self::UNKNOWN,
                $was === $is && $was !== '' ? '' : 'Measure shaft height, feet and shaft of both motors.',
            );

            return;
        }
        $higher = $b->height - $a->height;
        if (abs($higher) > 0.5) {
            $this->put(
                'Frame', $was, $is,
                $higher > 0 ? self::STOP : self::CAUTION,
                $higher > 0
                    ? 'Its shaft is '.Show::number($higher, 3).' mm higher: the coupling cannot be aligned on this base.'
                    : 'Its shaft is '.Show::number(-$higher, 3).' mm lower: shims of that height, and other feet.',
            );
        } elseif (
            $a->feet !== null &&
            $b->feet !== null &&
            (abs($a->feet['across'] - $b->feet['across']) > 0.5 || abs($a->feet['along'] - $b->feet['along']) > 0.5)
        ) {
            $this->put(
                'Frame', $was, $is, self::CAUTION,
                'Same height, other feet: '.Show::number($b->feet['across'], 4).' × '.Show::number($b->feet['along'], 4).' mm instead of '.
                Show::number($a->feet['across'], 4).' × '.Show::number($a->feet['along'], 4).' mm. Drill new holes or use slide rails.',
            );
        } elseif ($a->shaft !== null && $b->shaft !== null && abs($a->shaft - $b->shaft) > 0.05) {
            $this->put(
                'Frame', $was, $is, self::CAUTION,
                'Other shaft: '.Show::number($b->shaft, 5).' mm instead of '.Show::number($a->shaft, 5).
                ' mm. The coupling or pulley must be bored again.',
            );
        } elseif ($a->suffix !== $b->suffix) {
            $this->put('Frame', $was, $is, self::CAUTION, 'Same height; the suffix differs. Check shaft and face.');
        } else {
            $this->put('Frame', $was, $is, self::EQUAL, 'Feet and shaft by the standard; shafts of two-pole motors differ.');
        }
    }

    private function words(string $point, string $was, string $is, string $text): void
    {
        $bare = Mounting::bare(...);
        if ($was === '' || $is === '') {
            $this->put($point, $was, $is, self::UNKNOWN);

            return;
        }
        $this->put($point, $was, $is, $bare($was) === $bare($is) ? self::EQUAL : self::STOP, $bare($was) === $bare($is) ? '' : $text);
    }

    private function connection(): void
    {
        $was = $this->present->figure(PlateFigure::Connection);
        $is = $this->offered->figure(PlateFigure::Connection);
        $volts = static fn (Solution $solution): string => $solution->read['plate.voltage'] ?? '';
        if ($is === null) {
            $this->put('Voltage and connection', $volts($this->present), $volts($this->offered), self::UNKNOWN);

            return;
        }
        $stop = $is->value === 'none';
        $fit = $this->offered->figure(PlateFigure::Fit)?->number() ?? 0.0;
        $flux = array_filter(
            $this->offered->findings,
            static fn (Finding $f): bool => in_array(
                $f->code,
                [PlateFinding::FluxTooHigh, PlateFinding::FluxLow, PlateFinding::FrequencyDiffers],
                true,
            ),
        );
        $grade = $flux === [] ? null : reset($flux)->grade->value;
        $this->put(
            'Voltage and connection', $volts($this->present), $volts($this->offered),
            match (true) {
                $stop || $grade === 'stop' => self::STOP,
                $grade !== null || abs($fit) > 5 => self::CAUTION,
                $was !== null && $was->value !== $is->value => self::CAUTION,
                default => self::EQUAL,
            },
            match (true) {
                $stop => 'It has no connection for this supply.',
                $flux !== [] => reset($flux)->text,
                abs($fit) > 5 => 'Supply '.Show::number($fit, 3).' % off its rated voltage.',
                $was !== null && $was->value !== $is->value => 'Connect in '.$is->shown().' instead of '.$was->shown().
                    ': change the links.',
                default => 'Connect in '.$is->shown().', as now.',
            },
        );
    }

    private function power(): void
    {
        $was = $this->present->figure(PowerFigure::Output);
        $is = $this->offered->figure(PowerFigure::Output);
        if ($was === null || $is === null) {
            $this->put('Power', $was?->shown() ?? '', $is?->shown() ?? '', self::UNKNOWN);

            return;
        }
        $usable = $this->offered->figure(PlateFigure::UsableOutput);
        $ratio = ($usable ?? $is)->number() / $was->number();
        $this->put(
            'Power', $was->shown(), $is->shown(),
            match (true) {
                $ratio < 0.97 => self::STOP,
                $ratio > 1.3 => self::CAUTION,
                $ratio > 1.03 => self::BETTER,
                default => self::EQUAL,
            },
            match (true) {
                $ratio < 0.97 => 'Smaller than the installed motor'.($usable !== null && $is->number() >= 0.97 * $was->number()
                    ? ': only '.$usable->shown().' is available here.' : '. If the load is known to be less, compare with that.'),
                $ratio > 1.3 => 'Much larger: poorer power factor at part load, higher starting current, and relay and device must '.
                    'be set again.',
                $ratio > 1.03 => 'More than now: set the relay to its own current.',
                default => '',
            },
        );
    }

    private function speed(): void
    {
        $was = $this->present->figure(PlateFigure::Speed);
        $is = $this->offered->figure(PlateFigure::Speed);
        $poles = $this->present->figure(PlateFigure::Poles);
        $other = $this->offered->figure(PlateFigure::Poles);
        if ($was === null || $is === null || $poles === null || $other === null) {
            $this->put('Speed', $was?->shown() ?? '', $is?->shown() ?? '', self::UNKNOWN);

            return;
        }
        $off = 100 * ($is->number() / $was->number() - 1);
        $cube = Show::number(abs(100 * (($is->number() / $was->number()) ** 3 - 1)), 2);
        $this->put(
            'Speed', $was->shown(), $is->shown(),
            match (true) {
                abs($poles->number() - $other->number()) > 0.5 => self::STOP,
                abs($off) > 1 => self::CAUTION,
                default => self::EQUAL,
            },
            match (true) {
                abs($poles->number() - $other->number()) > 0.5 => $other->shown().' poles instead of '.$poles->shown().
                    ': a very different speed.',
                abs($off) > 0.3 => 'It runs '.Show::number(abs($off), 2).' % '.($off > 0 ? 'faster' : 'slower').': a fan or pump takes '.
                $cube.($off > 0 ? ' % more power.' : ' % less power.'),
                default => '',
            },
        );
    }

    private function starting(): void
    {
        $was = $this->present->figure(StartFigure::LockedRotorCurrent);
        $is = $this->offered->figure(StartFigure::LockedRotorCurrent);
        if ($was === null || $is === null) {
            $this->put('Starting current', $was?->shown(3) ?? '', $is?->shown(3) ?? '', self::UNKNOWN);

            return;
        }
        $ratio = $is->number() / $was->number();
        $guess = $was->assumed() || $is->assumed() ? ' One of the two is assumed.' : '';
        $this->put(
            'Starting current', $was->shown(3), $is->shown(3),
            match (true) {
                $ratio > 1.1 => self::CAUTION,
                $ratio < 0.9 => self::BETTER,
                default => self::EQUAL,
            },
            match (true) {
                $ratio > 1.1 => Show::number(100 * ($ratio - 1), 2).' % more: the device may open on the start, and the voltage dip is '.
                    'larger. High-efficiency motors often take more.'.$guess,
                $ratio < 0.9 => 'Less than now.'.$guess,
                default => trim($guess),
            },
        );
    }

    /**
     * @param  'plate.start_torque_ratio'|'plate.breakdown_torque_ratio'  $path
     * @param  array<array-key, mixed>  $was
     * @param  array<array-key, mixed>  $plate
     */
    private function higher(string $point, string $path, array $was, array $plate, float $least, string $text): void
    {
        $name = substr($path, 6);
        $torque = static function (Solution $solution, array $plate) use ($path): ?float {
            $ratio = CircuitReader::read(['rule_book' => $solution->ruleBook, 'plate' => $plate])->number($path);
            $rated = $solution->figure(PlateFigure::RatedTorque);

            return $ratio === null || $rated === null ? null : $ratio->number() * $rated->number();
        };
        $x = $torque($this->present, $was);
        $y = $torque($this->offered, $plate);
        if ($x === null || $y === null || $x <= 0) {
            $this->put($point, self::text($was, $name), self::text($plate, $name), self::UNKNOWN);

            return;
        }
        $ratio = $y / $x;
        $this->put(
            $point, Show::quantity($x, Unit::NewtonMetre, 3), Show::quantity($y, Unit::NewtonMetre, 3),
            $ratio < $least ? self::CAUTION : ($ratio > 1.1 ? self::BETTER : self::EQUAL),
            $ratio < $least ? Show::number(100 * (1 - $ratio), 2).' % less. '.$text : '',
        );
    }

    private function duty(string $was, string $is): void
    {
        if ($was === '' || $is === '') {
            $this->put('Duty', $was, $is, self::UNKNOWN);

            return;
        }
        $first = fn (Solution $s): string => (string) strtok($s->read['plate.duty'] ?? '', ',');
        $a = $first($this->present);
        $b = $first($this->offered);
        $this->put(
            'Duty', $was, $is,
            match (true) {
                $a === $b && ($this->present->read['plate.duty'] ?? '') === ($this->offered->read['plate.duty'] ?? '') => self::EQUAL,
                $b === 'S1' && $a !== '' => self::BETTER,
                $a === 'S1' && $b !== '' => self::STOP,
                $b === '' || $a === '' => self::UNKNOWN,
                default => self::CAUTION,
            },
            match (true) {
                $a === 'S1' && $b !== 'S1' && $b !== '' => 'Rated for duty with rest periods; it would overheat in continuous duty.',
                $b === 'S1' && $a !== 'S1' => 'Rated for continuous duty.',
                $a !== $b => 'Other duty: compare the cycle and the number of starts.',
                default => '',
            },
        );
    }

    /**
     * @param  array<array-key, mixed>  $was
     * @param  array<array-key, mixed>  $plate
     */
    private function ambient(array $was, array $plate): void
    {
        $hot = array_filter(
            $this->offered->findings,
            static fn (Finding $f): bool => in_array($f->code, [PlateFinding::AmbientAboveRating, PlateFinding::AltitudeAboveRating], true),
        );
        $before = array_filter(
            $this->present->findings,
            static fn (Finding $f): bool => in_array($f->code, [PlateFinding::AmbientAboveRating, PlateFinding::AltitudeAboveRating], true),
        );
        $shown = static fn (array $p): string => self::text($p, 'ambient') === '' ? '40 °C usual' : self::text($p, 'ambient');
        $this->put(
            'Ambient and altitude', $shown($was), $shown($plate),
            match (true) {
                $hot !== [] => reset($hot)->grade->value === 'stop' ? self::STOP : self::CAUTION,
                $before !== [] => self::BETTER,
                default => self::EQUAL,
            },
            $hot === [] ? '' : reset($hot)->text,
        );
    }

    private function protection(string $was, string $is): void
    {
        $digits = static fn (string $code): ?array => preg_match('/^(?:IP)?\s*([0-6])\s*([0-9])/', $code, $m) === 1
            ? [(int) $m[1], (int) $m[2]]
            : null;
        $a = $digits($was);
        $b = $digits($is);
        if ($a === null || $b === null) {
            $this->put('Degree of protection', $was, $is, self::UNKNOWN);

            return;
        }
        $place = array_filter($this->offered->findings, static fn (Finding $f): bool => $f->code === PlateFinding::ProtectionTooLow);
        $less = $b[0] < $a[0] || $b[1] < $a[1];
        $this->put('Degree of protection', $was, $is, match (true) {
            $place !== [] => self::STOP, $less => self::CAUTION, $b === $a => self::EQUAL, default => self::BETTER,
        }, $place !== [] ? reset($place)->text : ($less ? 'Lower degree of protection than the installed motor.' : ''));
    }

    private function efficiency(): void
    {
        $was = $this->present->figure(PlateFigure::Efficiency);
        $is = $this->offered->figure(PlateFigure::Efficiency);
        if ($was === null || $is === null) {
            $this->put('Efficiency', '', '', self::UNKNOWN);

            return;
        }
        $shown = static fn (Figure $f): string => Show::number(100 * $f->number(), 4).' %'.($f->assumed() ? ' (assumed)' : '');
        $points = 100 * ($is->number() - $was->number());
        $this->put(
            'Efficiency', $shown($was), $shown($is),
            $points < -0.5 ? self::CAUTION : ($points > 0.3 ? self::BETTER : self::EQUAL),
            $points < -0.5 ? 'Higher losses. For a new motor, check the minimum efficiency class required by law.' : '',
        );
    }

    /** Energy of a year where hours or prices are typed: what a better or a worse class is worth at this load. */
    private function year(): void
    {
        $was = $this->present->figure(MoneyFigure::RunningEnergy);
        $is = $this->offered->figure(MoneyFigure::RunningEnergy);
        if ($was === null || $is === null) {
            return;
        }
        $costWas = $this->present->figure(MoneyFigure::RunningCost);
        $cost = $this->offered->figure(MoneyFigure::RunningCost);
        $shown = static fn (Figure $energy, ?Figure $price): string => $energy->shown(4).($price === null ? '' : ', '.$price->shown(4));
        $more = $is->number() - $was->number();
        $worth = $costWas === null || $cost === null ? '' : ', '.Show::number(abs($cost->number() - $costWas->number()), 3);
        $this->put(
            'Energy per year', $shown($was, $costWas), $shown($is, $cost),
            abs($more) <= self::SAME_YEAR * $was->number() ? self::EQUAL : ($more > 0 ? self::CAUTION : self::BETTER),
            abs($more) <= self::SAME_YEAR * $was->number() ? '' : 'It takes '.Show::quantity(abs($more), Unit::WattHour, 3).
            ($more > 0 ? ' more' : ' less').' per year'.$worth.'. A fan or pump that runs faster takes more than that.',
        );
    }

    /** @param  array<array-key, mixed>  $circuit */
    private function starter(array $circuit): void
    {
        $refused = array_filter($this->offered->findings, static fn (Finding $f): bool => $f->code === StartFinding::StarDeltaRefused);
        $starter = is_array($circuit['starter'] ?? null) ? $circuit['starter'] : [];
        $name = is_string($starter['method'] ?? null) ? MethodName::tryFrom($starter['method']) : null;
        if ($name === null || ! $name->refusesMotors() || $this->book === null) {
            return;
        }
        $label = Show::inside($name->label($this->book->words()));
        $this->put(
            'Starter', $label, $label,
            $refused === [] ? self::EQUAL : self::STOP,
            $refused === [] ? 'It can be started this way on this supply.' : reset($refused)->text,
        );
    }

    private function kind(): void
    {
        $was = $this->present->figure(PlateFigure::Kind)?->shown() ?? '';
        $is = $this->offered->figure(PlateFigure::Kind)?->shown() ?? '';
        if ($is !== '' && $was !== $is) {
            $this->put(
                'Type of motor', str_replace('_', ' ', $was), str_replace('_', ' ', $is), self::STOP,
                'Another type of motor needs another starter.',
            );
        }
    }
}
