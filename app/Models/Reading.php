<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Stored;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A measurement taken in the field: what was typed, what followed, with which instrument, when and by whom. The database
 * lets it be withdrawn once, and nothing else.
 *
 * @property int $id
 * @property int $circuit_id
 * @property string $kind as the format names it
 * @property string $method how power was measured, else the kind
 * @property string $instrument
 * @property string $note
 * @property string $values
 * @property string $figures
 * @property string $core
 * @property string|null $load_percent as typed
 * @property bool $simulated
 * @property Carbon $taken_at
 * @property Carbon|null $withdrawn_at
 * @property string $withdrawn_why
 * @property Person $taker
 * @property Person|null $withdrawer
 */
final class Reading extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'circuit_id', 'kind', 'method', 'load_percent', 'simulated', 'instrument', 'note', 'values', 'figures', 'core', 'taken_at',
        'taken_by',
    ];

    /** @var array<string, string> */
    protected $casts = ['taken_at' => 'datetime', 'withdrawn_at' => 'datetime', 'simulated' => 'boolean'];

    /** @return BelongsTo<Person, $this> */
    public function taker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'taken_by');
    }

    /** @return BelongsTo<Person, $this> */
    public function withdrawer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'withdrawn_by');
    }

    /** @return array<string, mixed> a row that says so where it cannot be read */
    public function resource(): array
    {
        return Stored::row("reading $this->id", $this->whole(...), fn (string $why): array => [
            ...$this->resourceOf((object) [], []), 'note' => $why,
        ]);
    }

    /** @return array<string, mixed> */
    private function whole(): array
    {
        $figures = Stored::map($this->figures);
        if (! array_is_list($figures) || array_filter($figures, is_array(...)) !== $figures) {
            throw Stored::damaged();
        }

        return $this->resourceOf((object) Stored::map($this->values), $figures);
    }

    /**
     * @param  list<mixed>  $figures
     * @return array<string, mixed>
     */
    private function resourceOf(object $values, array $figures): array
    {
        return [
            'id' => $this->id, 'kind' => $this->kind, 'load_percent' => $this->load_percent,
            'simulated' => $this->simulated,
            'document' => $this->document(), 'method' => $this->method, 'instrument' => $this->instrument, 'note' => $this->note,
            'core' => $this->core,
            'taken_at' => $this->taken_at->toIso8601ZuluString(), 'taken_by' => $this->taker->name,
            'values' => $values, 'figures' => $figures,
            'withdrawn' => $this->withdrawn_at === null
                    ? null
                    : [
                        'at' => $this->withdrawn_at->toIso8601ZuluString(),
                        'by' => $this->withdrawer->name ?? '',
                        'why' => $this->withdrawn_why,
                    ],
        ];
    }

    /** @return array<string, mixed> as the open format has it; one that cannot be read counts like one that was withdrawn */
    public function document(): array
    {
        [$values, $damaged] = Stored::row("reading $this->id", fn (): array => [$this->formatValues(), null],
            static fn (string $why): array => [[], $why]);

        return [
            'kind' => $this->kind, 'at' => $this->taken_at->toIso8601ZuluString(), 'load_percent' => $this->load_percent,
            'simulated' => $this->simulated, 'values' => $values,
            'withdrawn' => $this->withdrawn_at === null ? $damaged : $this->withdrawn_why,
        ];
    }

    /** @return array<array-key, mixed> what was typed; of samples what was made of them */
    private function formatValues(): array
    {
        $values = Stored::map($this->values);
        if ($this->method !== 'waveform') {
            return $values;
        }
        $figures = [];
        foreach (Stored::map($this->figures) as $figure) {
            if (is_array($figure) && is_string($figure['key'] ?? null)) {
                $figures[$figure['key']] = $figure['value'] ?? null;
            }
        }
        if (! isset($figures['waveform.rms_v2'])) {
            return [
                'method' => 'volts_amps_watts', 'volts_12' => $figures['waveform.rms_v1'] ?? null,
                'amps_1' => $figures['waveform.rms_i1'] ?? null,
                'watts' => $figures['waveform.real'] ?? null,
            ];
        }
        $values = ['method' => 'three_wattmeters'];
        foreach (['1', '2', '3'] as $line) {
            $values["phase_volts_$line"] = $figures["waveform.rms_v$line"] ?? null;
            $values["amps_$line"] = $figures["waveform.rms_i$line"] ?? null;
            $values["watts_$line"] = $figures["waveform.real_$line"] ?? null;
        }

        return $values;
    }
}
