<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Choice\Line;
use BraveAnvil\Circuit\Choice\LinePair;
use BraveAnvil\Circuit\Choice\Sense;
use BraveAnvil\Circuit\Choice\Sequence;
use BraveAnvil\Circuit\Choice\VoltageCoil;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;

/**
 * One and three wattmeters, and the angle of a line voltage against a line current. A line voltage stands 30° or 90° off the
 * phase voltage of its line; which way depends on the pair, the line and the sequence.
 */
final class Wattmeters
{
    /**
     * By how much a line voltage is ahead of the phase voltage of a line, degrees from −180 to 180.
     *
     * @param  string  $pair  `12` from line 1 to line 2
     * @param  string  $sequence  `123` or `132`
     */
    public static function ahead(string $pair, string $line, string $sequence): float
    {
        $turn = $sequence === Sequence::Backward->value ? 1 : -1;
        $angle = static fn (string $phase): float => $turn * 120.0 * ((int) $phase - 1);
        $from = deg2rad($angle($pair[0]));
        $to = deg2rad($angle($pair[1]));

        return self::turned(rad2deg(atan2(sin($from) - sin($to), cos($from) - cos($to))) - $angle($line));
    }

    private static function turned(float $degrees): float
    {
        return round($degrees - 360 * round($degrees / 360), 9);
    }

    public static function lineAngle(PowerReading $reading): void
    {
        $three = $reading->threePhase;
        $reading->wanted(
            'measure.volts_12', 'measure.amps_1', 'measure.angle',
            ...$three ? ['measure.pair', 'measure.line', 'measure.sequence'] : [],
        );
        $circuit = $reading->circuit;
        $shown = $circuit->number('measure.angle');
        $pair = $circuit->chosen('measure.pair', LinePair::class)?->value;
        $line = $circuit->chosen('measure.line', Line::class)?->value;
        $sequence = $circuit->chosen('measure.sequence', Sequence::class)?->value;
        $apparent = $reading->apparent();
        if ($shown === null || $apparent === null || ($three && ($pair === null || $line === null || $sequence === null))) {
            return;
        }
        $ahead = $pair !== null && $line !== null && $sequence !== null && $three ? self::ahead($pair, $line, $sequence) : 0.0;
        $phi = self::turned($shown->number() - $ahead);
        if (abs($phi) > 90 + 1e-6) {
            $reading->ledger->error(
                'measure.angle',
                'The current would lag its own phase voltage by '.Show::number($phi, 4).'°: power would flow backwards.',
                'Check the voltage pair, the line, the phase sequence and the direction of the clamp.',
            );

            return;
        }
        $angle = $reading->ledger
            ->work(MeasuredFigure::Angle)
            ->from(a: $shown)
            ->as('θ − offset of the line voltage', '{a} − '.Show::number($ahead).'°')
            ->equals($phi)
            ->source($three ? 'line L'.$line.' against V'.$pair.', sequence '.$sequence : 'definition')
            ->write();
        $reading->fromAngle($apparent, $angle);
    }

    public static function one(PowerReading $reading): void
    {
        $three = $reading->threePhase;
        $circuit = $reading->circuit;
        $coil = $three ? $circuit->chosen('measure.wattmeter', VoltageCoil::class) : VoltageCoil::Neutral;
        $reading->wanted('measure.watts', ...($three ? ['measure.wattmeter'] : []));
        $watts = $circuit->number('measure.watts');
        if ($watts === null || $coil === null) {
            return;
        }
        if ($coil === VoltageCoil::Neutral) {
            $real = $three
                ? ($reading->real = $reading->ledger
                    ->work(MeasuredFigure::Real)
                    ->from(W: $watts)
                    ->as('3 W', '3 × {W}')
                    ->equals(3 * $watts->number())
                    ->source('balanced load, voltage coil to neutral')
                    ->write())
                : $reading->measuredReal($watts);
            $reading->split($real, $reading->apparent(), 'measure.watts');

            return;
        }
        $line = $circuit->chosen('measure.line', Line::class);
        $sequence = $circuit->chosen('measure.sequence', Sequence::class);
        $pair = $coil === VoltageCoil::OtherLines ? self::others($line) : $circuit->chosen('measure.pair', LinePair::class);
        $reading->wanted('measure.line', 'measure.sequence', ...($coil === VoltageCoil::Pair ? ['measure.pair'] : []));
        if ($line === null || $sequence === null || $pair === null) {
            return;
        }
        $ahead = self::ahead($pair->value, $line->value, $sequence->value);
        if (abs(abs($ahead) - 90) < 1e-6) {
            self::varmeter($reading, $watts, $ahead);

            return;
        }
        $reading->wanted('measure.volts_12', 'measure.amps_1');
        $apparent = $reading->apparent();
        if ($apparent !== null) {
            self::pair($reading, $watts, $apparent, $ahead, $pair->value, $line->value);
        }
    }

