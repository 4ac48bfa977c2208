<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

/** Fewer points that draw the same picture: of each stretch the lowest and the highest sample, in their order, so that no peak is lost. */
final class DrawnPoints
{
    /**
     * @param  list<float>  $values
     * @param  float  $step  seconds between samples
     * @param  int  $points  about how many to keep
     * @return list<array{float, float}> seconds and value
     */
    public static function of(array $values, int $from, int $to, float $step, int $points): array
    {
        $to = min($to, count($values) - 1);
        $stretch = max(1, (int) ceil(2 * ($to - $from + 1) / $points));
        $drawn = [];
        if ($stretch <= 2) {
            for ($k = $from; $k <= $to; $k++) {
                $drawn[] = [$k * $step, $values[$k]];
            }

            return $drawn;
        }
        for ($at = $from; $at <= $to; $at += $stretch) {
            $low = $high = $at;
            for ($k = $at; $k < min($at + $stretch, $to + 1); $k++) {
                if ($values[$k] < $values[$low]) {
                    $low = $k;
                }
                if ($values[$k] > $values[$high]) {
                    $high = $k;
                }
            }
            foreach ($low === $high ? [$low] : [min($low, $high), max($low, $high)] as $k) {
                $drawn[] = [$k * $step, $values[$k]];
            }
        }

        return $drawn;
    }
}
