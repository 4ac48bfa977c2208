<?php

declare(strict_types=1);

namespace BraveAnvil\Compare;

use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\FigureName;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;
use BraveAnvil\Solution\Unit;

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