    /** The two lines that do not carry the current coil, in the order that goes round. */
    private static function others(?Line $line): ?LinePair
    {
        return match ($line) {
            Line::One => LinePair::TwoThree, Line::Two => LinePair::ThreeOne, Line::Three => LinePair::OneTwo, null => null,
        };
    }

    /** The voltage coil stands across: the meter shows reactive power. */
    private static function varmeter(PowerReading $reading, Figure $watts, float $ahead): void
    {
        $apparent = $reading->apparent();
        $sign = $ahead < 0 ? '' : '−';
        $reactive = $reading->reactive = $reading->ledger
            ->work(MeasuredFigure::Reactive)
            ->from(W: $watts)
            ->as($sign.'√3 W', $sign.'√3 × {W}')
            ->equals(($ahead < 0 ? 1 : -1) * sqrt(3) * $watts->number())
            ->source('balanced load, voltage coil on the two other lines')
            ->write();
        if ($apparent === null) {
            return;
        }
        if (abs($reactive->number()) > PowerReading::SLACK * $apparent->number()) {
            $reading->ledger->error(
                'measure.watts',
                'Reactive power would be '.$reactive->shown().', more than volts times amperes, '.$apparent->shown().'.',
                'Read again at the same time, and check the range of the meter.',
            );

            return;
        }
        $real = $reading->real = $reading->ledger
            ->work(MeasuredFigure::Real)
            ->from(S: $apparent, Q: $reactive)
            ->as('√(S² − Q²)', '√({S}² − {Q}²)')
            ->equals(sqrt(max(0.0, $apparent->number() ** 2 - $reactive->number() ** 2)))
            ->write();
        $factor = $reading->ledger
            ->work(MeasuredFigure::PowerFactor)
            ->from(P: $real, S: $apparent)
            ->as('P / S', '{P} ÷ {S}')
            ->equals($real->number() / $apparent->number())
            ->write();
        $reading->signedAngleOf($factor, $reactive->number() < 0);
    }

    /** W = V I cos(φ + offset), and V I is the apparent power over √3. */
    private static function pair(PowerReading $reading, Figure $watts, Figure $apparent, float $ahead, string $pair, string $line): void
    {
        $cosine = $watts->number() / ($apparent->number() / sqrt(3));
        if (abs($cosine) > PowerReading::SLACK) {
            $reading->ledger->error(
                'measure.watts',
                $watts->shown().' is more than volts times amperes.',
                'Read voltage, current and power again at the same time.',
            );

            return;
        }
        $theta = rad2deg(acos(max(-1.0, min(1.0, $cosine))));
        $found = array_values(
            array_unique(
                array_filter(
                    [self::turned($theta - $ahead), self::turned(-$theta - $ahead)],
                    static fn (float $phi): bool => abs($phi) <= 90.5,
                ),
            ),
        );
        $sense = $reading->circuit->chosen('measure.sense', Sense::class);
        if (count($found) > 1 && $sense !== null) {
            $found = array_values(
                array_filter($found, static fn (float $phi): bool => $sense === Sense::Lagging ? $phi >= -0.5 : $phi <= 0.5),
            );
        }
        if ($found === []) {
            $reading->ledger->error(
                'measure.watts',
                'No power factor between 0 and 1 gives this reading on V'.$pair.' with the current of L'.$line.'.',
                'Check the voltage pair, the line, the phase sequence, the sign, and lagging or leading.',
            );

            return;
        }
        if (count($found) > 1) {
            self::twoAnswers($reading, $found[0], $found[1]);

            return;
        }
        $phi = max(-90.0, min(90.0, $found[0]));
        $angle = $reading->ledger
            ->work(MeasuredFigure::Angle)
            ->from(W: $watts, S: $apparent)
            ->as(
                '±arccos(W / (V I)) − offset',
                'arccos('.
                    Show::number($cosine).
                    ') = '.
                    Show::number($theta).
                    '°, V'.
                    $pair.
                    ' is '.
                    Show::number($ahead, 4).
                    '° ahead of V'.
                    $line.
                    'N',
            )
            ->equals($phi)
            ->source('balanced load')
            ->write();
        $reading->fromAngle($apparent, $angle);
    }

