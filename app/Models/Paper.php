<?php

declare(strict_types=1);

namespace App\Models;

use App\Problems\Problem;
use App\Sheet\MakePaper;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A PDF that a worker makes: asked for, under way, done, failed or called off.
 *
 * @property int $id
 * @property string $name `file_sheet`, `defects.pdf`, or that of a schedule
 * @property int|null $revision_id
 * @property int|null $site_id
 * @property int|null $round_id
 * @property string $origin address of the house as the person reached it, for the code on the paper
 * @property string $state `waiting`, `under_way`, `done`, `failed` or `cancelled`
 * @property string $file
 * @property int $asked_by
 * @property Carbon $created_at
 * @property Revision|null $revision
 */
final class Paper extends Model
{
    protected $fillable = ['name', 'revision_id', 'site_id', 'round_id', 'origin', 'state', 'file', 'asked_by'];

    /** Papers of one person that are made or wait at one time. */
    private const AT_ONCE = 3;

    /**
     * Asks the workers for one.
     *
     * @param  array<model-property<self>, mixed>  $about
     *
     * @throws Problem where as many of this person as may be are under way
     */
    public static function ask(Person $person, array $about): self
    {
        $under = self::query()->where('asked_by', $person->id)->whereIn('state', ['waiting', 'under_way'])
            ->where('created_at', '>', Carbon::now()->subHour())->count();
        if ($under >= self::AT_ONCE) {
            throw new Problem(
                429, 'too_many', 'Three documents are being created', 'Three of your documents are being created. Wait for one, or '.
                'cancel one.',
            );
        }
        $paper = self::query()->create([...$about, 'state' => 'waiting', 'file' => '', 'asked_by' => $person->id]);
        MakePaper::dispatch($paper->id)->onQueue('papers');

        return $paper;
    }

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'state' => $this->state];
    }
}
