<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Stored;
use BraveAnvil\Records\Instruments\FaultKind;
use BraveAnvil\Records\Instruments\HiddenFault;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A hidden fault of a circuit that somebody is to find with the stand-ins.
 *
 * @property int $id
 * @property int $circuit_id
 * @property string $fault
 * @property string $load_percent
 * @property int $seed
 * @property string $taken
 * @property string|null $named
 * @property int|null $named_by
 * @property Carbon|null $ended_at
 * @property Carbon $created_at
 * @property Circuit $circuit
 * @property Person $setter
 */
final class Drill extends Model
{
    protected $fillable = ['circuit_id', 'fault', 'load_percent', 'seed', 'taken', 'set_by', 'named_by', 'named', 'ended_at'];

    /** @var array<string, string> */
    protected $casts = ['ended_at' => 'datetime'];

    /** @return BelongsTo<Circuit, $this> */
    public function circuit(): BelongsTo
    {
        return $this->belongsTo(Circuit::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function setter(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'set_by');
    }

    public function hidden(): HiddenFault
    {
        /** @var array{kind: string, size: float|int, place: int} $fault */
        $fault = Stored::map($this->fault);

        return new HiddenFault(FaultKind::from($fault['kind']), (float) $fault['size'], $fault['place']);
    }

    /** @return list<array{kind: string, values: array<string, mixed>}> readings taken so far, oldest first */
    public function takenReadings(): array
    {
        /** @var list<array{kind: string, values: array<string, mixed>}> $taken */
        $taken = Stored::map($this->taken);

        return $taken;
    }
}
