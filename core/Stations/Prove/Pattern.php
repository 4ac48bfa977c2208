<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

/** A shape of several values that one fault has and the healthy thing has not. A fact of the readings, not yet a cause. */
enum Pattern: string
{
    case LowWinding = 'low_winding';
    case HighWinding = 'high_winding';
    case OpenWinding = 'open_winding';
    case LostPhase = 'lost_phase';
    case BlownFuse = 'blown_fuse';
    case OneElementDead = 'one_element_dead';
    case TwoElementsDead = 'two_elements_dead';
    case WrongSize = 'wrong_size';
    case NotConnected = 'not_connected';

    public function words(): string
    {
        return match ($this) {
            self::LowWinding => 'one winding low',
            self::HighWinding => 'one winding high',
            self::OpenWinding => 'one winding open',
            self::LostPhase => 'a line without current',
            self::BlownFuse => 'a blown capacitor fuse',
            self::OneElementDead => 'one capacitor element failed',
            self::TwoElementsDead => 'two capacitor elements failed',
            self::WrongSize => 'a capacitor of another size',
            self::NotConnected => 'the capacitor not connected',
        };
    }
}
