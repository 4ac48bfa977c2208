<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Margin;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\LocalUnits;
use BraveAnvil\Stations\Cable\CableStation;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Cable\FaultJudge;
use BraveAnvil\Stations\Cable\Ladder;
use BraveAnvil\Stations\Cable\Picks;
use BraveAnvil\Stations\Fault\FaultStation;
use BraveAnvil\Stations\Guard\Protection;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Start\Starting;

/**
 * How close the conductors are: how far each free quantity may go before another size is wanted, by halving the way on the same
 * rules. The device and the start stay as they are.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class MarginStation
{
    /** Times that a way is halved. */
    private const HALVINGS = 14;

    public function __construct(private CableStation $cables, private FaultStation $faults, private LocalUnits $units)
    {
    }

    public function solve(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Starting $starting,
        Cabling $cabling,
        ?Protection $protection,
        Ledger $ledger,
    ): void {
        $try = fn (Circuit $changed): ?string => $this->outcome($changed, $motor, $load, $starting, $protection);
        $now = $try($circuit);
        if ($now === null || $cabling->picks === null) {
            return;
        }
        $rows = [];
        foreach (self::free($circuit) as $path) {
            $row = $this->row($circuit, $path, $now, $try);
            if ($row !== null) {
                $rows[] = $row;
            }
        }
        $ledger->curve(new MarginCurve($rows, $this->units));
    }

    /** @return list<FieldPath> quantities that a person may still change, by their fields */
    private static function free(Circuit $circuit): array
    {
        $buried = $circuit->has('cable.soil_temperature') && ! $circuit->missing('cable.soil_temperature');

        return [
            'cable.length', 'cable.line_length', $buried ? 'cable.soil_temperature' : 'supply.ambient', 'cable.grouped_circuits',
        ];
    }

    /**
     * @param  FieldPath  $path
     * @param  \Closure(Circuit): (string|null)  $try
     */
    private function row(Circuit $circuit, string $path, string $now, \Closure $try): ?MarginRow
    {
        $typed = $circuit->number($path);
        if ($typed === null) {
            return null;
        }
        $field = Fields::named($path);
        $whole = $path === 'cable.grouped_circuits';
        $at = static fn (float $value): ?string => $try($circuit->choosing([$path => $value]));
        $low = $typed->number();
        $high = $field->high;
        $beyond = $at($high);
        if ($beyond === $now) {
            return new MarginRow($path, $field->label, $low, null, $field->unit, null);
        }
        for ($i = 0; $i < self::HALVINGS && ($whole ? $high - $low > 1.5 : $high - $low > 1e-3 * $high); $i++) {
            $middle = match (true) {
                $whole => floor(($low + $high) / 2),
                // A length may grow a hundredfold: halving the ratio tells a short one as closely as a long one.
                $low > 0 => sqrt($low * $high),
                default => ($low + $high) / 2,
            };
            $outcome = $at($middle);
            if ($outcome === $now) {
                $low = $middle;
            } else {
                $high = $middle;
                $beyond = $outcome;
            }
        }

        // Tables step at whole numbers: the row that is just reached still counts.
        $next = ceil($low);
        if ($next > $low && $next < $field->high && $at($next) === $now) {
            $low = $next;
        }

        return new MarginRow($path, $field->label, $typed->number(), $low, $field->unit, $beyond);
    }

    /** Which conductors are taken, in words; null while something waits or no size passes. */
    private function outcome(Circuit $circuit, Motor $motor, Load $load, Starting $starting, ?Protection $protection): ?string
    {
        [$toMotor, $toStarter] = $this->cables->ladders($circuit, $motor, $load, $starting, new Ledger());
        if ($toMotor === null || ($circuit->has('cable.line_length') && $toStarter === null)) {
            return null;
        }
        $tried = new Cabling(null, null, $toMotor, $toStarter);
        $judge = $this->faults->judge($circuit, $motor, $starting, $tried, $protection);
        $picks = CableStation::picks($toMotor, $toStarter, $judge);
        if ($judge !== null && ($picks->motor === null || ($toStarter !== null && $picks->line === null))) {
            $judge = null;
            $picks = CableStation::picks($toMotor, $toStarter, null);
        }
        if ($picks->motor === null || ($toStarter !== null && $picks->line === null)) {
            return null;
        }

        return self::words($toMotor, $toStarter, $picks, $judge);
    }

    private static function words(Ladder $motor, ?Ladder $line, Picks $picks, ?FaultJudge $judge): string
    {
        $text = $picks->motor === null ? '' : $motor->candidate($picks->motor)->conductor->text;
        if ($line !== null && $picks->line !== null) {
            $text .= ', '.$line->candidate($picks->line)->conductor->text.' to the starter';
        }
        $upstream = $line === null || $picks->line === null ? null : $line->candidate($picks->line);
        $passes = $motor->passes($picks->motor, $line?->spent($picks->line) ?? $motor->spent(null), $judge?->motor($upstream));

        // A size that is there already does not change: it passes, or it does no more.
        return $motor->fixed() && ! $passes ? $text.' no longer passes' : $text;
    }
}
