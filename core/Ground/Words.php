<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** The terms of a rule book: one word for one thing, in the core's sentences and on the screen. */
final readonly class Words
{
    public function __construct(
        public string $name,
        public string $star,
        public string $starDelta,
        public string $earth,
        public string $protective,
        public string $protectiveShort,
        public string $cable,
        public string $scpd,
        public string $disconnect,
        /** how the plates of this world are laid out */
        public PlateLayout $plateLayout,
        /** @var array<string, string> the book's term, by the one that the stations write, in small letters */
        public array $instead = [],
    ) {
    }

    /** The words that the stations write in; those of every other book are put in for them. */
    public static function iec(): self
    {
        return new self(
            'IEC 60364', 'star', 'star-delta', 'earth', 'protective conductor', 'PE', 'cable', 'short-circuit protective device',
            'isolator', PlateLayout::Iec,
        );
    }

    /** The book in a sentence: “the NEC”, “IEC 60364”. */
    public function named(): string
    {
        return str_starts_with($this->name, 'IEC ') ? $this->name : 'the '.$this->name;
    }

    /** A term of the stations in the words of this book. */
    public function of(string $term): string
    {
        return $this->instead[$term] ?? $term;
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return [
            'name' => $this->name, 'star' => $this->star, 'star_delta' => $this->starDelta, 'earth' => $this->earth,
            'protective' => $this->protective, 'protective_short' => $this->protectiveShort, 'cable' => $this->cable, 'scpd' => $this->scpd,
            'disconnect' => $this->disconnect, 'plate_layout' => $this->plateLayout->value,
            'ampacity' => $this->of('current-carrying capacity'), 'breaking_capacity' => $this->of('breaking capacity'),
            'fault_current' => $this->of('prospective short-circuit current'), 'prove_dead' => $this->of('prove dead'),
            'lock_off' => $this->of('lock off'), 'design_current' => $this->of('design current'), 'direct' => $this->of('direct-on-line'),
        ];
    }
}
