<?php

declare(strict_types=1);

namespace BraveAnvil\Tables;

use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\EntryCorrection;

/** The tables that one solution rests on: as they ship, or with a site's own entries in their place. Each file is read once. */
final class Tables
{
    /** @var array<string, Table> as they ship */
    private static array $shipped = [];

    /** @var array<string, true> */
    private array $asked = [];

    /** @param  array<string, Table>  $own  those in which an entry is replaced */
    private function __construct(private readonly array $own)
    {
    }

    public static function shipped(): self
    {
        return new self([]);
    }

    public function named(TableName $name): Table
    {
        $this->asked[$name->value] = true;

        return $this->own[$name->value] ?? (self::$shipped[$name->value] ??= Table::read($name));
    }

    /** @return list<Table> those that were asked since, by name */
    public function asked(): array
    {
        ksort($this->asked);

        return array_map(fn (string $name): Table => $this->named(TableName::from($name)), array_keys($this->asked));
    }

    /**
     * The same with single entries replaced.
     *
     * @param  list<EntryCorrection>  $corrections
     *
     * @throws Defect when one names a table or an entry that is not there
     */
    public function withCorrections(array $corrections): self
    {
        $own = $this->own;
        foreach ($corrections as $correction) {
            $name = TableName::tryFrom($correction->table) ?? throw Defect::notATable($correction->table);
            $own[$name->value] = ($own[$name->value] ?? $this->named($name))->corrected($correction);
        }

        return new self($own);
    }
}
