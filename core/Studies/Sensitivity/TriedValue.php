<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

/** One other value, and what came out otherwise with it. */
final readonly class TriedValue
{
    /**
     * @param  string  $value  as a person reads it
     * @param  list<Flip>  $flips
     */
    public function __construct(public string $value, public array $flips)
    {
    }
}