    private static function twoAnswers(PowerReading $reading, float $one, float $two): void
    {
        $reading->ledger->missing(
            'measure.sense',
            'Two results are possible, cos φ '.Show::number(cos(deg2rad($one)), 3).' and '.Show::number(cos(deg2rad($two)), 3).
            '. Enter whether the current lags or leads. If both results agree with that, read a second voltage pair.',
        );
        $other = abs($one) > abs($two) ? $one : $two;
        $reading->ledger->note(MeasuredFinding::TwoAnswers)->title('Two results are possible from this reading')
            ->because('The angle may be '.Show::number($one, 3).'° or '.Show::number($two, 3).'°.')
            ->do(
                'Enter whether the current lags or leads. If that does not decide it, read the other voltage pair too. '.
                Show::number($other, 3).'° is the poorer power factor.',
            )
            ->source(HowKnown::Definition)
            ->about('measure.sense');
    }

    public static function three(PowerReading $reading): void
    {
        $reading->wanted('measure.watts_1', 'measure.watts_2', 'measure.watts_3');
        $circuit = $reading->circuit;
        $watts = [$circuit->number('measure.watts_1'), $circuit->number('measure.watts_2'), $circuit->number('measure.watts_3')];
        if ($watts[0] === null || $watts[1] === null || $watts[2] === null) {
            return;
        }
        $real = $reading->real = $reading->ledger->work(MeasuredFigure::Real)->from(w1: $watts[0], w2: $watts[1], w3: $watts[2])
            ->as('W1 + W2 + W3', '{w1} + {w2} + {w3}')->equals($watts[0]->number() + $watts[1]->number() + $watts[2]->number())
            ->source('three wattmeters to neutral; holds for any load')->write();
        $phases = [];
        $total = 0.0;
        foreach (['1' => $watts[0], '2' => $watts[1], '3' => $watts[2]] as $line => $own) {
            $apparent = self::phase($reading, (string) $line, $own);
            if ($apparent === false) {
                return;
            }
            if ($apparent !== null) {
                $phases['s'.$line] = $apparent;
                $total += $apparent->number();
            }
        }
        if (count($phases) === 3) {
            $apparent = $reading->ledger
                ->work(MeasuredFigure::Apparent)
                ->from(...$phases)
                ->as('S1 + S2 + S3', '{s1} + {s2} + {s3}')
                ->equals($total)
                ->source('arithmetic sum of the phases')
                ->write();
            $reading->split($real, $apparent, 'measure.watts_1');
        }
    }

    /**
     * Apparent power of one line, VA; null where its volts or amperes are not read, false where they contradict its watts.
     *
     * @param  string  $line  1, 2 or 3
     */
    private static function phase(PowerReading $reading, string $line, Figure $watts): Figure|false|null
    {
        [$volts, $amps, $apparentName, $factorName, $path] = match ($line) {
            '1' => ['measure.phase_volts_1', 'measure.amps_1', MeasuredFigure::Apparent1, MeasuredFigure::PowerFactor1, 'measure.watts_1'],
            '2' => ['measure.phase_volts_2', 'measure.amps_2', MeasuredFigure::Apparent2, MeasuredFigure::PowerFactor2, 'measure.watts_2'],
            default => [
                'measure.phase_volts_3', 'measure.amps_3', MeasuredFigure::Apparent3, MeasuredFigure::PowerFactor3, 'measure.watts_3',
            ],
        };
        $volts = $reading->circuit->number($volts);
        $amps = $reading->circuit->number($amps);
        if ($volts === null || $amps === null || $amps->number() <= 0) {
            return null;
        }
        $apparent = $reading->ledger
            ->work($apparentName)
            ->from(V: $volts, I: $amps)
            ->as('V I', '{V} × {I}')
            ->equals($volts->number() * $amps->number())
            ->write();
        if (abs($watts->number()) > PowerReading::SLACK * $apparent->number()) {
            $reading->ledger->error($path, 'Real power above volts times amperes in L'.$line.'.', 'Read them again at the same time.');

            return false;
        }
        $reading->ledger->work($factorName)->from(P: $watts, S: $apparent)->as('P / S', '|{P}| ÷ {S}')
            ->equals(min(1.0, abs($watts->number()) / $apparent->number()))->write();

        return $apparent;
    }
}
