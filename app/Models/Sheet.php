<?php

declare(strict_types=1);

namespace App\Models;

use App\Sheet\SheetRecord;
use BraveAnvil\Records\Sheet\SealedSheet;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The sealed record of one issued sheet, byte for byte as it was signed.
 *
 * @property int $id
 * @property int $revision_id
 * @property string $record
 * @property string $sha256
 * @property Carbon $created_at
 */
final class Sheet extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['revision_id', 'record', 'sha256'];

    /** Of an issued revision what was sealed, byte for byte; of another one what is kept. */
    public static function sealedOf(Revision $revision): SealedSheet
    {
        $sheet = self::query()->where('revision_id', $revision->id)->first();

        return $sheet === null ? SheetRecord::of($revision) : SealedSheet::read($sheet->record);
    }
}
