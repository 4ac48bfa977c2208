<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\StartFigures;

/**
 * One way to start a motor: all that the stations need to know of it. A new method is a new class; no station asks which one
 * it has.
 *
 * @phpstan-import-type FieldPath from Fields
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

    /** How it brings a motor up. */
    public function plan(StartSetup $setup): Plan;

    /** @return list<FieldPath> fields that are set on its starter */
    public function settings(): array;

    /**
     * A field without which conductors and protection cannot be chosen, where it is empty.
     *
     * @return FieldPath|null
     */
    public function wants(Circuit $circuit): ?string;

    /** Voltage between the motor's terminals in the first stage, over that of the supply; null where the starter itself sets it. */
    public function terminalShare(): ?float;

    /** Whether it starts at reduced voltage by a transformer or by the winding’s own connection: a row of its own in CE Code Table 29. */
    public function reducesVoltage(): bool;

    /** Whether electronics raise its torque by and by, without a step. */
    public function raisesSlowly(): bool;

    /**
     * When each contactor is closed, by its name.
     *
     * @param  float  $stage  time of the first stage, s
     * @param  float  $end  of what is looked at, s
     * @return list<array{string, float, float}> name, closes, opens, s
     */
    public function sequence(float $stage, float $end): array;

    /** What its starter takes from the line at full load where that is its own and not the motor's current, A; else null. */
    public function ownInput(): ?Figure;

    /**
     * Whether electronics stand between supply and motor for as long as it runs: then the supply sees them and not the motor, and what
     * happens behind them is theirs to end.
     */
    public function isolates(): bool;

    /** Whether the motor is for a moment without a supply and meets it again while its field still stands. */
    public function reclosing(): bool;

    /** @return list<string> what it is built of besides its contactors, in words */
    public function parts(Words $words): array;

    /** Line current of the first stage at standstill, A, or null where it does not follow yet. */
    public function lineCurrent(StartFigures $figures): ?Figure;

    /** Torque of the first stage at standstill, N·m, or null. */
    public function torque(StartFigures $figures): ?Figure;

    /** Share of the supply voltage that stands across a winding in the first stage, of what it sees in run. */
    public function windingShare(StartFigures $figures): float;

    /** Its first or only stage in a word or two, `star`, `on the tap`. */
    public function stageWord(Words $words): string;

    /** The name of its first stage's time. */
    public function stageTime(): StartFigure;

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
