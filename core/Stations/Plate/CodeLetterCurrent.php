<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Tables\Practice\Practice;

/** The locked-rotor current that a code letter stands for. NEC 430.7(B). */
final readonly class CodeLetterCurrent
{
    /** A motor that is marked for its star connection takes so much more in delta. */
    private const STAR_TIMES = 3.0;

    /**
     * @param  float|null  $low  kVA/hp; null at an open end
     * @param  float|null  $middle  kVA/hp; null for the letters whose range has no middle
     * @param  float|null  $high  kVA/hp; null at an open end
     * @param  float  $top  V that the letter belongs to: the higher end of a stamped range
     * @param  float  $perKva  A for 1 kVA/hp, at the rated voltage of the connection in use
     * @param  bool  $ofStar  whether it is probably marked for the star connection
     * @param  float  $ratio  of the most likely current to the rated one, as the letter says it
     */
    private function __construct(
        public string $letter,
        public ?float $low,
        public ?float $middle,
        public ?float $high,
        public float $top,
        private float $perKva,
        public bool $ofStar,
        public float $ratio,
    ) {
    }

    /**
     * @param  Figure|null  $output  rated, W
     * @param  float|null  $rated  line current, A
     * @return self|null null without a letter, an output or a voltage
     */
    public static function of(Circuit $circuit, ?Figure $output, ?Supplied $supplied, ?float $rated, Practice $practice): ?self
    {
        $letter = $circuit->word('plate.code_letter');
        if ($letter === null || $output === null || $supplied === null) {
            return null;
        }
        $letters = $practice->codeLetters();
        [$low, $high] = [$letters->low($letter), $letters->high($letter)];
        $volts = $supplied->ratedVoltage->number();
        // On a plate such as 208-230 the letter belongs to the higher end; the current falls with the voltage.
        $top = $circuit->stamp('plate.voltage', PlateVoltage::class)?->pairs[$supplied->pair]['high'] ?? $volts;
        $perKva = $output->number() / Power::HORSEPOWER * 1000 / ($circuit->phaseFactor() * $top) * $volts / $top;
        // The first letter reaches down to nothing: its middle says nothing either.
        $middle = $low !== null && $high !== null && $letter !== 'A' ? ($low + $high) / 2 : null;
        $likely = $middle ?? $high;
        $ratio = $likely === null || $rated === null ? INF : $likely * $perKva / $rated;
        $ofStar = $circuit->chosen('starter.method', MethodName::class)?->needsCage() === true
            && $ratio < $practice->starting()->starLetterRatio();

        return new self($letter, $letter === 'A' ? null : $low, $middle, $high, $top, $perKva, $ofStar, $ratio);
    }

    /** How many times the kVA of the letter it takes direct on line, in parts of one. */
    public function times(): float
    {
        return $this->ofStar ? self::STAR_TIMES : 1.0;
    }

    /** A that so many kVA/hp stand for. */
    public function amperes(float $kvaPerHorsepower): float
    {
        return $this->times() * $kvaPerHorsepower * $this->perKva;
    }

    /** The current that is most likely, A; null where only an end of the range is known. */
    public function likely(): ?float
    {
        return $this->middle === null ? null : $this->amperes($this->middle);
    }

    /** What another source says, held between the ends of the letter, A. */
    public function bounded(float $amperes): float
    {
        $most = $this->high === null ? INF : $this->amperes($this->high);
        $least = $this->low === null ? 0.0 : $this->amperes($this->low);

        return max($least, min($most, $amperes));
    }
}
