<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BackedEnum;
use BraveAnvil\Ground\Words;

/** A field that takes one of a few values: the values of the format, and what a person reads for each. */
interface Choice extends BackedEnum
{
    public function label(Words $words): string;
}
