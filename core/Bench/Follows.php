<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Figure;

/** Which figures follow from a field at once, by their lineage. */
final readonly class Follows
{
    /** As many as a person reads beside a stamp. */
    private const MOST = 6;

    /** @var array<string, array<int, true>> places of the figures that take something, by what they take */
    private array $takers;

    /** @param  list<Figure>  $figures  in the order in which they were written */
    public function __construct(private array $figures)
    {
        $takers = [];
        foreach ($figures as $place => $figure) {
            foreach ($figure->from as $origin) {
                $takers[$origin][$place] = true;
            }
        }
        $this->takers = $takers;
    }

    /** @return list<string> keys of figures that take the field itself, or take it by a figure of the same value */
    public function from(string $path): array
    {
        $field = 'field:'.$path;
        $says = [$field => null];
        $keys = [];
        // What takes a figure stands behind it.
        $next = $this->takers[$field] ?? [];
        while ($next !== []) {
            $place = min(array_keys($next));
            unset($next[$place]);
            $figure = $this->figures[$place];
            $isStamp = array_diff($figure->from, [$field]) === [];
            if ($isStamp || in_array($figure->value, array_intersect_key($says, array_flip($figure->from)), true)) {
                $says[$figure->key()] = $figure->value;
                $next += $this->takers[$figure->key()] ?? [];
            }
            if (! $isStamp) {
                $keys[] = $figure->key();
            }
        }

        return array_slice($keys, 0, self::MOST);
    }
}
