<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Guard\DeviceDuty;
use BraveAnvil\Guard\ScpdChoice;
use BraveAnvil\RuleBook\DeviceRules;

/** The smallest device that carries the load and the start (procedure I2). */
final readonly class IecDevices implements DeviceRules
{
    public function __construct(private FuseChoice $fuses, private BreakerChoice $breakers)
    {
    }

    public function usual(): Scpd
    {
        return Scpd::FuseGg;
    }

    public function known(): array
    {
        return [Scpd::FuseGg, Scpd::BreakerB, Scpd::BreakerC, Scpd::BreakerD, Scpd::FuseAm, Scpd::MotorBreaker];
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        return $scpd === Scpd::FuseGg ? $this->fuses->choose($duty) : $this->breakers->choose($scpd, $duty);
    }

    public function notes(Scpd $scpd): array
    {
        return [];
    }
}
