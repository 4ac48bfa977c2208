<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** A figure of the latest reading of a kind: its verdict, its pattern, or one side of a quantity, `prove.line_current.expected`. */
final readonly class ProveFigure implements FigureName
{
    private const SIDES = ['' => '', '_expected' => ', expected', '_low' => ', lower limit', '_high' => ', upper limit'];

    private function __construct(private ReadingKind $kind, private string $part, private string $words, private Unit $unit)
    {
    }

    public static function verdict(ReadingKind $kind): self
    {
        return new self($kind, 'verdict', 'verdict', Unit::None);
    }

    public static function pattern(ReadingKind $kind): self
    {
        return new self($kind, 'pattern', 'pattern', Unit::None);
    }

    /** @param  string  $side  '', `_expected`, `_low`, `_high` */
    public static function side(ReadingKind $kind, string $quantity, string $side): self
    {
        $quantities = $kind->quantities();
        [$words, $unit] = $quantities[$quantity];
        $main = array_key_first($quantities) === $quantity;
        $part = match (true) {
            ! $main => $quantity.$side, $side === '' => 'measured', default => ltrim($side, '_'),
        };

        return new self($kind, $part, Show::inside($words).(self::SIDES[$side] ?? ''), $unit);
    }

    /** @return list<self> every one that there may be */
    public static function all(): array
    {
        $all = [];
        foreach (ReadingKind::cases() as $kind) {
            $all[] = self::verdict($kind);
            $all[] = self::pattern($kind);
            foreach (array_keys($kind->quantities()) as $quantity) {
                foreach (array_keys(self::SIDES) as $side) {
                    $all[] = self::side($kind, $quantity, $side);
                }
            }
        }

        return $all;
    }

    public function key(): string
    {
        return 'prove.'.$this->kind->value.'.'.$this->part;
    }

    public function label(): string
    {
        return $this->kind->label().': '.$this->words;
    }

    public function unit(): Unit
    {
        return $this->unit;
    }

    public function station(): Station
    {
        return Station::Prove;
    }
}
