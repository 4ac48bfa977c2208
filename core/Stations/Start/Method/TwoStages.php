<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Stations\Start\StartFigures;
use Override;

/** What holds for a starter that feeds less voltage first and the whole of it after a time. */
abstract readonly class TwoStages extends ThreeLeads
{
    #[Override]
    public function changesOver(): bool
    {
        return true;
    }

    #[Override]
    public function inrush(StartFigures $figures, ?Figure $stageTime, ?Figure $runUpTime): ?Inrush
    {
        return Inrush::inTwoStages($this->lineCurrent($figures), $figures, $stageTime, $runUpTime);
    }
}
