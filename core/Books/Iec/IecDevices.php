<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Parse\DutyStamp;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Standard;
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
    /** @param  non-empty-list<DeviceChoice>  $choices  in the order in which they are offered */
    public function __construct(private array $choices)
    {
    }

    public function usual(): Scpd
    {
        return Scpd::FuseGg;
    }

    public function known(): array
    {
        return array_merge(...array_map(static fn (DeviceChoice $choice): array => $choice->known(), $this->choices));
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        return ($this->choice($scpd) ?? throw Defect::noEntry('devices', $scpd->value))->choose($scpd, $duty);
    }

    public function device(Scpd $scpd, float $rating, float $dial): ?Device
    {
        return $this->choice($scpd)?->device($scpd, $rating, $dial);
    }

    private function choice(Scpd $scpd): ?DeviceChoice
    {
        foreach ($this->choices as $choice) {
            if (in_array($scpd, $choice->known(), true)) {
                return $choice;
            }
        }

        return null;
    }

    public function band(Scpd $scpd, float $rating, float $dial): ?Band
    {
        return $this->device($scpd, $rating, $dial)?->band();
    }

    public function notes(Scpd $scpd, Circuit $circuit): array
    {
        $special = SpecialUse::of($circuit, 'EN 12845 and the local fire rules', 'IEC 60204-32');
        $duty = $circuit->stamp('plate.duty', DutyStamp::class);

        return $duty?->isRepeated() === true && $scpd->isFuse() ? [
            Finding::caution(GuardFinding::RepeatedStarts)
                ->title('Repeated starts')
                ->because('Nameplate duty '.$duty->type.'. Fuse and relay are checked for one start from cold.')
                ->do('Fit temperature sensors in the winding, and choose the device from the manufacturer’s data for the number of '.
                    'starts per hour.')
                ->source(Standard::Iec60947_4_1->at())
                ->on(GuardFigure::ScpdRating, GuardFigure::OverloadClass)
                ->about('plate.duty'),
            ...$special,
        ] : $special;
    }
}
