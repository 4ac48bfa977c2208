<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Replace;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Plate\Frame;
use BraveAnvil\Stations\Plate\Mounting;
use BraveAnvil\Stations\Plate\PlateFinding;

/** Whether the motor that is offered stands, turns and lasts where the other stood. */
final readonly class Place
{
    public function __construct(private Motors $motors)
    {
    }

    public function frame(): Point
    {
        [$was, $is] = $this->motors->stamped('frame');
        $a = Frame::of($was, $this->motors->book?->metricFrames() ?? true, $this->motors->stamps);
        $b = Frame::of($is, $this->motors->book?->metricFrames() ?? true, $this->motors->stamps);
        if ($was === '' || $is === '' || $a === null || $b === null) {
            return new Point(
                'Frame', $was, $is,
                $was !== '' && $was === $is ? FitVerdict::Equal : FitVerdict::Unknown,
                $was === $is && $was !== '' ? '' : 'Measure shaft height, feet and shaft of both motors.',
            );
        }
        $higher = $b->height - $a->height;
        if (abs($higher) > 0.5) {
            return new Point(
                'Frame', $was, $is,
                $higher > 0 ? FitVerdict::Stop : FitVerdict::Caution,
                $higher > 0
                    ? 'Its shaft is '.Show::number($higher, 3).' mm higher: the coupling cannot be aligned on this base.'
                    : 'Its shaft is '.Show::number(-$higher, 3).' mm lower: shims of that height, and other feet.',
            );
        }
        if (
            $a->feet !== null &&
            $b->feet !== null &&
            (abs($a->feet['across'] - $b->feet['across']) > 0.5 || abs($a->feet['along'] - $b->feet['along']) > 0.5)
        ) {
            return new Point(
                'Frame', $was, $is, FitVerdict::Caution,
                'Same height, other feet: '.Show::number($b->feet['across'], 4).' × '.Show::number($b->feet['along'], 4).' mm instead of '.
                Show::number($a->feet['across'], 4).' × '.Show::number($a->feet['along'], 4).' mm. Drill new holes or use slide rails.',
            );
        }
        if ($a->shaft !== null && $b->shaft !== null && abs($a->shaft - $b->shaft) > 0.05) {
            return new Point(
                'Frame', $was, $is, FitVerdict::Caution,
                'Other shaft: '.Show::number($b->shaft, 5).' mm instead of '.Show::number($a->shaft, 5).
                ' mm. The coupling or pulley must be bored again.',
            );
        }
        if ($a->suffix !== $b->suffix) {
            return new Point('Frame', $was, $is, FitVerdict::Caution, 'Same height; the suffix differs. Check shaft and face.');
        }

        return new Point('Frame', $was, $is, FitVerdict::Equal, 'Feet and shaft by the standard; shafts of two-pole motors differ.');
    }

    public function mounting(): Point
    {
        [$was, $is] = $this->motors->stamped('mounting');
        if ($was === '' || $is === '') {
            return new Point('Mounting', $was, $is, FitVerdict::Unknown);
        }

        return Mounting::bare($was) === Mounting::bare($is)
            ? new Point('Mounting', $was, $is, FitVerdict::Equal)
            : new Point('Mounting', $was, $is, FitVerdict::Stop, 'Feet, flange or shaft direction differ: it may not fit mechanically.');
    }

    public function duty(): Point
    {
        [$was, $is] = $this->motors->stamped('duty');
        if ($was === '' || $is === '') {
            return new Point('Duty', $was, $is, FitVerdict::Unknown);
        }
        $read = static fn (Solution $s): string => $s->read['plate.duty'] ?? '';
        $first = static fn (Solution $s): string => (string) strtok($read($s), ',');
        $a = $first($this->motors->present);
        $b = $first($this->motors->offered);

        return new Point(
            'Duty', $was, $is,
            match (true) {
                $read($this->motors->present) === $read($this->motors->offered) => FitVerdict::Equal,
                $b === 'S1' && $a !== '' => FitVerdict::Better,
                $a === 'S1' && $b !== '' => FitVerdict::Stop,
                $b === '' || $a === '' => FitVerdict::Unknown,
                default => FitVerdict::Caution,
            },
            match (true) {
                $a === 'S1' && $b !== 'S1' && $b !== '' => 'Rated for duty with rest periods; it would overheat in continuous duty.',
                $b === 'S1' && $a !== 'S1' => 'Rated for continuous duty.',
                $a !== $b => 'Other duty: compare the cycle and the number of starts.',
                default => '',
            },
        );
    }

    public function ambient(): Point
    {
        $codes = [PlateFinding::AmbientAboveRating, PlateFinding::AltitudeAboveRating];
        $hot = Motors::finding($this->motors->offered, ...$codes);
        $shown = array_map(static fn (string $text): string => $text === '' ? '40 °C usual' : $text, $this->motors->stamped('ambient'));

        return new Point(
            'Ambient and altitude', $shown[0], $shown[1],
            match (true) {
                $hot !== null => $hot->grade === Grade::Stop ? FitVerdict::Stop : FitVerdict::Caution,
                Motors::finding($this->motors->present, ...$codes) !== null => FitVerdict::Better,
                default => FitVerdict::Equal,
            },
            $hot->text ?? '',
        );
    }

    public function protection(): Point
    {
        [$was, $is] = $this->motors->stamped('ip');
        $digits = static fn (string $code): ?array => preg_match('/^(?:IP)?\s*([0-6])\s*([0-9])/', $code, $m) === 1
            ? [(int) $m[1], (int) $m[2]]
            : null;
        $a = $digits($was);
        $b = $digits($is);
        if ($a === null || $b === null) {
            return new Point('Degree of protection', $was, $is, FitVerdict::Unknown);
        }
        $place = Motors::finding($this->motors->offered, PlateFinding::ProtectionTooLow);
        $less = $b[0] < $a[0] || $b[1] < $a[1];

        return new Point('Degree of protection', $was, $is, match (true) {
            $place !== null => FitVerdict::Stop,
            $less => FitVerdict::Caution,
            $b === $a => FitVerdict::Equal,
            default => FitVerdict::Better,
        }, $place->text ?? ($less ? 'Lower degree of protection than the installed motor.' : ''));
    }
}
