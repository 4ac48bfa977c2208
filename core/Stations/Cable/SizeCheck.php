<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

/** What a conductor is held against beyond load and voltage drop, once the protective device is known. */
interface SizeCheck
{
    /** The first constraint that it fails, or null. */
    public function rejects(SizeCandidate $candidate): ?Rejection;
}
