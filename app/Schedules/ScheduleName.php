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
        return [
            'field:tag' => 'Tag', 'field:drives' => 'Driven machine', 'field:area' => 'Area', 'field:supply.board.tag' => 'Board',
        ] + match ($this) {
            self::Motors => [
                'plate.output' => 'Output', 'field:plate.voltage' => 'Voltage', 'plate.connection' => 'Connection',
                'plate.current' => 'Current', 'plate.speed' => 'Speed', 'plate.efficiency' => 'Efficiency',
                'plate.power_factor' => 'cos φ', 'field:plate.duty' => 'Duty', 'field:plate.ip' => 'IP', 'field:plate.frame' => 'Frame',
                'field:plate.serial' => 'Serial number', 'start.method' => 'Starting method',
            ],
            self::Cables => [
                'cable.size' => 'To the motor', 'cable.conductors' => 'Conductors', 'field:cable.length' => 'Length',
                'cable.ampacity' => 'Current-carrying capacity', 'cable.required_ampacity' => 'Required', 'cable.total_drop' => 'Drop',
                'cable.total_starting_drop' => 'Drop, starting', 'cable.protective_size' => 'Protective conductor',
                'cable.line_size' => 'To the starter',
                'field:cable.insulation' => 'Insulation', 'field:cable.method' => 'Installation method',
            ],
            self::Settings => [
                'guard.scpd' => 'Device', 'guard.scpd_rating' => 'Rating', 'guard.instantaneous_setting' => 'Instantaneous trip',
                'guard.overload_dial' => 'Overload setting', 'guard.overload_class' => 'Trip class',
                'guard.overload_place' => 'Relay position',
                'field:starter.changeover.value' => 'Changeover', 'start.timer_first' => 'Timer min', 'start.timer_last' => 'Timer max',
                'guard.disconnect_size' => 'Disconnect', 'guard.prospective_current' => 'Prospective short-circuit current',
            ],
            self::Capacitors => [
                'correct.capacitor_rating' => 'Capacitor', 'correct.rated_voltage' => 'Rated voltage',
                'field:correction.place' => 'Position',
                'correct.capacitor_current' => 'Current', 'correct.conductor_size' => 'Conductor', 'correct.fuse_rating' => 'Fuse',
                'correct.discharge_limit' => 'Discharge time', 'correct.load_corrected_power_factor' => 'cos φ corrected',
            ],
        };
    }

    /** Of circuits that this schedule leaves out: the figure that they lack. */
    public function wants(): ?string
    {
        return $this === self::Capacitors ? 'correct.capacitor_rating' : null;
    }
}
