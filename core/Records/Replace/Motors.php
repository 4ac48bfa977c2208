<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Replace;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Tables\Practice\StampTables;
use BraveAnvil\Tables\Tables;

/** The motor that is there and the one that is offered, both solved in the same circuit. */
final readonly class Motors
{
    /**
     * @param  array<array-key, mixed>  $circuit  as it was decoded, with the plate of the motor that is there
     * @param  array<array-key, mixed>  $was  that plate
     * @param  array<array-key, mixed>  $is  the plate of the other
     */
    private function __construct(
        public array $circuit,
        public array $was,
        public array $is,
        public Solution $present,
        public Solution $offered,
        public ?RuleBook $book,
        public StampTables $stamps,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $circuit
     * @param  array<array-key, mixed>  $plate
     */
    public static function of(array $circuit, array $plate): self
    {
        $present = Bench::solve($circuit);
        $tables = Tables::shipped();

        return new self(
            $circuit, is_array($circuit['plate'] ?? null) ? $circuit['plate'] : [], $plate, $present,
            Bench::solve([...$circuit, 'plate' => $plate]), (new RuleBooks($tables))->named($present->ruleBook), new StampTables($tables),
        );
    }

    /** @return array{string, string} what both plates say in one field, in capitals; empty where they do not */
    public function stamped(string $name): array
    {
        return [self::text($this->was, $name), self::text($this->is, $name)];
    }

    /** @return array{Figure|null, Figure|null} null where it waits */
    public function figures(FigureName $name): array
    {
        return [$this->present->figure($name), $this->offered->figure($name)];
    }

    /** The first finding with one of these codes, or null. */
    public static function finding(Solution $solution, PlateFinding ...$codes): ?Finding
    {
        foreach ($solution->findings as $finding) {
            if (in_array($finding->code, $codes, true)) {
                return $finding;
            }
        }

        return null;
    }

    /** @param  array<array-key, mixed>  $plate */
    private static function text(array $plate, string $name): string
    {
        $value = $plate[$name] ?? '';

        return is_scalar($value) ? strtoupper(Typed::plain((string) $value)) : '';
    }
}
