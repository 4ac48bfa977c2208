<?php

declare(strict_types=1);

namespace App\Sheet\Picture;

/**
 * A picture on paper in millimetres: lines as SVG, and its texts apart, so that both the PDF and the page set them in the sheet's own type.
 */
final class Drawing
{
    /** Of a millimetre. */
    private const POINTS = 72 / 25.4;

    /** @var list<string> */
    private array $shapes = [];

    /** @var list<array{x: float, y: float, text: string, class: string}> */
    private array $labels = [];

    /**
     * @param  string  $name  one word, unique on its sheet
     * @param  float  $width  mm
     * @param  float  $height  mm
     * @param  string  $says  what is to be seen, for those who do not see it
     */
    public function __construct(public readonly string $name, public readonly float $width, public readonly float $height,
        public readonly string $says)
    {
    }

    /**
     * @param  list<array{float, float}>  $points  mm
     * @param  float  $thick  mm
     * @param  string  $dash  such as `1 0.6`; empty for a full line
     */
    public function line(array $points, float $thick = 0.25, string $colour = '#1b2226', string $dash = ''): self
    {
        return $this->shape('polyline', $points, "fill=\"none\" stroke=\"$colour\" stroke-width=\"$thick\"".($dash === '' ? ''
            : " stroke-dasharray=\"$dash\""));
    }

    /** @param  list<array{float, float}>  $points  mm */
    public function area(array $points, string $colour, float $opacity): self
    {
        return $this->shape('polygon', $points, "fill=\"$colour\" fill-opacity=\"$opacity\" stroke=\"none\"");
    }

    /**
     * @param  float  $x  mm
     * @param  float  $y  mm
     * @param  float  $radius  mm
     */
    public function circle(float $x, float $y, float $radius, string $fill = '#ffffff'): self
    {
        $this->shapes[] = sprintf('<circle cx="%.2F" cy="%.2F" r="%.2F" fill="%s" stroke="#1b2226" stroke-width="0.4"/>', $x, $y, $radius,
            $fill);

        return $this;
    }

    /**
     * @param  float  $x  mm, of its left end, middle or right end by `$anchor`
     * @param  float  $y  mm, of its middle
     * @param  string  $anchor  `left`, `middle` or `right`
     */
    public function text(float $x, float $y, string $text, string $anchor = 'left', bool $bold = false): self
    {
        $this->labels[] = ['x' => $x, 'y' => $y, 'text' => $text, 'class' => $anchor.($bold ? ' strong' : '')];

        return $this;
    }

    public function source(): string
    {
        // The reader of SVG for the PDF knows no view box: the scale stands in the drawing itself.
        $svg = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.1F" height="%2$.1F" viewBox="0 0 %1$.1F %2$.1F"><g transform="scale(%3$.4F)">%4$s</g></svg>',
            $this->width * self::POINTS, $this->height * self::POINTS, self::POINTS, implode('', $this->shapes),
        );

        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }

    /** @return list<array{class: string, text: string}> the texts in their order, each with its place as a class of `css` */
    public function labels(): array
    {
        $labels = [];
        foreach ($this->labels as $i => $label) {
            $labels[] = ['class' => "label $label[class] $this->name-$i", 'text' => $label['text']];
        }

        return $labels;
    }

    /** Where its texts stand; a strict content policy allows no styles in the markup itself. */
    public function css(): string
    {
        $css = sprintf('.%s{width:%.1Fmm;height:%.1Fmm}', $this->name, $this->width, $this->height);
        foreach ($this->labels as $i => $label) {
            $left = $label['x'] - match (true) {
                str_starts_with($label['class'], 'middle') => 30, str_starts_with($label['class'], 'right') => 60, default => 0,
            };
            $css .= sprintf('.%s-%d{left:%.2Fmm;top:%.2Fmm}', $this->name, $i, $left, $label['y'] - 1.6);
        }

        return $css;
    }

    /** @param  list<array{float, float}>  $points */
    private function shape(string $kind, array $points, string $look): self
    {
        if (count($points) > 1) {
            $text = implode(' ', array_map(static fn (array $point): string => sprintf('%.2F,%.2F', $point[0], $point[1]), $points));
            $this->shapes[] = "<$kind points=\"$text\" $look/>";
        }

        return $this;
    }
}
