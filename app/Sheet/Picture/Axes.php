<?php

declare(strict_types=1);

namespace App\Sheet\Picture;

/** Two scales of a drawing, each linear or by powers of ten. */
final readonly class Axes
{
    /**
     * @param  array{float, float}  $across  values at the left and the right edge
     * @param  array{float, float}  $up  values at the lower and the upper edge
     * @param  array{float, float, float, float}  $plot  left, top, right and bottom, mm
     */
    public function __construct(private array $across, private array $up, private array $plot, private bool $powers)
    {
    }

    /** mm from the left; what lies beyond the edge is drawn at the edge. */
    public function x(float $value): float
    {
        return $this->plot[0] + $this->share($value, $this->across) * ($this->plot[2] - $this->plot[0]);
    }

    /** mm from the top; what lies beyond the edge is drawn at the edge. */
    public function y(float $value): float
    {
        return $this->plot[3] - $this->share($value, $this->up) * ($this->plot[3] - $this->plot[1]);
    }

    /**
     * @param  list<array{float, float}>  $points  values
     * @return list<array{float, float}> mm
     */
    public function points(array $points): array
    {
        return array_map(fn (array $point): array => [$this->x($point[0]), $this->y($point[1])], $points);
    }

    /** A frame with a fine line at every step, and its number at the edge. */
    public function grid(Drawing $drawing, string $acrossUnit, string $upUnit): void
    {
        [$left, $top, $right, $bottom] = $this->plot;
        foreach ($this->steps($this->across) as $value) {
            $drawing->line([[$this->x($value), $top], [$this->x($value), $bottom]], 0.1, '#9aa39f')
                ->text($this->x($value), $bottom + 2.2, self::number($value), 'middle');
        }
        foreach ($this->steps($this->up) as $value) {
            $drawing->line([[$left, $this->y($value)], [$right, $this->y($value)]], 0.1, '#9aa39f')
                ->text($left - 1, $this->y($value), self::number($value), 'right');
        }
        $drawing->line([[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom], [$left, $top]], 0.25)
            ->text($right, $bottom + 5.2, $acrossUnit, 'right')->text($left - 1, $top - 2.4, $upUnit, 'right');
    }

    /** @param  array{float, float}  $ends */
    private function share(float $value, array $ends): float
    {
        [$from, $to] = $ends;
        $value = max(min($from, $to), min(max($from, $to), $value));

        return $this->powers ? log($value / $from) / log($to / $from) : ($value - $from) / ($to - $from);
    }

    /**
     * @param  array{float, float}  $ends
     * @return list<float>
     */
    private function steps(array $ends): array
    {
        [$from, $to] = $ends;
        $steps = [];
        if ($this->powers) {
            for ($power = (int) ceil(log10($from) - 1e-9); $power <= log10($to) + 1e-9; $power++) {
                $steps[] = 10.0 ** $power;
            }

            return $steps;
        }
        $rough = ($to - $from) / 5;
        $power = 10 ** floor(log10($rough));
        $step = $power * ($rough / $power > 5 ? 10 : ($rough / $power > 2 ? 5 : ($rough / $power > 1 ? 2 : 1)));
        for ($value = ceil($from / $step) * $step; $value <= $to + 1e-9; $value += $step) {
            $steps[] = $value;
        }

        return $steps;
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
