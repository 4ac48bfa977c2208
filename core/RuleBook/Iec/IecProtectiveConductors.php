<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Cable\CableFigure;
use BraveAnvil\Cable\Conductor;
use BraveAnvil\RuleBook\ProtectiveConductorRules;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;

/** By the line conductor of the same cable: alike, 16 mm², or half (procedure I5, before the fault is checked). */
final readonly class IecProtectiveConductors implements ProtectiveConductorRules
{
    public function __construct(private Table $table, private IecConductorTables $conductors)
    {
    }

    public function size(CableFigure $name, Conductor $chosen, Conductor $needed, ?Conductor $largest, ?Figure $rating): Figure
    {
        $area = $chosen->areaMm2;
        $size = $chosen->name;
        if ($area <= $this->table->must('0', 'line_to_mm2')) {
            $working = 'line '.$chosen->text.': the same';
        } elseif ($area <= $this->table->must('1', 'line_to_mm2')) {
            $size = (string) $this->table->must('1', 'mm2');
            $working = 'line '.$chosen->text.': 16 mm²';
        } else {
            foreach ($this->conductors->sizes() as $standard) {
                if ((float) $standard >= $area / 2) {
                    $size = $standard;
                    break;
                }
            }
            $working = 'line '.$chosen->text.' ÷ 2, next standard size';
        }

        return Figure::work($name)
            ->labelled('Protective conductor in each cable')
            ->as('table', $working)
            ->equals(IecConductors::value($size))
            ->source($this->table->cited())
            ->make();
    }
}
