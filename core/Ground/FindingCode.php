<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** The code of a finding, stable once published, and the station that it belongs to. */
interface FindingCode
{
    public function code(): string;

    public function station(): Station;
}
