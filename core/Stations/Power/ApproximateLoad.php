<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

/**
 * Part load by approximation: losses split 0.4 constant and 0.6 with the square of the load, reactive power from its no-load
 * value with the square. Own approximation; a machine model, where there is one, is closer.
 */
final readonly class ApproximateLoad implements PartLoad
{
    public const CONSTANT_LOSSES = 0.4;

    public const LOAD_LOSSES = 0.6;

    private const LINE_POINTS = 30;

    /**
     * @param  float  $output  rated, W
     * @param  float  $losses  at rated output, W
     * @param  float  $reactive  at rated output, var
     * @param  float  $idleReactive  at no load, var
     * @param  float  $volts  rated, between lines
     * @param  float  $root  what these are multiplied by to give volt-amperes of one ampere
     */
    public function __construct(
        private float $output,
        private float $losses,
        private float $reactive,
        private float $idleReactive,
        private float $volts,
        private float $root,
    ) {
    }

    /** No-load current over rated current by the power factor, per unit. Common practice. */
    public static function idleShare(float $powerFactor): float
    {
        return min(2 * (1 - $powerFactor), sqrt(max(0.0, 1 - $powerFactor ** 2)));
    }

    public function way(): string
    {
        return 'approximation';
    }

    public function at(float $share): LoadPoint
    {
        $input = $share * $this->output + $this->losses * (self::CONSTANT_LOSSES + self::LOAD_LOSSES * $share ** 2);
        $reactive = $this->idleReactive + ($this->reactive - $this->idleReactive) * $share ** 2;

        return new LoadPoint(
            $share, $share * $this->output, $input, $reactive, hypot($input, $reactive) / ($this->root * $this->volts), null,
        );
    }

    public function line(float $highest): array
    {
        $line = [];
        for ($i = 0; $i <= self::LINE_POINTS; $i++) {
            $line[] = $this->at($highest * $i / self::LINE_POINTS);
        }

        return $line;
    }
}
