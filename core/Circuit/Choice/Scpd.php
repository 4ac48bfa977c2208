<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Devices that protect against a short circuit. */
enum Scpd: string implements Choice
{
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

    public function label(Words $words): string
    {
        return match ($this) {
            self::BreakerB => 'MCB type B',
            self::BreakerC => 'MCB type C',
            self::BreakerD => 'MCB type D',
            self::FuseGg => 'gG fuse',
            self::FuseAm => 'aM fuse',
            self::MotorBreaker => 'Motor-protective circuit-breaker',
            self::FuseDualElement => 'Dual-element (time-delay) fuse',
            self::FuseNonTimeDelay => 'Non-time-delay fuse',
            self::BreakerInverseTime => 'Inverse-time breaker',
            self::BreakerInstantaneous => 'Instantaneous-trip breaker',
        };
    }
}
