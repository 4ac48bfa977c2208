<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\TimeCurrent;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Fault\FaultVerdict;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Stations\Guard\TraceKind;

/** The time-current picture as it is drawn, with what is read off at each current. */
final readonly class TimeCurrentCurve implements Curve
{
    /** Currents at which the picture can be read off. */
    private const READINGS = 48;

    /** s that the picture begins and ends at. */
    private const FROM_S = 0.01;

    private const TO_S = 10000.0;

    /**
     * @param  list<TimeCurrentCheck>  $checks
     * @param  float  $running  in the line, A
     */
    public function __construct(private TimeCurrentPicture $picture, private array $checks, private float $running)
    {
    }

    public function name(): string
    {
        return 'time_current';
    }

    public function toArray(): array
    {
        $picture = $this->picture;
        [$from, $to] = $this->amperes();

        return [
            'amperes' => [$from, $to], 'seconds' => [self::FROM_S, self::TO_S],
            'device' => self::band($picture->deviceName, $picture->device),
            'setting' => Shown::figure($picture->setting)?->toArray(),
            'relay' => self::band($picture->relayName, $picture->relay),
            'feeder' => $picture->feeder === null ? null : self::band($picture->feederName, $picture->feeder),
            'traces' => array_map(static fn (Trace $trace): array => [
                'kind' => $trace->kind->value, 'name' => $trace->name,
                'points' => self::points(array_values(array_filter($trace->points, static fn (array $at): bool => self::isDrawn($at[0])))),
            ], $picture->traces),
            'first_peak' => Shown::of($picture->firstPeak, Unit::Ampere)->toArray(),
            'rotor' => $picture->rotor === null ? null : [
                'amperes' => Shown::of($picture->rotor->amperes, Unit::Ampere)->toArray(),
                'seconds' => Shown::of($picture->rotor->seconds, Unit::Second)->toArray(),
                'usual' => $picture->rotor->usual,
            ],
            'smallest' => Shown::figure($picture->smallest)?->toArray(),
            'largest' => Shown::figure($picture->largest)?->toArray(),
            'readings' => $this->readings($from, $to),
            'checks' => array_map(static fn (TimeCurrentCheck $check): array => [
                'label' => $check->label, 'verdict' => $check->verdict->value, 'why' => $check->why,
            ], $this->checks),
        ];
    }

    /** @return array{float, float} currents that the picture begins and ends at: a little beyond all that is in it, A */
    private function amperes(): array
    {
        $all = [$this->running, $this->picture->firstPeak];
        foreach ($this->picture->traces as $trace) {
            array_push($all, ...array_column($trace->points, 0));
        }
        $figures = array_filter([$this->picture->smallest, $this->picture->largest, $this->picture->setting]);
        array_push($all, ...array_map(static fn (Figure $figure): float => $figure->number(), $figures));
        foreach (array_filter([$this->picture->device, $this->picture->relay, $this->picture->feeder]) as $band) {
            array_push($all, ...array_column($band->upper, 0), ...array_column($band->lower, 0));
        }

        $all = array_filter($all, self::isDrawn(...));
        if ($all === []) {
            return [1.0, 10.0];
        }

        return [self::step(min($all) / 1.3, false), self::step(max($all) * 1.2, true)];
    }

    /**
     * Whether a current has a place on a scale of powers: in the gap of an open changeover there is none.
     *
     * @param  float  $amperes  A
     */
    private static function isDrawn(float $amperes): bool
    {
        return $amperes > 0;
    }

    /** The next of 1, 2 and 5 times a power of ten. */
    private static function step(float $amperes, bool $up): float
    {
        $power = 10 ** floor(log10($amperes));
        $steps = array_map(static fn (int $step): float => $step * $power, [1, 2, 5, 10]);
        $steps = $up
            ? array_filter($steps, static fn (float $step): bool => $step >= $amperes * (1 - 1e-9))
            : array_filter($steps, static fn (float $step): bool => $step <= $amperes * (1 + 1e-9));

        return $steps === [] ? $amperes : ($up ? min($steps) : max($steps));
    }

    /** @return array{name: string, asks: string, lower: list<array{float, float}>, upper: list<array{float, float}>} */
    private static function band(string $name, ?Band $band): array
    {
        return [
            'name' => $name, 'asks' => $band === null ? '' : $band->asks, 'lower' => self::points($band === null ? [] : $band->lower),
            'upper' => self::points($band === null ? [] : $band->upper),
        ];
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function points(array $points): array
    {
        return array_map(static fn (array $point): array => [round($point[0], 2), round($point[1], 4)], $points);
    }

    /** @return list<array{amperes: array{value: float, shown: string}, says: list<array{name: string, text: string}>}> */
    private function readings(float $from, float $to): array
    {
        $readings = [];
        for ($i = 0; $i <= self::READINGS; $i++) {
            $amperes = $from * ($to / $from) ** ($i / self::READINGS);
            $says = [
                ['name' => $this->picture->deviceName, 'text' => self::acting($this->picture->device, $amperes)],
                ['name' => 'Overload relay', 'text' => self::acting($this->picture->relay, $amperes)],
            ];
            foreach ($this->picture->traces as $trace) {
                $says[] = ['name' => $trace->name, 'text' => self::traced($trace, $amperes)];
            }
            if ($this->picture->feeder !== null) {
                $says[] = ['name' => $this->picture->feederName, 'text' => self::acting($this->picture->feeder, $amperes)];
            }
            $readings[] = ['amperes' => Shown::of($amperes, Unit::Ampere, 2)->toArray(), 'says' => $says];
        }

        return $readings;
    }

    private static function acting(?Band $band, float $amperes): string
    {
        if ($band === null) {
            return 'not known';
        }
        $holds = $band->holds($amperes);
        $acts = $band->acts($amperes);

        return match (true) {
            $acts === null && $holds === null => 'check with the manufacturer',
            $acts === null => 'carries it for at least '.Duration::shown($holds).'; need not trip',
            $holds === null || $holds <= 0 => 'trips within '.Duration::shown($acts),
            default => 'trips in '.Duration::shown($holds).' to '.Duration::shown($acts),
        };
    }

    private static function traced(Trace $trace, float $amperes): string
    {
        if ($trace->kind === TraceKind::Start || $trace->kind === TraceKind::StartAtRelay) {
            $until = 0.0;
            foreach ($trace->points as [$flows, $seconds]) {
                $until = $flows >= $amperes ? max($until, $seconds) : $until;
            }

            return match (true) {
                $until >= self::TO_S => 'running current',
                $until > 0 => 'above it for '.Duration::shown($until),
                default => 'stays below it',
            };
        }
        [[$first, $longest]] = $trace->points;
        $seconds = $longest * ($first / $amperes) ** 2;

        return $seconds >= $longest ? 'withstood for more than '.Duration::shown($longest) : 'withstood for '.Duration::shown($seconds);
    }

    public static function schema(): array
    {
        $points = Shape::list(Shape::list(Shape::number()));
        $band = Shape::object(
            ['name' => Shape::text(), 'asks' => Shape::text(), 'lower' => $points, 'upper' => $points], 'TimeCurrentBand',
        );
        $shown = Shape::orNull(Shape::shown());

        return Shape::object([
            'amperes' => Shape::list(Shape::number()), 'seconds' => Shape::list(Shape::number()),
            'device' => $band, 'setting' => $shown, 'relay' => $band, 'feeder' => Shape::orNull($band),
            'traces' => Shape::list(Shape::object([
                'kind' => Shape::oneOf(array_column(TraceKind::cases(), 'value')), 'name' => Shape::text(), 'points' => $points,
            ], 'TimeCurrentTrace')),
            'first_peak' => Shape::shown(),
            'rotor' => Shape::orNull(Shape::object([
                'amperes' => Shape::shown(), 'seconds' => Shape::shown(), 'usual' => Shape::flag(),
            ], 'TimeCurrentRotor')),
            'smallest' => $shown, 'largest' => $shown,
            'readings' => Shape::list(Shape::object([
                'amperes' => Shape::shown(),
                'says' => Shape::list(Shape::object(['name' => Shape::text(), 'text' => Shape::text()], 'TimeCurrentSaying')),
            ], 'TimeCurrentReading')),
            'checks' => Shape::list(Shape::object([
                'label' => Shape::text(), 'verdict' => Shape::oneOf(array_column(FaultVerdict::cases(), 'value')), 'why' => Shape::text(),
            ], 'TimeCurrentCheck')),
        ], 'TimeCurrentCurve', 'Device, relay, start, rotor and conductors over current and time.');
    }
}
