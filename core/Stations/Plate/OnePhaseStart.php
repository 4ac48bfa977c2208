<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\SinglePhaseType;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Parse\Typed;

/** How a single-phase motor makes the second field that starts it, as its plate says. */
final class OnePhaseStart
{
    /** Under this name tables hold what is usual while nobody tells. */
    public const NOT_KNOWN = 'not_known';

    private const WORDS = [
        'capacitor_start_run' => '~\bCAP(ACITOR)?[ .-]*START[ .,/&+-]*(CAP(ACITOR)?[ .-]*)?RUN\b|\bCS[ /-]?C?R\b|\bTWO[ -]VALUE CAP~',
        'permanent_capacitor' => '~\bPSC\b|\bPERMANENT[ -](SPLIT[ -])?CAP|\bCAP(ACITOR)?[ .-]*RUN\b~',
        'capacitor_start' => '~\bCAP(ACITOR)?[ .-]*START\b~',
        'split_phase' => '~\bSPLIT[ -]PHASE\b~',
    ];

    /** @return SinglePhaseType|null chosen, or by words and capacitors of the plate; null where neither tells */
    public static function type(Circuit $circuit): ?SinglePhaseType
    {
        $typed = $circuit->chosen('plate.single_phase_type', SinglePhaseType::class);
        if ($typed !== null || $circuit->bad('plate.single_phase_type')) {
            return $typed;
        }
        foreach (['plate.remarks', 'plate.type', 'plate.enclosure'] as $path) {
            $text = strtoupper(Typed::plain($circuit->stamped($path) ?? ''));
            foreach (self::WORDS as $type => $pattern) {
                if (preg_match($pattern, $text) === 1) {
                    return SinglePhaseType::from($type);
                }
            }
        }

        return match (true) {
            $circuit->isTyped('plate.start_capacitor') && $circuit->isTyped('plate.run_capacitor') => SinglePhaseType::CapacitorStartRun,
            $circuit->isTyped('plate.start_capacitor') => SinglePhaseType::CapacitorStart,
            $circuit->isTyped('plate.run_capacitor') => SinglePhaseType::PermanentCapacitor,
            default => null,
        };
    }

    /** The name under which tables hold what is usual for it. */
    public static function row(?SinglePhaseType $type): string
    {
        return $type->value ?? self::NOT_KNOWN;
    }

    /** Whether a capacitor is in circuit while it runs, as far as the plate tells. */
    public static function hasRunCapacitor(Circuit $circuit): bool
    {
        return self::type($circuit)?->hasRunCapacitor() ?? $circuit->isTyped('plate.run_capacitor');
    }
}
