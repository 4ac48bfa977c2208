<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

/** One starting method with its outcome. */
final readonly class MethodRow
{
    /**
     * @param  string  $reason  of the verdict, as a sentence
     * @param  array<string, float>  $values  by quantity, in its unit; without those that there are not
     */
    public function __construct(
        public ComparedMethod $method,
        public MethodAttempt $attempt,
        public MethodVerdict $verdict,
        public string $reason,
        private array $values,
    ) {
    }

    /** In the unit of the quantity; null where there is none. */
    public function value(ComparedQuantity $quantity): ?float
    {
        return $this->values[$quantity->value] ?? null;
    }
}
