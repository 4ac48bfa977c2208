<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Figure;

/** What instruments told. Null is what they did not. */
final readonly class Measured
{
    /**
     * @param  Figure|null  $voltage  mean between lines, V
     * @param  Figure|null  $current  mean of the lines, A
     * @param  Figure|null  $angle  between phase voltage and current, °
     * @param  Figure|null  $real  W
     * @param  Figure|null  $reactive  var, below nought where the current leads
     * @param  Figure|null  $apparent  VA, where a source has to carry it
     */
    public function __construct(
        public ?Figure $voltage = null,
        public ?Figure $current = null,
        public ?Figure $angle = null,
        public ?Figure $real = null,
        public ?Figure $reactive = null,
        public ?Figure $apparent = null,
    ) {
    }
}
