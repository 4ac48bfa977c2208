<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

/** What a motor draws away from full load. */
interface PartLoad
{
    /** How it is worked out, `machine model` or `approximation`. */
    public function way(): string;

    /**
     * @param  float  $share  of rated output, per unit
     * @return LoadPoint|null null above what the motor can give
     */
    public function at(float $share): ?LoadPoint;

    /**
     * Points from no load to the highest load, close enough to draw a line through.
     *
     * @param  float  $highest  share of rated output, per unit
     * @return list<LoadPoint>
     */
    public function line(float $highest): array;
}
