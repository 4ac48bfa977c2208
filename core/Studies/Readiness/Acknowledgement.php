<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Readiness;

use BraveAnvil\Circuit\Figure;

/** Something that whoever signs takes upon himself: an assumed value, or an entry of a table that memory is not sure of. */
final readonly class Acknowledgement
{
    /**
     * @param  string  $key  under which the decision is kept; the same as long as the same thing is assumed or doubted
     * @param  string  $entry  of a table, as corrections name it; empty where it is an assumption or a rule in words
     * @param  list<string>  $sizes  labels of the sizes, devices and settings that rest on it
     */
    public function __construct(public string $key, public string $says, public string $entry, public array $sizes)
    {
    }

    /**
     * What figures rest on that is assumed or doubted, each once.
     *
     * @param  list<Figure>  $figures  that somebody buys, pulls or sets something by
     * @return list<self>
     */
    public static function of(array $figures): array
    {
        $taken = [];
        foreach ($figures as $figure) {
            foreach ($figure->assumptions as $assumption) {
                $taken['assumed: '.$assumption][] = $figure;
            }
            if ($figure->doubt !== null) {
                $taken['doubt: '.($figure->doubt->path === '' ? $figure->doubt->reason : $figure->doubt->path)][] = $figure;
            }
        }
        $acknowledgements = [];
        foreach ($taken as $key => $rest) {
            $doubt = str_starts_with($key, 'doubt: ') ? $rest[0]->doubt : null;
            $acknowledgements[] = new self(
                $key, $doubt === null ? substr($key, 9) : $doubt->reason, $doubt->path ?? '',
                array_map(static fn (Figure $figure): string => $figure->label, $rest),
            );
        }

        return $acknowledgements;
    }
}
