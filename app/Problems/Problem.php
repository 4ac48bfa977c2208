<?php

declare(strict_types=1);

namespace App\Problems;

use RuntimeException;

/** What a person is told when a request cannot be carried out (RFC 9457). */
final class Problem extends RuntimeException
{
    /**
     * @param  list<array{path: string, text: string, accepted: string}>  $errors
     * @param  array<string, mixed>  $more  further members, such as the state that stands against the request
     */
    public function __construct(
        public readonly int $status,
        public readonly string $type,
        public readonly string $title,
        string $detail,
        public readonly array $errors = [],
        public readonly array $more = [],
    ) {
        parent::__construct($detail);
    }
}
