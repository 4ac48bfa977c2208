<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\ScpdChoice;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Tables\Practice\GuardPractice;

/** A breaker that acts at once and only by magnetism, within a listed combination: it has a setting and no rating. */
final readonly class InstantaneousTrip
{
    private const TOLERANCE = 1e-6;

    public function __construct(private DevicePercents $percents, private GuardPractice $practice)
    {
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        $limit = $this->percents->instantaneous($scpd, $duty);
        $open = $duty->evidence() !== null;
        $ceiling = $this->percents->instantaneousCeiling($duty);
        $most = $open && $ceiling !== null && $ceiling->number() > $limit->number() ? $ceiling : $limit;
        $typed = $duty->circuit->number('guard.instantaneous');
        $needed = $this->practice->peakFactor() * $duty->inrush->moment->number();
        $setting = Figure::work(GuardFigure::InstantaneousSetting);
        if ($typed !== null) {
            $setting->from(I: $typed)->as('setting as found', '{I}')->equals($typed->number())->source('entered; checked, not chosen');
        } elseif ($most !== $limit) {
            $setting
                ->from(LRC: $duty->inrush->moment, most: $most)
                ->as('1.8 × locked-rotor current, up to the limit', '1.8 × {LRC}, at most {most}')
                ->equals(max($limit->number(), min($needed, $most->number())))
                ->source($most->source);
        } else {
            $setting->from(most: $limit)->as('the limit', '{most}')->equals($limit->number())->source($limit->source);
        }
        $setting = $setting->make();

        return new ScpdChoice(
            [],
            limit: $limit,
            findings: $this->findings($setting, $most, $needed, $duty),
            explained: true,
            setting: $setting,
            exceptionLimit: $ceiling?->named(GuardFigure::ScpdExceptionLimit, $ceiling->source),
            groundingBasis: $this->groundingBasis($duty),
        );
    }

    /** The grounding conductor goes by the fuse that the same motor might have. */
    private function groundingBasis(DeviceDuty $duty): ?Figure
    {
        $percent = $this->percents->percent(Scpd::FuseDualElement, $duty);
        foreach ($this->percents->ratings(Scpd::FuseDualElement, $duty->circuit) as $rating) {
            if ($rating >= $percent->value / 100 * $duty->design->number() * (1 - self::TOLERANCE)) {
                return Figure::step('Largest dual-element fuse', $rating, $duty->design->unit, I: $duty->design);
            }
        }

        return null;
    }

    /** @return list<FindingBuilder> */
    private function findings(Figure $setting, Figure $most, float $needed, DeviceDuty $duty): array
    {
        $findings = [
            Finding::note(GuardFinding::ListedCombination)
                ->title('Only in a listed combination controller')
                ->because('An instantaneous-trip breaker protects a motor only within a combination controller that is listed for it.')
                ->do('Check the listing on the controller.')
                ->source($this->percents->exceptionSource())
                ->on(GuardFigure::InstantaneousSetting),
        ];
        if ($setting->number() > $most->number() * (1 + self::TOLERANCE)) {
            $findings[] = Finding::stop(GuardFinding::InstantaneousTooHigh)
                ->title('Instantaneous trip set too high')
                ->because('Set to '.$setting->shown().'; the limit is '.$most->shown().'.')
                ->do('Set it to '.$most->shown().' or less.')
                ->source($most->source)
                ->on(GuardFigure::InstantaneousSetting, GuardFigure::ScpdLimit)
                ->about('guard.instantaneous');
        }
        if ($setting->number() < $needed * (1 - self::TOLERANCE)) {
            $findings[] = Finding::caution(GuardFinding::InstantaneousLow)
                ->title('The device may trip on the first half cycle')
                ->because(
                    'The first peak of a start may be 1.8 times the locked-rotor current, '.$duty->inrush->moment->shown().
                    '; the trip is set to '.$setting->shown().'.',
                )
                ->do('If it trips on a start, enter the evidence: the exception allows a higher setting.')
                ->source(HowKnown::CommonPractice)
                ->on(GuardFigure::InstantaneousSetting, StartFigure::LockedRotorCurrent)
                ->about('guard.start_exception.evidence');
        }

        return $findings;
    }
}
