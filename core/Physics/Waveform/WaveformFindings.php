<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;

/** What the figures of a captured waveform mean. */
final class WaveformFindings
{
    /** Samples for each cycle below which the upper harmonics are lost. */
    private const FEW_SAMPLES = 200;

    /** @var list<Finding> */
    private array $findings = [];

    /** @param  list<Figure>  $figures */
    private function __construct(private readonly Signals $signals, private readonly Spectra $spectra, private readonly array $figures)
    {
    }

    /**
     * @param  list<Figure>  $figures  of the same waveform
     * @return list<Finding>
     */
    public static function of(Signals $signals, Spectra $spectra, array $figures): array
    {
        $made = new self($signals, $spectra, $figures);
        $made->judge();

        return $made->findings;
    }

    private function number(WaveformFigure $name): ?float
    {
        foreach ($this->figures as $figure) {
            if ($figure->key() === $name->key()) {
                return $figure->number();
            }
        }

        return null;
    }

    private function judge(): void
    {
        $true = $this->number(WaveformFigure::whole(WaveformQuantity::PowerFactor));
        $shift = $this->number(WaveformFigure::whole(WaveformQuantity::DisplacementFactor));
        $angle = $this->number(WaveformFigure::line(WaveformQuantity::Angle, $this->signals->system === 'three' ? '1' : ''));
        $watts = $this->number(WaveformFigure::whole(WaveformQuantity::Real));
        if ($watts !== null && $watts < 0) {
            $this->findings[] = Finding::caution(WaveformFinding::PowerBackwards)
                ->title('Power flows backwards')
                ->because('The mean of voltage times current is negative.')
                ->do('Reverse the clamp or the shunt, or tick “inverted” for one channel.')
                ->source(HowKnown::Definition)
                ->on(WaveformFigure::whole(WaveformQuantity::Real))
                ->made();
        }
        $this->judgeFactors($true, $shift, $angle);
        foreach ($this->spectra->byRole as $role => $channel) {
            $this->judgeChannel($role, $channel);
        }
        if ($this->signals->each < self::FEW_SAMPLES) {
            $this->findings[] = Finding::note(WaveformFinding::FewSamples)
                ->title('Few samples per cycle')
                ->because(
                    Show::number($this->signals->each, 3).' samples per cycle: harmonics above order '.
                    Show::number(min(50, floor(0.45 * $this->signals->each))).
                    ' are not visible, and higher ones may fold back (aliasing).',
                )
                ->do('Sample faster, with an anti-aliasing filter.')
                ->source(HowKnown::Definition)
                ->on(WaveformFigure::whole(WaveformQuantity::HarmonicOrders))
                ->made();
        }
    }

    /** @param  float|null  $angle  by which the current is behind, ° */
    private function judgeFactors(?float $true, ?float $shift, ?float $angle): void
    {
        $factor = WaveformFigure::whole(WaveformQuantity::DisplacementFactor);
        $thd = $this->spectra->byRole['i1']->thd ?? 0.0;
        if ($true !== null && $shift !== null && $shift - $true > 0.05 && $thd > 15) {
            $this->findings[] = Finding::caution(WaveformFinding::DistortionNotCapacitor)
                ->title('Low power factor from distortion: a capacitor does not correct it')
                ->because(
                    'The displacement power factor is '.Show::number($shift, 3).', but the true power factor is '.Show::number($true, 3).
                    ': the current has '.Show::number($thd, 3).' % harmonics. A capacitor would take in harmonics and may resonate.',
                )
                ->do('Use a choke, a filter or another rectifier.')
                ->source(HowKnown::Definition)
                ->on(WaveformFigure::whole(WaveformQuantity::PowerFactor), $factor, WaveformFigure::channel(WaveformQuantity::Thd, 'i1'))
                ->made();
        } elseif ($shift !== null && $angle !== null && $shift < 0.9 && $angle > 0) {
            $this->findings[] = Finding::note(WaveformFinding::Lagging)
                ->title('The current lags')
                ->because(
                    Show::number($angle, 3).'° behind the voltage, displacement power factor '.Show::number($shift, 3).
                    ': a capacitor can correct this.',
                )
                ->source(HowKnown::Definition)
                ->on($factor)
                ->made();
        } elseif ($shift !== null && $angle !== null && $shift < 0.98 && $angle < 0) {
            $this->findings[] = Finding::note(WaveformFinding::Leading)
                ->title('The current leads')
                ->because(Show::number(-$angle, 3).'° ahead of the voltage: a capacitor is connected, or too much of one.')
                ->source(HowKnown::Definition)
                ->on($factor)
                ->made();
        }
    }

    private function judgeChannel(string $role, Spectrum $channel): void
    {
        if (abs($channel->mean) > 0.05 * max(1e-12, $channel->rms)) {
            $this->findings[] = Finding::note(WaveformFinding::from('offset_'.$role))
                ->title(WaveformFigure::channelName($role).' has a DC offset')
                ->because('Its mean is '.Show::number((100 * $channel->mean) / $channel->rms, 3).' % of its rms value.')
                ->do('Zero the clamp meter or the oscilloscope, unless direct current flows.')
                ->source(HowKnown::Definition)
                ->on(WaveformFigure::channel(WaveformQuantity::Rms, $role))
                ->made();
        }
        if ($role[0] === 'v' && $channel->thd > 8) {
            $this->findings[] = Finding::caution(WaveformFinding::VoltageDistorted)->title('The voltage is distorted')
                ->because('THD '.Show::number($channel->thd, 3).' %; 8 % is the usual limit of public supplies.')
                ->do('Check for drives and rectifiers on this supply.')
                ->source(Standard::En50160->at())
                ->on(WaveformFigure::channel(WaveformQuantity::Thd, $role))
                ->made();
        }
    }
}
