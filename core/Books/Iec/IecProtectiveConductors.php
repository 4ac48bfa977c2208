<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Fault\ProtectiveCase;
use BraveAnvil\Stations\Fault\ProtectiveConductorRules;
use BraveAnvil\Tables\Table;

/** By the line conductor of the same cable: alike, 16 mm², or half (procedure I5); more where a fault asks for it. */
final readonly class IecProtectiveConductors implements ProtectiveConductorRules
{
    public function __construct(private Table $table, private IecConductorTables $conductors)
    {
    }

    public function size(ProtectiveCase $case): Figure
    {
        $line = $case->chosen;
        $usual = $this->usual($line->areaMm2);
        $size = $case->byFault ?? self::atLeast($usual, $this->conductors->sizes());
        $text = Show::number((float) $size).Show::UNIT_SPACE.'mm²';
        $rule = match (true) {
            $line->areaMm2 <= $this->table->must('0', 'line_to_mm2') => 'the same',
            $line->areaMm2 <= $this->table->must('1', 'line_to_mm2') => '16 mm²',
            default => 'half, next standard size',
        };

        return Figure::work($case->name)
            ->labelled('Protective conductor in each cable')
            ->as('table', 'line '.$this->lineText($case).': '.$rule.((float) $size > $usual + 1e-9 && $case->byFault !== null
                ? '; an earth fault needs '.$text : ''))
            ->equals(IecConductors::value($size))
            ->source($this->table->cited())
            ->make();
    }

    private function lineText(ProtectiveCase $case): string
    {
        return Show::number($case->chosen->areaMm2).Show::UNIT_SPACE.'mm²';
    }

    /**
     * From the usual size to that of the line.
     *
     * @param  float  $ratio  of the factors k, where it is of another metal than the line
     * @return non-empty-list<string> mm²
     */
    public function sizes(float $lineMm2, float $ratio): array
    {
        $standard = $this->conductors->sizes();
        $from = self::atLeast($this->usual($lineMm2) * $ratio, $standard);
        $to = (float) self::atLeast($lineMm2 * $ratio, $standard);
        $sizes = [$from];
        foreach ($standard as $size) {
            if ((float) $size > (float) $from && (float) $size <= $to) {
                $sizes[] = $size;
            }
        }

        return $sizes;
    }

    /** mm², not rounded to a standard size */
    private function usual(float $lineMm2): float
    {
        return match (true) {
            $lineMm2 <= $this->table->must('0', 'line_to_mm2') => $lineMm2,
            $lineMm2 <= $this->table->must('1', 'line_to_mm2') => $this->table->must('1', 'mm2'),
            default => $lineMm2 / 2,
        };
    }

    /** @param  list<string>  $standard  mm², ascending */
    private static function atLeast(float $mm2, array $standard): string
    {
        foreach ($standard as $size) {
            if ((float) $size >= $mm2 * (1 - 1e-9)) {
                return $size;
            }
        }

        return (string) end($standard);
    }
}
