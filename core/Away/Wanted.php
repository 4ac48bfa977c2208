<?php

declare(strict_types=1);

namespace BraveAnvil\Away;

use BraveAnvil\Ground\Station;

use function array_filter;
use function array_intersect;
use function array_values;
use function is_array;
use function is_string;

/** What a page wants of a solution: what the station before it shows, but for what it holds of an earlier one. */
final readonly class Wanted
{
    /**
     * @param  Station|null  $station  whose workings are wanted; null: of all stations, with every picture
     * @param  list<string>  $curves  names of the pictures that are drawn there
     * @param  array<string, string>  $held  fingerprints of what the page holds, by part
     */
    public function __construct(public ?Station $station = null, public array $curves = [], public array $held = [])
    {
    }

    /** @param  array<array-key, mixed>  $asked  as it was decoded; what cannot be read in it is as if it were not said */
    public static function read(array $asked): self
    {
        $station = is_string($asked['station'] ?? null) ? Station::tryFrom($asked['station']) : null;
        $curves = is_array($asked['curves'] ?? null) ? array_values(array_filter($asked['curves'], is_string(...))) : [];
        $held = [];
        foreach (is_array($asked['held'] ?? null) ? $asked['held'] : [] as $name => $fingerprint) {
            if (is_string($fingerprint)) {
                $held[(string) $name] = $fingerprint;
            }
        }

        return new self($station, $curves, $held);
    }

    /**
     * @param  list<string>  $names
     * @return list<string> those pictures that are wanted of them
     */
    public function curvesOf(array $names): array
    {
        return $this->station === null ? $names : array_values(array_intersect($names, $this->curves));
    }

    public function workings(string $station): bool
    {
        return $this->station === null || $this->station->value === $station;
    }
}
