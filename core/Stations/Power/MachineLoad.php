<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Physics\Machine\RunningSlip;

/** Part load by the machine that has the plate. */
final readonly class MachineLoad implements PartLoad
{
    private const LINE_POINTS = 30;

    private float $rated;

    private RunningSlip $running;

    public function __construct(private Machine $machine)
    {
        $this->running = new RunningSlip($machine);
        $this->rated = $machine->at($machine->ratedSlip)['output'];
    }

    public function way(): string
    {
        return 'motor model';
    }

    public function at(float $share): ?LoadPoint
    {
        $slip = $this->running->at($share * $this->rated);
        if ($slip === null) {
            return null;
        }
        $at = $this->machine->at($slip);

        return new LoadPoint($share, $share * $this->rated, $at['real'], $at['reactive'], $at['current'], 100 * $slip);
    }

    /** Asked by slip, which costs no search. */
    public function line(float $highest): array
    {
        $idle = $this->at(0.0);
        $line = $idle === null ? [] : [$idle];
        for ($i = 0; $i <= self::LINE_POINTS; $i++) {
            $slip = max(1e-9, $this->machine->ratedSlip * 1.1 * $highest * $i / self::LINE_POINTS);
            $at = $this->machine->at($slip);
            if ($at['output'] > 0 && $at['output'] <= $highest * $this->rated) {
                $line[] = new LoadPoint(
                    $at['output'] / $this->rated,
                    $at['output'], $at['real'], $at['reactive'], $at['current'],
                    100 * $slip,
                );
            }
        }

        return $line;
    }
}
