<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

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
    ) {
    }

    /** @return array{name: string, star: string, star_delta: string, earth: string, protective: string, protective_short: string, cable: string, scpd: string, disconnect: string, plate_layout: string} */
    public function toArray(): array
    {
        return [
            'name' => $this->name, 'star' => $this->star, 'star_delta' => $this->starDelta, 'earth' => $this->earth,
            'protective' => $this->protective, 'protective_short' => $this->protectiveShort, 'cable' => $this->cable, 'scpd' => $this->scpd,
            'disconnect' => $this->disconnect, 'plate_layout' => $this->plateLayout->value,
        ];
    }
}
