<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Ground\Station;

/** The sections of the open format, in its order. */
enum Section: string
{
    case Supply = 'supply';
    case Plate = 'plate';
    case Load = 'load';
    case Bench = 'bench';
    case Measure = 'measure';
    case Windings = 'windings';
    case Starter = 'starter';
    case Cable = 'cable';
    case Guard = 'guard';
    case Correction = 'correction';
    case Upgrade = 'upgrade';
    case Settings = 'settings';
    case Logbook = 'logbook';

    /** Of a path such as `cable.length`; null for a field beside the sections. */
    public static function of(string $path): ?self
    {
        return self::tryFrom((string) strstr($path, '.', true));
    }

    /** Whether its fields serve a computation, so that one that nobody asks for is told. The rest of a plate is kept as it is stamped. */
    public function isComputedWith(): bool
    {
        return match ($this) {
            self::Plate, self::Bench, self::Logbook => false,
            self::Supply, self::Load, self::Measure, self::Windings, self::Starter, self::Cable, self::Guard, self::Correction,
            self::Upgrade, self::Settings => true,
        };
    }

    /** Whether a load on the bench has use for it. */
    public function servesBenchLoad(): bool
    {
        return match ($this) {
            self::Supply, self::Measure, self::Windings, self::Correction => true,
            self::Plate, self::Load, self::Bench, self::Starter, self::Cable, self::Guard, self::Upgrade, self::Settings,
            self::Logbook => false,
        };
    }

    /** The station that alone asks for its fields; null where several do. */
    public function station(): ?Station
    {
        return match ($this) {
            self::Starter => Station::Start, self::Cable => Station::Cable, self::Guard => Station::Guard,
            self::Correction => Station::Correct,
            self::Supply, self::Plate, self::Load, self::Bench, self::Measure, self::Windings, self::Upgrade, self::Settings,
            self::Logbook => null,
        };
    }

    /** Whether a value inside a section is a group or a list, and no plain text or number. */
    public static function isStructured(string $path): bool
    {
        $lists = [FieldKind::Points, FieldKind::Traits, FieldKind::LoadHours, FieldKind::EfficiencyPoints, FieldKind::Anything];

        return Fields::isGroup($path) || in_array(Fields::find($path)?->kind, $lists, true);
    }
}
