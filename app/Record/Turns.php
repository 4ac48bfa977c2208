<?php

declare(strict_types=1);

namespace App\Record;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use PDOException;

/** One after the other: what two people could do at once to the same records is done in turns, each as a whole or not at all. */
final class Turns
{
    /**
     * @template M of Model
     * @template T
     *
     * @param  M  $record
     * @param  callable(M): T  $do  with the record as it stands now, while nobody else changes it
     * @return T
     */
    public static function at(Model $record, callable $do): mixed
    {
        return DB::transaction(static function () use ($record, $do): mixed {
            /** @var Builder<M> $query */
            $query = $record->newQuery();
            /** @var M $locked */
            $locked = $query->whereKey($record->getKey())->tap(static fn (Builder $one): mixed => $one->lockForUpdate())->firstOrFail();

            return $do($locked);
        });
    }

    /**
     * @template M of Model
     * @template T
     *
     * @param  Builder<M>  $records
     * @param  callable(Collection<int, M>): T  $do  with the records by their numbers, while nobody else changes them
     * @return T
     */
    public static function over(Builder $records, callable $do): mixed
    {
        return DB::transaction(static function () use ($records, $do): mixed {
            // In one order for everybody: nobody waits for somebody who waits for him.
            /** @var Collection<int, M> $locked */
            $locked = $records->tap(static fn (Builder $query): mixed => $query->lockForUpdate()->orderBy('id'))->get()->keyBy('id');

            return $do($locked);
        });
    }

    /**
     * One after the other for whoever names the same, as a whole or not at all; nothing else waits for it.
     *
     * @template T
     *
     * @param  string  $name  such as `board 12`
     * @param  callable(): T  $do
     * @return T
     */
    public static function named(string $name, callable $do): mixed
    {
        return DB::transaction(static function () use ($name, $do): mixed {
            DB::select('select pg_advisory_xact_lock(hashtextextended(?, 0))', [$name]);

            return $do();
        });
    }

    /**
     * As a whole or not at all: a refusal by the database spoils nothing around it.
     *
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    public static function whole(callable $do): mixed
    {
        return DB::transaction(static fn (): mixed => $do());
    }

    /** Whether the database answers. */
    public static function isThere(): bool
    {
        try {
            DB::select('select 1');

            return true;
        } catch (PDOException) {
            return false;
        }
    }
}
