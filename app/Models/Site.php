<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\StoredMap;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Tables\Tables;
use Illuminate\Database\Eloquent\Model;

/**
 * A plant with its rule book, supply and settings.
 *
 * @property int $id
 * @property string $name
 * @property string $rule_book
 * @property array<string, mixed> $supply what a new circuit starts with
 * @property array<string, mixed> $settings copied into a circuit before solving
 * @property list<string> $areas
 * @property int $version
 * @property array<string, mixed>|null $bank what was typed for its capacitor bank, with its version
 * @property string|null $calendar_secret by which its calendar is subscribed to
 * @property string|null $batch_id work that solves its circuits anew
 */
final class Site extends Model
{
    protected $fillable = ['name', 'rule_book', 'supply', 'settings', 'areas', 'bank', 'version'];

    /** @var array<string, string> */
    protected $casts = [
        'supply' => StoredMap::class, 'settings' => StoredMap::class, 'areas' => StoredMap::class, 'bank' => StoredMap::class,
    ];

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'rule_book' => $this->rule_book,
            'facts' => $this->facts(),
            'supply' => (object) $this->supply,
            'settings' => (object) $this->settings,
            'areas' => $this->areas, 'version' => $this->version,
        ];
    }

    /** `400 V, 50 Hz, IEC 60364`. */
    private function facts(): string
    {
        $text = function (string $key, string $unit): ?string {
            $value = $this->supply[$key] ?? null;

            return is_string($value) || is_int($value) || is_float($value) ? $value.' '.$unit : null;
        };
        $book = (new RuleBooks(Tables::shipped()))->named($this->rule_book);

        return implode(', ', array_filter([$text('voltage', 'V'), $text('frequency', 'Hz'), $book?->words()->name]));
    }
}
