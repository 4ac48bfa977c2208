<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Stored;
use Illuminate\Database\Eloquent\Model;

/**
 * An instrument that speaks Modbus TCP, named by an administrator: where it is, and where its quantities stand.
 *
 * @property int $id
 * @property string $name
 * @property string $host
 * @property int $port
 * @property int $unit
 * @property string $map
 */
final class Analyser extends Model
{
    protected $fillable = ['name', 'host', 'port', 'unit', 'map', 'updated_by'];

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'host' => $this->host, 'port' => $this->port, 'unit' => $this->unit,
            'map' => (object) Stored::row("analyser $this->id", fn (): array => Stored::map($this->map), static fn (): array => []),
        ];
    }
}
