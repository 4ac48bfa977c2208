<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Board;
use App\Models\Circuit;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Tables\Tables;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The yard's list: which circuits, in which order, and how many share a device, a cable, a starter or an area. */
final readonly class CircuitList
{
    public const PAGE = 100;

    private const MOST_GROUPS = 60;

    private const GRADES = ['stop', 'caution', 'note', 'none'];

    private const SORTS = [
        'tag' => 'tag', 'output' => 'output_w', 'current' => 'current_a', 'worst' => 'worst_rank', 'updated' => 'updated_at',
        'dip' => 'dip_percent', 'device' => 'scpd_a', 'cable' => 'cable_a', 'dial' => 'dial_a', 'starting' => 'method',
    ];

    /** What circuits are counted by. */
    private const GROUPS = ['device' => 'device', 'cable' => 'cable', 'starting' => 'method', 'area' => 'area', 'board' => 'board_id'];

    /** @param  Builder<Circuit>  $circuits */
    private function __construct(private Builder $circuits)
    {
    }

    /**
     * @param  array<string, mixed>  $wanted  `site`, `worst`, `area`, `starting`, `device`, `cable`,
     * @param  string  $search  in tag, machine, area, and what is bought or set; empty for all
     */
    public static function of(array $wanted, string $search, bool $archived): self
    {
        $circuits = Circuit::query();
        $archived ? $circuits->whereNotNull('archived_at') : $circuits->whereNull('archived_at');
        foreach (['site' => 'site_id', 'worst' => 'worst', ...self::GROUPS] as $name => $column) {
            if (($wanted[$name] ?? null) !== null && ($name !== 'worst' || in_array($wanted[$name], self::GRADES, true))) {
                $circuits->where($column, $wanted[$name]);
            }
        }
        // As a keyboard has blanks: so they are kept.
        $search = trim(str_replace(["\u{00A0}", "\u{202F}"], ' ', $search));
        if ($search !== '') {
            $like = '%'.addcslashes($search, '%_\\').'%';
            $circuits->where(
                static fn (Builder $q): Builder => $q
                    ->where('tag', 'ilike', $like)
                    ->orWhere('drives', 'ilike', $like)
                    ->orWhere('area', 'ilike', $like)
                    ->orWhere('says', 'ilike', $like),
            );
        }

        return new self($circuits);
    }

    public function count(): int
    {
        return $this->circuits->count();
    }

    /**
     * @param  string  $sort  by what; the tag where it is not known
     * @return Collection<int, Circuit>
     */
    public function page(int $page, string $sort, bool $down): Collection
    {
        /** @var Collection<int, Circuit> $rows */
        $rows = (clone $this->circuits)
            ->orderByRaw((self::SORTS[$sort] ?? 'tag').($down ? ' desc' : ' asc').' nulls last')
            ->orderBy('id')
            ->forPage($page, self::PAGE)
            ->with('board:id,tag')
            ->get([
                'id', 'site_id', 'board_id', 'tag', 'area', 'drives', 'rule_book', 'worst', 'stops', 'cautions', 'notes', 'errors',
                'output_w',
                'current_a', 'method', 'cable', 'device', 'dial_a', 'dip_percent', 'worst_says', 'worst_station', 'updated_at',
            ]);

        return $rows;
    }

    /** @return list<array{value: string, label: string, count: int}> the most first; none where it is not counted by that */
    public function groups(string $by): array
    {
        $column = self::GROUPS[$by] ?? null;
        if ($column === null) {
            return [];
        }

        return array_values((clone $this->circuits)->toBase()->selectRaw("$column as value, min(rule_book) as book, count(*) as many")
            ->whereNotNull($column)->whereRaw("$column::text != ''")
            ->groupBy($column)->orderByDesc('many')->orderBy($column)->limit(self::MOST_GROUPS)->get()
            ->map(static fn (object $row): array => [
                'value' => (string) $row->value, 'label' => self::labelled($by, (string) $row->value, (string) $row->book),
                'count' => (int) $row->many,
            ])->all());
    }

    private static function labelled(string $by, string $value, string $book): string
    {
        if ($by === 'board') {
            return Board::query()->find((int) $value)->tag ?? '';
        }
        $words = (new RuleBooks(Tables::shipped()))->named($book)?->words();

        return $by === 'starting' && $words !== null ? MethodName::tryFrom($value)?->label($words) ?? $value : $value;
    }
}
