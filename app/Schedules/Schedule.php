<?php

declare(strict_types=1);

namespace App\Schedules;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Models\Site;
use App\Record\Stored;
use App\Register\CircuitRows;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\TypedFields;
use Closure;

/** One schedule of a site: a row for each circuit that has what it lists, with a mark where something is assumed or stops. */
final readonly class Schedule
{
    private const FIELD = 'field:';

    /** @param  list<list<string>>  $rows  in the order of the heads, the last cell being the mark */
    private function __construct(public ScheduleName $name, public array $rows)
    {
    }

    /**
     * @param  Closure(): bool  $goOn  asked between circuits
     * @return self|null null where it was called off
     */
    public static function of(ScheduleName $name, Site $site, CircuitStore $store, Closure $goOn): ?self
    {
        $rows = [];
        foreach (CircuitRows::documents($site) as $i => ['circuit' => $circuit, 'document' => $document]) {
            if ($i % 50 === 0 && ! $goOn()) {
                return null;
            }
            $circuit->setRelation('site', $site);
            $row = Stored::row(
                "circuit $circuit->id",
                static function () use ($name, $document, $store, $site, $circuit): ?array {
                    $solution = $store->solve(CircuitDocument::of($circuit), $site, $circuit);
                    $wants = $name->wants();

                    return $wants === null || $solution->figure($wants) !== null
                        ? self::row($name, TypedFields::of($document), $solution) : null;
                },
                static fn (string $why): array => [$circuit->tag, ...array_fill(0, count($name->columns()) - 1, ''), $why],
            );
            if ($row !== null) {
                $rows[] = $row;
            }
        }

        return new self($name, $rows);
    }

    /** @return list<string> */
    public function heads(): array
    {
        return [...array_values($this->name->columns()), 'Findings'];
    }

    /**
     * @param  array<string, string>  $typed  by path
     * @return list<string>
     */
    private static function row(ScheduleName $name, array $typed, Solution $solution): array
    {
        $row = [];
        foreach (array_keys($name->columns()) as $key) {
            if (str_starts_with($key, self::FIELD)) {
                $path = substr($key, strlen(self::FIELD));
                $row[] = $solution->read[$path] ?? $typed[$path] ?? '';

                continue;
            }
            $figure = $solution->figure($key);
            $row[] = $figure === null ? '' : str_replace('_', ' ', $figure->shown(3)).($figure->assumed() ? '*' : '');
        }
        $worst = $solution->worst()?->value;

        return [...$row, $worst === 'stop' || $worst === 'caution' ? $worst : ''];
    }
}
