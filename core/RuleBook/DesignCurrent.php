<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\FindingBuilder;

/** The current that sizes a circuit, with what is to be said of it. */
final readonly class DesignCurrent
{
    /**
     * @param  Figure|null  $figure  A, null where none is known
     * @param  list<FindingBuilder>  $findings
     * @param  string|null  $missing  why the plate's current is wanted
     */
    public function __construct(public ?Figure $figure, public array $findings = [], public ?string $missing = null)
    {
    }
}
