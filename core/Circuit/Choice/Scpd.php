<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Devices that protect against a short circuit. */
enum Scpd: string implements Choice
{
    use Labelled;

    case BreakerB = 'breaker_b';
    case BreakerC = 'breaker_c';
    case BreakerD = 'breaker_d';
    case FuseGg = 'fuse_gg';
    case FuseAm = 'fuse_am';
    case MotorBreaker = 'motor_breaker';
    case FuseDualElement = 'fuse_dual_element';
    case FuseNonTimeDelay = 'fuse_non_time_delay';
    case BreakerInverseTime = 'breaker_inverse_time';
    case BreakerInstantaneous = 'breaker_instantaneous';

    private const LABELS = [
        'breaker_b' => 'MCB type B', 'breaker_c' => 'MCB type C', 'breaker_d' => 'MCB type D', 'fuse_gg' => 'gG fuse',
        'fuse_am' => 'aM fuse', 'motor_breaker' => 'Motor-protective circuit-breaker',
        'fuse_dual_element' => 'Dual-element (time-delay) fuse', 'fuse_non_time_delay' => 'Non-time-delay fuse',
        'breaker_inverse_time' => 'Inverse-time breaker', 'breaker_instantaneous' => 'Instantaneous-trip breaker',
    ];

    public function isFuse(): bool
    {
        return match ($this) {
            self::FuseGg, self::FuseAm, self::FuseDualElement, self::FuseNonTimeDelay => true,
            self::BreakerB, self::BreakerC, self::BreakerD, self::MotorBreaker, self::BreakerInverseTime,
            self::BreakerInstantaneous => false,
        };
    }

    /** Under the American books: a magnetic trip with a setting and no rating. */
    public function isInstantaneous(): bool
    {
        return $this === self::BreakerInstantaneous || $this === self::MotorBreaker;
    }
}
