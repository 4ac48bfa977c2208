<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Readiness;

/** Something that whoever signs takes upon himself: an assumed value, or an entry of a table that memory is not sure of. */
final readonly class Acknowledgement
{
    /**
     * @param  string  $key  under which the decision is kept; the same as long as the same thing is assumed or doubted
     * @param  string  $entry  of a table, as corrections name it; empty where it is an assumption or a rule in words
     * @param  list<string>  $sizes  labels of the sizes, devices and settings that rest on it
     */
    public function __construct(public string $key, public string $says, public string $entry, public array $sizes)
    {
    }
}
