<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** How a motor for one phase makes the second field that starts it. */
enum SinglePhaseType: string implements Choice
{
    use Labelled;

    case SplitPhase = 'split_phase';
    case CapacitorStart = 'capacitor_start';
    case PermanentCapacitor = 'permanent_capacitor';
    case CapacitorStartRun = 'capacitor_start_run';

    private const LABELS = [
        'split_phase' => 'Split phase', 'capacitor_start' => 'Capacitor start', 'permanent_capacitor' => 'Permanent capacitor',
        'capacitor_start_run' => 'Capacitor start, capacitor run',
    ];

    /** Whether a capacitor stays in circuit while it runs. */
    public function hasRunCapacitor(): bool
    {
        return $this === self::PermanentCapacitor || $this === self::CapacitorStartRun;
    }

    /** Whether a capacitor is in circuit for the seconds of the start only. */
    public function hasStartCapacitor(): bool
    {
        return $this === self::CapacitorStart || $this === self::CapacitorStartRun;
    }

    /** Whether a switch or relay takes something off once it turns. */
    public function hasStartSwitch(): bool
    {
        return $this !== self::PermanentCapacitor;
    }
}
