<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One step of a revision on its way: sent to review, returned, issued, superseded, withdrawn. Steps are only added.
 *
 * @property int $id
 * @property int $revision_id
 * @property string $step
 * @property string $kind `for_use` or `as_found`; empty where the step has none
 * @property string $remark
 * @property string $decisions JSON list of what was taken on or written
 * @property int $person_id
 * @property Carbon $created_at
 * @property Person $person
 */
final class RevisionStep extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['revision_id', 'step', 'kind', 'remark', 'decisions', 'person_id'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'step' => $this->step, 'kind' => $this->kind, 'remark' => $this->remark, 'by' => $this->person->name,
            'at' => $this->created_at->toIso8601ZuluString(),
        ];
    }
}
