<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Correct\CorrectFigure;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Plate\PlateFigure;

/** What somebody buys, sets or decides by a solution: sizes, devices, dials, and what stops or wants care. */
final readonly class Outcome
{
    /** A size or a device counts this much when it flips, a dial or a class that much. */
    private const SIZE = 4.0;

    private const SETTING = 2.0;

    private const STOP = 8.0;

    private const CAUTION = 1.0;

    /** Share by which a dial must move before somebody would set it otherwise; common practice. */
    private const LEAST_MOVE = 0.01;

    /**
     * @param  array<string, Figure>  $figures  by key
     * @param  array<string, Finding>  $findings  stops and cautions by code
     */
    private function __construct(private array $figures, private array $findings)
    {
    }

    public static function of(Ledger $ledger): self
    {
        $keys = [];
        foreach ([...self::sizes(), ...self::settings()] as $name) {
            $keys[$name->key()] = true;
        }
        $figures = [];
        foreach ($ledger->figures() as $figure) {
            if (isset($keys[$figure->key()])) {
                $figures[$figure->key()] = $figure;
            }
        }
        $findings = [];
        foreach ($ledger->findings() as $finding) {
            if ($finding->grade !== Grade::Note) {
                $findings[$finding->code->code()] ??= $finding;
            }
        }

        return new self($figures, $findings);
    }

    /** @return list<FigureName> figures that a size, a device or a setting is bought or set by */
    public static function decisive(): array
    {
        return [...self::sizes(), ...self::settings()];
    }

    /** @return list<Flip> what another outcome has otherwise */
    public function against(self $other): array
    {
        $flips = [];
        foreach (self::sizes() as $name) {
            $flips[] = $this->flip($name, $other, self::SIZE);
        }
        foreach (self::settings() as $name) {
            $flips[] = $this->flip($name, $other, self::SETTING);
        }
        foreach ($other->findings as $code => $finding) {
            $before = $this->findings[$code] ?? null;
            if ($before?->grade !== $finding->grade) {
                $flips[] = new Flip(
                    $finding->title, $before === null ? 'none' : $before->grade->value, $finding->grade->value,
                    self::weight($finding->grade),
                );
            }
        }
        foreach ($this->findings as $code => $finding) {
            if (! isset($other->findings[$code])) {
                $flips[] = new Flip($finding->title, $finding->grade->value, 'none', self::weight($finding->grade));
            }
        }

        // Both runs of a cable may change alike: it is told once.
        $told = [];
        foreach (array_filter($flips) as $flip) {
            $told["$flip->label $flip->from $flip->to"] ??= $flip;
        }

        return array_values($told);
    }

    private function flip(FigureName $name, self $other, float $weight): ?Flip
    {
        $before = $this->figures[$name->key()] ?? null;
        $after = $other->figures[$name->key()] ?? null;
        if ($before === null || $after === null) {
            $figure = $before ?? $after;

            return $figure === null
                ? null : new Flip($figure->label, $before?->shown(3) ?? 'none', $after?->shown(3) ?? 'none', $weight);
        }
        $same = is_string($before->value) || is_string($after->value)
            ? $before->value === $after->value
            : abs($after->value - $before->value) <= self::LEAST_MOVE * abs($before->value);

        return $same ? null : new Flip($after->label, $before->shown(3), $after->shown(3), $weight);
    }

    private static function weight(Grade $grade): float
    {
        return $grade === Grade::Stop ? self::STOP : self::CAUTION;
    }

    /** @return list<FigureName> */
    private static function sizes(): array
    {
        return [
            PlateFigure::Connection, CableFigure::Size, CableFigure::Sets, CableFigure::LineSize, CableFigure::LineSets,
            CableFigure::ProtectiveSize, CableFigure::LineProtectiveSize, CableFigure::RacewayTradeSize, CableFigure::LineRacewayTradeSize,
            GuardFigure::ScpdRating, GuardFigure::DisconnectSize, CorrectFigure::CapacitorRating, CorrectFigure::ConductorSize,
        ];
    }

    /** @return list<FigureName> */
    private static function settings(): array
    {
        return [GuardFigure::OverloadDial, GuardFigure::OverloadClass, GuardFigure::InstantaneousSetting, CorrectFigure::FuseRating];
    }
}
