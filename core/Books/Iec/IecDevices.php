<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Stations\Guard\Device;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\DeviceRules;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\ScpdChoice;
use BraveAnvil\Stations\Guard\SpecialUse;

/** The smallest device that carries the load and the start (procedure I2). */
final readonly class IecDevices implements DeviceRules
{
    public function __construct(
        private FuseChoice $fuses,
        private AmChoice $backup,
        private BreakerChoice $breakers,
        private MotorBreakerChoice $motorBreakers,
    ) {
    }

    public function usual(): Scpd
    {
        return Scpd::FuseGg;
    }

    public function known(): array
    {
        return [Scpd::FuseGg, Scpd::FuseAm, Scpd::BreakerB, Scpd::BreakerC, Scpd::BreakerD, Scpd::MotorBreaker];
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        return match ($scpd) {
            Scpd::FuseGg => $this->fuses->choose($duty),
            Scpd::FuseAm => $this->backup->choose($duty),
            Scpd::MotorBreaker => $this->motorBreakers->choose($duty),
            Scpd::BreakerB, Scpd::BreakerC, Scpd::BreakerD, Scpd::FuseDualElement, Scpd::FuseNonTimeDelay,
            Scpd::BreakerInverseTime, Scpd::BreakerInstantaneous => $this->breakers->choose($scpd, $duty),
        };
    }

    public function device(Scpd $scpd, float $rating, float $dial): ?Device
    {
        return match ($scpd) {
            Scpd::FuseGg => $this->fuses->fuse($rating),
            Scpd::FuseAm => $this->backup->fuse($rating),
            Scpd::MotorBreaker => $this->motorBreakers->breaker($rating, $dial),
            Scpd::BreakerB, Scpd::BreakerC, Scpd::BreakerD => $this->breakers->breaker($scpd, $rating),
            Scpd::FuseDualElement, Scpd::FuseNonTimeDelay, Scpd::BreakerInverseTime, Scpd::BreakerInstantaneous => null,
        };
    }

    public function band(Scpd $scpd, float $rating, float $dial): ?Band
    {
        return $this->device($scpd, $rating, $dial)?->band();
    }

    public function notes(Scpd $scpd, Circuit $circuit): array
    {
        $special = SpecialUse::of($circuit, 'EN 12845 and the local fire rules', 'IEC 60204-32');

        return $circuit->duty()?->isRepeated() === true && in_array($scpd, [Scpd::FuseGg, Scpd::FuseAm], true) ? [
            Finding::caution(GuardFinding::RepeatedStarts)
                ->title('Repeated starts')
                ->because('Nameplate duty '.$circuit->duty()->type.'. Fuse and relay are checked for one start from cold.')
                ->do('Fit temperature sensors in the winding, and choose the device from the manufacturer’s data for the number of '.
                    'starts per hour.')
                ->source('IEC 60947-4-1 (from memory)')
                ->on(GuardFigure::ScpdRating, GuardFigure::OverloadClass)
                ->about('plate.duty'),
            ...$special,
        ] : $special;
    }
}
