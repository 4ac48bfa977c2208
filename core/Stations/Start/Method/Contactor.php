<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

/** A contactor of a starter, and the share of the line current that it carries. */
final readonly class Contactor
{
    /**
     * @param  string  $formula  of its current in letters, `I / √3`
     * @param  string  $working  with `{I}` for the line current
     */
    public function __construct(public ContactorRole $role, public float $share, public string $formula, public string $working)
    {
    }
}
