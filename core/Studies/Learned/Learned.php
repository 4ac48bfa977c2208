<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Learned;

use BraveAnvil\Ground\FigureName;
use Closure;

/** A rule of thumb that people carry: what it says, what it gives here, where it holds and where it fails. Never used in a result. */
final readonly class Learned
{
    /**
     * @param  FigureName  $figure  beside which it stands
     * @param  string  $says  as people say it
     * @param  string  $holds  where it is near
     * @param  string  $fails  where it is not
     * @param  Closure(Here): float  $gives  what it gives here, in the unit of that figure; not a number where it says nothing
     * @param  bool  $isLimit  whether it names a limit, which the figure itself need not reach
     */
    public function __construct(
        public FigureName $figure,
        public string $says,
        public string $holds,
        public string $fails,
        private Closure $gives,
        public bool $isLimit = false,
    ) {
    }

    /** Null where it says nothing. */
    public function gives(Here $here): ?float
    {
        $value = ($this->gives)($here);

        return is_finite($value) ? $value : null;
    }
}
