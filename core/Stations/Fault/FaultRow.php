<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Ground\FigureName;

/** One fault check: what was found against what is allowed. */
final readonly class FaultRow
{
    /**
     * @param  FigureName|null  $value  what was found; null where it is not known
     * @param  FigureName|null  $limit  what is allowed; null where nothing is
     * @param  string  $why  it is not checked, or what the limit is where that is no figure
     */
    public function __construct(
        public string $label,
        public ?FigureName $value,
        public ?FigureName $limit,
        public FaultVerdict $verdict,
        public string $why = '',
    ) {
    }

    /** The same where what is found rests on a device that does not limit, which only its maker can tell. */
    public function unlessLimited(): self
    {
        return $this->verdict === FaultVerdict::Fails
            ? new self($this->label, $this->value, $this->limit, FaultVerdict::Asks, 'unless the device limits the current') : $this;
    }

    /**
     * A value that must not pass a limit.
     *
     * @param  float|null  $found  null where it is not known
     * @param  float|null  $most  null where nothing is allowed in numbers
     */
    public static function most(string $label, FigureName $value, ?float $found, FigureName $limit, ?float $most, string $why): self
    {
        return match (true) {
            $found === null => new self($label, null, $most === null ? null : $limit, FaultVerdict::NotChecked, $why),
            $most === null => new self($label, $value, null, FaultVerdict::Told),
            default => new self($label, $value, $limit, $found <= $most * (1 + 1e-6) ? FaultVerdict::Passes : FaultVerdict::Fails),
        };
    }
}
