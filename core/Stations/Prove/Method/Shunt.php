<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Method;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** A resistor in the line that a scope reads: what it shows, how warm it gets, and for how long it bears that. */
final readonly class Shunt
{
    /** What it should drop, V rms: enough to see, too little to matter. Common practice. */
    private const DROP_V = 0.1;

    /** Share of its rating that it bears for ever, and times of it that it bears for five seconds. IEC 60115-1 (from memory). */
    private const ALWAYS = 0.5;

    private const SHORT_TIMES = 6.25;

    private const SHORT_S = 5.0;

    /**
     * @param  float  $ohm  Ω
     * @param  float  $rating  W
     * @param  float  $amperes  expected, rms
     */
    private function __construct(public float $ohm, public float $rating, public float $amperes)
    {
    }

    /**
     * @param  float|null  $ohm  Ω; null: the decade that drops a tenth of a volt or a little more
     * @param  float|null  $rating  W
     * @param  float  $amperes  expected, rms, above nothing
     */
    public static function of(?float $ohm, ?float $rating, float $amperes): self
    {
        return new self($ohm ?? 10 ** floor(log10(self::DROP_V / $amperes) + 0.5), $rating ?? 5.0, $amperes);
    }

    /** W */
    public function warmth(): float
    {
        return $this->amperes ** 2 * $this->ohm;
    }

    /** How long it may carry this, s; infinite for ever, nothing where not at all. */
    public function seconds(): float
    {
        $watts = $this->warmth();

        return match (true) {
            $watts <= self::ALWAYS * $this->rating => INF,
            $watts > self::SHORT_TIMES * $this->rating => 0.0,
            default => self::SHORT_S * self::SHORT_TIMES * $this->rating / $watts,
        };
    }

    public function says(): string
    {
        $seconds = $this->seconds();

        return Show::quantity($this->ohm, Unit::Ohm, 3).' at '.Show::quantity($this->amperes, Unit::Ampere, 3).' gives '.
            Show::quantity($this->amperes * $this->ohm, Unit::Volt, 3).' and '.Show::quantity($this->warmth(), Unit::Watt, 3).
            ' of heat. A shunt rated '.Show::quantity($this->rating, Unit::Watt, 3).' '.match (true) {
                $seconds >= INF => 'withstands that continuously.',
                $seconds <= 0 => 'does not withstand that: use a smaller resistance, or a current clamp.',
                default => 'withstands that for '.Show::quantity($seconds, Unit::Second, 2).
                    ' at most; then let it cool for ten times as long.',
            };
    }
}
