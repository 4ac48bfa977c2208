<?php

declare(strict_types=1);

namespace BraveAnvil\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Machine\Machine;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Plate\WindingConnection;
use BraveAnvil\RuleBook\TerminalMarks;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\FindingBuilder;
use BraveAnvil\Start\StartFigures;

/**
 * One way to start a motor: all that the stations need to know of it. A new method is a new class; no station asks which one
 * it has.
 */
interface StartingMethod
{
    public function name(): MethodName;

    public function drawing(): StarterDrawing;

    /** Conductors from starter to motor: 3, or 6 where both ends of every winding are brought out. */
    public function leads(): int;

    /** Whether the motor's ends and voltages allow it. */
    public function fits(Circuit $circuit, Motor $motor): bool;

    /** Why this motor cannot be started so on this supply, or null. */
    public function refusal(Circuit $circuit, Motor $motor, Words $words): ?Refused;

    /** How many times the kVA of its code letter a motor takes direct on line, if its plate was marked for this method. */
    public function codeLetterTimes(): float;

    /**
     * Currents and torque of the first stage at a slip, at the voltage on the starter's line side.
     *
     * @param  float  $volts  between lines
     * @param  WindingConnection  $running  how the windings are joined once it runs
     */
    public function at(Machine $machine, float $slip, float $volts, WindingConnection $running): StagePoint;

    /** Line current of the first stage at standstill, A, or null where it does not follow yet. */
    public function lineCurrent(StartFigures $figures): ?Figure;

    /** Torque of the first stage at standstill, N·m, or null. */
    public function torque(StartFigures $figures): ?Figure;

    /** Share of the supply voltage that stands across a winding in the first stage, of what it sees in run. */
    public function windingShare(): float;

    /** Whether it takes the whole locked-rotor current from the supply. */
    public function takesAll(): bool;

    /** Whether a second stage follows the first, brought about by a timer or a person. */
    public function changesOver(): bool;

    /**
     * What the protective device must let pass, or null where it does not follow yet.
     *
     * @param  Figure|null  $stageTime  of the first stage, s
     * @param  Figure|null  $runUpTime  to full speed, s
     */
    public function inrush(StartFigures $figures, ?Figure $stageTime, ?Figure $runUpTime): ?Inrush;

    /** @return non-empty-list<RelaySeat> where the overload relay may sit, the usual place first */
    public function relaySeats(): array;

    /** @return non-empty-list<Contactor> */
    public function contactors(): array;

    public function capacitor(): CapacitorLimits;

    /** What is left to wire with care; empty where nothing is. */
    public function wiring(Words $words, TerminalMarks $marks): string;

    /** @return list<FindingBuilder> what a person must know before the first start */
    public function cautions(StartFigures $figures, Words $words, TerminalMarks $marks): array;

    /**
     * The outcome of the station in one sentence.
     *
     * @param  bool  $refused  whether this motor cannot be started so
     */
    public function sentence(StartFigures $figures, Words $words, bool $refused): string;
}
