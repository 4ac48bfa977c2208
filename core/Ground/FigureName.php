<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** The name of a figure. Key, label, unit and station stand in one place; a misspelt one does not compile. */
interface FigureName
{
    /** Dotted and stable once published, `power.input`. */
    public function key(): string;

    /** What a person reads before the value. A figure may carry a closer one. */
    public function label(): string;

    /** The unit of its value. A figure may carry another where the rule book prints text. */
    public function unit(): Unit;

    /** The station in whose working it stands. */
    public function station(): Station;
}
