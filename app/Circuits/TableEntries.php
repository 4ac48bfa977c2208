<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Site;
use BraveAnvil\Ground\Show;
use BraveAnvil\Tables\EntryPath;
use BraveAnvil\Tables\EntryPlace;
use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\Tables;
use Illuminate\Support\Facades\DB;

/** What a person with the printed book must know of a table entry to hold it against the page. */
final class TableEntries
{
    /** Most doubts that are listed. */
    private const MOST = 200;

    /** @return list<array<string, mixed>> doubted entries that the site's circuits rest on, most used first */
    public function doubts(Site $site): array
    {
        $rows = DB::select(
            'SELECT path, count(*) AS circuits FROM circuits, jsonb_array_elements_text(doubts) AS path
             WHERE site_id = ? AND archived_at IS NULL GROUP BY path ORDER BY count(*) DESC, path LIMIT '.self::MOST,
            [$site->id],
        );
        $settled = array_column($this->corrections($site), 'path');
        $listed = [];
        foreach ($rows as $row) {
            $entry = in_array($row->path, $settled, true) ? null : $this->entry((string) $row->path);
            if ($entry !== null) {
                $listed[] = [...$entry, 'circuits' => (int) $row->circuits];
            }
        }

        return $listed;
    }

    /** @return list<array<string, mixed>> what the site corrected or confirmed, with what was shipped */
    public function kept(Site $site): array
    {
        $kept = [];
        foreach ($this->corrections($site) as $one) {
            $entry = $this->entry((string) $one['path']);
            if ($entry !== null) {
                $kept[] = [
                    ...$entry, 'shipped' => $entry['shown'], 'confirmed' => abs((float) $one['value'] - (float) $entry['value']) < 1e-9,
                    'value' => (float) $one['value'], 'shown' => Show::number((float) $one['value'], 6), 'by' => $one['by'],
                    'on' => $one['on'],
                    'why' => $one['why'], 'page' => $one['page'] ?? '',
                ];
            }
        }

        return $kept;
    }

    /** @return list<array<string, mixed>> as they stand in the site's settings */
    public function corrections(Site $site): array
    {
        $own = $site->settings['corrections'] ?? [];

        return is_array($own) ? array_values(array_filter($own, is_array(...))) : [];
    }

    /** @return array<string, mixed>|null */
    private function entry(string $path): ?array
    {
        $found = EntryPath::find(Tables::shipped(), $path);
        if ($found === null) {
            return null;
        }
        $table = Tables::shipped()->named($found->table);
        $value = $table->number(...Table::path($found->pointer));

        return [
            'path' => $path, 'table' => $table->source, 'edition' => $table->edition, 'unit' => $table->unit,
            'place' => EntryPlace::of($table, $found->pointer),
            'value' => $value, 'shown' => $value === null ? 'blank' : Show::number($value, 6),
            'reason' => $table->doubt(...Table::path($found->pointer))?->reason,
        ];
    }
}
