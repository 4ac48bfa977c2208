<?php

declare(strict_types=1);

namespace App\Record;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A column that holds named values. One that is damaged counts as empty, and the log says so: it takes down nothing else.
 *
 * @implements CastsAttributes<array<array-key, mixed>, array<array-key, mixed>>
 */
final class StoredMap implements CastsAttributes
{
    /**
     * @param  array<string, mixed>  $attributes
     * @return array<array-key, mixed>|null
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        if (! is_string($value)) {
            return null;
        }
        $id = $model->getKey();

        return Stored::row(
            $key.' of '.$model->getTable().' '.(is_scalar($id) ? $id : ''), static fn (): array => Stored::map($value),
            static fn (): array => [],
        );
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR);
    }
}
