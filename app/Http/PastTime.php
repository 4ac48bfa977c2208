<?php

declare(strict_types=1);

namespace App\Http;

use BraveAnvil\Stations\Prove\ReadingReader;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** When something was read or done: a date and time of the format, not before 1900. */
final class PastTime implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || ! ReadingReader::isTime($value)) {
            $fail('This is not a date. Enter it as 2026-11-26T08:30:00Z.');
        }
    }
}
