<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\TimeCurrent;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Fault\Bearing;
use BraveAnvil\Stations\Fault\FaultVerdict;
use BraveAnvil\Stations\Guard\Protection;

/** What must lie left and right of what, checked one by one. One that cannot be made says why. */
final readonly class TimeCurrentChecks
{
    private const TOLERANCE = 1e-6;

    /** Currents tried in each range. */
    private const TRIED = 60;

    /** @param  list<Bearing>  $bearings */
    public function __construct(private TimeCurrentPicture $picture, private Protection $protection, private array $bearings)
    {
    }

    /** @return list<TimeCurrentCheck> */
    public function rows(): array
    {
        return [$this->deviceHolds(), $this->relayHolds(), $this->rotor(), $this->takesOver(), $this->conductors()];
    }

    private function deviceHolds(): TimeCurrentCheck
    {
        $label = 'The '.Show::inside($this->picture->deviceName).' carries the start';
        $rung = $this->protection->rung;
        if ($rung === null) {
            return new TimeCurrentCheck($label, FaultVerdict::NotChecked, $this->protection->setting === null
                ? 'no standard rating is chosen'
                : 'a trip setting has no rating curve');
        }

        return match (true) {
            $this->protection->device !== null => new TimeCurrentCheck(
                $label, $rung->carries ? FaultVerdict::Passes : FaultVerdict::Fails, 'checked at the fast limit of its standard',
            ),
            $rung->carries => new TimeCurrentCheck($label, FaultVerdict::Asks, 'rule of thumb: carries it'),
            default => new TimeCurrentCheck($label, FaultVerdict::Asks, 'rule of thumb: may not carry it'),
        };
    }

    private function relayHolds(): TimeCurrentCheck
    {
        $pick = $this->protection->overload?->pick;

        return new TimeCurrentCheck('The overload relay allows the start', match ($pick?->holds) {
            null => FaultVerdict::NotChecked,
            true => FaultVerdict::Passes,
            false => FaultVerdict::Fails,
        }, $pick === null ? 'the start time is not known' : 'class '.$pick->class->value.
        ', from cold; a restart with a warm relay can trip');
    }

    private function rotor(): TimeCurrentCheck
    {
        $label = 'Relay trips before a locked rotor is damaged';
        $rotor = $this->picture->rotor;
        $relay = $this->picture->relay;
        if ($rotor === null || $relay === null) {
            return new TimeCurrentCheck($label, FaultVerdict::NotChecked, $relay === null
                ? 'no trip class is chosen' : 'enter the locked-rotor time');
        }
        $acts = $relay->acts($rotor->amperes);
        $says = ($acts === null ? 'it is not certain to trip' : 'trips within '.Duration::shown($acts)).'; the rotor withstands '.
            Duration::shown($rotor->seconds).
            ($rotor->usual ? ' (assumed)' : ' (nameplate)');
        $fails = $acts === null || $acts > $rotor->seconds * (1 + self::TOLERANCE);

        // What nobody stamped may be otherwise: it never decides.
        return new TimeCurrentCheck($label, match (true) {
            $fails && $rotor->usual => FaultVerdict::Asks,
            $fails => FaultVerdict::Fails,
            default => FaultVerdict::Passes,
        }, $says);
    }

    /** From which current on the device is sure to act before the relay, whose contactor cannot break a short circuit. */
    private function takesOver(): TimeCurrentCheck
    {
        $label = 'Device operates before the relay';
        $device = $this->picture->device;
        $relay = $this->picture->relay;
        if ($device === null || $relay === null || $device->asks !== '') {
            return new TimeCurrentCheck(
                $label, FaultVerdict::NotChecked, $relay === null ? 'no trip class is chosen' : 'its curve is not known',
            );
        }
        $from = $relay->lower[0][0];
        $to = $relay->lower[count($relay->lower) - 1][0];
        foreach (self::between($from, $to) as $amperes) {
            $acts = $device->acts($amperes);
            $holds = $relay->holds($amperes);
            if ($acts !== null && $holds !== null && $acts <= $holds) {
                return new TimeCurrentCheck(
                    $label, FaultVerdict::Told, 'certain above '.Show::quantity($amperes, Unit::Ampere, 2).
                        '; below that the contactor must be able to break the current',
                );
            }
        }

        return new TimeCurrentCheck(
            $label, FaultVerdict::Told, 'not certain up to '.Show::quantity($to, Unit::Ampere, 2).', where the class curve ends',
        );
    }

    private function conductors(): TimeCurrentCheck
    {
        $label = 'Device operates before a fault damages the conductors';
        $device = $this->protection->device;
        $smallest = $this->picture->smallest?->number();
        $largest = $this->picture->largest?->number();
        if ($device === null || $smallest === null || $largest === null || $this->bearings === []) {
            return new TimeCurrentCheck($label, FaultVerdict::NotChecked, match (true) {
                $this->bearings === [] || $smallest === null => 'the fault at the motor is not calculated',
                $device === null => 'its curve is not known',
                default => 'neither a fault level nor a transformer is entered',
            });
        }
        foreach (self::between(min($smallest, $largest), $largest) as $amperes) {
            $energy = $device->letsThrough($amperes);
            foreach ($this->bearings as $bearing) {
                if ($energy === null || $energy > $bearing->energy * (1 + self::TOLERANCE)) {
                    return new TimeCurrentCheck($label, FaultVerdict::Fails, $energy === null
                        ? 'at '.Show::quantity($amperes, Unit::Ampere, 3).' it is not certain to operate'
                        : 'the '.$bearing->name.' would not withstand '.Show::quantity($amperes, Unit::Ampere, 3));
                }
            }
        }

        return new TimeCurrentCheck(
            $label,
            $device->limitsEnergy() ? FaultVerdict::Passes : FaultVerdict::Told,
            'from '.Show::quantity(min($smallest, $largest), Unit::Ampere, 3).' to '.Show::quantity($largest, Unit::Ampere, 3).
            ($device->limitsEnergy() ? '' : '; a circuit-breaker takes longer near the supply, as in the check above'),
        );
    }

    /** @return list<float> currents from one to another, equally far apart on a logarithmic scale, A */
    private static function between(float $from, float $to): array
    {
        return array_map(
            static fn (int $i): float => $from * ($to / $from) ** ($i / self::TRIED),
            range(0, self::TRIED),
        );
    }
}
