<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\American;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Guard\GuardFigure;
use BraveAnvil\Guard\OverloadSetting;
use BraveAnvil\RuleBook\OverloadRules;
use BraveAnvil\RuleBook\Practice\GuardPractice;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Show;
use BraveAnvil\Start\Method\RelaySeat;

/** The largest trip current is a percentage of the plate's, by service factor and, in one book, temperature rise; the dial is less. */
final readonly class OverloadLimits implements OverloadRules
{
    private const TOLERANCE = 1e-6;

    /**
     * @param  float  $high  of plate current, for a motor with reserve
     * @param  float  $low  of plate current, for all others
     * @param  float  $highFrom  service factor that counts as reserve
     * @param  float|null  $highToRise  K of temperature rise that counts as reserve; null where the book does not ask
     */
    public function __construct(
        private float $high,
        private float $low,
        private float $highFrom,
        private ?float $highToRise,
        private string $source,
        private GuardPractice $practice,
    ) {
    }

    public function setting(Circuit $circuit, Figure $current, RelaySeat $seat): OverloadSetting
    {
        $serviceFactor = $circuit->number('plate.service_factor');
        $rise = $circuit->number('plate.temperature_rise');
        $reserve = ($serviceFactor !== null && $serviceFactor->number() >= $this->highFrom - self::TOLERANCE)
            || ($this->highToRise !== null && $rise !== null && $rise->number() <= $this->highToRise);
        $factor = $reserve ? $this->high : $this->low;
        $asks = $this->highToRise === null ? '' : ', or rise of '.Show::number($this->highToRise).' °C or less';
        $why = $reserve
            ? 'service factor '.Show::number($this->highFrom).' or more'.$asks
            : 'service factor below '.Show::number($this->highFrom).' or not stamped';
        $limit = Figure::work(GuardFigure::OverloadSetting)
            ->labelled('Overload trip limit')
            ->from(I: $current)
            ->as('percentage · plate current'.$seat->divided, Show::number(100 * $factor).' % × {I}'.$seat->divided)
            ->equals($factor * $current->number() * $seat->share)
            ->source($this->source.': '.$why)
            ->make();
        $share = $this->practice->dialShareAtLowLimit();
        $dial = Figure::work(GuardFigure::OverloadDial)
            ->labelled(GuardFigure::OverloadDial->label().$seat->where())->source(
                'A relay marked in motor amperes trips near 1.2 × its dial (IEC 60947-4-1, from memory)',
            );

        return new OverloadSetting(
            $reserve
                ? $dial
                    ->from(I: $current)
                    ->as('dial in motor amperes', '{I}'.$seat->divided)
                    ->equals($current->number() * $seat->share)
                    ->make()
                : $dial
                    ->from(k: $share, I: $current)
                    ->as('dial in motor amperes', '{k} × {I}'.$seat->divided)
                    ->equals($share->value * $current->number() * $seat->share)
                    ->make(),
            $limit,
        );
    }

    public function notes(): array
    {
        return [];
    }
}
