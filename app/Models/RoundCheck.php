<?php

declare(strict_types=1);

namespace App\Models;

use BraveAnvil\Records\Round\RoundItem;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One thing that was looked at on a round.
 *
 * @property int $id
 * @property int $round_id
 * @property int $circuit_id
 * @property string $item
 * @property string $expected
 * @property bool $same
 * @property string $found
 * @property string $grade empty where it is the same
 * @property string $says
 * @property int $checked_by
 * @property Carbon $updated_at
 * @property Circuit $circuit
 */
final class RoundCheck extends Model
{
    protected $fillable = ['round_id', 'circuit_id', 'item', 'expected', 'same', 'found', 'grade', 'says', 'checked_by'];

    /** @var array<string, string> */
    protected $casts = ['same' => 'boolean'];

    /** @return BelongsTo<Circuit, $this> */
    public function circuit(): BelongsTo
    {
        return $this->belongsTo(Circuit::class);
    }

    public function label(): string
    {
        return RoundItem::tryFrom($this->item)?->label() ?? $this->item;
    }

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'item' => $this->item, 'label' => $this->label(), 'expected' => $this->expected, 'same' => $this->same, 'found' => $this->found,
            'grade' => $this->grade, 'says' => $this->says,
        ];
    }
}
