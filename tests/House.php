<?php

declare(strict_types=1);

namespace Tests;

/** Where what runs for the tests keeps its things: below a folder of its own under bin/test, else where bin/start has it too. */
final class House
{
    public static function root(): string
    {
        return dirname(__DIR__);
    }

    public static function var(): string
    {
        $named = getenv('HOUSE_VAR');

        return $named === false || $named === '' ? self::root().'/var' : $named;
    }

    /** @return list<string> where the database may lie: in the folder, or beside it where its user may not enter that */
    public static function databaseFolders(): array
    {
        $named = getenv('HOUSE_VAR');
        $of = $named === false || $named === '' ? self::root() : $named;

        return [self::var().'/pg', sys_get_temp_dir().'/brave-anvil-pg-'.substr(sha1($of), 0, 12)];
    }
}
