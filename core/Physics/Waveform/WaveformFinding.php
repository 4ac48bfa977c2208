<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What a captured waveform brings up. */
enum WaveformFinding: string implements FindingCode
{
    use FindingWords;

    case PowerBackwards = 'power_backwards';
    case DistortionNotCapacitor = 'distortion_not_capacitor';
    case Lagging = 'lagging';
    case Leading = 'leading';
    case OffsetV1 = 'offset_v1';
    case OffsetV2 = 'offset_v2';
    case OffsetV3 = 'offset_v3';
    case OffsetI1 = 'offset_i1';
    case OffsetI2 = 'offset_i2';
    case OffsetI3 = 'offset_i3';
    case VoltageDistorted = 'voltage_distorted';
    case FewSamples = 'few_samples';

    private const STATION = Station::Power;
}
