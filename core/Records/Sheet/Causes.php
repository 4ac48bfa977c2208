<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Sheet;

/** Which changed fields a figure comes from, along its lineage. */
final class Causes
{
    /** @var array<string, list<string>> labels by key of a figure */
    private array $known = [];

    /**
     * @param  array<string, array<array-key, mixed>>  $figures  as JSON has them, by key
     * @param  array<string, string>  $changed  labels of changed fields by path
     */
    public function __construct(private readonly array $figures, private readonly array $changed)
    {
    }

    /**
     * What a simulation gives has no lineage to every field that went into it: then all that changed may be the cause, and says so.
     *
     * @return list<string> labels, each once
     */
    public function of(string $key): array
    {
        $causes = $this->along($key);
        if ($causes !== [] || $this->changed === []) {
            return $causes;
        }
        $all = array_values(array_unique($this->changed));

        return count($all) === 1 ? $all : ['one of: '.implode(', ', $all)];
    }

    /** @return list<string> labels, each once */
    private function along(string $key): array
    {
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        // A figure is never its own cause.
        $this->known[$key] = [];
        $causes = [];
        $from = $this->figures[$key]['from'] ?? [];
        foreach (is_array($from) ? $from : [] as $origin) {
            $field = is_array($origin) ? $origin['field'] ?? null : null;
            $figure = is_array($origin) ? $origin['figure'] ?? null : null;
            if (is_string($field) && isset($this->changed[$field])) {
                $causes[$this->changed[$field]] = true;
            }
            foreach (is_string($figure) ? $this->along($figure) : [] as $cause) {
                $causes[$cause] = true;
            }
        }

        return $this->known[$key] = array_keys($causes);
    }
}
