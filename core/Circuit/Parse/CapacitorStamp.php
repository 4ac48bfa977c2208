<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\Show;

/** A capacitor of a motor as stamped: `40 µF 450 V`, `189-227 MFD 250 VAC`, or two in one can, `80/5 µF 370/440 V`. */
final readonly class CapacitorStamp
{
    private const MOST_MICROFARADS = 2000.0;

    private const MOST_VOLTS = 1000.0;

    /**
     * @param  float  $low  F; both ends are the same where no range is stamped
     * @param  float  $high  F
     * @param  float|null  $second  F of a second one in the same can
     * @param  list<float>  $volts  V, smallest first; empty where none is stamped
     */
    private function __construct(public float $low, public float $high, public ?float $second, public array $volts)
    {
    }

    public static function parse(string $text): self|Refusal
    {
        // A comma between digits is a decimal sign: no capacitor of a motor has thousands.
        $plain = strtoupper((string) preg_replace('~(?<=\d),(?=\d)~', '.', $text));
        $is = '~^(?<from>[0-9.]+)(?:\s*(?<by>[-/+])\s*(?<to>[0-9.]+))?\s*(?:U|MICRO|M)?\s*F(?:D|ARADS?)?\b[\s,;/@]*'.
            '(?:(?<volts>[0-9.]+(?:\s*[-/]\s*[0-9.]+)?)\s*V(?:OLTS?)?(?:\s*\.?\s*AC)?(?:\s*,?\s*(?:50/60|50|60)\s*HZ)?)?\.?$~';
        if (preg_match($is, $plain, $m, PREG_UNMATCHED_AS_NULL) !== 1) {
            return new Refusal(Typed::quoted($text).' cannot be read as a capacitor.');
        }
        [$from, $to] = [(float) $m['from'], $m['to'] === null ? null : (float) $m['to']];
        $range = $m['by'] === '-' && $to !== null;
        $volts = $m['volts'] === null ? [] : array_map(floatval(...), explode('/', str_replace(['-', ' '], ['/', ''], $m['volts'])));
        sort($volts);
        if ($range && $to < $from) {
            return new Refusal('The range must go from the smaller to the larger capacitance.');
        }
        foreach ([$from, ...$to === null ? [] : [$to]] as $microfarads) {
            if ($microfarads <= 0 || $microfarads > self::MOST_MICROFARADS) {
                return new Refusal('The capacitance must be above 0 and at most 2000 µF.');
            }
        }
        foreach ($volts as $one) {
            if ($one < 50 || $one > self::MOST_VOLTS) {
                return new Refusal('The voltage of the capacitor must be from 50 to 1000 V.');
            }
        }

        return new self(1e-6 * $from, 1e-6 * ($range ? $to : $from), $range || $to === null ? null : 1e-6 * $to, $volts);
    }

    /** F in the middle of what is stamped. */
    public function farads(): float
    {
        return ($this->low + $this->high) / 2;
    }

    public function echo(): string
    {
        $number = static fn (float $value): string => Show::number($value, 6);
        $microfarads = $number(1e6 * $this->low).($this->high > $this->low ? '–'.$number(1e6 * $this->high) : '').
            ($this->second === null ? '' : ' / '.$number(1e6 * $this->second)).' µF';

        return $this->volts === [] ? $microfarads : $microfarads.', '.implode('/', array_map($number, $this->volts)).' V';
    }
}
