<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Figure;

/** Which figures follow from a field at once, by their lineage. */
final readonly class Follows
{
    /** As many as a person reads beside a stamp. */
    private const MOST = 6;

    /** @param  list<Figure>  $figures  in the order in which they were written */
    public function __construct(private array $figures)
    {
    }

    /** @return list<string> keys of figures that take the field itself, or take it by a figure of the same value */
    public function from(string $path): array
    {
        $field = 'field:'.$path;
        $says = [$field => null];
        $keys = [];
        foreach ($this->figures as $figure) {
            $of = array_intersect_key($says, array_flip($figure->from));
            if ($of === []) {
                continue;
            }
            $isStamp = array_keys($of) === [$field] && array_diff($figure->from, [$field]) === [];
            if ($isStamp || in_array($figure->value, $of, true)) {
                $says[$figure->key()] = $figure->value;
            }
            if (! $isStamp) {
                $keys[] = $figure->key();
            }
        }

        return array_slice($keys, 0, self::MOST);
    }
}
