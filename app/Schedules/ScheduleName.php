<?php

declare(strict_types=1);

namespace App\Schedules;

/** The schedules of a site. */
enum ScheduleName: string
{
    case Motors = 'motors';
    case Cables = 'cables';
    case Settings = 'settings';
    case Capacitors = 'capacitors';

    public function title(): string
    {
        return match ($this) {
            self::Motors => 'Motor schedule', self::Cables => 'Cable schedule', self::Settings => 'Protection settings',
            self::Capacitors => 'Capacitor schedule',
        };
    }

    /** @return array<string, string> heads by what stands below: `field:` and a path, or the key of a figure */
    public function columns(): array
    {
        return ['field:tag' => 'Tag', 'field:drives' => 'Drives', 'field:area' => 'Area'] + match ($this) {
            self::Motors => [
                'plate.output' => 'Output', 'field:plate.voltage' => 'Voltage', 'plate.connection' => 'Connection',
                'plate.current' => 'Current', 'plate.speed' => 'Speed', 'plate.efficiency' => 'Efficiency',
                'plate.power_factor' => 'cos φ', 'field:plate.duty' => 'Duty', 'field:plate.ip' => 'IP', 'field:plate.frame' => 'Frame',
                'field:plate.serial' => 'Serial', 'start.method' => 'Start',
            ],
            self::Cables => [
                'cable.size' => 'To the motor', 'cable.conductors' => 'Conductors', 'field:cable.length' => 'Length',
                'cable.ampacity' => 'Bears', 'cable.required_ampacity' => 'Wanted', 'cable.total_drop' => 'Drop',
                'cable.total_starting_drop' => 'Drop starting', 'cable.protective_size' => 'Protective',
                'cable.line_size' => 'To the starter',
                'field:cable.insulation' => 'Insulation', 'field:cable.method' => 'Method',
            ],
            self::Settings => [
                'guard.scpd' => 'Device', 'guard.scpd_rating' => 'Rating', 'guard.instantaneous_setting' => 'Trips at once',
                'guard.overload_dial' => 'Dial', 'guard.overload_class' => 'Class', 'guard.overload_place' => 'Relay',
                'field:starter.changeover.value' => 'Changeover', 'start.timer_first' => 'Timer from', 'start.timer_last' => 'Timer to',
                'guard.disconnect_size' => 'Disconnect', 'guard.prospective_current' => 'Fault current',
            ],
            self::Capacitors => [
                'correct.capacitor_rating' => 'Capacitor', 'correct.rated_voltage' => 'Rated for', 'field:correction.place' => 'Place',
                'correct.capacitor_current' => 'Current', 'correct.conductor_size' => 'Conductor', 'correct.fuse_rating' => 'Fuse',
                'correct.discharge_limit' => 'Discharge', 'correct.load_corrected_power_factor' => 'cos φ with it',
            ],
        };
    }

    /** Of circuits that this schedule leaves out: the figure that they lack. */
    public function wants(): ?string
    {
        return $this === self::Capacitors ? 'correct.capacitor_rating' : null;
    }
}
