<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Circuit\Choice\Thickener;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\SiteLessons;

/** Which grease, and how much for each end, as it is stamped. */
final readonly class GreasePlate
{
    /**
     * @param  string  $grease  empty where none is stamped
     * @param  list<float>  $grams  g: one for each end alike, or drive end and non-drive end; none where none is stamped
     */
    private function __construct(public string $grease, public array $grams, private SiteLessons $lessons)
    {
    }

    /** What thickens a grease, as the site knows it; null where nobody said. */
    public function thickener(string $grease): ?Thickener
    {
        return $this->lessons->thickener($grease);
    }

    public static function of(Circuit $circuit): self
    {
        return new self(trim($circuit->word('plate.grease') ?? ''), array_slice($circuit->numbers('plate.grease_amount'), 0, 2),
            SiteLessons::read($circuit->lessons()));
    }

    /** g of one end; null where none is stamped. */
    public function gramsOf(GreasedEnd $end): ?float
    {
        return match ($end) {
            GreasedEnd::Both => null, GreasedEnd::Drive => $this->grams[0] ?? null,
            GreasedEnd::Other => $this->grams[1] ?? $this->grams[0] ?? null,
        };
    }

    /** As it is typed into an entry, both ends: `30/20`; empty where nothing is stamped. */
    public function typed(): string
    {
        return implode('/', array_map(static fn (float $grams): string => Show::number($grams, 6), $this->grams));
    }

    /** With its unit, for one end; empty where nothing is stamped. */
    public function shownOf(GreasedEnd $end): string
    {
        $grams = $this->gramsOf($end);

        return $grams === null ? '' : Show::quantity($grams, Unit::Gram);
    }
}
