<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** The name of a figure of a waveform: a quantity, of a channel such as `v1`, of a line, or of the whole. */
final readonly class WaveformFigure implements FigureName
{
    private function __construct(private WaveformQuantity $quantity, private string $of)
    {
    }

    public static function whole(WaveformQuantity $quantity): self
    {
        return new self($quantity, '');
    }

    /** @param  string  $role  `v1` to `i3` */
    public static function channel(WaveformQuantity $quantity, string $role): self
    {
        return new self($quantity, $role);
    }

    /** @param  string  $line  1, 2 or 3; empty where there is one only */
    public static function line(WaveformQuantity $quantity, string $line): self
    {
        return new self($quantity, $line);
    }

    /** @return list<self> every one that there may be */
    public static function all(): array
    {
        $all = [];
        foreach (WaveformQuantity::cases() as $quantity) {
            foreach (match (true) {
                $quantity->isOfChannel() => ['v1', 'v2', 'v3', 'i1', 'i2', 'i3'],
                $quantity->isOfLine() => ['', '1', '2', '3'],
                default => [''],
            } as $of) {
                $all[] = new self($quantity, $of);
            }
        }

        return $all;
    }

    public function key(): string
    {
        return 'waveform.'.$this->quantity->value.($this->of === '' ? '' : '_'.$this->of);
    }

    public function label(): string
    {
        return match (strlen($this->of)) {
            0 => $this->quantity->label(),
            1 => $this->quantity->label().' of L'.$this->of,
            default => self::channelName($this->of).', '.$this->quantity->label(),
        };
    }

    public function unit(): Unit
    {
        $ofChannel = in_array($this->quantity, [WaveformQuantity::Rms, WaveformQuantity::Peak, WaveformQuantity::Fundamental], true);

        return $ofChannel ? ($this->of[0] === 'v' ? Unit::Volt : Unit::Ampere) : $this->quantity->unit();
    }

    public function station(): Station
    {
        return Station::Power;
    }

    public static function channelName(string $role): string
    {
        return ($role[0] === 'v' ? 'Voltage' : 'Current').' L'.$role[1];
    }
}
