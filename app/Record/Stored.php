<?php

declare(strict_types=1);

namespace App\Record;

use App\Problems\Problem;
use BraveAnvil\Ground\Show;
use Illuminate\Support\Facades\Log;
use JsonException;
use PDOException;
use Throwable;

/** Reading back what is stored. A record that cannot be read takes down nothing but itself: its row says so, and the log says why. */
final class Stored
{
    private const DEEPEST = 128;

    /**
     * @return array<array-key, mixed>
     *
     * @throws Problem where it is damaged
     */
    public static function map(string $json): array
    {
        $map = self::decoded($json, true);

        return is_array($map) ? $map : throw self::damaged();
    }

    /**
     * With its empty objects as objects, as it travels.
     *
     * @throws Problem where it is damaged
     */
    public static function plain(string $json): object
    {
        $plain = self::decoded($json, false);

        return is_object($plain) ? $plain : throw self::damaged();
    }

    /**
     * One row of a list, under its own guard. That the database is away is no matter of the row.
     *
     * @template T
     *
     * @param  string  $what  the record as the log calls it, `reading 12`
     * @param  callable(): T  $make
     * @param  callable(string): T  $instead  the row that stands there, with the sentence of why
     * @return T
     */
    public static function row(string $what, callable $make, callable $instead): mixed
    {
        try {
            return $make();
        } catch (PDOException $away) {
            throw $away;
        } catch (Throwable $fault) {
            Log::error("$what cannot be read", ['exception' => $fault]);

            return $instead('Cannot be read: '.($fault instanceof Problem ? Show::inside($fault->getMessage())
                : 'its format is not known to this version.'));
        }
    }

    private static function decoded(string $json, bool $asArray): mixed
    {
        try {
            $decoded = json_decode($json, $asArray, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw self::damaged();
        }
        // A number beyond all that can be computed with would travel no further.
        if (preg_match('~\d[eE]\+?\d{3}~', $json) === 1 && json_encode($decoded) === false) {
            throw self::damaged();
        }

        return $decoded;
    }

    public static function damaged(): Problem
    {
        return new Problem(409, 'unreadable', 'Cannot be read', 'The stored data are damaged.');
    }
}
