<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Ground\FieldError;

/** What one circuit draws at its load, before any correction. */
final readonly class DrawnLoad
{
    /**
     * @param  float|null  $power  W; null where it does not follow
     * @param  float|null  $reactive  var
     * @param  list<FieldError>  $errors
     */
    public function __construct(public string $tag, public ?float $power, public ?float $reactive, public array $errors)
    {
    }
}
