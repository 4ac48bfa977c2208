<?php

declare(strict_types=1);

namespace App\Instruments;

use RuntimeException;

/** Why an instrument gave no reading, in a sentence for whoever stands before it. */
final class NoReading extends RuntimeException
{
}
