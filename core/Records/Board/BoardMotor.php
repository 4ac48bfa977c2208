<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\BoardFeed;
use BraveAnvil\Circuit\Choice\DrivenMachine;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Physics\Machine\Phasor;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Power\PowerFigure;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Tables\Tables;

/** One circuit of a board: what its feeder needs to know of it. */
final readonly class BoardMotor
{
    /** Of a drive's line side. Common practice. */
    private const DRIVE_POWER_FACTOR = 0.95;

    /** At standstill, where neither model nor person says more. Common practice. */
    private const STANDSTILL_POWER_FACTOR = 0.3;

    private const USUAL_PRIORITY = 5;

    /**
     * @param  float  $current  A, design current
     * @param  float|null  $powerFactor  at full load
     * @param  float|null  $lockedRotor  A
     * @param  bool  $lockedRotorKnown  whether plate or reading says it
     * @param  float|null  $startCurrent  in the line, first stage, A; null where nothing starts on the line or nobody knows
     * @param  float|null  $startSeconds  null where nobody knows
     * @param  float  $plateVolts  V, at which it is rated on this supply
     * @param  float  $supplyVolts  V, between lines
     * @param  float|null  $deviceRating  of its own device, A
     * @param  float|null  $breakingCapacity  of its device, A; null where nobody typed it
     * @param  float|null  $deviceMaximum  that its rule permits, A
     * @param  array<array-key, mixed>  $document  the circuit as it is typed
     * @param  list<string>  $assumptions  what its current rests on that nobody typed
     * @param  list<string>  $startAssumptions  the same of its start
     * @param  float  $share  with which it runs on a board below this one, in parts of one
     * @param  Impedance|null  $before  of the feeder of a board below this one; null on this one
     */
    private function __construct(
        public string $tag,
        public string $path,
        public Solution $solution,
        public float $current,
        public ?float $powerFactor,
        public ?float $lockedRotor,
        public bool $lockedRotorKnown,
        public ?float $startCurrent,
        public float $startPowerFactor,
        public ?float $startSeconds,
        public float $plateVolts,
        public float $supplyVolts,
        public ?float $deviceRating,
        public ?float $deviceMaximum,
        public ?float $breakingCapacity,
        public bool $isDrive,
        public bool $isSaw,
        public string $group,
        public string $interlock,
        public ?bool $restarts,
        public int $priority,
        public bool $isRegenerative,
        public array $document,
        public array $assumptions,
        public array $startAssumptions,
        public float $share = 1.0,
        public ?Impedance $before = null,
    ) {
    }

    /**
     * The same as a board sees it that stands above its own.
     *
     * @param  Impedance  $feeder  of its own board
     * @param  float  $share  with which it runs there, in parts of one
     */
    public function behind(Impedance $feeder, float $share): self
    {
        return new self(
            $this->tag, $this->path, $this->solution, $this->current, $this->powerFactor, $this->lockedRotor, $this->lockedRotorKnown,
            $this->startCurrent, $this->startPowerFactor, $this->startSeconds, $this->plateVolts, $this->supplyVolts,
            $this->deviceRating, $this->deviceMaximum, $this->breakingCapacity, $this->isDrive, $this->isSaw, '', $this->interlock,
            $this->restarts, $this->priority, $this->isRegenerative, $this->document, $this->assumptions,
            $this->startAssumptions, $share * $this->share,
            $feeder->plus($this->before ?? Impedance::none()),
        );
    }

    /** At standstill, first stage, S of one phase, with the feeder that lies before it; null where nothing starts on the line. */
    public function standstill(): ?Phasor
    {
        if ($this->startCurrent === null) {
            return null;
        }
        $own = Phasor::lagging(sqrt(3) * $this->startCurrent / max(1.0, $this->plateVolts), $this->startPowerFactor);
        if ($this->before === null) {
            return $own;
        }
        $one = new Phasor(1.0, 0.0);

        return $one->over($one->over($own)->plus(new Phasor($this->before->resistance, $this->before->reactance)));
    }

    /** Between lines, V, of a voltage that is typed in a circuit; null where it cannot be read. */
    public static function volts(mixed $typed, FeederDocument $feeder): ?float
    {
        return CircuitReader::read(['rule_book' => $feeder->ruleBook(), 'supply' => ['voltage' => $typed]])
            ->number('supply.voltage')?->number();
    }

    /**
     * @param  array<array-key, mixed>  $document  the circuit as it is typed
     * @param  array<array-key, mixed>  $board  what it says of itself on the board
     * @param  array{supply: array<array-key, mixed>, board: array<string, float|string>}|null  $feed  what the board gives it; null where
     *     that is yet to be found
     */
    public static function read(array $document, array $board, string $path, FeederDocument $feeder, Tables $tables,
        ?array $feed): ?self
    {
        $typed = $document;
        $document = BoardFeed::under($document, $feed ?? BoardFeed::of($feeder->supply(), ['tag' => $feeder->tag()]));
        $circuit = CircuitReader::read($document);
        if ($circuit->phases() === 1) {
            $feeder->fail($path.'.supply.phases', 'A single-phase circuit is not calculated on a three-phase board.',
                'Enter it as an other load of the board.', ErrorKind::Refused);

            return null;
        }
        $solution = Bench::figures($document, $tables);
        foreach ($solution->errors as $error) {
            // What is only missing is told in the circuit itself; the board asks for what it needs.
            if ($error->kind === ErrorKind::Missing) {
                continue;
            }
            $feeder->fail($path.'.'.$error->path, $error->text, $error->accepted, $error->kind);
        }
        $number = static fn (PowerFigure|StartFigure|PlateFigure|GuardFigure $name): ?float => $solution->figure($name->value)?->number();
        $text = static fn (string $key): string => is_string($board[$key] ?? null) ? trim($board[$key]) : '';
        $isDrive = $circuit->chosen('starter.method', MethodName::class) === MethodName::Drive;
        $input = $circuit->number('starter.drive_input_current')?->number();
        if ($isDrive && $input === null) {
            $feeder->fail($path.'.starter.drive_input_current', 'Enter the line current of the drive.', 'Amperes.', ErrorKind::Missing);
        }
        $current = $isDrive ? $input : $number(PowerFigure::DesignCurrent);
        if ($current === null) {
            $feeder->fail($path, 'The current of this circuit does not follow from its nameplate.', 'Complete its nameplate.',
                ErrorKind::Missing);

            return null;
        }
        $locked = $isDrive ? null : $number(StartFigure::LockedRotorCurrent);
        // Of the first stage, as its own starting method says.
        $taken = $number(StartFigure::StartingKva);
        $rated = $number(PlateFigure::RatedVoltage);
        $priority = $feeder->number("$path.board.priority", $board['priority'] ?? null, FieldKind::Count, 1, 9);
        $cosine = $feeder->number("$path.board.start_power_factor", $board['start_power_factor'] ?? null, FieldKind::Fraction, 0.05,
            0.95);

        return new self(
            $solution->tag, $path, $solution, $current,
            $isDrive ? self::DRIVE_POWER_FACTOR : $solution->figure(PlateFigure::PowerFactor->value)?->number(), $locked,
            $circuit->has('plate.start_current_ratio') || $circuit->has('plate.code_letter')
                || $circuit->has('measure.locked_rotor_amps') || $circuit->has('measure.locked_rotor_kva'),
            $locked === null || $taken === null || $rated === null ? null : $taken / (sqrt(3) * $rated),
            $cosine ?? $number(StartFigure::LockedRotorPowerFactor) ?? self::STANDSTILL_POWER_FACTOR,
            $isDrive ? null : ($circuit->number('starter.run_up_time') ?? $solution->figure(StartFigure::RunUpTime->value))?->number(),
            $rated ?? 0.0, $circuit->number('supply.voltage')?->number() ?? 0.0,
            $number(GuardFigure::ScpdRating), $number(GuardFigure::ScpdMaximumRating),
            $circuit->number('guard.breaking_capacity_ka')?->number(), $isDrive,
            $circuit->chosen('load.machine', DrivenMachine::class) === DrivenMachine::Saw, $text('group'), $text('interlock'),
            FeederDocument::flag($board['restart'] ?? null), $priority === null ? self::USUAL_PRIORITY : (int) $priority,
            FeederDocument::flag($board['regenerative'] ?? null) === true, $typed,
            $isDrive ? [] : $solution->figure(PowerFigure::DesignCurrent->value)->assumptions ?? [],
            $isDrive ? [] : $solution->figure(StartFigure::LockedRotorCurrent->value)->assumptions ?? [],
        );
    }
}
