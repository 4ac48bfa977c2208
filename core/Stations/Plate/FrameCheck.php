<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\Show;
use BraveAnvil\Tables\Practice\StampTables;

/** A NEMA T frame against output and poles: one that is not usual is a reason to read the plate again. */
final readonly class FrameCheck
{
    /** Outputs closer than this are the same step of the series, in parts of one. */
    private const SAME = 0.03;

    public function __construct(private StampTables $tables)
    {
    }

    public function solve(Circuit $circuit, Motor $motor, Ledger $ledger): void
    {
        $stamp = strtoupper(str_replace(' ', '', $circuit->stamped('plate.frame') ?? ''));
        $poles = $motor->poleCount();
        if ($motor->output === null || $poles === null || preg_match('/^(?:NEMA)?(\d{3})(T[A-Z]{0,2})$/', $stamp, $m) !== 1) {
            return;
        }
        $frame = (float) $m[1];
        $own = $this->step($poles, $motor->output->number() / Power::HORSEPOWER);
        $usual = $own === null ? [] : $this->tables->usualFrames($poles, $own);
        if ($usual === [] || in_array($frame, $usual, true)) {
            return;
        }
        $names = implode(' or ', array_map(static fn (float $f): string => Show::number($f).'T', array_unique($usual)));
        $fits = array_filter(
            $this->tables->outputsWithFrames($poles), fn (string $hp): bool => in_array($frame, $this->tables->usualFrames($poles,
                $hp), true),
        );
        $larger = $frame > max($usual);
        ($larger ? $ledger->note(PlateFinding::FrameUnusual) : $ledger->caution(PlateFinding::FrameUnusual))
            ->title('Frame '.$m[1].$m[2].' is not usual for '.$own.' hp and '.$poles.' poles')
            ->because('Usual is '.$names.'.'.($fits === [] ? '' : ' '.$m[1].'T is usual for '.implode(' or ', $fits).' hp.').
                ($larger ? ' A larger frame may be a special design.' : ''))
            ->do('Read frame, output and speed again on the nameplate.')
            ->source($this->tables->framesCited())->about('plate.frame', 'plate.power');
    }

    /** The output of the series that a motor has, as the table writes it; null where it is none. */
    private function step(int $poles, float $horsepower): ?string
    {
        foreach ($this->tables->outputsWithFrames($poles) as $step) {
            if (abs($horsepower / (float) $step - 1) < self::SAME) {
                return $step;
            }
        }

        return null;
    }
}
