<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;

/** A figure of one starting method beside the others, `start.compare_direct_torque`. */
final readonly class ComparedFigure implements FigureName
{
    public function __construct(private ComparedMethod $method, private ComparedQuantity $quantity)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        $all = [];
        foreach (ComparedMethod::all() as $method) {
            foreach (ComparedQuantity::cases() as $quantity) {
                $all[] = new self($method, $quantity);
            }
        }

        return $all;
    }

    public function key(): string
    {
        return 'start.compare_'.$this->method->key.'_'.$this->quantity->value;
    }

    public function label(): string
    {
        return $this->quantity->label().', '.Show::inside($this->method->name(Words::iec()));
    }

    public function unit(): Unit
    {
        return $this->quantity->unit();
    }

    public function station(): Station
    {
        return Station::Start;
    }
}
