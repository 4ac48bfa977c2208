<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The photograph of a circuit's plate; its picture is a file outside the web root.
 *
 * @property int $circuit_id
 * @property string $file
 * @property int $width
 * @property int $height
 * @property int $bytes
 * @property Carbon $updated_at
 */
final class Photograph extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'circuit_id';

    protected $fillable = ['circuit_id', 'file', 'width', 'height', 'bytes', 'taken_by'];

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'width' => $this->width, 'height' => $this->height, 'bytes' => $this->bytes,
            'taken_at' => $this->updated_at->toIso8601ZuluString(),
            'url' => '/api/circuits/'.$this->circuit_id.'/photograph/'.pathinfo($this->file, PATHINFO_FILENAME),
        ];
    }
}
